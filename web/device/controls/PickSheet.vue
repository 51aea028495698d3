<script setup lang="ts">
import { inject, nextTick, onMounted, onUnmounted, ref } from 'vue'
import type { Device } from '../useDevice'
import '../sheet.css'
import { useOver } from '../useOver'
import { own } from '../own'

/** A sheet on which something is picked: Done takes it, everything else leaves it as it was. */
withDefaults(defineProps<{ label: string; clears?: boolean; ready?: boolean }>(), { ready: true })
const emit = defineEmits<{ done: []; clear: []; close: [] }>()
const page = ref<HTMLElement>()
const before = document.activeElement as HTMLElement | null
const close = () => emit('close')
useOver(inject('device') as Device, () => true, close)

/** Nothing behind it is reached by the keyboard. */
function press(event: KeyboardEvent) {
  if (event.key === 'Escape') return close()
  if (event.key !== 'Tab') return
  const found = page.value?.querySelectorAll<HTMLElement>('button:not(:disabled), input, [tabindex="0"]') ?? []
  const all = [...found].filter((one) => one.tabIndex >= 0)
  const at = all.indexOf(document.activeElement as HTMLElement)
  const next = all[(at + (event.shiftKey ? -1 : 1) + all.length) % all.length]
  event.preventDefault()
  next?.focus()
}

onMounted(() => nextTick(() => page.value?.querySelector<HTMLElement>('[data-first], [tabindex="0"]')?.focus({ preventScroll: true })))
onUnmounted(() => before?.focus())
</script>

<template>
  <Teleport to=".device">
    <div class="veil low" @click.self="close()" @keydown="press">
      <div ref="page" class="sheet pick-sheet" role="dialog" aria-modal="true" :aria-label="label">
        <button type="button" class="sheet-grip" :aria-label="own('Close')" @click="close()" />
        <h2 class="pick-title">{{ label }}</h2>
        <slot />
        <div class="pick-foot">
          <button v-if="clears" type="button" class="button quiet" @click="emit('clear')">{{ own('Leave it empty') }}</button>
          <button type="button" class="button main" :disabled="!ready" @click="emit('done')">{{ own('Done') }}</button>
        </div>
      </div>
    </div>
  </Teleport>
</template>

<style>
.sheet.pick-sheet { display: flex; flex-direction: column; gap: 8px; padding-block-end: 0; }
.pick-sheet > * { flex: none; }
.pick-title { margin-block-start: -8px; text-align: center; font-size: 1rem; line-height: 1.5rem; font-weight: 650; }
.pick-foot {
  position: sticky;
  inset-block-end: 0;
  z-index: 1;
  display: flex;
  flex-wrap: wrap;
  gap: 8px;
  padding-block: 8px calc(20px + var(--edge-bottom));
  background: var(--ground);
}
.pick-foot .button { flex: 1 1 8rem; }
</style>
