<script setup lang="ts">
import type { FunnelState, FunnelStepState } from '../../contracts/studio'

/** A way as steps that go down to the water: each as wide as came to it, with what was lost beside it. */
const props = defineProps<{ funnel: FunnelState }>()
const first = () => props.funnel.steps[0]?.came ?? 0
const part = (came: number) => (first() ? Math.min(1, came / first()) : 0)
const percent = (share: number) => `${Math.round(100 * share)} %`
const visits = (count: number) => (count === 1 ? 'one visit' : `${count.toLocaleString('en')} visits`)
const lost = (n: number) => Math.max(0, (props.funnel.steps[n - 1]?.came ?? 0) - props.funnel.steps[n].came)
function time(seconds: number): string {
  if (seconds < 90) return `${seconds} s`
  return seconds < 5400 ? `${Math.round(seconds / 60)} min` : `${Math.round(seconds / 3600)} h`
}
function said(step: FunnelStepState): string {
  const took = step.seconds === null ? '' : `, ${time(step.seconds)} on average`
  return `${percent(part(step.came))} of those who began (so sure: ${percent(step.low)} to ${percent(step.high)})${took}`
}
</script>

<template>
  <ol class="steps" :aria-label="funnel.name">
    <li v-for="(step, n) in funnel.steps" :key="n">
      <p v-if="n && lost(n)" class="lost small">{{ visits(lost(n)) }} went no further</p>
      <span class="step-bar" aria-hidden="true" :style="{ width: `${Math.max(1, 100 * part(step.came))}%` }" />
      <p>
        <strong>{{ step.words }}</strong> {{ visits(step.came) }}
        <span v-if="n && first()" class="small">{{ said(step) }}</span>
      </p>
    </li>
  </ol>
</template>

<style scoped>
.steps {
  padding: 0;
  list-style: none;
}

.steps li {
  padding-block: 4px;
}

.step-bar {
  display: block;
  height: 22px;
  border-radius: 4px;
  background: linear-gradient(rgb(var(--v-theme-primary)), rgb(var(--v-theme-primary), 0.7));
}

.lost {
  padding-inline-start: 12px;
  border-inline-start: 3px solid rgb(var(--v-theme-on-surface), 0.25);
}
</style>
