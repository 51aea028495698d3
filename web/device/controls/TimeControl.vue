<script setup lang="ts">
import { defineAsyncComponent } from 'vue'
import type { Control } from '.'
import PickButton from './PickButton.vue'
import { useClock } from './useClock'
import { usePicked } from './usePicked'

/** A time on the clock. */
const props = defineProps<Control>()
const emit = defineEmits<{ 'update:modelValue': [value: string] }>()
const [PickSheet, TimeWheels] = [defineAsyncComponent(() => import('./PickSheet.vue')), defineAsyncComponent(() => import('./TimeWheels.vue'))]

const { open, set } = usePicked((value) => emit('update:modelValue', value))
const { hours, minutes, time, begin } = useClock()

function show() {
  begin(props.modelValue)
  open.value = true
}
</script>

<template>
  <PickButton :id="id" :label="box.label" :words="modelValue" :open="open" icon="time" @click="show()" />
  <PickSheet
    v-if="open"
    :label="box.label"
    :clears="!box.required && modelValue !== ''"
    @done="set(time)"
    @clear="set('')"
    @close="open = false"
  >
    <TimeWheels v-model:hours="hours" v-model:minutes="minutes" />
  </PickSheet>
</template>
