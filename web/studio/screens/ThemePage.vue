<script setup lang="ts">
import { computed } from 'vue'
import { useStudio } from '../open/useStudio'
import ProseLines from '../prose/ProseLines.vue'

const studio = useStudio()
const lines = computed(() => (studio.state.value?.theme ?? []).map((line) => (line.role === 'part' ? { ...line, indent: 0 } : line)))
const groups = computed(() =>
  [false, true]
    .map((dark) => ({ dark, pairs: (studio.state.value?.contrasts ?? []).filter((pair) => pair.dark === dark) }))
    .filter((group) => group.pairs.length),
)
</script>

<template>
  <h1>The look</h1>
  <ProseLines :lines="lines" root="/theme" />
  <section v-for="group in groups" :key="String(group.dark)" class="contrasts">
    <h2>{{ group.dark ? 'In the dark' : 'By day' }}: text on its background</h2>
    <ul>
      <li v-for="pair in group.pairs" :key="pair.where" :class="{ low: pair.ratio < pair.least }">
        <span class="pair" :style="{ background: pair.ground, color: pair.colour }" aria-hidden="true">Aa</span>
        <span>{{ pair.where }}</span>
        <span class="ratio"
          >{{ (Math.floor(pair.ratio * 10) / 10).toFixed(1) }} : 1<template v-if="pair.ratio < pair.least">, needs {{ pair.least }}</template></span
        >
      </li>
    </ul>
  </section>
</template>
