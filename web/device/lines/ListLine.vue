<script setup lang="ts">
import { useVirtualizer } from '@tanstack/vue-virtual'
import { computed, defineAsyncComponent, inject, onMounted, onUnmounted, ref, watch } from 'vue'
import type { ListNode } from '../../contracts/view'
import type { Device } from '../useDevice'
import ListItem from './ListItem.vue'

const ListNarrow = defineAsyncComponent(() => import('./ListNarrow.vue'))
const props = defineProps<{ node: ListNode }>()
const device = inject('device') as Device
const end = ref<HTMLElement>()
const list = ref<HTMLElement>()
const scroller = ref<HTMLElement | null>(null)

/** Long lists draw only the items near the window, whatever their number. */
const MANY = 80
const long = computed(() => props.node.items.length > MANY && ['rows', 'cards', 'conversation'].includes(props.node.layout))
const margin = ref(0)
const virtual = useVirtualizer(computed(() => ({
  count: long.value ? props.node.items.length : 0,
  getScrollElement: () => scroller.value,
  estimateSize: () => ({ cards: 200, conversation: 84 })[props.node.layout as string] ?? 64,
  getItemKey: (i: number) => props.node.items[i]?.id ?? i,
  overscan: 8,
  scrollMargin: margin.value,
})))
const shown = computed(() => (long.value ? virtual.value.getVirtualItems().map((v) => ({ item: props.node.items[v.index], index: v.index, start: v.start - margin.value })) : props.node.items.map((item, index) => ({ item, index, start: 0 }))).filter((s) => s.item))
const begins = (index: number) => props.node.items[index].group !== undefined && props.node.items[index].group !== props.node.items[index - 1]?.group

function settle() {
  scroller.value = list.value?.closest('main') ?? null
  if (list.value && scroller.value) margin.value = list.value.getBoundingClientRect().top - scroller.value.getBoundingClientRect().top + scroller.value.scrollTop
}
onMounted(settle)
watch(() => props.node.items.length, settle, { flush: 'post' })

/** The next items are asked for when the end of those there comes near; each time twice as many. */
const eye = new IntersectionObserver((seen) => {
  if (seen.some((one) => one.isIntersecting) && props.node.more) {
    device.pages[props.node.at] = (device.pages[props.node.at] ?? 1) * 2
    device.load()
  }
}, { rootMargin: '300px' })
watch([end, () => props.node.items.length], () => {
  eye.disconnect()
  if (end.value) eye.observe(end.value)
}, { flush: 'post' })
onUnmounted(() => eye.disconnect())
</script>

<template>
  <div class="list-place">
    <ListNarrow v-if="node.search !== null || node.orders || node.chips" :node="node" />
    <p v-if="!node.items.length" class="empty">{{ node.empty }}</p>
    <ul v-else ref="list" class="list" :class="[node.layout, { long }]" :tabindex="node.layout === 'strip' ? 0 : undefined" :style="long ? { height: `${virtual.getTotalSize()}px` } : undefined">
      <li v-for="one in shown" :key="one.item.id" :ref="long ? (el) => virtual.measureElement(el as HTMLElement) : undefined" :data-index="one.index" :style="long ? { transform: `translateY(${one.start}px)` } : undefined" :aria-setsize="long ? node.items.length : undefined" :aria-posinset="long ? one.index + 1 : undefined">
        <h3 v-if="begins(one.index)" class="list-heading">{{ one.item.group || '–' }}</h3>
        <ListItem :node="node" :item="one.item" />
      </li>
    </ul>
    <p v-if="node.more" ref="end" class="list-more" role="status">More…</p>
    <p v-if="node.rest" class="list-more">{{ node.rest }}</p>
  </div>
</template>
