<script setup lang="ts">
import { inject } from 'vue'
import type { IconButtonNode } from '../../contracts/view'
import DeviceIcon from '../DeviceIcon.vue'
import type { Device } from '../useDevice'

defineProps<{ node: IconButtonNode }>()
const device = inject('device') as Device
</script>

<template>
  <button class="icon-button" :class="{ marked: node.marked }" :aria-label="node.alt || node.icon" :disabled="!node.taps || node.enabled === false" :aria-busy="device.isBusy(node.at)" @click="device.tap(node.at, null, undefined, node.queues)"><DeviceIcon :name="node.icon" /></button>
</template>
