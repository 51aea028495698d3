<script setup lang="ts">
import { computed, ref } from 'vue'

/** Two curves over one axis, each with its own height or both with the same, and a dot for today. */
interface Point {
  x: number
  left: number
  right: number
  name?: string
}
const props = defineProps<{
  name: string
  x: string
  left: string
  right: string
  points: Point[]
  dot: Point
  /** A level that is drawn across. */
  level?: number
  /** Both curves are of one kind. */
  same?: boolean
}>()
const WIDE = 560
const HIGH = 190
const at = ref<number | null>(null)

const sorted = computed(() => [...props.points].sort((a, b) => a.x - b.x))
const most = (values: number[]) => Math.max(1e-9, ...values) * 1.05
const widest = computed(() => most([...props.points.map((p) => p.x), props.dot.x]))
const tops = computed(() => {
  const left = [...props.points.map((p) => p.left), props.dot.left, props.level ?? 0]
  const right = [...props.points.map((p) => p.right), props.dot.right, props.same ? (props.level ?? 0) : 0]
  return props.same ? [most([...left, ...right]), most([...left, ...right])] : [most(left), most(right)]
})
const px = (x: number) => (x / widest.value) * WIDE
const py = (value: number, of: number) => HIGH - (value / tops.value[of]) * HIGH
const line = (of: 0 | 1) => sorted.value.map((p, i) => `${i ? 'L' : 'M'}${px(p.x).toFixed(1)} ${py(of ? p.right : p.left, of).toFixed(1)}`).join('')
const said = computed(() => (at.value === null ? '' : (sorted.value[at.value]?.name ?? '')))

function press(event: KeyboardEvent) {
  const step = { ArrowLeft: -1, ArrowRight: 1, Home: -99, End: 99 }[event.key]
  if (step === undefined) return
  event.preventDefault()
  at.value = Math.max(0, Math.min(sorted.value.length - 1, (at.value ?? 0) + step))
}
function point(event: PointerEvent) {
  const box = (event.currentTarget as Element).getBoundingClientRect()
  const x = ((event.clientX - box.left) / box.width) * widest.value
  at.value = sorted.value.reduce((best, p, i) => (Math.abs(p.x - x) < Math.abs(sorted.value[best].x - x) ? i : best), 0)
}
</script>

<template>
  <figure class="two">
    <figcaption class="small">
      <span class="mark one" /> {{ left }} <span class="mark other" /> {{ right }}, by {{ x }}
    </figcaption>
    <svg
      :viewBox="`-4 -8 ${WIDE + 8} ${HIGH + 16}`"
      role="slider"
      tabindex="0"
      :aria-label="name"
      :aria-valuemin="0"
      :aria-valuemax="sorted.length - 1"
      :aria-valuenow="at ?? 0"
      :aria-valuetext="said || 'Use the arrow keys'"
      @keydown="press"
      @pointermove="point"
      @pointerleave="at = null"
    >
      <line class="ground" x1="0" :x2="WIDE" :y1="HIGH" :y2="HIGH" />
      <line v-if="level !== undefined" class="level" x1="0" :x2="WIDE" :y1="py(level, 0)" :y2="py(level, 0)" />
      <path class="curve one" :d="line(0)" />
      <path class="curve other" :d="line(1)" />
      <circle class="dot one" :cx="px(dot.x)" :cy="py(dot.left, 0)" r="5" />
      <rect class="dot other" :x="px(dot.x) - 4.5" :y="py(dot.right, 1) - 4.5" width="9" height="9" />
      <line v-if="at !== null && sorted[at]" class="hand" :x1="px(sorted[at].x)" :x2="px(sorted[at].x)" y1="0" :y2="HIGH" />
    </svg>
    <p class="small" aria-hidden="true">{{ said || 'Point at the curves to read them.' }}</p>
  </figure>
</template>

<style scoped>
.two {
  max-width: 600px;
  margin: 0;
}

svg {
  width: 100%;
  height: auto;
  touch-action: pan-y;
}

.curve {
  fill: none;
  stroke-width: 2.5;
}

.curve.one {
  stroke: rgb(var(--v-theme-primary));
}

.curve.other {
  stroke: rgb(var(--v-theme-secondary, 200, 110, 50));
  stroke-dasharray: 7 4;
}

.dot.one {
  fill: rgb(var(--v-theme-primary));
}

.dot.other {
  fill: rgb(var(--v-theme-secondary, 200, 110, 50));
}

.ground,
.hand {
  stroke: rgb(var(--v-theme-on-surface), 0.3);
}

.level {
  stroke: rgb(var(--v-theme-on-surface), 0.6);
  stroke-dasharray: 2 4;
}

.mark {
  display: inline-block;
  width: 10px;
  height: 10px;
  margin-inline-start: 8px;
  border-radius: 50%;
}

.mark.one {
  background: rgb(var(--v-theme-primary));
  margin-inline-start: 0;
}

.mark.other {
  background: rgb(var(--v-theme-secondary, 200, 110, 50));
  border-radius: 0;
}
</style>
