<script setup lang="ts">
import { mdiContentCopy } from '@mdi/js'
import { computed, onMounted, ref } from 'vue'
import type { TokenStates } from '../../contracts/studio'
import { api, Declined } from '../api'
import { latest } from '../latest'
import { useStudio } from '../open/useStudio'

const studio = useStudio()
const state = ref<TokenStates | null>(null)
const name = ref('')
const set = ref<'sandbox' | 'live'>('sandbox')
const writes = ref(false)
const fresh = ref('')
const trouble = ref('')
const path = `apps/${studio.app}/tokens`
const begin = latest()
const address = computed(() => state.value?.addresses.find((a) => a.set === set.value)?.address ?? '')
const example = computed(
  () => `curl -H 'Authorization: Bearer ${fresh.value || '…'}' \\\n  '${address.value}/${studio.state.value?.tables[0]?.stored ?? 'rows'}?limit=3'`,
)

async function work(call: () => Promise<TokenStates>) {
  const isLatest = begin()
  trouble.value = ''
  try {
    const told = await call()
    // A slow first answer must not stand over a token that is shown only once.
    if (!isLatest() && !told.token) return
    state.value = told
    fresh.value = told.token ?? ''
    if (fresh.value) name.value = ''
  } catch (error) {
    trouble.value = error instanceof Declined ? error.message : String(error)
  }
}

onMounted(() => work(() => api.get<TokenStates>(path)))
const make = () => work(() => api.post<TokenStates>(path, { name: name.value, set: set.value, writes: writes.value }))
const day = (at: string | null) => (at ? new Date(at).toLocaleDateString([], { day: 'numeric', month: 'short', year: 'numeric' }) : 'not yet')
const copy = (text: string) => navigator.clipboard?.writeText(text)
</script>

<template>
  <h1>For other programs</h1>
  <p class="small">
    Every table is a resource of this app’s own REST API. A program that shows a token reads and writes rows as you do here; the rules of the fields hold, and
    every change shows on open devices at once. It changes or removes a row with the version that it saw (If-Match, the row’s ETag), so that nobody’s work is
    lost.
  </p>
  <p v-for="a in state?.addresses ?? []" :key="a.set" class="api-address">
    <span class="small">{{ a.set }}</span> <code>{{ a.address }}</code> <a :href="`${a.address}/openapi.json`" target="_blank" rel="noopener">OpenAPI 3.1</a>
  </p>
  <label v-if="state && studio.state.value?.app.liveRevision" class="api-public"
    ><input
      type="checkbox"
      :checked="state.public"
      @change="work(() => api.post<TokenStates>(`${path}/document`, { public: ($event.target as HTMLInputElement).checked }))"
    />
    Everybody may read the document of live, without a token</label
  >
  <form class="api-new" @submit.prevent="make">
    <label
      >A token for <input v-model="name" class="grid-search" required maxlength="60" placeholder="the spreadsheet at home" aria-label="What the token is for"
    /></label>
    <label
      >in
      <select v-model="set" class="roll-only" aria-label="Data set">
        <option value="sandbox">sandbox</option>
        <option value="live" :disabled="!studio.state.value?.app.liveRevision">live</option>
      </select></label
    >
    <label
      >that
      <select v-model="writes" class="roll-only" aria-label="What it may do">
        <option :value="false">reads</option>
        <option :value="true">reads and writes</option>
      </select></label
    >
    <v-btn type="submit" size="small" color="primary" variant="tonal">Make it</v-btn>
  </form>
  <p v-if="trouble" class="fault" role="alert">{{ trouble }}</p>
  <div v-if="fresh" class="quiet-note" role="status">
    <p>This is the token. It is shown this once; keep it where programs keep secrets.</p>
    <p>
      <code class="api-token">{{ fresh }}</code>{{ ' ' }}
      <v-btn :icon="mdiContentCopy" size="x-small" variant="text" aria-label="Copy the token" title="Copy" @click="copy(fresh)" />
    </p>
  </div>
  <table v-if="state?.tokens.length" class="access roll">
    <thead>
      <tr>
        <th scope="col">For</th>
        <th scope="col">Set</th>
        <th scope="col">May</th>
        <th scope="col">Ends in</th>
        <th scope="col">Made</th>
        <th scope="col">Last used</th>
        <th scope="col"><span class="sr">What to do</span></th>
      </tr>
    </thead>
    <tbody>
      <tr v-for="t in state.tokens" :key="t.id">
        <th scope="row">{{ t.name }}</th>
        <td>{{ t.set }}</td>
        <td>{{ t.writes ? 'read and write' : 'read' }}</td>
        <td>
          <code>…{{ t.ends }}</code>
        </td>
        <td>{{ day(t.since) }}</td>
        <td>{{ day(t.used) }}</td>
        <td>
          <v-btn size="x-small" variant="text" :aria-label="`Revoke the token for ${t.name}`" @click="work(() => api.remove<TokenStates>(`${path}/${t.id}`))"
            >Revoke</v-btn
          >
        </td>
      </tr>
    </tbody>
  </table>
  <p v-else class="small">There is no token yet.</p>
  <h2 class="people-head">For example</h2>
  <pre class="api-example">{{ example }}</pre>
</template>
