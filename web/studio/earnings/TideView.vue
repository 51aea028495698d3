<script setup lang="ts">
import { mdiClose } from '@mdi/js'
import { useElementSize } from '@vueuse/core'
import { computed, reactive, ref } from 'vue'
import type { TideCustomer, TideMoney } from '../../contracts/studio'
import { useStudio } from '../open/useStudio'
import { useTide } from './useTide'

/** What can be bought, each plan by itself. */
const props = defineProps<{ offers: { product: string; plan: string; name: string }[] }>()
const studio = useStudio()
const { tide, trouble, before, load, tell, forget } = useTide()
const axis = ref<HTMLElement>()
const { width } = useElementSize(axis)
const DAY = 86400000

const begins = computed(() => Date.parse(tide.value?.begins ?? ''))
const ends = computed(() => Date.parse(tide.value?.ends ?? ''))
/** The clock of the deck, while the line is drawn that under the finger. */
const drawn = ref<number | null>(null)
const now = computed(() => drawn.value ?? Date.now() + studio.clock.ahead.value)
const part = (at: number) => `${Math.max(0, Math.min(100, ((at - begins.value) / (ends.value - begins.value)) * 100)).toFixed(3)}%`
const months = computed(() => {
  const found: { at: number; name: string }[] = []
  for (const day = new Date(begins.value); day.getTime() < ends.value; day.setUTCMonth(day.getUTCMonth() + 1)) {
    const name = day.getUTCMonth() === 0 ? String(day.getUTCFullYear()) : day.toLocaleDateString('en-GB', { month: 'short', timeZone: 'UTC' })
    found.push({ at: day.getTime(), name })
  }
  return found
})
const day = (at: number) => new Date(at).toLocaleDateString('en-GB', { day: 'numeric', month: 'long', year: 'numeric' })

let moving: number | undefined
/** The phone and the figures follow at most ten times a second. */
function move(to: number) {
  const at = Math.max(begins.value, Math.min(ends.value, to))
  drawn.value = at
  moving ??= window.setTimeout(() => {
    moving = undefined
    studio.clock.ahead.value = (drawn.value ?? at) - Date.now()
    drawn.value = null
  }, 100)
}
function drag(event: PointerEvent) {
  if (event.type === 'pointerdown') (event.currentTarget as HTMLElement).setPointerCapture(event.pointerId)
  if (event.buttons !== 1 && event.type !== 'pointerdown') return
  const box = axis.value!.getBoundingClientRect()
  move(begins.value + ((event.clientX - box.left) / box.width) * (ends.value - begins.value))
}
function press(event: KeyboardEvent) {
  const days = { ArrowLeft: -1, ArrowRight: 1, PageDown: -30, PageUp: 30 }[event.key]
  if (days === undefined) return
  event.preventDefault()
  move(now.value + days * DAY)
}

const money = (amount: number, of: { currency: string; digits?: number }, sign = false) =>
  amount.toLocaleString('en', {
    style: 'currency',
    currency: of.currency,
    ...(of.digits === undefined ? {} : { minimumFractionDigits: of.digits, maximumFractionDigits: of.digits }),
    signDisplay: sign ? 'exceptZero' : 'auto',
  })
/** Amounts are written where there is room for them. */
const priced = (customer: TideCustomer) => {
  let free = -1
  return customer.events.flatMap((event) => {
    const at = ((Date.parse(event.at) - begins.value) / (ends.value - begins.value)) * width.value
    if (event.amount === null || at < free) return []
    free = at + 46
    return [event]
  })
}
const title = (customer: TideCustomer) => `${customer.name}, ${customer.plan || customer.product}${customer.gift ? ', given' : ''}`
const said = (m: TideMoney) =>
  [
    `earned ${money(m.earned, m)}`,
    m.advance ? `paid and still to be earned ${money(m.advance, m)}` : '',
    `owed to you ${money(m.owed, m)}`,
    m.back ? `given back of what was earned ${money(m.back, m)}` : '',
    m.tax ? `to be set aside for taxes ${money(m.tax, m)}` : '',
  ]
    .filter(Boolean)
    .join(', ')

const adding = reactive({ person: null as number | null, offer: 0, story: 'Well', sold: 'store15', country: 'DE', from: new Date().toISOString().slice(0, 10) })
const people = computed(() => studio.state.value?.people ?? [])
async function add() {
  const { product, plan } = props.offers[adding.offer] ?? props.offers[0]
  const { story, sold, country, from } = adding
  await tell({ person: adding.person ?? people.value[0]?.id, product, plan, story, sold, country, from })
}
</script>

<template>
  <p v-if="trouble" class="fault" role="alert">{{ trouble }} <button class="link" @click="load()">Try again</button></p>
  <template v-if="tide">
    <p v-if="!tide.customers.length" class="small">Nobody has bought anything in the sandbox yet. Let somebody, below, and see how it goes month by month.</p>
    <div class="tide" :style="{ '--rows': tide.customers.length }">
      <div class="tide-names" aria-hidden="true">
        <span v-for="c in tide.customers" :key="c.id" class="tide-name" :title="c.story"
          >{{ c.name }}<br /><span class="small">{{ c.plan || c.product }}{{ c.gift ? ', given' : '' }}</span></span
        >
      </div>
      <div ref="axis" class="tide-axis" @pointerdown="drag" @pointermove="drag">
        <span v-for="m in months" :key="m.at" class="tide-month small" :style="{ insetInlineStart: part(m.at) }">{{ m.name }}</span>
        <ul class="tide-rows">
          <li v-for="c in tide.customers" :key="c.id" class="tide-row" :aria-label="title(c)">
            <span
              v-for="(b, i) in c.bands"
              :key="i"
              class="tide-band"
              :class="c.gift ? '' : `tide-${b.status.replaceAll(' ', '-')}`"
              :style="{ insetInlineStart: part(Date.parse(b.from)), insetInlineEnd: `calc(100% - ${part(Date.parse(b.until))})` }"
              :title="`${c.gift ? 'given' : b.status}, ${day(Date.parse(b.from))} to ${day(Date.parse(b.until))}`"
              ><span>{{ c.gift ? 'given' : b.status }}</span></span
            >
            <span
              v-for="(e, i) in c.events"
              :key="`e${i}`"
              class="tide-event"
              :class="{ past: Date.parse(e.at) <= now }"
              :style="{ insetInlineStart: part(Date.parse(e.at)) }"
              :title="`${day(Date.parse(e.at))}: ${e.what}${e.amount === null ? '' : `, ${money(e.amount, e, true)}`}`"
            />
            <span
              v-for="(e, i) in priced(c)"
              :key="`m${i}`"
              class="tide-money small"
              :class="{ past: Date.parse(e.at) <= now }"
              :style="{ insetInlineStart: part(Date.parse(e.at)) }"
              >{{ (e.amount ?? 0) > 0 ? '+' : '−' }}{{ Math.abs(e.amount ?? 0).toFixed(2) }}</span
            >
          </li>
        </ul>
        <span
          class="tide-now"
          role="slider"
          tabindex="0"
          aria-label="The clock of the deck"
          aria-orientation="horizontal"
          :aria-valuemin="0"
          :aria-valuemax="Math.round((ends - begins) / DAY)"
          :aria-valuenow="Math.round((now - begins) / DAY)"
          :aria-valuetext="day(now)"
          :style="{ insetInlineStart: part(now) }"
          @keydown="press"
        />
      </div>
      <div class="tide-tools">
        <span v-for="c in tide.customers" :key="c.id"
          ><v-btn v-if="c.story" :icon="mdiClose" size="x-small" variant="text" :aria-label="`Forget ${title(c)}`" title="Forget" @click="forget(c.id)"
        /></span>
      </div>
    </div>
    <p v-if="tide.more || tide.before" class="small">
      <template v-if="tide.before"
        >{{ tide.before }} newer ones are not drawn. <button class="link" @click="before = Math.max(0, before - 30)">Newer ones</button>
      </template>
      <template v-if="tide.more">{{ tide.more }} older ones are not drawn. <button class="link" @click="before += 30">Older ones</button></template>
    </p>
    <p class="rehearsed" role="status">
      On {{ day(Date.parse(tide.now)) }}{{ tide.more || tide.before ? ', of those drawn' : '' }}:
      {{ tide.have.length ? `${tide.have.map((h) => `${h.people} with ${h.name}`).join(', ')}.` : 'nobody has anything.' }}
      <template v-for="m in tide.money" :key="m.currency"> {{ tide.more || tide.before ? 'Of those drawn' : 'In all' }} {{ said(m) }}.</template>
      {{ ' ' }}<button v-if="studio.clock.ahead.value" class="link" @click="studio.clock.reset()">Back to now</button>
    </p>
    <form v-if="offers.length && people.length" class="tide-add" @submit.prevent="add">
      <select v-model="adding.person" class="number-blank" aria-label="Who buys">
        <option v-for="(p, i) in people" :key="p.id" :value="i === 0 ? null : p.id">{{ p.label }}</option>
      </select>
      buys
      <select v-model="adding.offer" class="number-blank" aria-label="What is bought">
        <option v-for="(o, i) in offers" :key="i" :value="i">{{ o.name }}</option>
      </select>
      on <input v-model="adding.from" class="number-blank" type="date" required aria-label="When it is bought" /> through
      <select v-model="adding.sold" class="number-blank" aria-label="Through what it is sold">
        <option v-for="s in tide.sold" :key="s.key" :value="s.key">{{ s.name }}</option>
      </select>
      in
      <select v-model="adding.country" class="number-blank" aria-label="In which country">
        <option v-for="c in tide.countries" :key="c.key" :value="c.key">{{ c.name }}</option></select
      >, and
      <select v-model="adding.story" class="number-blank" aria-label="How it goes">
        <option v-for="s in tide.stories" :key="s.key" :value="s.key">{{ s.name }}</option></select
      >.
      <v-btn type="submit" size="small" variant="tonal" color="primary">Let them</v-btn>
    </form>
  </template>
  <p v-else-if="!trouble" class="small" role="status">Looking at the purchases …</p>
</template>
