<script setup lang="ts">
import { useVirtualizer } from '@tanstack/vue-virtual'
import { computed, inject, onBeforeUnmount, onMounted, ref, watch } from 'vue'
import type { ListNode } from '../../contracts/view'
import { advertAfter } from '../between'
import { measures } from '../measures'
import type { Device } from '../useDevice'
import AdvertLine from './AdvertLine.vue'
import ListItem from './ListItem.vue'

/** A list of many items: only those near the window are drawn, whatever their number. */
const props = defineProps<{ node: ListNode; begins: (index: number) => boolean }>()
const device = inject('device') as Device
const list = ref<HTMLElement>()
const scroller = ref<HTMLElement | null>(null)
const margin = ref(0)

/** Who comes back finds the list as high as it was, and so the same items at the same place. */
const here = `${device.shown.value}:${props.node.at}`
const virtual = useVirtualizer(
  computed(() => ({
    count: props.node.items.length,
    getScrollElement: () => scroller.value,
    estimateSize: () => ({ cards: 200, conversation: 84 })[props.node.layout as string] ?? 64,
    getItemKey: (i: number) => props.node.items[i]?.id ?? i,
    overscan: 8,
    scrollMargin: margin.value,
    initialMeasurementsCache: measures.of(here),
    initialOffset: device.step.value.left?.scroll ?? 0,
  })),
)
const shown = computed(() =>
  virtual.value
    .getVirtualItems()
    .map((v) => ({ item: props.node.items[v.index], index: v.index, start: v.start - margin.value }))
    .filter((s) => s.item),
)

function settle() {
  scroller.value = list.value?.closest('main, .beside') ?? null
  if (list.value && scroller.value)
    margin.value = list.value.getBoundingClientRect().top - scroller.value.getBoundingClientRect().top + scroller.value.scrollTop
}
defineExpose({ to: (index: number) => virtual.value.scrollToIndex(index, { align: 'start' }) })
onMounted(settle)
watch(() => props.node.items.length, settle, { flush: 'post' })
onBeforeUnmount(() => measures.keep(here, virtual.value.measurementsCache))
</script>

<template>
  <ul ref="list" class="list long" :class="node.layout" :style="{ height: `${virtual.getTotalSize()}px` }">
    <li
      v-for="one in shown"
      :key="one.item.id"
      :ref="(el) => virtual.measureElement(el as HTMLElement)"
      :data-index="one.index"
      :style="{ transform: `translateY(${one.start}px)` }"
      :aria-setsize="node.items.length"
      :aria-posinset="one.index + 1"
    >
      <h3 v-if="begins(one.index)" class="list-heading">{{ one.item.group || '–' }}</h3>
      <ListItem :node="node" :item="one.item" />
      <AdvertLine
        v-if="advertAfter(node, one.index)"
        :node="{ kind: 'advert', at: `${node.at}/adverts/${one.index}`, ...node.adverts! }"
        class="list-advert"
      />
    </li>
  </ul>
</template>

<style>
.list.long { position: relative; display: block; }
.list.long > li { position: absolute; inset-inline: 0; top: 0; padding-block-end: 12px; }
.rows.long > li { padding-block-end: 0; }
</style>
