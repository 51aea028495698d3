<script setup lang="ts">
import { computed, defineAsyncComponent } from 'vue'
import type { Control } from '.'
import { dayShort, dayWords } from '../calendar'
import PickButton from './PickButton.vue'
import { usePicked } from './usePicked'

/** The days from one to another, an ISO 8601 interval. */
const props = defineProps<Control>()
const emit = defineEmits<{ 'update:modelValue': [value: string] }>()
const DaysSheet = defineAsyncComponent(() => import('./DaysSheet.vue'))
const { open, set } = usePicked((value) => emit('update:modelValue', value))
const days = computed(() => props.modelValue.split('/').map((day) => (/^\d{4}-\d\d-\d\d/.test(day) ? day.slice(0, 10) : '')))
const words = computed(() => {
  const [from, to] = days.value
  if (!from || !to) return from ? `${dayWords(from)} – …` : ''
  return from === to ? dayWords(from) : `${dayShort(from)} – ${dayWords(to)}`
})
</script>

<template>
  <PickButton :id="id" :label="box.label" :words="words" :open="open" icon="day" @click="open = true" />
  <DaysSheet v-if="open" :label="box.label" :days="days[0] ? days.filter(Boolean).join('/') : ''" :keeps="box.required" @done="set" @close="open = false" />
</template>
