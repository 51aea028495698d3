<script setup lang="ts">
import { computed, defineAsyncComponent, ref } from 'vue'
import type { Control } from '.'
import { lengthOf } from './lengthOf'
import PickButton from './PickButton.vue'
import TextControl from './TextControl.vue'
import { usePicked } from './usePicked'

/** A length of time, in hours and minutes; one that wheels do not show is written. */
const props = defineProps<Control>()
const emit = defineEmits<{ 'update:modelValue': [value: string] }>()
const [PickSheet, TimeWheels] = [defineAsyncComponent(() => import('./PickSheet.vue')), defineAsyncComponent(() => import('./TimeWheels.vue'))]

const MOST = 99
const { open, set } = usePicked((value) => emit('update:modelValue', value))
const hours = ref(0)
const minutes = ref(0)
const length = computed(() => lengthOf(props.modelValue))
const fits = computed(() => !props.modelValue || (length.value !== null && length.value.seconds === 0 && length.value.hours <= MOST))
const words = computed(() => {
  if (!props.modelValue || !length.value) return ''
  const { hours: h, minutes: m } = length.value
  return [h ? `${h} h` : '', m || !h ? `${m} min` : ''].filter(Boolean).join(' ')
})

function show() {
  hours.value = length.value?.hours ?? 0
  minutes.value = length.value?.minutes ?? (props.modelValue ? 0 : 30)
  open.value = true
}
</script>

<template>
  <TextControl v-if="!fits" v-bind="props" @update:model-value="emit('update:modelValue', $event)" />
  <template v-else>
    <PickButton :id="id" :label="box.label" :words="words" :open="open" icon="long" @click="show()" />
    <PickSheet
      v-if="open"
      :label="box.label"
      :clears="!box.required && modelValue !== ''"
      @done="set(`${hours}:${String(minutes).padStart(2, '0')}`)"
      @clear="set('')"
      @close="open = false"
    >
      <TimeWheels v-model:hours="hours" v-model:minutes="minutes" :most="MOST" units />
    </PickSheet>
  </template>
</template>
