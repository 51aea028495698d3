<script setup lang="ts">
import { inject } from 'vue'
import type { IconButtonNode } from '../../contracts/view'
import DeviceIcon from '../DeviceIcon.vue'
import type { Device } from '../useDevice'

defineProps<{ node: IconButtonNode }>()
const device = inject('device') as Device
</script>

<template>
  <button
    class="icon-button"
    :class="{ marked: node.marked }"
    :aria-label="node.alt || node.icon"
    :disabled="!node.taps || node.enabled === false"
    :aria-busy="device.isBusy(node.at)"
    @click="device.tap(node.at, null, undefined, node.queues)"
  >
    <DeviceIcon :name="node.icon" />
  </button>
</template>

<style>
.icon-button {
  display: grid;
  place-items: center;
  width: 48px;
  height: 48px;
  padding: 0;
  border: 0;
  border-radius: 50%;
  background: none;
  cursor: pointer;
}
main > .icon-button { width: 48px; margin-inline: max(0px, (100% - 880px) / 2) auto; }
.icon-button.marked { background: color-mix(in srgb, var(--main) 14%, transparent); color: var(--main); }
</style>
