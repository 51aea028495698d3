<script setup lang="ts">
import { inject } from 'vue'
import type { ButtonNode } from '../../contracts/view'
import type { Device } from '../useDevice'

defineProps<{ node: ButtonNode }>()
const device = inject('device') as Device
</script>

<template>
  <button
    class="button"
    :class="node.style"
    :disabled="!node.taps || node.enabled === false"
    :aria-busy="device.isBusy(node.at)"
    @click="device.tap(node.at, null, undefined, node.queues)"
  >
    {{ node.label }}
  </button>
</template>
