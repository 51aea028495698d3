<script setup lang="ts">
import { computed } from 'vue'
import type { MapNode } from '../../contracts/view'
import { tappable } from '../placing'
import TileMap from '../TileMap.vue'
import { own } from '../own'

const props = defineProps<{ node: MapNode }>()
const words = computed(() => {
  const place = props.node.place
  if (!place) return ''
  const side = (value: number, plus: string, minus: string) => `${Math.abs(value).toFixed(4)}° ${value < 0 ? minus : plus}`
  return `${side(place.latitude, 'N', 'S')}, ${side(place.longitude, 'E', 'W')}`
})
const spots = computed(() => (props.node.place ? [{ id: 0, title: props.node.text || words.value, ...props.node.place }] : []))
</script>

<template>
  <figure class="map">
    <TileMap
      v-if="node.place"
      :key="node.tiles?.mark"
      :at="node.at"
      :spots="spots"
      :tiles="node.tiles"
      :label="own('Map: {0}', node.text || words)"
      :still="tappable(node)"
      :locates="node.here && !tappable(node)"
    />
    <p v-else class="empty">{{ own('There is no place to show.') }}</p>
    <figcaption v-if="node.place">{{ node.text ? `${node.text} · ${words}` : words }}</figcaption>
  </figure>
</template>

<style>
.map { display: flex; flex-direction: column; gap: 6px; }
.map .map-frame { height: 200px; }
.map figcaption { font-size: .875rem; line-height: 1.25rem; }
</style>
