<script setup lang="ts">
import { computed } from 'vue'
import NumberBlank from './NumberBlank.vue'
import TwoCurves from './TwoCurves.vue'
import { useForecast } from './useForecast'

/** Money against patience: what adverts would bring under other caps, and what a membership would bring of the same people. */
const { told, assumed, busy, trouble, ask } = useForecast()
const forecast = computed(() => told.value?.forecast ?? null)
const choice = computed(() => forecast.value?.choice ?? null)
const currency = computed(() => told.value?.currency ?? 'EUR')
const money = (value: number) => value.toLocaleString('en', { style: 'currency', currency: currency.value, maximumFractionDigits: value < 1000 ? 2 : 0 })
const measured = computed(() => told.value?.measured ?? null)
/** What people have done takes the place of what was guessed. */
function take() {
  if (!assumed.value || !measured.value) return
  const { people, visits, places, fill, thousand } = measured.value
  Object.assign(assumed.value, { people, visits, places, fill, thousand: thousand || assumed.value.thousand })
  void ask(true)
}
const percent = (share: number) => `${(100 * share).toFixed(1).replace(/\.0$/, '')} %`
const cap = (hourly: number) => (hourly ? `at most ${hourly} an hour` : 'no cap an hour')

const patience = computed(() =>
  (forecast.value?.curve ?? []).map((one) => ({
    x: one.inVisit,
    left: one.month,
    right: 100 * one.stay,
    name: `${cap(one.hourly)}: ${one.inVisit} in a visit, ${money(one.month)} a month, ${percent(one.stay)} come back`,
  })),
)
const today = computed(() => ({ x: forecast.value?.inVisit ?? 0, left: forecast.value?.month[1] ?? 0, right: 100 * (forecast.value?.stay ?? 0) }))
const sides = computed(() =>
  (choice.value?.curve ?? []).map((one) => ({
    x: one.share,
    left: one.members,
    right: one.both,
    name: `${one.share} % pay: ${money(one.members)} by membership alone, ${money(one.both)} with adverts for the others`,
  })),
)
</script>

<template>
  <h2 class="people-head">What they would bring</h2>
  <p v-if="trouble" class="fault" role="alert">{{ trouble }} <button class="link" @click="ask()">Try again</button></p>
  <p v-else-if="!forecast || !assumed" class="quiet-note" role="status">Made-up people look at the app …</p>
  <template v-else>
    <p v-if="measured" class="quiet-note">
      Of the last 30 days anybody came on {{ measured.days }}: on such a day {{ measured.people.toLocaleString('en') }} people,
      {{ measured.visits }} times each. They passed {{ measured.places }} places in a visit; for {{ measured.fill }} % of them an advert came and was
      seen.
      <button class="link" @click="take">Take these figures</button>
    </p>
    <div class="rehearsal" @change="ask(true)">
      <p>
        On a day <NumberBlank v-model="assumed.people" label="People on a day" :min="0" :max="1000000" :step="10" /> people come,
        <NumberBlank v-model="assumed.visits" label="Visits of each on that day" :min="1" :max="20" :step="0.1" /> times each, and pass
        <NumberBlank v-model="assumed.places" label="Places for adverts in a visit" :min="0" :max="50" :step="0.5" /> places for adverts in a visit. For
        <NumberBlank v-model="assumed.fill" label="Percent that come and are seen" :min="0" :max="100" :step="1" unit=" %" /> of them an advert comes and is
        seen; a thousand bring
        <NumberBlank v-model="assumed.thousand" label="What a thousand bring" :min="0" :max="100" :step="0.1" :unit="` ${currency}`" />.
        For each advert in a visit
        <NumberBlank v-model="assumed.loss" label="Percent of people who do not come back" :min="0" :max="100" :step="0.5" unit=" %" /> of people do not come
        back: that is your own guess, and nobody’s figure.
      </p>
      <p>
        Tried with at most <NumberBlank v-model="assumed.hourly" label="At most so many an hour, 0 for any" :min="0" :max="60" :step="1" /> an hour and
        <NumberBlank v-model="assumed.daily" label="At most so many a day, 0 for any" :min="0" :max="200" :step="1" /> a day; 0 is for any number.
      </p>
    </div>
    <p class="rehearsed" role="status" :aria-busy="busy">
      In a month <strong>{{ money(forecast.month[1]) }}</strong
      >, from {{ money(forecast.month[0]) }} to {{ money(forecast.month[2]) }} in eight of ten months. Somebody sees
      <strong>{{ forecast.inVisit }} adverts in a visit</strong>, and {{ percent(forecast.stay) }} come back.
      <template v-if="choice"
        >As much would come from {{ choice.name }} if
        <strong v-if="choice.breakEven !== null">{{ choice.breakEven }} % of people</strong>
        <strong v-else>more people than there are</strong> had it, for a member brings {{ money(choice.each) }} a month.</template
      >
    </p>
    <div class="curves" :class="{ busy }">
      <TwoCurves
        name="Money and patience, by the number of adverts in a visit"
        x="adverts in a visit"
        left="money a month"
        right="come back, in percent"
        :points="patience"
        :dot="today"
      />
      <template v-if="choice">
        <TwoCurves
          name="Membership alone, and with adverts for the others, by how many pay"
          x="percent of people who pay"
          left="membership alone"
          right="with adverts for the others"
          :points="sides"
          :dot="{ x: choice.today.share, left: choice.today.members, right: choice.today.both }"
          :level="choice.today.adverts"
          same
        />
        <p class="small">
          The dashed line is adverts for all, without a membership. Say how many would pay:
          <NumberBlank v-model="assumed.share" label="Percent of people who would pay" :min="0" :max="100" :step="0.5" unit=" %" @change="ask(true)" />
        </p>
      </template>
    </div>
    <p class="small">
      600 made-up people live through a day each, under the very rules that hold for real ones. What a thousand bring is made up until there are figures of
      your own above.
    </p>
  </template>
</template>

<style scoped>
.curves {
  display: flex;
  flex-direction: column;
  gap: 18px;
  margin-block: 14px;
}

.curves.busy {
  opacity: 0.7;
}
</style>
