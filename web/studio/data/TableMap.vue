<script setup lang="ts">
import { ref, watch } from 'vue'
import type { TableMap } from '../../contracts/studio'
import { api } from '../api'
import { useStudio } from '../open/useStudio'

const emit = defineEmits<{ open: [stored: string] }>()
const studio = useStudio()
const map = ref<TableMap | null>(null)
const lit = ref('')

watch(
  () => studio.state.value?.revision.number,
  async () => {
    map.value = await api.get<TableMap>(`apps/${studio.app}/map`).catch((error) => (studio.told(error), null))
  },
  { immediate: true },
)

const touches = (stored: string) =>
  !lit.value || stored === lit.value || !!map.value?.links.some((l) => (l.from === lit.value && l.to === stored) || (l.to === lit.value && l.from === stored))
</script>

<template>
  <h1>The tables and their links</h1>
  <v-progress-linear v-if="!map" indeterminate color="primary" aria-label="Drawing the map" />
  <div v-else class="map-scroll">
    <svg :viewBox="`-4 -4 ${map.width + 8} ${map.height + 8}`" :width="map.width + 8" :height="map.height + 8" role="group" aria-label="Map of tables">
      <path
        v-for="(link, i) in map.links"
        :key="i"
        :d="link.path"
        class="map-link"
        :class="{ many: link.many, dim: lit && link.from !== lit && link.to !== lit }"
      >
        <title>{{ link.name }}</title>
      </path>
      <g
        v-for="box in map.boxes"
        :key="box.stored"
        class="map-box"
        :class="{ dim: !touches(box.stored) }"
        tabindex="0"
        role="button"
        :aria-label="`${box.name}, ${box.rows} rows`"
        :transform="`translate(${box.x} ${box.y})`"
        @click="emit('open', box.stored)"
        @keydown.enter="emit('open', box.stored)"
        @pointerenter="lit = box.stored"
        @pointerleave="lit = ''"
        @focus="lit = box.stored"
        @blur="lit = ''"
      >
        <rect :width="box.width" :height="box.height" rx="13" />
        <text x="14" y="25" class="map-name">{{ box.name }}</text>
        <text :x="box.width - 14" y="25" class="map-rows" text-anchor="end">{{ box.rows.toLocaleString('en-GB') }}</text>
        <g v-for="(f, i) in box.fields" :key="i">
          <text x="14" :y="38 + 21 * i + 15" class="map-field">{{ f.name.length > 16 ? `${f.name.slice(0, 15)}…` : f.name }}</text>
          <text :x="box.width - 14" :y="38 + 21 * i + 15" class="map-type" text-anchor="end">{{ f.words.replace(/^an? /, '').slice(0, 15) }}</text>
        </g>
      </g>
    </svg>
  </div>
  <p class="small">
    A line leads from a field to the table that it links to; a dashed one links to many rows. The number beside a name counts its sandbox rows.
  </p>
</template>
