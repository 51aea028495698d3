<script setup lang="ts">
import { computed, ref, watch } from 'vue'
import type { FiguresState } from '../../contracts/studio'
import { api, Declined } from '../api'
import { latest } from '../latest'
import { useStudio } from '../open/useStudio'

/** What came of a product, month by month of those who began, over what was rehearsed. */
const props = defineProps<{ product: string; kept: number[] }>()
const emit = defineEmits<{ came: [found: { people: number[]; paid: number[] }] }>()
const studio = useStudio()
const set = ref<'sandbox' | 'live'>(studio.state.value?.app.liveRevision ? 'live' : 'sandbox')
const state = ref<FiguresState | null>(null)
const trouble = ref('')
const begin = latest()

watch(
  [set, () => props.product, () => studio.changes.value],
  async () => {
    const isLatest = begin()
    try {
      const found = await api.get<FiguresState>(`apps/${studio.app}/figures/${set.value}?${new URLSearchParams({ product: props.product })}`)
      if (!isLatest()) return
      trouble.value = ''
      state.value = found
      emit('came', { people: found.months.map((month) => month.people), paid: found.months.map((month) => month.paid) })
    } catch (error) {
      if (isLatest()) trouble.value = error instanceof Declined ? error.message : String(error)
    }
  },
  { immediate: true },
)

/** As many months of age as any of them has reached. */
const ages = computed(() => Math.max(0, ...(state.value?.cohorts ?? []).map((cohort) => cohort.kept.length)))
const percent = (part: number, of: number) => `${Math.round((100 * part) / of)} %`
const month = (key: string) => {
  const [year, at] = key.split('-').map(Number)
  return new Date(Date.UTC(year, at - 1, 1)).toLocaleDateString('en-GB', { month: 'long', year: 'numeric', timeZone: 'UTC' })
}
/** How much more or less of them stayed than was rehearsed: a shade, and the figure says the same. */
const shade = (share: number, age: number) => {
  const expected = props.kept[age]
  if (expected === undefined) return {}
  const far = Math.max(-1, Math.min(1, (share - expected) / 0.3))
  return { background: `rgb(var(--v-theme-${far < 0 ? 'warning' : 'primary'}), ${(Math.abs(far) * 0.28).toFixed(2)})` }
}
</script>

<template>
  <h2 class="people-head">What came</h2>
  <div class="grid-bar">
    <span class="small grow">Those who began in a month, and how many of them still have it so many months later.</span>
    <v-btn-toggle v-model="set" mandatory density="compact" rounded="pill" color="primary" variant="outlined" aria-label="Of which data set">
      <v-btn value="sandbox" size="small">Sandbox</v-btn>
      <v-btn value="live" size="small" :disabled="!studio.state.value?.app.liveRevision">Live</v-btn>
    </v-btn-toggle>
  </div>
  <p v-if="trouble" class="fault" role="alert">{{ trouble }}</p>
  <p v-else-if="!state" class="quiet-note" role="status">The purchases are counted …</p>
  <p v-else-if="!state.cohorts.length" class="quiet-note">
    Nobody has bought it {{ set === 'live' ? 'in the live app' : 'in the sandbox' }} yet. As soon as somebody does, it stands here beside the rehearsal.
  </p>
  <div v-else class="triangle" tabindex="0" role="region" aria-label="Who stayed, by the month in which they began">
    <table>
      <thead>
        <tr>
          <th scope="col">began in</th>
          <th scope="col">people</th>
          <th v-for="n in ages" :key="n" scope="col">{{ n === 1 ? 'a month later' : n }}</th>
        </tr>
      </thead>
      <tbody>
        <tr v-for="cohort in state.cohorts" :key="cohort.month">
          <th scope="row">{{ month(cohort.month) }}</th>
          <td>{{ cohort.began }}</td>
          <td v-for="(kept, n) in cohort.kept" :key="n" :style="shade(kept / cohort.began, n)" :title="`${kept} of ${cohort.began}`">
            {{ percent(kept, cohort.began) }}
          </td>
        </tr>
        <tr class="expected">
          <th scope="row">rehearsed</th>
          <td></td>
          <td v-for="n in ages" :key="n">{{ kept[n - 1] === undefined ? '' : percent(kept[n - 1], 1) }}</td>
        </tr>
      </tbody>
    </table>
    <p v-if="!ages" class="small">None of them is older than a month yet.</p>
  </div>
</template>

<style scoped>
.triangle {
  overflow-x: auto;
  margin: 8px 0 20px;
}

.triangle table {
  border-collapse: collapse;
  font-variant-numeric: tabular-nums;
}

.triangle th,
.triangle td {
  padding: 5px 10px;
  text-align: end;
  font-weight: 400;
  white-space: nowrap;
}

.triangle th[scope='row'] {
  text-align: start;
}

.triangle thead th {
  font-size: 0.8rem;
  opacity: 0.8;
}

.triangle .expected > * {
  border-top: 1px solid rgb(var(--v-theme-on-surface), 0.3);
  font-style: italic;
}
</style>
