<script setup lang="ts">
import { computed, defineAsyncComponent, nextTick, ref, watch } from 'vue'
import type { Control } from '.'
import { clock, dayOf, dayWords } from '../calendar'
import PickButton from './PickButton.vue'
import { useClock } from './useClock'
import { usePicked } from './usePicked'

/** A day and a time: what is shown is the clock of this device, the server hears UTC. */
const props = defineProps<Control>()
const emit = defineEmits<{ 'update:modelValue': [value: string] }>()
const [PickSheet, CalendarGrid, TimeWheels] = [
  defineAsyncComponent(() => import('./PickSheet.vue')),
  defineAsyncComponent(() => import('./CalendarGrid.vue')),
  defineAsyncComponent(() => import('./TimeWheels.vue')),
]

const { open, set } = usePicked((value) => emit('update:modelValue', value))
const day = ref('')
const { hours, minutes, begin } = useClock()
const at = computed(() => {
  const found = new Date(props.modelValue.includes('T') ? props.modelValue : `${props.modelValue.replace(' ', 'T')}Z`)
  return props.modelValue && !Number.isNaN(found.getTime()) ? found : null
})
const words = computed(() => (at.value ? `${dayWords(dayOf(at.value))}, ${clock(at.value.getHours(), at.value.getMinutes())}` : ''))

function show() {
  day.value = at.value ? dayOf(at.value) : ''
  begin(at.value ? clock(at.value.getHours(), at.value.getMinutes()) : '')
  open.value = true
}

/** On a small phone the wheels lie below the calendar: they come into sight where the day is picked. */
watch(day, async (now, before) => {
  await nextTick()
  if (open.value && now && before !== now) document.querySelector('.pick-sheet .wheels.low')?.scrollIntoView({ block: 'end', behavior: 'smooth' })
})

function done() {
  const [year, month, date] = day.value.split('-').map(Number)
  const to = new Date(year, month - 1, date, hours.value, minutes.value)
  set(to.toISOString())
}
</script>

<template>
  <PickButton :id="id" :label="box.label" :words="words" :open="open" icon="day" @click="show()" />
  <PickSheet
    v-if="open"
    :label="box.label"
    :clears="!box.required && at !== null"
    :ready="day !== ''"
    @done="done()"
    @clear="set('')"
    @close="open = false"
  >
    <CalendarGrid v-model="day" :label="box.label" />
    <TimeWheels v-model:hours="hours" v-model:minutes="minutes" class="low" />
  </PickSheet>
</template>
