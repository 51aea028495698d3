<script setup lang="ts">
import { inject } from 'vue'
import type { InputNode } from '../../contracts/view'
import type { Device } from '../useDevice'
import InputBox from './InputBox.vue'

defineProps<{ node: InputNode }>()
const device = inject('device') as Device
</script>

<template>
  <InputBox
    :box="node.input"
    :at="node.at"
    :error="device.errors.value[node.input.name]"
    :disabled="node.enabled === false"
    :model-value="String(device.inputs[node.input.name] ?? '')"
    @update:model-value="device.inputs[node.input.name] = $event"
  />
</template>
