<script setup lang="ts">
import { inject } from 'vue'
import type { LinkNode } from '../../contracts/view'
import type { Device } from '../useDevice'

defineProps<{ node: LinkNode }>()
const device = inject('device') as Device
</script>

<template>
  <button class="link" :disabled="!node.taps || node.enabled === false" :aria-busy="device.isBusy(node.at)" @click="device.tap(node.at, null, undefined, node.queues)">{{ node.label }}</button>
</template>
