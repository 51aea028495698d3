<script setup lang="ts">
import { onMounted, onUnmounted, ref } from 'vue'
import type { ShownAdvert } from '../contracts/view'
import { film, happened, seen } from './adverts'
import { own } from './own'

/** A film that advertises: what becomes of it is told, each thing once. */
const props = defineProps<{ advert: ShownAdvert }>()
const emit = defineEmits<{ at: [seconds: number]; through: []; broken: [] }>()
const screen = ref<HTMLVideoElement>()
const silent = ref(false)
/** So long in view a film counts as seen; so long it may take to begin. In ms. */
const SEEN = 2000
const PATIENCE = 10_000
const QUARTERS = ['start', 'firstQuartile', 'midpoint', 'thirdQuartile']
let told = 0
let isSeen = false
const late = setTimeout(() => emit('broken'), PATIENCE)

const plays = () => clearTimeout(late)

function goesOn() {
  const { currentTime = 0, duration = 0 } = screen.value ?? {}
  emit('at', currentTime)
  if (!isSeen && currentTime * 1000 >= SEEN) {
    isSeen = true
    seen(props.advert.key)
  }
  const quarter = duration ? Math.floor((4 * currentTime) / duration) : -1
  while (told < QUARTERS.length && told <= quarter) void happened(props.advert.key, QUARTERS[told++])
}

/** The last thing is told before anything goes on: a reward hangs on it. */
async function ends() {
  await happened(props.advert.key, 'complete')
  emit('through')
}

function breaks() {
  void happened(props.advert.key, 'error')
  emit('broken')
}

/** Where a browser plays nothing aloud by itself it plays it silently. */
function begin() {
  screen.value?.play().catch(() => {
    if (!screen.value) return
    silent.value = screen.value.muted = true
    screen.value.play().catch(breaks)
  })
}

function turn() {
  if (!screen.value) return
  silent.value = screen.value.muted = !screen.value.muted
  void happened(props.advert.key, silent.value ? 'mute' : 'unmute')
}

/** Nothing plays to nobody. */
const look = () => (document.hidden ? screen.value?.pause() : begin())

onMounted(() => {
  document.addEventListener('visibilitychange', look)
  begin()
})
onUnmounted(() => {
  clearTimeout(late)
  document.removeEventListener('visibilitychange', look)
})
</script>

<template>
  <div class="film">
    <video
      ref="screen"
      :src="film(advert.key)"
      playsinline
      disablepictureinpicture
      :aria-label="own('Film of {0}', advert.title)"
      @playing="plays"
      @timeupdate="goesOn"
      @ended="ends"
      @error="breaks"
    />
    <button class="film-sound" :aria-pressed="!silent" @click="turn">{{ silent ? own('Sound on') : own('Sound off') }}</button>
  </div>
</template>

<style>
.film { position: relative; flex: 1; min-height: 0; display: flex; }
.film > video { width: 100%; object-fit: contain; background: #000; border-radius: var(--corner); }
.film-sound {
  position: absolute;
  inset: auto auto 8px 8px;
  min-height: 48px;
  padding: 0 16px;
  border: 0;
  border-radius: 24px;
  background: rgb(0 0 0 / .6);
  color: #fff;
  font: inherit;
  font-size: .875rem;
}
</style>
