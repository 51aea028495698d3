<script setup lang="ts">
import DeviceIcon from '../DeviceIcon.vue'
import { own } from '../own'

/** A row on which a tap chooses a file. */
defineProps<{ id: string; words: string; none: boolean; accept: string; label: string; sending: boolean; went: number }>()
defineEmits<{ chosen: [event: Event]; cancel: [] }>()
</script>

<template>
  <span class="file-row">
    <span class="line-control file-line" :class="{ none }">
      <span>{{ sending ? own('Sending… {0} %', Math.round(went * 100)) : words }}</span>
      <DeviceIcon v-if="none" name="plus" />
      <input
        :id="id"
        type="file"
        :accept="accept"
        :aria-label="label"
        :aria-busy="sending"
        :aria-describedby="`${id}-wrong`"
        @change="$emit('chosen', $event)"
      />
    </span>
    <button v-if="sending" type="button" class="file-cancel" @click="$emit('cancel')">{{ own('Cancel') }}</button>
    <slot v-else />
  </span>
</template>

<style>
.file-row { display: flex; gap: 8px; align-items: center; }
.file-line { position: relative; flex: 1; display: flex; align-items: center; justify-content: space-between; gap: 8px; min-width: 0; }
.file-line.none span { color: color-mix(in srgb, var(--ink) 68%, transparent); }
.file-line input { position: absolute; inset: 0; opacity: 0; cursor: pointer; }
.file-line:focus-within { outline: 3px solid var(--main); outline-offset: 2px; }
.file-cancel {
  min-height: 48px;
  padding: 0 12px;
  border: 0;
  border-radius: 24px;
  background: none;
  color: color-mix(in srgb, var(--main) 88%, var(--ink));
  cursor: pointer;
}
.file-row > a { display: grid; align-items: center; min-height: 48px; padding: 0 12px; color: color-mix(in srgb, var(--main) 88%, var(--ink)); }
</style>
