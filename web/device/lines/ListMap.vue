<script setup lang="ts">
import { computed, inject } from 'vue'
import type { ListNode } from '../../contracts/view'
import TileMap from '../TileMap.vue'
import type { Device } from '../useDevice'
import ListItem from './ListItem.vue'
import { own } from '../own'

/** The items of a list where each one lies; the one that is chosen stands below its pins. */
const props = defineProps<{ node: ListNode }>()
const device = inject('device') as Device

const spots = computed(() => props.node.items.flatMap(({ id, title, place }) => (place ? [{ id, title: title ?? own('A place'), ...place }] : [])))
const key = computed(() => `${props.node.at}/map/item`)
const chosen = computed(() => props.node.items.find((item) => item.id === device.opens[key.value]))
const choose = (id: number | undefined) => (id === undefined ? delete device.opens[key.value] : (device.opens[key.value] = id))
</script>

<template>
  <div class="map-list">
    <TileMap
      :key="node.tiles?.mark"
      :at="node.at"
      :spots="spots"
      :tiles="node.tiles"
      :locates="node.here"
      :chosen="chosen?.id"
      :label="own('Map')"
      @choose="choose"
    />
    <div v-if="chosen" class="map-chosen rows" role="status"><ListItem :key="chosen.id" :node="node" :item="chosen" /></div>
  </div>
</template>

<style>
.map-list { position: relative; min-height: 360px; flex: 1 0 auto; }
.map-list .map-frame { position: absolute; inset: 0; }
/* A map with which a page ends is as high as there is room for it. */
main > .list-place:last-child:has(> .list-body > .map-list) { flex: 1 0 auto; }
.map-chosen {
  position: absolute;
  inset: auto 10px 10px;
  max-height: 60%;
  overflow-y: auto;
  border-radius: var(--corner);
  background: var(--surface);
  box-shadow: 0 2px 8px rgb(0 0 0 / .3);
}
</style>
