<script setup lang="ts">
import { computed, ref } from 'vue'
import type { ListNode } from '../../contracts/view'
import { hand } from '../hand'
import { initial, lettersOf } from '../letters'
import { own } from '../own'

/** The letters with which names begin: one goes to the first of a letter with a finger or by the keyboard. */
const props = defineProps<{ node: ListNode }>()
const emit = defineEmits<{ to: [letter: string] }>()
const letters = computed(() => lettersOf(props.node.items.map((item) => item.title ?? ''), props.node.more))
const rail = ref<HTMLElement>()
const at = ref(0)
const held = ref(false)

function go(index: number) {
  const to = Math.max(0, Math.min(letters.value.length - 1, index))
  if (to === at.value && held.value) return
  at.value = to
  hand.tick()
  emit('to', letters.value[to])
}

function point(event: PointerEvent) {
  const box = rail.value!.getBoundingClientRect()
  go(Math.floor(((event.clientY - box.top) / box.height) * letters.value.length))
  held.value = true
}

function down(event: PointerEvent) {
  rail.value?.setPointerCapture(event.pointerId)
  held.value = false
  point(event)
}

const KEYS: Record<string, () => number> = {
  ArrowDown: () => at.value + 1,
  ArrowUp: () => at.value - 1,
  Home: () => 0,
  End: () => letters.value.length - 1,
}
function press(event: KeyboardEvent) {
  const typed = letters.value.indexOf(initial(event.key.length === 1 ? event.key : ''))
  const to = KEYS[event.key]?.() ?? (typed >= 0 ? typed : null)
  if (to === null) return
  event.preventDefault()
  go(to)
}
</script>

<template>
  <div class="rail-room">
    <div
      ref="rail"
      class="rail"
      role="slider"
      tabindex="0"
      :aria-label="own('Letter')"
      aria-orientation="vertical"
      aria-valuemin="0"
      :aria-valuemax="letters.length - 1"
      :aria-valuenow="at"
      :aria-valuetext="letters[at]"
      data-moves
      @pointerdown="down"
      @pointermove="held && point($event)"
      @pointerup="held = false"
      @pointercancel="held = false"
      @keydown="press"
    >
      <span v-for="(letter, i) in letters" :key="letter" :class="{ at: held && i === at }" aria-hidden="true">{{ letter }}</span>
    </div>
  </div>
</template>

<style>
.rail-room { position: absolute; inset-block: 0; inset-inline-end: -16px; z-index: 2; width: 24px; pointer-events: none; }
.rail {
  position: sticky;
  inset-block-start: 12px;
  display: flex;
  flex-direction: column;
  max-height: min(72vh, 100%);
  overflow: hidden;
  border-radius: 12px;
  text-align: center;
  font-size: .6875rem;
  line-height: 1.125rem;
  font-weight: 650;
  color: color-mix(in srgb, var(--main) 88%, var(--ink));
  pointer-events: auto;
  touch-action: none;
  cursor: pointer;
  user-select: none;
}
.rail > span { flex: 0 1 1.125rem; min-height: 0; overflow: hidden; }
.rail > .at { border-radius: 9px; background: var(--main); color: var(--on-main); }
</style>
