<script setup lang="ts">
import { computed, inject, nextTick, ref, watch } from 'vue'
import type { SheetNode } from '../../contracts/view'
import NodeList from '../NodeList.vue'
import type { Device } from '../useDevice'
import '../sheet.css'
import { useDrag } from '../useDrag'
import { useOver } from '../useOver'
import { own } from '../own'

const props = defineProps<{ node: SheetNode }>()
const device = inject('device') as Device
const open = computed(() => device.sheet.value.toLowerCase() === props.node.name.toLowerCase())
const close = () => (device.sheet.value = '')
useOver(device, () => open.value, close)

/** What is high opens half at first, and is drawn up for the rest. */
const HALF = 0.55
const QUICK = 0.5
const page = ref<HTMLElement>()
const most = ref('')
const drawn = ref(0)
const room = () => page.value?.parentElement?.clientHeight ?? 0
const isHalf = computed(() => most.value !== '' && most.value !== 'none')

watch(open, async (now) => {
  drawn.value = 0
  most.value = ''
  if (!now) return
  await nextTick()
  if ((page.value?.scrollHeight ?? 0) > room() * 0.7) most.value = `${Math.round(room() * HALF)}px`
  page.value?.focus()
})

let from = 0
useDrag(page, {
  axis: 'y',
  begins(at, way) {
    from = page.value?.offsetHeight ?? 0
    // What is in it scrolls once it is whole; by its grip it is always drawn.
    return at.target.closest('.sheet-grip') !== null || (way > 0 && (page.value?.scrollTop ?? 0) <= 0) || (way < 0 && isHalf.value)
  },
  moves(by) {
    if (by < 0 && isHalf.value) most.value = `${from - by}px`
    else drawn.value = Math.max(0, by)
  },
  ends(by, speed) {
    const high = page.value?.offsetHeight ?? 0
    if (drawn.value > 0 && (drawn.value > high * 0.4 || speed > QUICK)) return close()
    if (isHalf.value && by < 0) most.value = -by > 40 || -speed > QUICK ? 'none' : `${Math.round(room() * HALF)}px`
    drawn.value = 0
  },
})
</script>

<template>
  <div class="sheet-place">
    <Teleport to=".device">
      <div v-if="open" class="veil low" @click.self="close()" @keydown.esc="close()">
        <div
          ref="page"
          class="sheet"
          :class="{ half: isHalf, drawn: drawn > 0 }"
          role="dialog"
          aria-modal="true"
          :aria-label="node.name"
          tabindex="-1"
          :style="{ maxHeight: isHalf ? most : undefined, transform: drawn ? `translateY(${drawn}px)` : undefined }"
        >
          <button class="sheet-grip" :aria-label="own('Close')" @click="close()" />
          <div class="group"><NodeList :nodes="node.nodes" /></div>
        </div>
      </div>
    </Teleport>
  </div>
</template>
