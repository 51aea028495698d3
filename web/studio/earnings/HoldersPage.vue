<script setup lang="ts">
import { computed, ref, watch } from 'vue'
import type { PersonsPurchases, RollPage } from '../../contracts/studio'
import { api, Declined } from '../api'
import { latest } from '../latest'
import { useStudio } from '../open/useStudio'

const emit = defineEmits<{ open: [key: string] }>()
const studio = useStudio()
const set = ref<'sandbox' | 'live'>('sandbox')
const search = ref('')
const roll = ref<RollPage | null>(null)
const one = ref<PersonsPurchases | null>(null)
const trouble = ref('')
const product = ref('')
const until = ref('')
const note = ref('')
/** The purchase of which the founder is asked whether its money is to be given back; 0 for none. */
const sure = ref(0)
const tills = ['card', 'quay', 'pier']
const begin = latest()
const sells = computed(() => (studio.state.value?.products.length ?? 0) > 0)
const people = computed(() => studio.state.value?.tables.some((table) => table.people))

async function load() {
  const isLatest = begin()
  try {
    const found = await api.get<RollPage>(`apps/${studio.app}/people/${set.value}?${new URLSearchParams({ search: search.value })}`)
    if (isLatest()) roll.value = found
  } catch (error) {
    if (isLatest()) studio.told(error)
  }
}
watch(
  [set, search, people, () => studio.changes.value],
  () => {
    if (people.value) void load()
  },
  { immediate: true },
)
watch(set, () => (one.value = null))

async function does(call: () => Promise<PersonsPurchases>) {
  trouble.value = ''
  try {
    one.value = await call()
    product.value ||= one.value.products[0]?.key ?? ''
    return true
  } catch (error) {
    trouble.value = error instanceof Declined ? error.message : String(error)
    return false
  }
}
const path = (id: number) => `apps/${studio.app}/purchases/${set.value}/${id}`
const show = (id: number) => does(() => api.get<PersonsPurchases>(path(id)))
async function give() {
  const told = { product: product.value, until: until.value || null, note: note.value }
  if (await does(() => api.post<PersonsPurchases>(path(one.value!.person.id), told))) {
    until.value = note.value = ''
    studio.changed()
  }
}
async function takeBack(purchase: number) {
  if (await does(() => api.remove<PersonsPurchases>(`${path(one.value!.person.id)}/${purchase}`))) studio.changed()
}

async function giveBack(purchase: number) {
  sure.value = 0
  if (await does(() => api.post<PersonsPurchases>(`${path(one.value!.person.id)}/${purchase}/back`))) studio.changed()
}

const day = (at: string) => new Date(at).toLocaleDateString('en-GB', { day: 'numeric', month: 'long', year: 'numeric' })
const forEver = (at: string) => new Date(at).getFullYear() > 9000
const what: Record<string, string> = { bought: 'given', left: 'ends by itself', 'was taken away': 'taken back' }
</script>

<template>
  <h1>Who has what</h1>
  <p v-if="!people || !sells" class="quiet-note">
    Nothing is sold yet, so nobody has anything of it.
    <button class="link" @click="emit('open', 'products')">To what is sold</button>
  </p>
  <template v-else>
    <div class="grid-bar">
      <input v-model="search" class="grid-search" type="search" placeholder="Name or address" aria-label="Search people" />
      <span class="grow" />
      <v-btn-toggle v-model="set" mandatory density="compact" rounded="pill" color="primary" variant="outlined" aria-label="Data set">
        <v-btn value="sandbox" size="small">Sandbox</v-btn>
        <v-btn value="live" size="small" :disabled="!studio.state.value?.app.liveRevision">Live</v-btn>
      </v-btn-toggle>
    </div>
    <p v-if="trouble" class="fault" role="alert">{{ trouble }}</p>
    <p v-if="roll && !roll.people.length" class="quiet-note">{{ search ? 'Nobody is found.' : 'Nobody has signed up yet.' }}</p>
    <div v-else-if="roll" class="holders">
      <ul class="holders-list" aria-label="People">
        <li v-for="p in roll.people" :key="p.id">
          <button class="side-entry" :aria-current="one?.person.id === p.id ? 'true' : undefined" @click="show(p.id)">{{ p.name || 'Without a name' }}</button>
        </li>
      </ul>
      <section v-if="one" class="holder" aria-live="polite">
        <h2>{{ one.person.name }}</h2>
        <p v-if="!one.purchases.length" class="small">Has bought nothing, and was given nothing.</p>
        <ul v-else class="holdings">
          <li v-for="h in one.purchases" :key="h.id" :class="{ gone: !h.has }">
            <strong>{{ h.product }}</strong
            >{{ h.plan ? `, ${h.plan}` : '' }}: {{ h.till === 'gift' ? (h.has ? 'given' : 'given once') : h.status
            }}<template v-if="h.has && h.until">{{ forEver(h.until) ? ', for ever' : `, until ${day(h.until)}` }}</template>
            <button v-if="h.till === 'gift' && h.has" class="link" @click="takeBack(h.id)">Take back</button>
            <template v-if="tills.includes(h.till) && !h.story && h.has">
              <button v-if="sure !== h.id" class="link" @click="sure = h.id">Give the money back</button>
              <span v-else>
                What was paid last goes back, and they have it no more.
                <button class="link" @click="giveBack(h.id)">Give it back</button> <button class="link" @click="sure = 0">Leave it</button>
              </span>
            </template>
            <ul class="small">
              <li v-for="(e, i) in h.events" :key="i">{{ day(e.at) }}: {{ (h.till === 'gift' && what[e.what]) || e.what }}</li>
              <li v-if="h.note">“{{ h.note }}”</li>
            </ul>
          </li>
        </ul>
        <form class="gift" @submit.prevent="give">
          Give
          <select v-model="product" class="roll-only" aria-label="What is given">
            <option v-for="p in one.products" :key="p.key" :value="p.key">{{ p.name }}</option>
          </select>
          <label>until <input v-model="until" type="date" class="grid-search" aria-label="Until when; empty for ever" /></label>
          <input v-model="note" class="grid-search" maxlength="200" placeholder="Why, for yourself" aria-label="Why, for yourself" />
          <v-btn type="submit" size="small" variant="tonal" color="primary">Give it</v-btn>
        </form>
        <p class="small">Without a day it is given for ever.</p>
      </section>
      <p v-else class="small">Choose somebody to see what they have, and why.</p>
    </div>
  </template>
</template>
