<script setup lang="ts">
import { inject } from 'vue'
import type { ListNode } from '../../contracts/view'
import type { Device } from '../useDevice'
import { own } from '../own'

/** A list with nothing in it: what it says, and the way on. */
const props = defineProps<{ node: ListNode }>()
const device = inject('device') as Device

function all() {
  delete device.chips[props.node.at]
  device.finds[props.node.at] = ''
  void device.load()
}
</script>

<template>
  <div class="empty list-empty">
    <svg v-if="!node.narrowed" viewBox="0 0 96 64" aria-hidden="true">
      <rect x="14" y="6" width="60" height="20" rx="8" />
      <rect x="22" y="22" width="60" height="20" rx="8" class="over" />
      <rect x="10" y="38" width="60" height="20" rx="8" class="over dashed" />
      <path d="M34 48h12m-6-6v12" />
    </svg>
    <p v-if="node.empty">{{ node.empty }}</p>
    <button v-if="node.first" class="button" :aria-busy="device.isBusy(node.first.at)" @click="device.tap(node.first.at, null)">{{ node.first.label }}</button>
    <button v-if="node.narrowed" class="button quiet" @click="all()">{{ own('Show all') }}</button>
  </div>
</template>

<style>
.list-empty { display: flex; flex-direction: column; align-items: center; gap: 12px; }
.list-empty > * { flex: none; max-width: 100%; }
.list-empty svg {
  width: 96px;
  height: 64px;
  fill: color-mix(in srgb, var(--main) 12%, var(--ground));
  stroke: color-mix(in srgb, var(--main) 60%, var(--ground));
  stroke-width: 2;
  stroke-linecap: round;
}
.list-empty .over { fill: var(--ground); }
.list-empty .dashed { stroke-dasharray: 4 4; }
</style>
