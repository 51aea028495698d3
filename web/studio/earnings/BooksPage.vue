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
const blanks = [
  { key: 'name', label: 'Name' },
  { key: 'street', label: 'Street' },
  { key: 'code', label: 'Postal code' },
  { key: 'city', label: 'City' },
  { key: 'country', label: 'Country, in two letters' },
  { key: 'vat', label: 'VAT number' },
] as const
const saved = ref('')
async function keepSeller() {
  saved.value = ''
  try {
    const { seller } = await api.patch<Pick<BooksState, 'seller'>>(`${path.value}/seller`, state.value!.seller)
    state.value = { ...state.value!, seller }
    saved.value = 'Kept. Receipts name you so from now on.'
  } catch (error) {
    saved.value = error instanceof Declined ? error.message : String(error)
  }
}

/** The receipt of which an invoice is wanted; 0 for none. */
const invoiced = ref(0)
const company = ref({ buyer: '', vat: '', country: '' })
async function invoice() {
  saved.value = ''
  const address = `/api/${path.value}/receipts/${invoiced.value}.xml?${new URLSearchParams(company.value)}`
  const answer = await fetch(address, { headers: { Accept: 'application/json' } })
  if (!answer.ok) {
    saved.value = ((await answer.json().catch(() => null)) as { message?: string } | null)?.message ?? 'The invoice could not be made.'
    return
  }
  const link = document.createElement('a')
  link.href = URL.createObjectURL(await answer.blob())
  link.download = `invoice-${invoiced.value}.xml`
  link.click()
  URL.revokeObjectURL(link.href)
  invoiced.value = 0
}
const day = (at: string) => new Date(at).toLocaleDateString('en-GB', { day: 'numeric', month: 'long', timeZone: 'UTC' })
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
    <h2 class="people-head">Receipts</h2>
    <p v-if="!state.receipts.length" class="small">
      None in {{ state.inWords }}. Whoever pays by card is sent one, numbered without gaps; stores sell in their own name and send their own.
    </p>
    <template v-else>
      <p v-if="state.receiptsInAll > state.receipts.length" class="small">The last {{ state.receipts.length }} of {{ state.receiptsInAll }}.</p>
      <table class="books">
        <thead>
          <tr>
            <th scope="col">number</th>
            <th scope="col">day</th>
            <th scope="col">to</th>
            <th scope="col">what</th>
            <th scope="col" class="sum">with tax</th>
            <th scope="col" aria-label="as a file" />
          </tr>
        </thead>
        <tbody>
          <tr v-for="r in state.receipts" :key="r.number">
            <th scope="row">{{ r.number }}{{ r.back ? ', credit note' : '' }}</th>
            <td>{{ day(r.at) }}</td>
            <td>{{ r.buyer || 'somebody who is gone' }}</td>
            <td>{{ r.item }}</td>
            <td class="sum">{{ r.back ? '−' : '' }}{{ r.gross }} {{ r.currency }}</td>
            <td class="files">
              <a :href="`/api/${path}/receipts/${r.number}.pdf`" target="_blank" rel="noopener" :aria-label="`Receipt ${r.number} as PDF`">PDF</a>
              <button class="link" :aria-label="`Receipt ${r.number} as an invoice for a company`" @click="invoiced = r.number">for a company</button>
            </td>
          </tr>
        </tbody>
      </table>
      <form v-if="invoiced" class="gift" @submit.prevent="invoice">
        Receipt {{ invoiced }} as an electronic invoice (EN 16931) for
        <input v-model="company.buyer" class="grid-search" required maxlength="200" placeholder="Name of the company" aria-label="Name of the company" />
        <input v-model="company.vat" class="grid-search" maxlength="20" placeholder="Its VAT number" aria-label="Its VAT number" />
        <input
          v-model="company.country"
          class="grid-search"
          required
          maxlength="2"
          pattern="[A-Z]{2}"
          placeholder="Country, such as DE"
          aria-label="Its country, in two letters"
        />
        <v-btn type="submit" size="small" variant="tonal" color="primary">Make it</v-btn>
        <button type="button" class="link" @click="invoiced = 0">Leave it</button>
      </form>
    </template>
    <details class="seller">
      <summary>Who sells, as receipts name you: {{ state.seller.name }}</summary>
      <form @submit.prevent="keepSeller">
        <label v-for="b in blanks" :key="b.key"
          >{{ b.label }} <input v-model="state.seller[b.key]" class="grid-search" maxlength="200" :required="b.key === 'name'"
        /></label>
        <v-btn type="submit" size="small" variant="tonal" color="primary">Keep it</v-btn>
      </form>
    </details>
    <p v-if="saved" class="small" role="status">{{ saved }}</p>
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

.books .files {
  display: flex;
  flex-wrap: wrap;
  gap: 4px 14px;
}

.seller {
  margin: 4px 0 18px;
}

.seller summary {
  cursor: pointer;
  padding: 8px 0;
}

.seller form {
  display: flex;
  flex-wrap: wrap;
  gap: 10px 16px;
  align-items: end;
  padding: 8px 0;
}

.seller label {
  display: flex;
  flex-direction: column;
  font-size: 0.85rem;
}

.books .sum {
  text-align: end;
}
</style>
