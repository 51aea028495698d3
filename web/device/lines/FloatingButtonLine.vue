<script setup lang="ts">
import { inject } from 'vue'
import type { FloatingButtonNode } from '../../contracts/view'
import DeviceIcon from '../DeviceIcon.vue'
import type { Device } from '../useDevice'

defineProps<{ node: FloatingButtonNode }>()
const device = inject('device') as Device
</script>

<template>
  <button
    class="floating"
    :aria-label="node.label"
    :title="node.label"
    :disabled="!node.taps || node.enabled === false"
    :aria-busy="device.isBusy(node.at)"
    @click="device.tap(node.at, null, undefined, node.queues)"
  >
    <DeviceIcon :name="node.icon" />
  </button>
</template>

<style>
.floating {
  display: grid;
  place-items: center;
  width: 56px;
  height: 56px;
  padding: 0;
  border: 0;
  border-radius: 50%;
  background: var(--main);
  color: var(--on-main);
  box-shadow: 0 4px 12px rgb(0 0 0 / .25);
  cursor: pointer;
}
.android .floating { border-radius: var(--corner); }
</style>
