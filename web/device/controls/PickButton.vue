<script setup lang="ts">
import { mdiCalendarBlankOutline, mdiChevronDown, mdiClockOutline, mdiTimerOutline } from '@mdi/js'
import { own } from '../own'

/** What is picked, and a tap on it for the sheet on which it is. */
defineProps<{ id: string; label: string; words: string; open: boolean; icon?: keyof typeof icons; swatch?: string; of?: 'dialog' | 'listbox' }>()
const icons = { down: mdiChevronDown, day: mdiCalendarBlankOutline, time: mdiClockOutline, long: mdiTimerOutline }
</script>

<template>
  <button
    :id="id"
    type="button"
    class="line-control choice-control"
    :class="{ none: !words }"
    :aria-haspopup="of ?? 'dialog'"
    :aria-expanded="open"
    :aria-label="`${label}: ${words || own('nothing chosen')}`"
    :aria-describedby="`${id}-wrong`"
  >
    <span>{{ words || own('Choose…') }}</span>
    <i v-if="swatch" class="pick-swatch" :style="{ background: swatch }" />
    <svg v-else-if="icon" viewBox="0 0 24 24" width="24" height="24" aria-hidden="true"><path :d="icons[icon]" fill="currentColor" /></svg>
  </button>
</template>

<style>
.choice-control { display: flex; align-items: center; justify-content: space-between; gap: 8px; text-align: start; cursor: pointer; }
.choice-control span { unicode-bidi: plaintext; min-width: 0; overflow: hidden; text-overflow: ellipsis; white-space: nowrap; }
.choice-control svg { flex: none; }
.choice-control.none span { color: color-mix(in srgb, var(--ink) 68%, transparent); }
.pick-swatch { flex: none; width: 26px; height: 26px; border: 1px solid color-mix(in srgb, var(--ink) 30%, transparent); border-radius: 50%; }
</style>
