<script setup lang="ts">
import { computed, inject } from 'vue'
import type { ListNode } from '../../contracts/view'
import type { Device } from '../useDevice'
import { useOver } from '../useOver'
import { useTicked } from '../useTicked'
import { own } from '../own'

/** How many items are ticked, and what can be done with them. */
const props = defineProps<{ node: ListNode }>()
const device = inject('device') as Device
const ticked = useTicked()!
useOver(device, () => true, ticked.end)
const words = computed(() => {
  const count = ticked.ids.value?.length ?? 0
  const most = count === ticked.most && props.node.items.length > count
  if (!count) return own('Choose some')
  return most ? own('{0} chosen, as many as go at a time', count) : own('{0} chosen', count)
})
const act = (i: number) => device.tapTicked(`${props.node.at}/chosen/${i}`, ticked.ids.value ?? [], ticked.end)
</script>

<template>
  <div class="ticked" role="toolbar" :aria-label="own('For the chosen ones')" @keydown.esc="ticked.end()">
    <div class="ticked-count">
      <span role="status">{{ words }}</span>
      <button type="button" @click="ticked.all()">{{ ticked.full.value ? own('None') : own('All') }}</button>
      <button type="button" @click="ticked.end()">{{ own('Never mind') }}</button>
    </div>
    <div class="ticked-acts">
      <button
        v-for="(one, i) in node.chosen"
        :key="i"
        type="button"
        class="button"
        :class="one.dangerous ? 'dangerous' : 'quiet'"
        :disabled="!ticked.ids.value?.length"
        :aria-busy="device.isBusy(`${node.at}/chosen/${i}`)"
        @click="act(i)"
      >
        {{ one.label }}
      </button>
    </div>
  </div>
</template>

<style>
/* What floats over the page would lie on it. */
.device:has(.ticked) > .floats { display: none; }
.ticked {
  position: sticky;
  inset-block-end: 0;
  z-index: 3;
  display: grid;
  gap: 8px;
  padding: 8px 12px 12px;
  border-radius: var(--corner);
  background: var(--surface);
  box-shadow: 0 0 0 1px color-mix(in srgb, var(--ink) 10%, transparent), 0 4px 18px rgb(0 0 0 / .22);
}
.ticked-count { display: flex; align-items: center; gap: 4px; font-weight: 650; }
.ticked-count > span { flex: 1; min-width: 0; padding-inline-start: 4px; }
.ticked-count button {
  min-height: 48px;
  padding: 0 12px;
  border: 0;
  border-radius: 24px;
  background: none;
  color: color-mix(in srgb, var(--main) 88%, var(--ink));
  cursor: pointer;
}
.ticked-acts { display: flex; flex-wrap: wrap; gap: 8px; }
.ticked-acts .button { flex: 1 1 8rem; }
.ticked-acts .button:disabled { opacity: .5; cursor: default; }
</style>
