<script setup lang="ts">
import { computed } from 'vue'
import type { ReachDay } from '../../contracts/studio'

/** People on each day, and of them those who came for the first time. */
const props = defineProps<{ days: ReachDay[] }>()
const most = computed(() => Math.max(1, ...props.days.map((one) => one.people)))
const high = (count: number) => `${(100 * count) / most.value}%`
const firsts = (one: ReachDay) => (one.people ? `${(100 * one.new) / one.people}%` : '0')
const name = (day: string) => new Date(`${day}T12:00:00Z`).toLocaleDateString('en-GB', { day: 'numeric', month: 'long', timeZone: 'UTC' })
const said = (one: ReachDay) => `${name(one.day)}: ${one.people} came, ${one.new} of them for the first time, ${one.visits} visits`
</script>

<template>
  <figure class="day-bars">
    <figcaption class="small">
      <span class="key" aria-hidden="true" /> people on a day <span class="key new" aria-hidden="true" /> of them for the first time
    </figcaption>
    <ol>
      <li v-for="one in days" :key="one.day" tabindex="0" :aria-label="said(one)" :title="said(one)">
        <span class="bar" :style="{ height: high(one.people) }"><span class="bar new" :style="{ height: firsts(one) }" /></span>
      </li>
    </ol>
    <p class="ends small">
      <span>{{ name(days[0].day) }}</span
      ><span>most on a day: {{ most.toLocaleString('en') }}</span
      ><span>today</span>
    </p>
  </figure>
</template>

<style scoped>
.day-bars {
  margin: 16px 0 24px;
}

.day-bars ol {
  display: flex;
  align-items: flex-end;
  gap: 3px;
  height: 150px;
  padding: 0;
  list-style: none;
  border-bottom: 1px solid rgb(var(--v-theme-on-surface), 0.35);
}

.day-bars li {
  flex: 1;
  height: 100%;
  display: flex;
  align-items: flex-end;
}

.bar {
  display: flex;
  align-items: flex-end;
  width: 100%;
  background: rgb(var(--v-theme-primary), 0.45);
  border-radius: 3px 3px 0 0;
}

.bar.new {
  background: rgb(var(--v-theme-primary));
}

.day-bars li:hover .bar,
.day-bars li:focus-visible .bar {
  outline: 2px solid rgb(var(--v-theme-on-surface));
}

.key {
  display: inline-block;
  width: 12px;
  height: 12px;
  border-radius: 3px;
  background: rgb(var(--v-theme-primary), 0.45);
}

.key.new {
  margin-inline-start: 14px;
  background: rgb(var(--v-theme-primary));
}

.ends {
  display: flex;
  justify-content: space-between;
}
</style>
