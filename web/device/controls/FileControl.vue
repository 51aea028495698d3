<script setup lang="ts">
import type { Control } from '.'
import { media } from '../entry'
import FileRow from './FileRow.vue'
import { useSending } from './useSending'
import { own } from '../own'

/** A file: its row, and a tap on it for another. */
defineProps<Control>()
const emit = defineEmits<{ 'update:modelValue': [value: string]; trouble: [text: string] }>()
const { sending, went, send, cancel } = useSending((name) => emit('update:modelValue', name), (text) => emit('trouble', text))
const kind = (name: string) => (/\.(\w{1,5})$/.exec(name)?.[1] ?? 'file').toUpperCase()
</script>

<template>
  <FileRow
    :id="id"
    :words="modelValue ? own('A file ({0})', kind(modelValue)) : own('Choose a file…')"
    :none="!modelValue"
    accept=".pdf,.txt,.csv,.mp3,.zip,image/png,image/jpeg,image/webp"
    :label="modelValue ? own('{0}: another file', box.label) : own('{0}: a file', box.label)"
    :sending="sending"
    :went="went"
    @chosen="send"
    @cancel="cancel()"
  >
    <a v-if="modelValue" :href="media(modelValue)" download :aria-label="own('Save {0}', box.label)">{{ own('Save') }}</a>
  </FileRow>
</template>
