<script setup lang="ts">
import { computed, nextTick, onMounted, onUnmounted, ref } from 'vue'
import type { ShownAdvert } from '../contracts/view'
import { happened, out, picture, seen } from './adverts'
import FilmFrame from './FilmFrame.vue'
import type { Ended } from './full'
import { own } from './own'

/** An advert over the whole screen. A picture can be closed at once, a film soon; and whoever wants a reward no more can always leave it. */
const props = defineProps<{ shown: { advert: ShownAdvert; reward: string | null; waits: boolean; end: (how: Ended) => void } }>()
const page = ref<HTMLElement>()
const past = ref(0)
/** Whether somebody wants to leave before the end and is asked what they lose. */
const leaves = ref(false)
const isReward = computed(() => props.shown.reward !== null)
const left = computed(() => Math.max(0, Math.ceil((props.shown.advert.seconds ?? 0) - past.value)))
const wait = computed(() => Math.max(0, Math.ceil((props.shown.advert.closes ?? 0) - past.value)))
const canClose = computed(() => !props.shown.waits && (isReward.value || wait.value === 0))
const SECOND = 1000
let timer: ReturnType<typeof setTimeout> | undefined

const begin = () => {
  timer ??= setTimeout(() => seen(props.shown.advert.key), SECOND)
}
const focusFirst = () => nextTick(() => page.value?.querySelector<HTMLElement>('[data-first]')?.focus())

function close() {
  if (!canClose.value) return
  if (isReward.value && !leaves.value) {
    leaves.value = true
    return void focusFirst()
  }
  leave()
}
function leave() {
  if (props.shown.advert.film) void happened(props.shown.advert.key, isReward.value ? 'closeLinear' : 'skip')
  props.shown.end('closed')
}
function stay() {
  leaves.value = false
  void focusFirst()
}

onMounted(focusFirst)
onUnmounted(() => clearTimeout(timer))
</script>

<template>
  <div ref="page" class="full-advert" role="dialog" aria-modal="true" :aria-label="own('Advert')" @keydown.esc="close">
    <p class="full-advert-mark">
      Advert · {{ shown.advert.by }}<template v-if="shown.advert.film && !shown.waits"> · {{ left }} s</template>
    </p>
    <button v-if="canClose" data-first class="full-advert-close" :aria-label="own('Close the advert')" @click="close">✕</button>
    <p v-else-if="!shown.waits" data-first class="full-advert-close" tabindex="-1" :aria-label="own('Can be closed in {0} seconds', wait)">{{ wait }}</p>
    <FilmFrame
      v-if="shown.advert.film"
      :advert="shown.advert"
      @at="past = $event"
      @through="shown.end('through')"
      @broken="shown.end('broken')"
    />
    <img v-else :src="picture(shown.advert.key)" alt="" @load="begin" @error="shown.end('broken')" />
    <div v-if="leaves && !shown.waits" class="full-advert-leave" role="alertdialog" aria-label="Stop watching?">
      <p>{{ own('Stop watching? Then there is nothing for it.') }}</p>
      <button data-first class="button main" @click="stay">{{ own('Go on watching') }}</button>
      <button class="button quiet" @click="leave">{{ own('Stop') }}</button>
    </div>
    <template v-else>
      <p v-if="shown.waits" role="status">{{ own('It was seen. The network is asked …') }}</p>
      <p v-else-if="shown.reward">To its end for {{ shown.reward }}.</p>
      <p class="full-advert-title">{{ shown.advert.title }}</p>
      <p>{{ shown.advert.words }}</p>
      <a v-if="shown.advert.leads" class="button" :href="out(shown.advert.key)" target="_blank" rel="noopener noreferrer nofollow">{{
        shown.advert.button
      }}</a>
    </template>
  </div>
</template>

<style>
.full-advert {
  position: absolute;
  inset: 0;
  z-index: 40;
  display: flex;
  flex-direction: column;
  gap: 10px;
  padding: 16px;
  background: var(--ground);
  color: var(--ink);
}
.full-advert-mark { min-height: 48px; padding-inline-end: 56px; font-size: .875rem; line-height: 48px; font-variant-numeric: tabular-nums; }
.full-advert-close {
  position: absolute;
  inset: 12px 12px auto auto;
  width: 48px;
  height: 48px;
  border: 0;
  border-radius: 24px;
  background: var(--surface);
  font-size: 1.125rem;
  line-height: 48px;
  text-align: center;
  color: inherit;
}
button.full-advert-close { cursor: pointer; }
.full-advert > img { flex: 1; min-height: 0; width: 100%; object-fit: cover; border-radius: var(--corner); }
.full-advert > a { text-decoration: none; }
.full-advert-title { font-size: 1.25rem; font-weight: 650; }
.full-advert-leave { display: flex; flex-direction: column; gap: 10px; }
</style>
