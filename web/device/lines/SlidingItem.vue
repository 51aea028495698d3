<script setup lang="ts">
import { onUnmounted, ref } from 'vue'
import type { MenuChoice } from '../../contracts/view'
import { hand } from '../hand'
import { useDrag } from '../useDrag'

/** An item that slides open on up to two of its actions; drawn all the way it does the first. A menu on the item offers all of them. */
const props = defineProps<{ swipes: MenuChoice[] }>()
const emit = defineEmits<{ choose: [index: number] }>()

const WIDE = 92
const QUICK = 0.6
/** Of the width of the item: from here on letting go does the first action. */
const WHOLE = 0.6
const item = ref<HTMLElement>()
const open = ref(0)
const drawn = ref(false)
const shown = () => props.swipes.slice(0, 2)
const side = () => (document.documentElement.dir === 'rtl' ? -1 : 1)
const isWhole = () => open.value > (item.value?.clientWidth ?? Infinity) * WHOLE
let from = 0
let whole = false

function close() {
  open.value = 0
  document.removeEventListener('pointerdown', elsewhere, true)
}
const elsewhere = (event: Event) => !item.value?.contains(event.target as Element) && close()
onUnmounted(() => document.removeEventListener('pointerdown', elsewhere, true))

function choose(i: number) {
  close()
  emit('choose', i)
}

useDrag(item, {
  axis: 'x',
  begins(_, way) {
    const taken = open.value > 0 || way === -side()
    if (taken) [from, drawn.value] = [open.value, true]
    return taken
  },
  moves(by) {
    open.value = Math.max(0, from - by * side())
    if (isWhole() !== whole && (whole = !whole)) hand.tick()
  },
  ends(_, speed) {
    const does = isWhole()
    drawn.value = whole = false
    if (does) return choose(0)
    const room = shown().length * WIDE
    const opens = speed * side() < -QUICK || (open.value > room / 2 && speed * side() < QUICK)
    if (!opens) return close()
    open.value = room
    document.addEventListener('pointerdown', elsewhere, true)
  },
})
</script>

<template>
  <div ref="item" class="slide" :class="{ open: open > 0, drawn }">
    <div v-if="open > 0" class="slide-actions" aria-hidden="true" :style="{ width: `${open}px` }">
      <button
        v-for="(swipe, i) in shown()"
        :key="i"
        tabindex="-1"
        class="slide-action"
        :class="{ dangerous: swipe.dangerous, first: i === 0, whole: isWhole() }"
        @click="choose(i)"
      >
        {{ swipe.label }}
      </button>
    </div>
    <div class="slide-face" :style="open ? { transform: `translateX(calc(var(--side) * ${-open}px))` } : undefined"><slot /></div>
  </div>
</template>

<style>
.slide { position: relative; height: 100%; touch-action: pan-y; }
.slide.open { overflow: hidden; overflow: clip; }
.slide-face { height: 100%; transition: transform .2s cubic-bezier(.2, .8, .2, 1); }
.slide.drawn .slide-face { transition: none; }
.slide-actions { position: absolute; inset-block: 0; inset-inline-end: 0; display: flex; flex-direction: row-reverse; overflow: hidden; }
.slide-action {
  flex: 1 1 0;
  min-width: 0;
  padding: 4px;
  border: 0;
  font-size: .875rem;
  line-height: 1.125rem;
  font-weight: 650;
  color: var(--on-main);
  background: var(--main);
  overflow: hidden;
  cursor: pointer;
}
.slide-action:not(.first) { color: #fff; background: #4b5b5c; }
.slide-action.dangerous { color: #fff; background: #b8322a; }
.slide-action.whole:not(.first) { flex-grow: 0; padding: 0; }
</style>
