<script setup lang="ts">
import type { Control } from '.'
import DeviceIcon from '../DeviceIcon.vue'
import { media } from '../entry'
import { useSending } from './useSending'

/** A file: its row, and a tap on it for another. */
defineProps<Control>()
const emit = defineEmits<{ 'update:modelValue': [value: string]; trouble: [text: string] }>()
const { sending, send } = useSending((name) => emit('update:modelValue', name), (text) => emit('trouble', text))
const kind = (name: string) => (/\.(\w{1,5})$/.exec(name)?.[1] ?? 'file').toUpperCase()
</script>

<template>
  <span class="box-file">
    <span class="line-control box-file-row" :class="{ none: !modelValue }">
      <span>{{ sending ? 'Sending…' : modelValue ? `A file (${kind(modelValue)})` : 'Choose a file…' }}</span>
      <DeviceIcon v-if="!modelValue" name="plus" />
      <input
        :id="id"
        type="file"
        accept=".pdf,.txt,.csv,.mp3,.zip,image/png,image/jpeg,image/webp"
        :aria-label="`${box.label}: ${modelValue ? 'another file' : 'a file'}`"
        :aria-busy="sending"
        :aria-describedby="`${id}-wrong`"
        @change="send($event, false)"
      />
    </span>
    <a v-if="modelValue" :href="media(modelValue)" download :aria-label="`Save ${box.label}`">Save</a>
  </span>
</template>

<style>
.box-file { display: flex; gap: 8px; align-items: center; }
.box-file-row { position: relative; flex: 1; display: flex; align-items: center; justify-content: space-between; gap: 8px; min-width: 0; }
.box-file-row.none span { color: color-mix(in srgb, var(--ink) 68%, transparent); }
.box-file-row input { position: absolute; inset: 0; opacity: 0; cursor: pointer; }
.box-file-row:focus-within { outline: 3px solid var(--main); outline-offset: 2px; }
.box-file a { display: grid; align-items: center; min-height: 48px; padding: 0 12px; color: color-mix(in srgb, var(--main) 88%, var(--ink)); }
</style>
