<script setup lang="ts">
import { computed, inject, onMounted, onUnmounted, ref } from 'vue'
import DeviceIcon from './DeviceIcon.vue'
import { nearer, WHOLE, within, type Near } from './near'
import type { Device } from './useDevice'
import { useOver } from './useOver'
import { own } from './own'

/** A picture as large as the page: two fingers or the wheel bring it nearer, one moves it, and drawn up or down it goes away. */
const props = defineProps<{ source: string; alt: string; from: DOMRect | null }>()
const emit = defineEmits<{ close: [] }>()
const page = ref<HTMLElement>()
const image = ref<HTMLImageElement>()
const near = ref<Near>(WHOLE)
/** How far it is drawn away, in px. */
const away = ref(0)
const moving = ref(false)
const before = document.activeElement as HTMLElement | null
const fingers = new Map<number, { x: number; y: number }>()

const FAR = 90
const TWICE = 300
const CLEAR = 8
let drawn = false
let touched = { at: 0, x: 0, y: 0 }

const close = () => emit('close')
useOver(inject('device') as Device, () => true, close)

const style = computed(() => ({ transform: `translate(${near.value.x}px, ${near.value.y + away.value}px) scale(${near.value.scale})` }))
const shade = computed(() => Math.max(0.35, 1 - Math.abs(away.value) / 400))
const place = () => page.value!.getBoundingClientRect()
const size = () => ({ width: image.value!.offsetWidth, height: image.value!.offsetHeight })
const fromMiddle = (x: number, y: number) => ({ x: x - place().x - place().width / 2, y: y - place().y - place().height / 2 })
const settle = () => (near.value = within(near.value, size(), place()))

function down(event: PointerEvent) {
  fingers.set(event.pointerId, { x: event.clientX, y: event.clientY })
  page.value!.setPointerCapture(event.pointerId)
  moving.value = true
  if (fingers.size === 1) drawn = false
}

function move(event: PointerEvent) {
  const was = fingers.get(event.pointerId)
  if (!was) return
  const now = { x: event.clientX, y: event.clientY }
  const other = [...fingers].find(([id]) => id !== event.pointerId)?.[1]
  if (Math.hypot(now.x - was.x, now.y - was.y) < (drawn ? 0 : CLEAR) && !other) return
  drawn = true
  fingers.set(event.pointerId, now)
  if (other) {
    away.value = 0
    const by = Math.hypot(now.x - other.x, now.y - other.y) / Math.max(1, Math.hypot(was.x - other.x, was.y - other.y))
    const middle = fromMiddle((now.x + other.x) / 2, (now.y + other.y) / 2)
    const moved = nearer(near.value, near.value.scale * by, middle)
    near.value = { ...moved, x: moved.x + (now.x - was.x) / 2, y: moved.y + (now.y - was.y) / 2 }
  } else if (near.value.scale > 1) near.value = { ...near.value, x: near.value.x + now.x - was.x, y: near.value.y + now.y - was.y }
  else away.value += now.y - was.y
}

function up(event: PointerEvent) {
  if (!fingers.delete(event.pointerId) || fingers.size) return
  moving.value = false
  if (Math.abs(away.value) > FAR && event.type === 'pointerup') return close()
  away.value = 0
  settle()
  if (!drawn && event.type === 'pointerup') tapped(event)
}

/** Two quick taps bring it nearer, and back. */
function tapped(event: PointerEvent) {
  const again = event.timeStamp - touched.at < TWICE && Math.hypot(event.clientX - touched.x, event.clientY - touched.y) < 40
  touched = { at: again ? 0 : event.timeStamp, x: event.clientX, y: event.clientY }
  if (!again) return
  near.value = near.value.scale > 1 ? WHOLE : nearer(near.value, 2.5, fromMiddle(event.clientX, event.clientY))
  settle()
}

function wheel(event: WheelEvent) {
  near.value = nearer(near.value, near.value.scale * Math.exp(-event.deltaY / 300), fromMiddle(event.clientX, event.clientY))
  settle()
}

const STEP = 60
function press(event: KeyboardEvent) {
  const { scale, x, y } = near.value
  const to: Record<string, () => Near> = {
    '+': () => nearer(near.value, scale * 1.5, { x: 0, y: 0 }),
    '-': () => nearer(near.value, scale / 1.5, { x: 0, y: 0 }),
    ArrowLeft: () => ({ scale, x: x + STEP, y }),
    ArrowRight: () => ({ scale, x: x - STEP, y }),
    ArrowUp: () => ({ scale, x, y: y + STEP }),
    ArrowDown: () => ({ scale, x, y: y - STEP }),
  }
  if (event.key === 'Escape') return close()
  // Nothing else on the page can be reached meanwhile.
  if (event.key === 'Tab') event.preventDefault()
  if (!to[event.key]) return
  event.preventDefault()
  near.value = to[event.key]()
  settle()
}

/** It grows out of the small one. */
function grow() {
  const [small, large] = [props.from, image.value!.getBoundingClientRect()]
  if (!small || !large.width || matchMedia('(prefers-reduced-motion: reduce)').matches) return
  const x = small.x + small.width / 2 - large.x - large.width / 2
  const y = small.y + small.height / 2 - large.y - large.height / 2
  const begins = { transform: `translate(${x}px, ${y}px) scale(${small.width / large.width})` }
  image.value!.animate([begins, {}], { duration: 220, easing: 'cubic-bezier(.2,.7,.2,1)' })
}

onMounted(() => page.value?.querySelector('button')?.focus({ preventScroll: true }))
onUnmounted(() => before?.focus({ preventScroll: true }))
</script>

<template>
  <Teleport to=".device">
    <div
      ref="page"
      class="large-picture"
      role="dialog"
      aria-modal="true"
      :aria-label="alt || own('Picture')"
      :style="{ '--shade': shade }"
      @pointerdown="down"
      @pointermove="move"
      @pointerup="up"
      @pointercancel="up"
      @wheel.prevent="wheel"
      @keydown="press"
    >
      <img ref="image" :src="source" :alt="alt" :class="{ moving }" :style="style" draggable="false" @load="grow" />
      <button class="bar-button" :aria-label="own('Close')" @pointerdown.stop @click="close()"><DeviceIcon name="close" /></button>
    </div>
  </Teleport>
</template>

<style>
.large-picture {
  position: absolute;
  inset: 0;
  z-index: 30;
  display: grid;
  place-items: center;
  overflow: hidden;
  touch-action: none;
  background: color-mix(in srgb, #0a1415 calc(var(--shade) * 100%), transparent);
}
.large-picture img { max-width: 100%; max-height: 100%; user-select: none; -webkit-user-drag: none; }
.large-picture img:not(.moving) { transition: transform .2s ease-out; }
.large-picture .bar-button {
  position: absolute;
  inset-block-start: calc(8px + var(--edge-top));
  inset-inline-end: 8px;
  margin: 0;
  color: #fff;
  background: rgb(10 20 21 / .55);
}
</style>
