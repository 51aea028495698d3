<script setup lang="ts">
import { geoGraticule10, geoMercator, geoPath } from 'd3-geo'
import { feature } from 'topojson-client'
import type { Topology } from 'topojson-specification'
import { computed, shallowRef } from 'vue'
import type { MapNode } from '../../contracts/view'

/** Shores of the world (Natural Earth, public domain), read only where a map is shown. */
const shores = shallowRef<object>()
import('world-atlas/land-110m.json').then((atlas) => {
  const topology = atlas.default as unknown as Topology
  shores.value = feature(topology, topology.objects.land)
})

const props = defineProps<{ node: MapNode }>()
const WIDTH = 320
const HEIGHT = 200
const drawn = computed(() => {
  const place = props.node.place
  if (!place || !shores.value) return null
  const projection = geoMercator()
    .center([place.longitude, Math.max(-80, Math.min(80, place.latitude))])
    .scale(900)
    .translate([WIDTH / 2, HEIGHT / 2])
    .clipExtent([
      [-2, -2],
      [WIDTH + 2, HEIGHT + 2],
    ])
  const path = geoPath(projection)
  return { land: path(shores.value as never) ?? '', lines: path(geoGraticule10()) ?? '' }
})
const words = computed(() => {
  const place = props.node.place
  if (!place) return ''
  const side = (value: number, plus: string, minus: string) => `${Math.abs(value).toFixed(4)}° ${value < 0 ? minus : plus}`
  return `${side(place.latitude, 'N', 'S')}, ${side(place.longitude, 'E', 'W')}`
})
</script>

<template>
  <figure class="map">
    <svg v-if="node.place" :viewBox="`0 0 ${WIDTH} ${HEIGHT}`" preserveAspectRatio="xMidYMid slice" role="img" :aria-label="node.text || words">
      <path v-if="drawn" :d="drawn.lines" class="map-lines" />
      <path v-if="drawn" :d="drawn.land" class="map-land" />
      <circle :cx="WIDTH / 2" :cy="HEIGHT / 2" r="7" class="map-place" />
    </svg>
    <p v-else class="empty">There is no place to show.</p>
    <figcaption v-if="node.place">{{ node.text ? `${node.text} · ${words}` : words }}</figcaption>
  </figure>
</template>

<style>
.map { display: flex; flex-direction: column; gap: 6px; }
.map svg {
  display: block;
  width: 100%;
  height: 200px;
  border-radius: var(--corner);
  background: color-mix(in srgb, var(--main) 12%, var(--surface));
}
.map-lines { fill: none; stroke: color-mix(in srgb, var(--ink) 12%, transparent); }
.map-land { fill: color-mix(in srgb, var(--ink) 22%, var(--surface)); }
.map-place { fill: var(--main); stroke: var(--surface); stroke-width: 3; }
.map figcaption { font-size: .875rem; line-height: 1.25rem; }
</style>
