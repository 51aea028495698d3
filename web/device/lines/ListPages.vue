<script setup lang="ts">
import { inject, ref } from 'vue'
import type { ListNode } from '../../contracts/view'
import PageDots from '../PageDots.vue'
import type { Device } from '../useDevice'
import { useSwiped } from '../useSwiped'
import ListItem from './ListItem.vue'

/** The items of a list as pages that are swiped. */
const props = defineProps<{ node: ListNode }>()
const device = inject('device') as Device
const way = ref<HTMLElement>()
const { at, scrolled, press } = useSwiped(
  way,
  () => props.node.items.length,
  Number(device.opens[props.node.at] ?? 0),
  (page) => (device.opens[props.node.at] = page),
)
</script>

<template>
  <ul ref="way" class="list pages-way pages-list" tabindex="0" @scroll.passive="scrolled" @keydown="press">
    <li v-for="item in node.items" :key="item.id"><ListItem :node="node" :item="item" /></li>
  </ul>
  <PageDots v-if="node.items.length > 1" :count="node.items.length" :at="at" />
</template>

<style>
.pages-list { flex-direction: row; gap: 12px; display: flex; overflow: auto hidden; scroll-snap-type: x mandatory; scrollbar-width: none; }
.pages-list > li { flex: 0 0 100%; min-width: 0; scroll-snap-align: center; scroll-snap-stop: always; }
.pages-list .item-place { height: 100%; }
.pages-list .item {
  height: 100%;
  flex-direction: column;
  align-items: stretch;
  justify-content: flex-start;
  gap: 0;
  padding: 0;
  border-radius: var(--corner);
  overflow: hidden;
}
.pages-list .item-picture { flex: none; width: 100%; aspect-ratio: 16 / 10; object-fit: cover; }
.pages-list .item-line { flex: none; flex-direction: column; align-items: stretch; gap: 4px; padding: 10px 12px 12px; }
.pages-list .item-aside { max-width: none; }
</style>
