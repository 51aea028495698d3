<script setup lang="ts">
import { inject, reactive, watch } from 'vue'
import type { FormNode } from '../../contracts/view'
import type { Device } from '../useDevice'
import InputBox from './InputBox.vue'

const props = defineProps<{ node: FormNode }>()
const device = inject('device') as Device
const typed = reactive<Record<string, string>>({})

const values = () => Object.fromEntries(props.node.boxes.map((box) => [box.name, typed[box.name] ?? box.value]))

watch(() => device.errors.value, (errors) => {
  const first = props.node.boxes.find((box) => errors[box.name])
  if (first) document.querySelector<HTMLElement>('.box.wrong input, .box.wrong select')?.focus()
}, { flush: 'post' })
</script>

<template>
  <form class="form" novalidate @submit.prevent="device.tap(node.at, null, values())">
    <InputBox v-for="box in node.boxes" :key="box.name" :box="box" :model-value="typed[box.name] ?? box.value" :error="device.errors.value[box.name]" @update:model-value="typed[box.name] = $event" />
    <button class="button main" :aria-busy="device.busy.value.startsWith(node.at)">{{ node.label }}</button>
  </form>
</template>
