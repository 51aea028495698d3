<script setup lang="ts">
import { computed } from 'vue'
import type { CameBack } from '../../contracts/studio'
import { useStudio } from '../open/useStudio'
import CountTable from './CountTable.vue'
import DayBars from './DayBars.vue'
import { useReach } from './useReach'

const studio = useStudio()
const { set, state, trouble, load } = useReach()

const sum = (key: 'people' | 'visits' | 'new') => (state.value?.days ?? []).reduce((all, day) => all + day[key], 0)
const nobody = computed(() => sum('visits') === 0)
const number = (count: number) => count.toLocaleString('en')
const people = (count: number) => (count === 1 ? 'one person' : `${number(count)} people`)
const percent = (share: number) => `${Math.round(100 * share)} %`
const later = (after: number) => ({ 1: 'the next day', 7: 'a week later', 30: 'thirty days later' })[after] ?? `${after} days later`
const came = (one: CameBack) => (one.of ? percent(one.came / one.of) : '–')
const screens = computed(() => (state.value?.screens ?? []).map((one) => ({ name: one.screen, count: one.count, at: one.at })))
const taps = computed(() => (state.value?.taps ?? []).map((one) => ({ name: `${one.line}, on ${one.screen}`, count: one.count })))
const ways = computed(() => (state.value?.ways ?? []).map((one) => ({ name: `${one.from} → ${one.to}`, count: one.count })))
</script>

<template>
  <h1>Who comes</h1>
  <div class="grid-bar">
    <span class="small grow"
      >Counted by the app itself, by day; days are those of UTC. A device is a person here: somebody with two counts twice. Nobody else hears of it, and what
      one person did is not kept.</span
    >
    <v-btn-toggle v-model="set" mandatory density="compact" rounded="pill" color="primary" variant="outlined" aria-label="Data set">
      <v-btn value="sandbox" size="small">Sandbox</v-btn>
      <v-btn value="live" size="small" :disabled="!studio.state.value?.app.liveRevision">Live</v-btn>
    </v-btn-toggle>
  </div>
  <p v-if="trouble" class="fault" role="alert">{{ trouble }} <button class="link" @click="load">Try again</button></p>
  <p v-else-if="!state" class="quiet-note" role="status">They are counted …</p>
  <p v-else-if="nobody" class="quiet-note">
    Nobody has come in the last 30 days. Open the app on a phone (“On my phone”, at the top): whoever looks at it there is counted within half a minute. In the
    deck nobody is.
  </p>
  <template v-else>
    <p class="said">
      <strong>{{ sum('visits') === 1 ? 'One visit' : `${number(sum('visits'))} visits` }}</strong> in the last 30 days, and
      <strong>{{ people(sum('new')) }}</strong> came for the first time. In this week {{ people(state.week) }} came, in this month {{ number(state.month) }}.
    </p>
    <DayBars :days="state.days" />
    <h2 class="people-head">Who comes back</h2>
    <ul class="back">
      <li v-for="one in state.back" :key="one.after">
        <template v-if="one.of">
          <strong>{{ came(one) }}</strong> {{ later(one.after) }}
          <span class="small">{{ number(one.came) }} of {{ number(one.of) }}; so sure: {{ percent(one.low) }} to {{ percent(one.high) }}</span>
        </template>
        <template v-else>
          <strong>–</strong> {{ later(one.after) }}
          <span class="small">nobody’s first day is {{ one.after === 1 ? 'a day' : `${one.after} days` }} ago yet</span>
        </template>
      </li>
    </ul>
    <p class="small">
      Of those who came for the first time: how many came on exactly that day after it. Nineteen of twenty times what is true lies between the two figures.
    </p>
    <div class="tables">
      <CountTable title="Screens" :rows="screens" none="None was looked at." @open="studio.goTo($event, 'screens')" />
      <CountTable title="From screen to screen" :rows="ways" none="Nobody went on from one to another." />
      <CountTable title="What is tapped" :rows="taps" none="Nothing was tapped." />
      <CountTable title="Where they come from" :rows="state.sources" none="Not known: add “?from=a-word” to the address that you give away." />
    </div>
    <p class="small">
      Let people choose: the effects “do not count me” and “count me”, as in the settings. Whose browser says so (Global Privacy Control, do not track) is
      never counted.
    </p>
  </template>
</template>

<style scoped>
.said {
  margin-top: 20px;
  font: 400 1.25rem/1.7 var(--reading);
}

.back {
  display: flex;
  flex-wrap: wrap;
  gap: 8px 40px;
  padding: 0;
  list-style: none;
}

.back strong {
  font-size: 1.5rem;
}

.back .small {
  display: block;
  margin-bottom: 8px;
}

.tables {
  display: grid;
  grid-template-columns: repeat(auto-fit, minmax(260px, 1fr));
  gap: 8px 40px;
  margin-top: 16px;
}
</style>
