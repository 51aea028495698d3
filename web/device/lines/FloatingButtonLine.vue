<script setup lang="ts">
import { inject } from 'vue'
import type { FloatingButtonNode } from '../../contracts/view'
import DeviceIcon from '../DeviceIcon.vue'
import type { Device } from '../useDevice'

defineProps<{ node: FloatingButtonNode }>()
const device = inject('device') as Device
</script>

<template>
  <button class="floating" :aria-label="node.label" :title="node.label" :disabled="!node.taps || node.enabled === false" :aria-busy="device.isBusy(node.at)" @click="device.tap(node.at, null, undefined, node.queues)"><DeviceIcon :name="node.icon" /></button>
</template>
