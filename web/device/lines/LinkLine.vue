<script setup lang="ts">
import { inject } from 'vue'
import type { LinkNode } from '../../contracts/view'
import type { Device } from '../useDevice'

defineProps<{ node: LinkNode }>()
const device = inject('device') as Device
</script>

<template>
  <button
    class="link"
    :disabled="!node.taps || node.enabled === false"
    :aria-busy="device.isBusy(node.at)"
    @click="device.tap(node.at, null, undefined, node.queues)"
  >
    {{ node.label }}
  </button>
</template>

<style>
.link {
  min-height: 48px;
  padding: 12px 0;
  border: 0;
  background: none;
  text-align: start;
  text-decoration: underline;
  text-underline-offset: 3px;
  color: color-mix(in srgb, var(--main) 88%, var(--ink));
  cursor: pointer;
}
</style>
