<script setup lang="ts">
import { computed } from 'vue'
import type { WordingContest } from '../../contracts/studio'

/** Two wordings against each other: what is known, and how many are still needed to say which is better. */
const props = defineProps<{ contest: WordingContest }>()
const percent = (share: number) => `${Math.round(100 * share)} %`
const verdict = computed(() => {
  const { wordings, needed, winner, low, high } = props.contest
  if (winner) return `The ${winner === 1 ? 'first' : 'second'} is opened more, and chance does not explain it.`
  const lacks = wordings.map((one) => Math.max(0, needed - one.sent))
  if (lacks.some((count) => count > 0)) {
    return `Nothing can be said yet: it needs ${needed.toLocaleString('en')} of each to find a difference of five in a hundred, ${lacks
      .map((count) => count.toLocaleString('en'))
      .join(' and ')} more.`
  }
  return `There is no difference that chance does not explain: it lies between ${percent(low)} and ${percent(high)}.`
})
</script>

<template>
  <div class="wordings" aria-label="Two wordings">
    <p v-for="(one, i) in contest.wordings" :key="i">
      The {{ i === 0 ? 'first' : 'second' }} wording: opened by <strong>{{ one.sent ? percent(one.opened / one.sent) : '–' }}</strong> of
      {{ one.sent.toLocaleString('en') }}
      <span v-if="one.sent" class="small">(nineteen times of twenty between {{ percent(one.low) }} and {{ percent(one.high) }})</span>
    </p>
    <p class="small">{{ verdict }}</p>
  </div>
</template>

<style scoped>
.wordings {
  margin-top: 10px;
  padding-inline-start: 12px;
  border-inline-start: 3px solid rgb(var(--v-theme-primary), 0.4);
}
</style>
