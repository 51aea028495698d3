<script setup lang="ts">
import { computed } from 'vue'
import { useStudio } from '../open/useStudio'
import ScreenThumb from '../open/ScreenThumb.vue'

const emit = defineEmits<{ open: [slug: string] }>()
const studio = useStudio()
const WIDE = 150
const HIGH = 190
const map = computed(() => studio.survey.ways.value)
const placed = computed(() => new Map((map.value?.screens ?? []).map((s) => [s.at, s])))
const picture = (at: string) => studio.survey.screens.value.find((s) => s.at === at)?.picture

const ways = computed(() =>
  (map.value?.ways ?? []).flatMap((way) => {
    const [from, to] = [placed.value.get(way.from), placed.value.get(way.to)]
    if (!from || !to) return []
    const on = to.x > from.x
    const [x1, y1, x2, y2] = on ? [from.x + WIDE, from.y + HIGH / 2, to.x, to.y + HIGH / 2] : [from.x + WIDE / 2, from.y + HIGH, to.x + WIDE / 2, to.y + HIGH]
    const bend = on ? `C ${x1 + 60} ${y1}, ${x2 - 60} ${y2}, ${x2} ${y2}` : `C ${x1} ${y1 + 70}, ${x2} ${y2 + 70}, ${x2} ${y2}`
    return [{ ...way, path: `M ${x1} ${y1} ${bend}`, back: !on }]
  }),
)
</script>

<template>
  <div class="ways" role="group" aria-label="Map of the ways between the screens">
    <svg v-if="map" :width="map.width" :height="map.height" :viewBox="`0 0 ${map.width} ${map.height}`">
      <defs>
        <marker id="way-end" viewBox="0 0 8 8" refX="7" refY="4" markerWidth="8" markerHeight="8" orient="auto">
          <path d="M0 0 8 4 0 8z" class="way-head" />
        </marker>
      </defs>
      <path v-for="way in ways" :key="way.from + way.to" :d="way.path" class="way" :class="{ back: way.back }" marker-end="url(#way-end)" />
      <foreignObject v-for="s in map.screens" :key="s.at" :x="s.x" :y="s.y" :width="WIDE" :height="HIGH">
        <button class="way-screen" :class="{ lost: s.step === null }" @click="emit('open', s.slug)">
          <span class="way-picture"><ScreenThumb :picture="picture(s.at)" /></span>
          <span>{{ s.name }}</span>
          <span v-if="s.step === null" class="small">nobody gets here</span>
        </button>
      </foreignObject>
    </svg>
    <v-progress-circular v-else indeterminate color="primary" aria-label="Reading the ways" />
  </div>
</template>
