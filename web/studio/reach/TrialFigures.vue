<script setup lang="ts">
import { computed } from 'vue'
import type { TrialState } from '../../contracts/studio'

/** Two ways to begin, lying over each other: which leads more of them to the end, how sure that is, and how many are still needed to say. */
const props = defineProps<{ trial: TrialState }>()
const percent = (share: number) => `${Math.round(100 * share)} %`
const number = (count: number) => count.toLocaleString('en')
const people = (count: number) => (count === 1 ? 'one newcomer' : `${number(count)} newcomers`)
const best = computed(() => Math.max(1, ...props.trial.ways.map((way) => way.steps[0])))
const part = (way: number, step: number) => props.trial.ways[way].steps[step] / Math.max(1, props.trial.ways[way].steps[0] || best.value)
const verdict = computed(() => {
  const { ways, needed, winner, low, high, funnel } = props.trial
  const between = `between ${points(low)} and ${points(high)} of a hundred`
  if (winner) return `${ways[winner - 1].screen} leads more of them to the end of “${funnel}”, and chance does not explain it: ${between} more.`
  const lacks = ways.map((way) => Math.max(0, needed - way.came))
  if (lacks.some((count) => count > 0)) {
    const needs = `Still needed: ${number(lacks[0])} for ${ways[0].screen} and ${number(lacks[1])} for ${ways[1].screen}.`
    return `Nothing can be said yet: it takes ${number(needed)} of each to find a difference of five in a hundred. ${needs}`
  }
  return `There is no difference that chance does not explain: ${ways[1].screen} leads ${between} more of them to the end than ${ways[0].screen}.`
})
const points = (share: number) => `${share < 0 ? '−' : ''}${Math.abs(Math.round(100 * share))}`
</script>

<template>
  <h2 class="people-head">{{ trial.name }}</h2>
  <p v-if="!trial.begun" class="small">It begins with the first newcomer who comes to {{ trial.ways[0].screen }}.</p>
  <template v-else>
    <p v-for="(way, n) in trial.ways" :key="n" class="way">
      <span class="key" :class="{ tried: n === 1 }" aria-hidden="true" />
      <span>
        <strong>{{ way.screen }}</strong>: {{ way.came ? percent(way.ended / way.came) : '–' }} of {{ people(way.came) }} came to the end
        <span v-if="way.came" class="small">(so sure: {{ percent(way.low) }} to {{ percent(way.high) }})</span>
      </span>
    </p>
    <ol class="over" :aria-label="`${trial.ways[0].screen} and ${trial.ways[1].screen}, step by step`">
      <li v-for="(step, s) in trial.steps" :key="s">
        <span class="bars" aria-hidden="true">
          <span :style="{ width: `${Math.min(100, 100 * part(0, s))}%` }" />
          <span class="tried" :style="{ width: `${Math.min(100, 100 * part(1, s))}%` }" />
        </span>
        <span
          >{{ step }} <span class="small">{{ `${percent(part(0, s))} and ${percent(part(1, s))} of the visits that began` }}</span></span
        >
      </li>
    </ol>
    <p class="verdict" role="status">{{ verdict }}</p>
    <p class="small">
      Newcomers since {{ trial.begun }} take part: a lot decides once for each, and always the same way. Nineteen of twenty times what is true lies between the
      figures; the difference by Newcombe’s method, the number by Fleiss’s.
    </p>
  </template>
</template>

<style scoped>
.way {
  display: flex;
  gap: 10px;
  align-items: baseline;
}

.key {
  flex: none;
  width: 22px;
  height: 10px;
  border-radius: 3px;
  background: rgb(var(--v-theme-primary));
}

.key.tried {
  border: 2px solid rgb(var(--v-theme-secondary));
  background: rgb(var(--v-theme-secondary), 0.25);
}

.over {
  padding: 0;
  margin-block: 8px;
  list-style: none;
}

.over li {
  padding-block: 4px;
}

.bars {
  display: block;
  position: relative;
  height: 20px;
}

.bars > span {
  position: absolute;
  inset-block: 0;
  inset-inline-start: 0;
  min-width: 3px;
  border-radius: 4px;
  background: rgb(var(--v-theme-primary), 0.75);
}

.bars > .tried {
  inset-block: 5px;
  border: 2px solid rgb(var(--v-theme-secondary));
  background: rgb(var(--v-theme-secondary), 0.25);
}

.verdict {
  max-width: 62ch;
}
</style>
