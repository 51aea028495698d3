<script setup lang="ts">
import { computed, ref } from 'vue'
import { dayWords } from '../calendar'
import CalendarGrid from './CalendarGrid.vue'
import PickSheet from './PickSheet.vue'
import { own } from '../own'

/** The days from one to another: the first tap says where they begin, the second where they end. An ISO 8601 interval. */
/** @param keeps some are needed */
const props = defineProps<{ label: string; days: string; keeps?: boolean }>()
const emit = defineEmits<{ done: [days: string]; close: [] }>()
const [first = '', last = ''] = props.days.split('/')
const from = ref(first)
const to = ref(last)
const words = computed(() => {
  if (!from.value) return own('Choose the first day.')
  if (!to.value) return own('From {0} to …', dayWords(from.value))
  return from.value === to.value ? dayWords(from.value) : own('{0} to {1}', dayWords(from.value), dayWords(to.value))
})

function choose(day: string) {
  if (!from.value || to.value) [from.value, to.value] = [day, '']
  else [from.value, to.value] = day < from.value ? [day, from.value] : [from.value, day]
}
</script>

<template>
  <PickSheet
    :label="label"
    :clears="days !== '' && !keeps"
    :ready="from !== ''"
    @done="emit('done', `${from}/${to || from}`)"
    @clear="emit('done', '')"
    @close="emit('close')"
  >
    <p class="days-said" role="status">{{ words }}</p>
    <CalendarGrid :model-value="from" :until="to || undefined" :label="label" @update:model-value="choose" />
  </PickSheet>
</template>

<style>
.days-said { text-align: center; color: color-mix(in srgb, var(--ink) 78%, transparent); }
</style>
