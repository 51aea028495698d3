<script setup lang="ts">
import { ref, watch } from 'vue'
import type { AdvertPlace, AdvertsState } from '../../contracts/studio'
import { api, Declined } from '../api'
import { latest } from '../latest'
import { useStudio } from '../open/useStudio'
import ProseLines from '../prose/ProseLines.vue'
import AdvertForecast from './AdvertForecast.vue'

const studio = useStudio()
const set = ref<'sandbox' | 'live'>(studio.state.value?.app.liveRevision ? 'live' : 'sandbox')
const state = ref<AdvertsState | null>(null)
const trouble = ref('')
const begin = latest()

async function load() {
  const isLatest = begin()
  try {
    const found = await api.get<AdvertsState>(`apps/${studio.app}/adverts/${set.value}`)
    if (isLatest()) [state.value, trouble.value] = [found, '']
  } catch (error) {
    if (isLatest()) trouble.value = error instanceof Declined ? error.message : String(error)
  }
}
watch([set, () => studio.state.value?.revision.number, () => studio.changes.value], load, { immediate: true })

const count = (value: number) => value.toLocaleString('en')
const share = (part: number, of: number) => (of ? `${((100 * part) / of).toFixed(part / of < 0.1 ? 1 : 0)} %` : '–')
const money = (p: AdvertPlace, value: number) => value.toLocaleString('en', { style: 'currency', currency: p.currency, maximumFractionDigits: 3 })
</script>

<template>
  <h1>Adverts</h1>
  <div v-if="!studio.state.value?.adverts.length" class="quiet-note">
    <p>
      There are none. Lanai writes what they need: their rules (nobody who pays sees one, so many an hour, none in the first visits) and a screen that asks
      people whether adverts may be about them. You change what you like, and then say where they stand: “Advert” and a name, on any screen.
    </p>
    <v-btn class="mt-3" color="primary" @click="studio.edit({ do: 'letAdvertsIn' })">Let adverts in</v-btn>
  </div>
  <template v-else>
    <ProseLines :lines="studio.state.value.adverts" root="/adverts" />
    <div class="grid-bar">
      <span class="small grow"
        >Nothing of a network comes to a phone: it is asked from here, with a country and a language, and with nothing about the person unless they
        allow it.</span
      >
      <v-btn-toggle v-model="set" mandatory density="compact" rounded="pill" color="primary" variant="outlined" aria-label="Data set">
        <v-btn value="sandbox" size="small">Sandbox</v-btn>
        <v-btn value="live" size="small" :disabled="!studio.state.value?.app.liveRevision">Live</v-btn>
      </v-btn-toggle>
    </div>
    <p v-if="trouble" class="fault" role="alert">{{ trouble }}</p>
    <p v-else-if="!state" class="quiet-note" role="status">The adverts are counted …</p>
    <p v-else-if="!state.places.length" class="quiet-note">
      No advert stands anywhere yet. On a screen write “Advert Below, as a strip”, or let a list have one “with an advert after every 8”.
    </p>
    <table v-else class="places">
      <caption>
        In the last
        {{
          state.days
        }}
        days
      </caption>
      <thead>
        <tr>
          <th scope="col">place</th>
          <th scope="col">screen</th>
          <th scope="col" class="sum">asked for</th>
          <th scope="col" class="sum">came</th>
          <th scope="col" class="sum">seen</th>
          <th scope="col" class="sum">tapped</th>
          <th scope="col" class="sum">a thousand</th>
          <th scope="col" class="sum">earned</th>
        </tr>
      </thead>
      <tbody>
        <tr v-for="(p, i) in state.places" :key="i">
          <th scope="row">{{ p.name }}</th>
          <td>{{ p.screen || 'not there any more' }}</td>
          <td class="sum">{{ count(p.asked) }}</td>
          <td class="sum">{{ share(p.filled, p.asked) }}</td>
          <td class="sum">{{ count(p.seen) }}</td>
          <td class="sum">{{ share(p.clicked, p.seen) }}</td>
          <td class="sum">{{ p.seen ? money(p, (1000 * p.earned) / p.seen) : '–' }}</td>
          <td class="sum">{{ money(p, p.earned) }}</td>
        </tr>
      </tbody>
    </table>
    <p class="small">Seen is what half of was in sight for a second; it is paid then. A tap counts once.</p>
    <AdvertForecast />
    <p v-if="state?.bunting" class="small">
      Bunting is an exchange for practice: its advertisers are made up, and no money moves.
      <a :href="state.bunting" target="_blank" rel="noopener">See what it does, and let it go wrong</a>. A real exchange takes its place by
      an address and a key.
    </p>
  </template>
</template>

<style scoped>
.places {
  width: 100%;
  border-collapse: collapse;
  margin: 12px 0 20px;
  font-variant-numeric: tabular-nums;
}

.places caption {
  text-align: start;
  font-weight: 600;
  padding-bottom: 6px;
}

.places th,
.places td {
  text-align: start;
  padding: 5px 12px 5px 0;
  border-bottom: 1px solid rgb(var(--v-theme-on-surface), 0.12);
  font-weight: 400;
}

.places thead th {
  font-size: 0.8rem;
  opacity: 0.8;
}

.places .sum {
  text-align: end;
}
</style>
