<script setup lang="ts">
import { computed, ref } from 'vue'
import type { Assumed, AssumedPlan } from '../../contracts/studio'
import { useStudio } from '../open/useStudio'
import BandChart from './BandChart.vue'
import NumberBlank from './NumberBlank.vue'
import { useRehearsal } from './useRehearsal'
import WhatCame from './WhatCame.vue'

const emit = defineEmits<{ open: [key: string] }>()
const studio = useStudio()
const { told, assumed, busy, trouble, ask } = useRehearsal()
const result = computed(() => told.value?.result ?? null)
const plans = computed(() => Object.values(assumed.value?.plans ?? {}))
const free = computed(() => plans.value.some((plan) => plan.freeDays > 0))

/** A blank, with what its slider moves over. */
interface Hand {
  label: string
  min: number
  max: number
  step: number
  get: () => number
  set: (value: number) => void
}
const hand = ref<Hand | null>(null)
/** How many people had it at the end of each month so far, and what was paid in it. */
const came = ref<{ people: number[]; paid: number[] }>({ people: [], paid: [] })
const isPlan = computed(() => assumed.value?.kind === 'subscription')
const lasts = computed(() => assumed.value?.kind !== 'kept')
const again = [
  { key: 'month', name: 'month' },
  { key: 'fortnight', name: 'two weeks' },
  { key: 'week', name: 'week' },
] as const
const byCard = computed(() => assumed.value?.stores.some((store) => store.key === 'card' && store.share > 0))
const byStore = computed(() => assumed.value?.stores.some((store) => store.key !== 'card' && store.share > 0))

function takeShare(of: { share: number }, label: string) {
  hand.value = { label, min: 0, max: 100, step: 1, get: () => of.share, set: (value) => (of.share = value) }
}
function addCountry() {
  const isNew = (country: { key: string }) => !assumed.value?.countries.some((one) => one.country === country.key)
  const all = told.value?.countries ?? []
  const free = ['AT', 'CH', 'FR', 'NL', 'GB', 'US'].map((key) => all.find((country) => country.key === key && isNew(country))).find(Boolean) ?? all.find(isNew)
  if (!free) return
  assumed.value!.countries.push({ country: free.key, name: free.name, share: 20, tax: 0 })
  void ask(true)
}
function leaveCountry(n: number) {
  assumed.value!.countries.splice(n, 1)
  void ask(true)
}
type Figure = Exclude<{ [K in keyof Assumed]: Assumed[K] extends number ? K : never }[keyof Assumed], undefined>
const blanks: Record<Figure, [label: string, min: number, max: number, step: number]> = {
  arrivals: ['People who arrive in a month', 0, 1000000, 10],
  first: ['Percent who leave in the first month', 0, 100, 0.5],
  later: ['Percent who leave in each month after a year', 0, 100, 0.5],
  stays: ['Percent who stay after the free days', 0, 100, 1],
  fails: ['Percent of payments that fail', 0, 100, 0.5],
  recovers: ['Percent of failed payments that come after all', 0, 100, 1],
  refunds: ['Percent who ask for their money back', 0, 100, 0.5],
  spent: ['What you spend before', 0, 1000000, 50],
  months: ['Months', 3, 60, 1],
}

function take(key: Figure) {
  const [label, min, max, step] = blanks[key]
  const now = assumed.value?.[key] ?? 0
  // A slider over a million could not be moved by ten.
  const reach = max > 1000 ? Math.max(100, 4 * now) : max
  hand.value = { label, min, max: reach, step, get: () => assumed.value?.[key] ?? 0, set: (value) => assumed.value && (assumed.value[key] = value) }
}
function takePlan(plan: AssumedPlan, key: 'share' | 'price' | 'freeDays', label: string, max: number, step: number) {
  const named = plan.at
  const found = () => plans.value.find((one) => one.at === named)
  // A price keeps its customary ending: 3.99, 4.09, 4.19.
  const min = key === 'price' ? Number((plan.asked % step).toFixed(2)) : 0
  hand.value = { label, min, max, step, get: () => found()?.[key] ?? 0, set: (value) => found() && (found()![key] = value) }
}

const money = (value: number) => {
  const { currency, digits } = result.value!
  const cents = value < 1000 ? digits : 0
  return value.toLocaleString('en', { style: 'currency', currency, minimumFractionDigits: cents, maximumFractionDigits: cents })
}
const people = (value: number) => Math.round(value).toLocaleString('en')
const month = (n: number) => {
  const [year, first] = result.value!.begins.split('-').map(Number)
  return new Date(Date.UTC(year, first - 1 + n, 1)).toLocaleDateString('en-GB', { month: 'long', year: 'numeric', timeZone: 'UTC' })
}
const last = <T,>(all: T[]): T => all[all.length - 1]
const every: Record<string, string> = { week: 'week', month: 'month', quarter: 'three months', half: 'half year', year: 'year' }
const spans = computed(() => (assumed.value?.months ?? 0) % 12 === 0 && (assumed.value?.months ?? 0) > 12)
const tried = computed(() => plans.value.filter((plan) => plan.price !== plan.asked))

async function write(plan: AssumedPlan) {
  const price = plan.price.toFixed(result.value?.digits ?? 2)
  trouble.value = await studio.fill(`${plan.at}/price`, price)
}
</script>

<template>
  <h1>Rehearsal</h1>
  <p v-if="trouble" class="fault" role="alert">{{ trouble }} <button class="link" @click="ask()">Try again</button></p>
  <div v-if="!told && !trouble" class="quiet-note" role="status">Made-up customers are living through it …</div>
  <p v-else-if="told && !assumed" class="quiet-note">
    There is nothing to rehearse yet. It takes a product with a price, or with plans whose blanks are filled, all in one currency.
    <button class="link" @click="emit('open', 'products')">To what is sold</button>
  </p>
  <template v-else-if="told && assumed && result">
    <p v-if="told.products.length > 1" class="small">
      <label
        >Of
        <select v-model="assumed.product" class="roll-only" @change="ask()">
          <option v-for="p in told.products" :key="p.key" :value="p.key">{{ p.name }}</option>
        </select></label
      >
    </p>
    <div class="rehearsal" @change="ask(true)">
      <p>
        Each month
        <NumberBlank v-model="assumed.arrivals" :label="blanks.arrivals[0]" :min="0" :max="1000000" :step="10" @hand="take('arrivals')" />
        people arrive.
        <template v-for="(plan, i) in plans" :key="plan.at">
          <NumberBlank
            v-model="plan.share"
            :label="`Percent who take ${plan.name}`"
            :min="0"
            :max="100"
            :step="0.5"
            unit=" %"
            @hand="takePlan(plan, 'share', `Percent who take ${plan.name}`, 30, 0.5)"
          />
          {{ isPlan ? 'take' : 'buy' }} {{ plan.name }}, at
          <NumberBlank
            v-model="plan.price"
            :label="`Price of ${plan.name}`"
            :min="0"
            :max="1000000"
            :step="0.01"
            :unit="` ${result.currency}`"
            @hand="takePlan(plan, 'price', `Price of ${plan.name}`, Math.max(1, Math.ceil(plan.asked * 3)), 0.1)"
          />
          <template v-if="isPlan">
            every {{ every[plan.every] }}, with
            <NumberBlank
              v-model="plan.freeDays"
              :label="`Free days of ${plan.name}`"
              :min="0"
              :max="365"
              :step="1"
              @hand="takePlan(plan, 'freeDays', `Free days of ${plan.name}`, 60, 1)"
            />
            free days</template
          >{{ i < plans.length - 1 ? '; ' : '. ' }}
        </template>
        <template v-if="assumed.kind === 'used'">
          They buy it again every
          <select v-model="assumed.again" class="number-blank" aria-label="How often they buy it again">
            <option v-for="a in again" :key="a.key" :value="a.key">{{ a.name }}</option></select
          >, until they do no more.
        </template>
        <template v-if="free">
          Of those with free days <NumberBlank v-model="assumed.stays" :label="blanks.stays[0]" :min="0" :max="100" :step="1" unit=" %" @hand="take('stays')" />
          stay and pay.
        </template>
        <template v-if="lasts">
          In their first month
          <NumberBlank v-model="assumed.first" :label="blanks.first[0]" :min="0" :max="100" :step="0.5" unit=" %" @hand="take('first')" />
        leave, then fewer and fewer, and after a year
        <NumberBlank v-model="assumed.later" :label="blanks.later[0]" :min="0" :max="100" :step="0.5" unit=" %" @hand="take('later')" />
        each month.
        </template>
        <template v-if="isPlan">
        <NumberBlank v-model="assumed.fails" :label="blanks.fails[0]" :min="0" :max="100" :step="0.5" unit=" %" @hand="take('fails')" />
        of payments fail, and
        <NumberBlank v-model="assumed.recovers" :label="blanks.recovers[0]" :min="0" :max="100" :step="1" unit=" %" @hand="take('recovers')" />
        of those come after all.
        </template>
        <NumberBlank v-model="assumed.refunds" :label="blanks.refunds[0]" :min="0" :max="100" :step="0.5" unit=" %" @hand="take('refunds')" />
        ask for their money back.
      </p>
      <p>
        It is sold through
        <template v-for="(store, i) in assumed.stores" :key="store.key"
          >{{ store.name }}:
          <NumberBlank
            v-model="store.share"
            :label="`Percent through ${store.name}`"
            :min="0"
            :max="100"
            :step="1"
            unit=" %"
            @hand="takeShare(store, `Percent through ${store.name}`)"
          />{{ i < assumed.stores.length - 1 ? '; ' : '. ' }}</template
        >
        People buy in
        <template v-for="(place, i) in assumed.countries" :key="i"
          ><select v-model="place.country" class="number-blank" :aria-label="`Country ${i + 1}`">
            <option v-for="c in told.countries" :key="c.key" :value="c.key">{{ c.name }}</option></select
          >:
          <NumberBlank
            v-model="place.share"
            :label="`Percent in ${place.name}`"
            :min="0"
            :max="100"
            :step="1"
            unit=" %"
            @hand="takeShare(place, `Percent in ${place.name}`)"
          />, with {{ place.tax }} % tax in the price{{ ' ' }}<button
            v-if="assumed.countries.length > 1"
            type="button"
            class="link aside"
            :aria-label="`Leave out ${place.name}`"
            @click="leaveCountry(i)"
          >
            leave it out</button
          >{{ i < assumed.countries.length - 1 ? '; ' : '. ' }}</template
        >
        <button v-if="assumed.countries.length < 12" type="button" class="link" @click="addCountry">Another country</button>
      </p>
      <p>
        Before, you spend
        <NumberBlank
          v-model="assumed.spent"
          :label="blanks.spent[0]"
          :min="0"
          :max="1000000"
          :step="50"
          :unit="` ${result.currency}`"
          @hand="take('spent')"
        />. Look
        <NumberBlank v-model="assumed.months" :label="blanks.months[0]" :min="3" :max="60" :step="1" @hand="take('months')" />
        months ahead.
      </p>
    </div>
    <label class="in-hand" :class="{ idle: !hand }">
      <span class="small">{{ hand ? hand.label : 'Choose a number above to move it here' }}</span>
      <input
        type="range"
        :disabled="!hand"
        :min="hand?.min ?? 0"
        :max="hand?.max ?? 1"
        :step="hand?.step ?? 1"
        :value="hand?.get() ?? 0"
        :aria-label="hand?.label ?? 'No number is chosen'"
        @input="(hand?.set(Number(($event.target as HTMLInputElement).value)), ask())"
        @change="ask(true)"
      />
      <output>{{ hand ? hand.get().toLocaleString('en') : '' }}</output>
    </label>
    <p v-for="plan in tried" :key="plan.at" class="small">
      {{ plan.name }} is {{ plan.asked.toFixed(result.digits) }} {{ result.currency }} so far.
      <button class="link" @click="write(plan)">Write {{ plan.price.toFixed(result.digits) }} into the plan</button>
    </p>
    <p class="rehearsed" role="status" :aria-busy="busy">
      After {{ spans ? `${assumed.months / 12} years` : `${assumed.months} months` }}
      <strong>{{ people(last(result.paying)[1]) }} people {{ lasts ? 'pay' : 'have it' }}</strong
      ><template v-if="lasts"
        >, <strong>{{ money(last(result.recurring)[1]) }}</strong> a month</template
      >. By then <strong>{{ money(last(result.bank)[1]) }}</strong> have come into your bank.
      <template v-if="assumed.spent > 0 && result.returns !== null"
        >The {{ money(assumed.spent) }} that you spent are back in <strong>{{ month(result.returns) }}</strong
        >.</template
      >
      <template v-else-if="assumed.spent > 0">The {{ money(assumed.spent) }} that you spent are <strong>not back</strong> by then.</template>
      Somebody who begins brings <strong>{{ money(result.each) }}</strong> in that time{{ lasts ? `, and pays for ${result.stay} months of it` : '' }}.
      <template v-if="byCard">{{ money(last(result.tax)[1]) }} of what comes in {{ byStore ? 'by card ' : '' }}is tax: set it aside.</template>
      <template v-if="byStore">{{ byCard ? 'The stores pay the taxes of theirs.' : 'The store pays the taxes.' }}</template>
    </p>
    <div class="bands" :class="{ busy }">
      <BandChart
        :name="lasts ? 'People who pay' : 'People who have it'"
        :bands="result.paying"
        :begins="result.begins"
        :shown="people"
        :came="came.people"
      />
      <BandChart name="Paid in each month" :bands="result.paid" :begins="result.begins" :shown="money" :came="came.paid" />
      <BandChart name="In the bank" :bands="result.bank" :begins="result.begins" :shown="money" />
    </div>
    <p class="small">
      1,200 made-up customers live through the same states and books as real ones; of 200 runs with them the lines are the middle, and eight of ten lie in the
      shaded bands.<template v-if="came.people.length"> Dots are what came: the first month with a sale lies on the first one.</template>
    </p>
    <WhatCame :product="assumed.product" :kept="result.kept" @came="(found) => (came = found)" />
  </template>
</template>
