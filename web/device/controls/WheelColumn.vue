<script setup lang="ts">
import { computed, nextTick, onMounted, ref, watch } from 'vue'
import { hand } from '../hand'

/** A wheel that is turned until what is wanted stands in its middle. */
const props = defineProps<{ modelValue: number; values: string[]; label: string }>()
const emit = defineEmits<{ 'update:modelValue': [index: number] }>()

const HIGH = 44
const REST = 120
const wheel = ref<HTMLElement>()
/** What stands in the middle just now. */
const at = ref(props.modelValue)
let rest = 0
const words = computed(() => props.values[at.value] ?? '')

const hold = (index: number) => Math.max(0, Math.min(props.values.length - 1, index))
const calm = () => matchMedia('(prefers-reduced-motion: reduce)').matches

function turn(index: number, how: ScrollBehavior = calm() ? 'instant' : 'smooth') {
  wheel.value?.scrollTo({ top: hold(index) * HIGH, behavior: how })
}

const seen = () => hold(Math.round((wheel.value?.scrollTop ?? 0) / HIGH))

function scrolled() {
  const now = seen()
  if (now !== at.value) {
    at.value = now
    hand.tick()
  }
  clearTimeout(rest)
  rest = window.setTimeout(() => at.value !== props.modelValue && emit('update:modelValue', at.value), REST)
}

let typed = ''
let typing = 0
function press(event: KeyboardEvent) {
  const step = { ArrowDown: 1, ArrowUp: -1, PageDown: 5, PageUp: -5, Home: -Infinity, End: Infinity }[event.key]
  if (step === undefined && !/^[\p{L}\d]$/u.test(event.key)) return
  event.preventDefault()
  if (step !== undefined) return set(hold(props.modelValue + step))
  // What is typed one after the other is looked for from its beginning.
  typed += event.key.toLowerCase()
  clearTimeout(typing)
  typing = window.setTimeout(() => (typed = ''), 900)
  const found = props.values.findIndex((one) => one.toLowerCase().startsWith(typed) || Number(one) === Number(typed))
  if (found >= 0) set(found)
}

function set(index: number) {
  emit('update:modelValue', index)
}

onMounted(() => nextTick(() => turn(props.modelValue, 'instant')))
watch(() => props.modelValue, (now) => now !== seen() && turn(now, 'instant'))
</script>

<template>
  <div
    ref="wheel"
    class="wheel"
    role="spinbutton"
    tabindex="0"
    :aria-label="label"
    :aria-valuenow="at"
    :aria-valuemin="0"
    :aria-valuemax="values.length - 1"
    :aria-valuetext="words"
    @scroll.passive="scrolled"
    @keydown="press"
  >
    <div v-for="(value, i) in values" :key="value" class="wheel-value" :class="{ on: i === at }" aria-hidden="true" @click="turn(i)">{{ value }}</div>
  </div>
</template>

<style>
.wheels { position: relative; display: flex; justify-content: center; gap: 4px; }
.wheels::before {
  content: '';
  position: absolute;
  inset: 88px 0 auto;
  height: 44px;
  border-radius: 14px;
  background: color-mix(in srgb, var(--main) 12%, transparent);
  pointer-events: none;
}
.wheel {
  position: relative;
  flex: 0 1 9rem;
  height: 220px;
  padding-block: 88px;
  overflow: hidden auto;
  scroll-snap-type: y mandatory;
  scrollbar-width: none;
  overscroll-behavior: contain;
  touch-action: pan-y;
  border-radius: 14px;
  mask: linear-gradient(transparent, #000 35% 65%, transparent);
}
.wheels.low { scroll-margin-block-end: 96px; }
.wheels.low::before { inset-block-start: 44px; }
.wheels.low .wheel { height: 132px; padding-block: 44px; }
.wheel-value {
  display: grid;
  place-items: center;
  height: 44px;
  scroll-snap-align: center;
  font-variant-numeric: tabular-nums;
  font-size: 1.125rem;
  line-height: 1.5rem;
  color: color-mix(in srgb, var(--ink) 72%, transparent);
  white-space: nowrap;
  cursor: pointer;
}
.wheel-value.on { font-weight: 650; color: var(--ink); }
</style>
