<script setup lang="ts">
import type { Control } from '.'
import { media } from '../entry'
import FileRow from './FileRow.vue'
import { useSending } from './useSending'

/** A file: its row, and a tap on it for another. */
defineProps<Control>()
const emit = defineEmits<{ 'update:modelValue': [value: string]; trouble: [text: string] }>()
const { sending, went, send, cancel } = useSending((name) => emit('update:modelValue', name), (text) => emit('trouble', text))
const kind = (name: string) => (/\.(\w{1,5})$/.exec(name)?.[1] ?? 'file').toUpperCase()
</script>

<template>
  <FileRow
    :id="id"
    :words="modelValue ? `A file (${kind(modelValue)})` : 'Choose a file…'"
    :none="!modelValue"
    accept=".pdf,.txt,.csv,.mp3,.zip,image/png,image/jpeg,image/webp"
    :label="`${box.label}: ${modelValue ? 'another file' : 'a file'}`"
    :sending="sending"
    :went="went"
    @chosen="send"
    @cancel="cancel()"
  >
    <a v-if="modelValue" :href="media(modelValue)" download :aria-label="`Save ${box.label}`">Save</a>
  </FileRow>
</template>
