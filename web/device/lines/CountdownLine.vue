<script setup lang="ts">
import type { CountdownNode } from '../../contracts/view'
import { computed, onUnmounted, ref } from 'vue'

const props = defineProps<{ node: CountdownNode }>()
/** The moment of the view may be another than that of this clock. */
const ahead = computed(() => new Date(props.node.now).getTime() - begun)
const begun = Date.now()
const clock = ref(begun)
const timer = window.setInterval(() => (clock.value = Date.now()), 1000)
onUnmounted(() => clearInterval(timer))

const left = computed(() => (props.node.until ? Math.max(0, Math.round((new Date(props.node.until).getTime() - clock.value - ahead.value) / 1000)) : 0))
const parts = computed(() => {
  const units: [string, number][] = [
    ['d', 86400],
    ['h', 3600],
    ['min', 60],
    ['s', 1],
  ]
  return units
    .map(([unit, length], i) => ({ unit, count: Math.floor(i === 0 ? left.value / length : (left.value % units[i - 1][1]) / length) }))
    .filter((part, i) => i > 1 || part.count > 0 || left.value >= units[i][1])
    .map((part, i) => ({ unit: part.unit, count: i > 0 ? String(part.count).padStart(2, '0') : part.count }))
})
</script>

<template>
  <p class="countdown" role="timer">
    <template v-if="left > 0"
      ><strong v-for="part in parts" :key="part.unit"
        >{{ part.count }}<small>{{ part.unit }}</small></strong
      ></template
    ><template v-else>{{ node.over }}</template>
  </p>
</template>

<style>
.countdown { display: flex; flex-wrap: wrap; gap: 10px; font-variant-numeric: tabular-nums; font-size: 1.5rem; line-height: 2rem; }
.countdown small { line-height: 1; margin-inline-start: 3px; font-size: .875rem; font-weight: 400; }
</style>
