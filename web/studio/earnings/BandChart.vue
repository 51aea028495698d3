<script setup lang="ts">
import { computed, ref } from 'vue'
import type { Band } from '../../contracts/studio'

/** A median over months, within the band in which eight of ten runs lie; what came, where something has, as dots from the first month on. */
const props = defineProps<{ name: string; bands: Band[]; begins: string; shown: (value: number) => string; came?: number[] }>()

const WIDE = 320
const HIGH = 128
const at = ref<number | null>(null)
const dots = computed(() => (props.came ?? []).slice(0, props.bands.length))
const most = computed(() => Math.max(1, ...props.bands.map((band) => band[2]), ...dots.value))
const x = (month: number) => (props.bands.length < 2 ? 0 : (month / (props.bands.length - 1)) * WIDE)
const y = (value: number) => HIGH - (value / most.value) * (HIGH - 6)
const path = (of: number, backward = false) => {
  const months = props.bands.map((_, i) => (backward ? props.bands.length - 1 - i : i))
  return months.map((i) => `${x(i).toFixed(1)},${y(props.bands[i][of]).toFixed(1)}`).join(' L')
}
const named = (month: number, length: 'short' | 'long' = 'short') => {
  const [year, first] = props.begins.split('-').map(Number)
  return new Date(Date.UTC(year, first - 1 + month, 1)).toLocaleDateString('en-GB', { month: length, year: 'numeric', timeZone: 'UTC' })
}
const said = computed(() => {
  const month = at.value ?? props.bands.length - 1
  const [low, middle, high] = props.bands[month] ?? [0, 0, 0]
  const came = dots.value[month] === undefined ? '' : `; came: ${props.shown(dots.value[month])}`
  return { month: named(month, 'long'), middle: props.shown(middle), range: `${props.shown(low)} to ${props.shown(high)}`, came }
})

function point(event: PointerEvent) {
  const box = (event.currentTarget as SVGElement).getBoundingClientRect()
  at.value = Math.max(0, Math.min(props.bands.length - 1, Math.round(((event.clientX - box.left) / box.width) * (props.bands.length - 1))))
}

function press(event: KeyboardEvent) {
  const step = { ArrowLeft: -1, ArrowRight: 1 }[event.key]
  if (step === undefined) return
  event.preventDefault()
  at.value = Math.max(0, Math.min(props.bands.length - 1, (at.value ?? props.bands.length - 1) + step))
}
</script>

<template>
  <figure class="band">
    <figcaption>
      <span class="small">{{ name }}, {{ said.month }}</span>
      <strong>{{ said.middle }}</strong>
      <span class="small">{{ said.range }}{{ said.came }}</span>
    </figcaption>
    <svg
      :viewBox="`0 0 ${WIDE} ${HIGH}`"
      preserveAspectRatio="none"
      tabindex="0"
      role="slider"
      :aria-label="`${name}, month by month`"
      :aria-valuemin="1"
      :aria-valuemax="bands.length"
      :aria-valuenow="(at ?? bands.length - 1) + 1"
      :aria-valuetext="`${said.month}: ${said.middle}, ${said.range}${said.came}`"
      @pointermove="point"
      @pointerdown="point"
      @pointerleave="at = null"
      @keydown="press"
      @blur="at = null"
    >
      <path class="band-room" :d="`M${path(2)} L${path(0, true)} Z`" />
      <path class="band-middle" :d="`M${path(1)}`" />
      <path v-for="(value, i) in dots" :key="i" class="band-dot" :d="`M${x(i).toFixed(1)},${y(value).toFixed(1)} h0`" />
      <line v-if="at !== null" class="band-at" :x1="x(at)" :x2="x(at)" y1="0" :y2="HIGH" />
      <line class="band-ground" x1="0" :x2="WIDE" :y1="HIGH" :y2="HIGH" />
    </svg>
    <span class="band-months small" aria-hidden="true"
      ><span>{{ named(0) }}</span
      ><span>{{ named(bands.length - 1) }}</span></span
    >
  </figure>
</template>
