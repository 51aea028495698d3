<script setup lang="ts">
import { computed, ref } from 'vue'
import type { AdvertFigures } from '../../contracts/studio'

/** What adverts brought on each day, or from each country. */
const props = defineProps<{ byDay: AdvertFigures[]; byCountry: AdvertFigures[] }>()
const by = ref<'day' | 'country'>('day')
const rows = computed(() => (by.value === 'day' ? props.byDay : props.byCountry))
const countries = new Intl.DisplayNames('en', { type: 'region' })
const day = (of: string) => new Date(`${of}T12:00:00Z`).toLocaleDateString('en-GB', { day: 'numeric', month: 'long', timeZone: 'UTC' })
const country = (of: string) => (of ? (countries.of(of) ?? of) : 'not known')
const named = (of: string) => (by.value === 'day' ? day(of) : country(of))
const share = (part: number, of: number) => (of ? `${((100 * part) / of).toFixed(part / of < 0.1 ? 1 : 0)} %` : '–')
const money = (one: AdvertFigures, value: number) => value.toLocaleString('en', { style: 'currency', currency: one.currency, maximumFractionDigits: 3 })
</script>

<template>
  <div v-if="byDay.length" class="sums">
    <div class="grid-bar">
      <h2 class="people-head grow">{{ by === 'day' ? 'Day by day' : 'Country by country' }}</h2>
      <v-btn-toggle v-model="by" mandatory density="compact" rounded="pill" color="primary" variant="outlined" aria-label="Summed up by">
        <v-btn value="day" size="small">By day</v-btn>
        <v-btn value="country" size="small">By country</v-btn>
      </v-btn-toggle>
    </div>
    <table>
      <thead>
        <tr>
          <th scope="col">{{ by }}</th>
          <th scope="col" class="sum">asked for</th>
          <th scope="col" class="sum">came</th>
          <th scope="col" class="sum">seen</th>
          <th scope="col" class="sum">tapped</th>
          <th scope="col" class="sum">a thousand</th>
          <th scope="col" class="sum">earned</th>
        </tr>
      </thead>
      <tbody>
        <tr v-for="(one, i) in rows" :key="i">
          <th scope="row">{{ named(one.of) }}</th>
          <td class="sum">{{ one.asked.toLocaleString('en') }}</td>
          <td class="sum">{{ share(one.filled, one.asked) }}</td>
          <td class="sum">{{ one.seen.toLocaleString('en') }}</td>
          <td class="sum">{{ share(one.clicked, one.seen) }}</td>
          <td class="sum">{{ one.seen ? money(one, (1000 * one.earned) / one.seen) : '–' }}</td>
          <td class="sum">{{ money(one, one.earned) }}</td>
        </tr>
      </tbody>
    </table>
  </div>
</template>

<style scoped>
.sums table {
  width: 100%;
  border-collapse: collapse;
  margin: 8px 0 20px;
  font-variant-numeric: tabular-nums;
}

.sums th,
.sums td {
  text-align: start;
  padding: 5px 12px 5px 0;
  border-bottom: 1px solid rgb(var(--v-theme-on-surface), 0.12);
  font-weight: 400;
}

.sums thead th {
  font-size: 0.8rem;
  opacity: 0.8;
}

.sums .sum {
  text-align: end;
}
</style>
