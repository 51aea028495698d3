<script setup lang="ts">
import WheelColumn from './WheelColumn.vue'
import { own } from '../own'

/** Hours and minutes. */
const hours = defineModel<number>('hours', { required: true })
const minutes = defineModel<number>('minutes', { required: true })
const props = withDefaults(defineProps<{ most?: number; units?: boolean }>(), { most: 23 })

const written = (count: number, unit: string) => Array.from({ length: count }, (_, i) => (props.units ? `${i}${unit}` : String(i).padStart(2, '0')))
const [h, m] = [written(props.most + 1, ' h'), written(60, ' min')]
</script>

<template>
  <div class="wheels" dir="ltr">
    <WheelColumn v-model="hours" :values="h" :label="own('Hours')" />
    <WheelColumn v-model="minutes" :values="m" :label="own('Minutes')" />
  </div>
</template>
