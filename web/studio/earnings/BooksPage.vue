<script setup lang="ts">
import { computed, ref, watch } from 'vue'
import type { BooksState } from '../../contracts/studio'
import { api, Declined } from '../api'
import { latest } from '../latest'
import { useStudio } from '../open/useStudio'

const studio = useStudio()
const set = ref<'sandbox' | 'live'>('sandbox')
const period = ref('')
const state = ref<BooksState | null>(null)
const trouble = ref('')
const found = ref('')
const begin = latest()
const path = computed(() => `apps/${studio.app}/books/${set.value}`)

async function load() {
  const isLatest = begin()
  trouble.value = found.value = ''
  try {
    const books = await api.get<BooksState>(`${path.value}?${new URLSearchParams({ period: period.value })}`)
    if (!isLatest()) return
    state.value = books
    period.value = books.period
  } catch (error) {
    if (isLatest()) trouble.value = error instanceof Declined ? error.message : String(error)
  }
}
watch([set, period, () => studio.changes.value], load, { immediate: true })

async function check() {
  found.value = 'Every entry is worked out anew …'
  try {
    const { wrong } = await api.post<{ wrong: string[] }>(`${path.value}/check`)
    found.value = wrong.length ? wrong.join(' ') : 'Every entry balances, and the books are those of the purchases.'
  } catch (error) {
    found.value = error instanceof Declined ? error.message : String(error)
  }
}
const journal = computed(() => `/api/${path.value}/journal.csv?${new URLSearchParams({ period: period.value })}`)
</script>

<template>
  <h1>Books</h1>
  <div class="grid-bar">
    <label class="small"
      >Of
      <select v-model="period" class="roll-only" aria-label="Month, quarter or year">
        <option v-for="p in state?.periods ?? []" :key="p.key" :value="p.key">{{ p.name }}</option>
      </select></label
    >
    <span class="grow" />
    <v-btn-toggle v-model="set" mandatory density="compact" rounded="pill" color="primary" variant="outlined" aria-label="Data set">
      <v-btn value="sandbox" size="small">Sandbox</v-btn>
      <v-btn value="live" size="small" :disabled="!studio.state.value?.app.liveRevision">Live</v-btn>
    </v-btn-toggle>
  </div>
  <p v-if="trouble" class="fault" role="alert">{{ trouble }}</p>
  <template v-if="state">
    <p v-if="!state.accounts.length" class="quiet-note">Nothing was paid, earned or given back in {{ state.inWords }}.</p>
    <template v-else>
      <table class="books">
        <caption>
          What went through each account in {{ state.inWords }}
        </caption>
        <thead>
          <tr>
            <th scope="col">account</th>
            <th scope="col" class="sum">debit</th>
            <th scope="col" class="sum">credit</th>
            <th scope="col">currency</th>
          </tr>
        </thead>
        <tbody>
          <tr v-for="(a, i) in state.accounts" :key="i">
            <th scope="row">{{ a.account }}</th>
            <td class="sum">{{ a.debit }}</td>
            <td class="sum">{{ a.credit }}</td>
            <td>{{ a.currency }}</td>
          </tr>
        </tbody>
      </table>
      <table v-if="state.taxes.length" class="books">
        <caption>
          Tax that you owe, by the country of the buyers: for the one-stop shop, each quarter
        </caption>
        <thead>
          <tr>
            <th scope="col">country</th>
            <th scope="col" class="sum">rate</th>
            <th scope="col" class="sum">without tax</th>
            <th scope="col" class="sum">tax</th>
            <th scope="col">currency</th>
          </tr>
        </thead>
        <tbody>
          <tr v-for="(t, i) in state.taxes" :key="i">
            <th scope="row">{{ t.country }}</th>
            <td class="sum">{{ t.rate }} %</td>
            <td class="sum">{{ t.net }}</td>
            <td class="sum">{{ t.tax }}</td>
            <td>{{ t.currency }}</td>
          </tr>
        </tbody>
      </table>
      <p v-else class="small">You owe no tax office anything of it: the stores that sold it do.</p>
    </template>
    <div class="page-end">
      <v-btn :href="journal" size="small" variant="tonal" color="primary" :disabled="!state.accounts.length">The journal, for your accountant</v-btn>
      <v-btn size="small" variant="text" @click="check">Check the books</v-btn>
    </div>
    <p v-if="found" class="small" role="status">{{ found }}</p>
    <p class="small">
      A month begins and ends by UTC. The rates of tax are those that Lanai knows by heart; have them checked before you declare anything. Tax for buyers in
      your own country belongs in your own declaration.
    </p>
  </template>
  <p v-else-if="!trouble" class="quiet-note" role="status">The books are opened …</p>
</template>

<style scoped>
.books {
  width: 100%;
  border-collapse: collapse;
  margin: 12px 0 26px;
  font-variant-numeric: tabular-nums;
}

.books caption {
  text-align: start;
  font-weight: 600;
  padding-bottom: 6px;
}

.books th,
.books td {
  text-align: start;
  padding: 5px 12px 5px 0;
  border-bottom: 1px solid rgb(var(--v-theme-on-surface), 0.12);
  font-weight: 400;
}

.books thead th {
  font-size: 0.8rem;
  opacity: 0.8;
}

.books .sum {
  text-align: end;
}
</style>
