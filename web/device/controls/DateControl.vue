<script setup lang="ts">
import { computed, defineAsyncComponent, ref } from 'vue'
import type { Control } from '.'
import { dayWords } from '../calendar'
import PickButton from './PickButton.vue'
import { usePicked } from './usePicked'

/** A day of the calendar. */
const props = defineProps<Control>()
const emit = defineEmits<{ 'update:modelValue': [value: string] }>()
const [PickSheet, CalendarGrid] = [defineAsyncComponent(() => import('./PickSheet.vue')), defineAsyncComponent(() => import('./CalendarGrid.vue'))]

const { open, set } = usePicked((value) => emit('update:modelValue', value))
const picked = ref('')
const day = computed(() => (/^\d{4}-\d\d-\d\d/.test(props.modelValue) ? props.modelValue.slice(0, 10) : ''))

function begin() {
  picked.value = day.value
  open.value = true
}
</script>

<template>
  <PickButton :id="id" :label="box.label" :words="day && dayWords(day)" :open="open" icon="day" @click="begin()" />
  <PickSheet
    v-if="open"
    :label="box.label"
    :clears="!box.required && day !== ''"
    :ready="picked !== ''"
    @done="set(picked)"
    @clear="set('')"
    @close="open = false"
  >
    <CalendarGrid v-model="picked" :label="box.label" />
  </PickSheet>
</template>
