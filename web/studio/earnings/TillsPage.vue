<script setup lang="ts">
import { ref, watch } from 'vue'
import type { OldPrice, TillsState } from '../../contracts/studio'
import { api, Declined } from '../api'
import { latest } from '../latest'
import { useStudio } from '../open/useStudio'
import NumberBlank from './NumberBlank.vue'

const emit = defineEmits<{ open: [key: string] }>()
const studio = useStudio()
const set = ref<'sandbox' | 'live'>('sandbox')
const state = ref<TillsState | null>(null)
const trouble = ref('')
const working = ref('')
const begin = latest()

async function load() {
  const isLatest = begin()
  try {
    const found = await api.get<TillsState>(`apps/${studio.app}/tills/${set.value}`)
    if (isLatest()) [state.value, trouble.value] = [found, '']
  } catch (error) {
    if (isLatest()) trouble.value = error instanceof Declined ? error.message : String(error)
  }
}
watch([set, () => studio.state.value?.revision.number], load, { immediate: true })

async function putUp(till: string) {
  trouble.value = ''
  working.value = till
  try {
    state.value = await api.post<TillsState>(`apps/${studio.app}/tills/${set.value}/${till}`)
  } catch (error) {
    trouble.value = error instanceof Declined ? error.message : String(error)
  } finally {
    working.value = ''
  }
}
/** The old price that is to rise; null for none. */
const raised = ref<OldPrice | null>(null)
const days = ref(30)
const asks = ref(true)
async function raise() {
  if (!raised.value) return
  trouble.value = ''
  try {
    const { product, plan } = raised.value
    const told = { product, plan, days: days.value, asks: asks.value || raised.value.mustAsk }
    state.value = await api.post<TillsState>(`apps/${studio.app}/tills/${set.value}/raise`, told)
    raised.value = null
  } catch (error) {
    trouble.value = error instanceof Declined ? error.message : String(error)
  }
}
const when = (at: string) => new Date(at).toLocaleString('en-GB', { day: 'numeric', month: 'long', hour: '2-digit', minute: '2-digit' })
const day = (at: string) => new Date(new Date(at).getTime() + 3 * 86400000).toLocaleDateString('en-GB', { day: 'numeric', month: 'long' })
</script>

<template>
  <h1>Where people pay</h1>
  <p v-if="!studio.state.value?.products.length" class="quiet-note">
    Nothing is sold yet. <button class="link" @click="emit('open', 'products')">To what is sold</button>
  </p>
  <template v-else>
    <div class="grid-bar">
      <span class="small grow">The package decides which till takes the money. In the deck you choose it yourself, under “More of this device”.</span>
      <v-btn-toggle v-model="set" mandatory density="compact" rounded="pill" color="primary" variant="outlined" aria-label="Data set">
        <v-btn value="sandbox" size="small">Sandbox</v-btn>
        <v-btn value="live" size="small" :disabled="!studio.state.value?.app.liveRevision">Live</v-btn>
      </v-btn-toggle>
    </div>
    <p v-if="trouble" class="fault" role="alert">{{ trouble }}</p>
    <p v-if="!state && !trouble" class="quiet-note" role="status">The tills are asked …</p>
    <section v-for="till in state?.tills ?? []" :key="till.key" class="till" :aria-label="till.name">
      <h2 class="people-head">{{ till.name }}</h2>
      <p class="small">Takes the money {{ till.where }}.</p>
      <p v-if="till.trouble" class="fault">{{ till.trouble }} Nothing can be bought there until it does.</p>
      <p v-else-if="!till.shelf" class="small">Nothing has to be put up there: what is paid is said with each payment.</p>
      <p v-else-if="!till.shelf.length" class="small">Nothing of what is sold belongs there.</p>
      <template v-else>
        <ul class="shelf">
          <li v-for="p in till.shelf" :key="p.id" :class="{ differs: p.differs }">{{ p.name }}: {{ p.differs || 'as it is said here' }}</li>
        </ul>
        <v-btn
          v-if="till.shelf.some((p) => p.differs)"
          size="small"
          variant="tonal"
          color="primary"
          :loading="working === till.key"
          @click="putUp(till.key)"
          >Put it up at {{ till.name }} as it is said here</v-btn
        >
      </template>
    </section>
    <template v-if="state?.old.length || state?.raising">
      <h2 class="people-head">Old prices</h2>
      <p class="small">Whoever pays keeps their price when you change it in a sentence, until you raise it for them here.</p>
      <p v-if="state.raising" class="small" role="status">
        {{ state.raising === 1 ? 'One person is' : `${state.raising} people are` }} being told of a higher price: some each minute.
      </p>
      <ul v-if="state.old.length" class="shelf">
        <li v-for="o in state.old" :key="`${o.product} ${o.plan} ${o.pays} ${o.country}`">
          {{ o.people === 1 ? 'One person' : `${o.people} people` }} in {{ o.country }} pay{{ o.people === 1 ? 's' : '' }} {{ o.pays }} {{ o.currency }} for
          {{ o.name }}; it costs {{ o.price }} now. <button class="link" @click="raised = o">Raise it for them</button>
        </li>
      </ul>
      <form v-if="raised" class="gift" @submit.prevent="raise">
        Everybody who pays less for {{ raised.name }} pays the new price with the first payment that is
        <NumberBlank v-model="days" label="Days from now" :min="7" :max="365" :step="1" unit=" days" /> away or more.
        <label v-if="!raised.mustAsk"><input v-model="asks" type="checkbox" /> Ask them: who does not agree leaves</label>
        <span v-else class="small">It is more than half as much again, so they are asked. Who does not agree leaves.</span>
        <v-btn type="submit" size="small" variant="tonal" color="primary">Tell them</v-btn>
        <button type="button" class="link" @click="raised = null">Leave it</button>
      </form>
    </template>
    <template v-if="state?.waiting.length">
      <h2 class="people-head">Not yet told</h2>
      <p class="small">A store gives the money back when it does not hear within three days that people got what they bought. Lanai tells it each minute.</p>
      <ul class="shelf">
        <li v-for="(w, i) in state.waiting" :key="i" class="differs">{{ w.product }}, bought {{ when(w.since) }}: to be told by {{ day(w.since) }}</li>
      </ul>
    </template>
    <template v-if="state?.refused.length">
      <h2 class="people-head">Messages that were refused</h2>
      <p class="small">They said they came from a till. Nothing was believed of them.</p>
      <ul class="shelf">
        <li v-for="(r, i) in state.refused" :key="i">{{ when(r.at) }}, from {{ r.from }}: {{ r.why }}</li>
      </ul>
    </template>
    <p class="small apart">
      Quay and Pier are stores for practice, and no money moves at Till. A real provider of cards takes their place by an address and a key. A real store also
      wants its own library inside the package, and Lanai cannot carry that: there, somebody who writes code adds it.
    </p>
  </template>
</template>

<style scoped>
.till {
  margin-bottom: 18px;
}

.shelf {
  padding: 0;
  margin: 6px 0 10px;
  list-style: none;
}

.shelf li {
  padding: 3px 0 3px 16px;
  position: relative;
}

.shelf li::before {
  content: '';
  position: absolute;
  inset: 12px auto auto 2px;
  width: 7px;
  height: 7px;
  border-radius: 50%;
  background: rgb(var(--v-theme-primary));
}

.shelf .differs::before {
  border-radius: 0;
  background: rgb(var(--v-theme-warning, 176, 112, 20));
  transform: rotate(45deg);
}

.apart {
  margin-top: 28px;
}
</style>
