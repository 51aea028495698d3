<script setup lang="ts">
import { computed, ref, watch } from 'vue'
import type { PayoutsState } from '../../contracts/studio'
import { api, Declined } from '../api'
import { latest } from '../latest'
import { useStudio } from '../open/useStudio'

const studio = useStudio()
const set = ref<'sandbox' | 'live'>('sandbox')
const state = ref<PayoutsState | null>(null)
const trouble = ref('')
const said = ref('')
const asking = ref(false)
const begin = latest()
const path = computed(() => `apps/${studio.app}/payouts/${set.value}`)

async function does(call: () => Promise<PayoutsState>) {
  const isLatest = begin()
  trouble.value = said.value = ''
  try {
    const found = await call()
    if (isLatest()) state.value = found
    return isLatest()
  } catch (error) {
    if (isLatest()) trouble.value = error instanceof Declined ? error.message : String(error)
    return false
  }
}
watch(set, () => does(() => api.get<PayoutsState>(path.value)), { immediate: true })

async function ask(now: boolean) {
  const before = state.value?.payouts.length ?? 0
  asking.value = true
  if (await does(() => api.post<PayoutsState>(path.value, { now }))) {
    const nothing = now ? 'There was nothing to pay out.' : 'They have paid nothing since.'
    if (!state.value!.troubles.length && state.value!.payouts.length === before) said.value = nothing
  }
  asking.value = false
}
async function keep() {
  const { bank, rates } = state.value!
  if (await does(() => api.patch<PayoutsState>(path.value, { bank, rates }))) said.value = 'Kept. It holds for what is paid out from now on.'
}
const add = () => state.value!.rates.push({ currency: '', rate: '', from: new Date().toISOString().slice(0, 10) })
const day = (at: string) => new Date(at).toLocaleDateString('en-GB', { day: 'numeric', month: 'long', year: 'numeric', timeZone: 'UTC' })
const less = (difference: string) => difference.startsWith('-')
</script>

<template>
  <h1>Paid to you</h1>
  <div class="grid-bar">
    <span class="small grow">What the tills and the network of adverts have sent to your bank, each payout held against the books.</span>
    <v-btn-toggle v-model="set" mandatory density="compact" rounded="pill" color="primary" variant="outlined" aria-label="Data set">
      <v-btn value="sandbox" size="small">Sandbox</v-btn>
      <v-btn value="live" size="small" :disabled="!studio.state.value?.app.liveRevision">Live</v-btn>
    </v-btn-toggle>
  </div>
  <p v-if="trouble" class="fault" role="alert">{{ trouble }}</p>
  <p v-if="!state && !trouble" class="quiet-note" role="status">What was paid out is looked up …</p>
  <template v-if="state">
    <p v-for="t in state.troubles" :key="t" class="fault" role="alert">{{ t }}</p>
    <p v-if="!state.payouts.length" class="quiet-note">
      Nothing was paid out yet. They pay each month; Lanai asks them each day.
    </p>
    <ol v-else class="payouts">
      <li v-for="(p, i) in state.payouts" :key="i" :class="{ differs: p.differs.length }">
        <p class="payout">
          <strong>{{ p.paid }} {{ p.bank }}</strong> from {{ p.till }} on {{ day(p.at) }}
          <template v-if="p.bank !== p.currency">for {{ p.total }} {{ p.currency }}</template>
        </p>
        <p class="small">
          {{ p.adverts ? 'For adverts.' : p.purchases === 1 ? 'One purchase.' : `${p.purchases} purchases.` }}
          <template v-if="p.difference">
            {{ p.difference.replace('-', '') }} {{ p.bank }} {{ less(p.difference) ? 'less' : 'more' }} than by your rate: it stands under “currency
            difference”.
          </template>
          <template v-if="!p.differs.length">{{ p.adverts ? 'It is what was counted here.' : 'The books say the same.' }}</template>
        </p>
        <ul v-if="p.differs.length" class="small">
          <li v-for="d in p.differs" :key="d">{{ d }}</li>
          <li v-if="p.more">And {{ p.more }} more.</li>
        </ul>
      </li>
    </ol>
    <div class="page-end">
      <v-btn size="small" variant="tonal" color="primary" :loading="asking" @click="ask(true)">Have it paid out now</v-btn>
      <v-btn size="small" variant="text" :disabled="asking" @click="ask(false)">Ask what was paid</v-btn>
    </div>
    <p v-if="said" class="small" role="status">{{ said }}</p>
    <h2 class="people-head">Your bank</h2>
    <form class="gift rates" @submit.prevent="keep">
      <p>
        Its account is in
        <select v-model="state.bank" class="roll-only" aria-label="Currency of your bank">
          <option v-for="c in state.currencies" :key="c">{{ c }}</option></select
        >.
        <span class="small">Where people pay in another currency, your own rates say what should come, and the books name the difference.</span>
      </p>
      <p v-for="(r, i) in state.rates" :key="i">
        From <input v-model="r.from" type="date" class="grid-search" required aria-label="From which day" /> on one
        <select v-model="r.currency" class="roll-only" required aria-label="Currency">
          <option v-for="c in state.currencies" :key="c">{{ c }}</option>
        </select>
        is
        <input v-model="r.rate" class="grid-search rate" required inputmode="decimal" pattern="\d{1,7}(\.\d{1,9})?" placeholder="1.05" aria-label="Rate" />
        {{ state.bank }}.
        <button type="button" class="link" :aria-label="`Leave out the rate of ${r.currency}`" @click="state.rates.splice(i, 1)">Leave it out</button>
      </p>
      <p class="ends">
        <button type="button" class="link" @click="add">Another rate</button>
        <v-btn type="submit" size="small" variant="tonal" color="primary">Keep it</v-btn>
      </p>
    </form>
  </template>
</template>

<style scoped>
.payouts {
  list-style: none;
  padding: 0;
}

.payouts > li {
  padding: 10px 0 10px 18px;
  border-bottom: 1px solid rgb(var(--v-theme-on-surface), 0.12);
  border-inline-start: 4px solid rgb(var(--v-theme-primary));
}

.payouts > .differs {
  border-inline-start-color: rgb(var(--v-theme-warning, 176, 112, 20));
}

.payout {
  font-variant-numeric: tabular-nums;
}

.rates {
  flex-direction: column;
  align-items: start;
}

.rates .ends {
  display: flex;
  gap: 18px;
  align-items: center;
}

.rates .rate {
  width: 7em;
}
</style>
