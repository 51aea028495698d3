<script setup lang="ts">
import { computed, onMounted, ref } from 'vue'
import { useRouter } from 'vue-router'
import type { Draft } from '../../contracts/studio'
import { api } from '../api'
import BusyButton from '../BusyButton.vue'
import { brought } from '../open/brought'
import { useStudio, type Made } from '../open/useStudio'
import { useWork } from '../useWork'

const studio = useStudio()
const router = useRouter()
const text = ref('')
const answer = ref('')
const draft = ref<Draft | null>(null)
const picked = ref<number[]>([])
const find = ref('')
const name = ref('')
const address = ref('')
const { busy, trouble, work, stop } = useWork()
const file = ref<HTMLInputElement>()

const read = () =>
  work('read', async (signal) => {
    const made = await api.post<Draft>(`apps/${studio.app}/services/begin`, { text: text.value, answer: answer.value }, signal)
    draft.value = made
    name.value = made.name
    address.value = made.address
    picked.value = made.requests.length <= 6 ? made.requests.map((_, i) => i) : []
    find.value = ''
  })

onMounted(async () => {
  if (!brought.value) return
  text.value = brought.value
  brought.value = ''
  await read()
})

/** Goes on with the first request of what was taken up. This page may be gone by then: with a first service the station shows that. */
const show = (made: Made) => router.push(`/apps/${studio.app}/services/s${made.made.split('/')[2]}r0`)

const take = () =>
  work('take', async (signal) => {
    const body = { draft: draft.value?.draft, picked: picked.value, name: name.value, address: address.value }
    const made = await studio.make('services/take', body, signal)
    if (made) await show(made)
  })

const byHand = () =>
  work('by hand', async () => {
    const made = await studio.edit({ do: 'begin', list: '/services' })
    if (made) await show(made)
  })

async function open(event: Event) {
  const chosen = (event.target as HTMLInputElement).files?.[0]
  if (chosen) text.value = await chosen.text()
  if (chosen) await read()
}

/** What a service can take in at once, as the server has it. */
const MOST = 200
const shown = computed(() => {
  const words = find.value.toLowerCase().split(/\s+/).filter(Boolean)
  return (draft.value?.requests ?? [])
    .map((request, index) => ({ request, index }))
    .filter(({ request: r }) => words.every((w) => `${r.name} ${r.method} ${r.address}`.toLowerCase().includes(w)))
})
const all = computed(() => shown.value.length > 0 && shown.value.every(({ index }) => picked.value.includes(index)))

function toggleAll() {
  const here = shown.value.map(({ index }) => index)
  picked.value = all.value ? picked.value.filter((i) => !here.includes(i)) : [...new Set([...picked.value, ...here])]
}
</script>

<template>
  <h1>Begin a service</h1>
  <p class="small">
    Paste what the documentation shows: a command for curl, an OpenAPI document or its address, a request as it goes over the wire, or a plain address, which
    is looked up once. A key in it is taken out and kept encrypted.
  </p>
  <form class="service-begin" @submit.prevent="read">
    <label class="small" for="service-text">From the documentation</label>
    <textarea
      id="service-text"
      v-model="text"
      class="service-paste"
      rows="6"
      spellcheck="false"
      placeholder="curl 'https://api.example.com/v1/spots/7?units=metric' -H 'X-Api-Key: …'"
    />
    <details>
      <summary class="small">And an example of the answer, where there is one</summary>
      <textarea
        v-model="answer"
        class="service-paste"
        rows="5"
        spellcheck="false"
        aria-label="An example of the answer"
        placeholder='{"spots": [{"id": 7, "name": "Cove"}]}'
      />
    </details>
    <div class="service-acts">
      <BusyButton type="submit" color="primary" :busy="busy === 'read'" :disabled="!text.trim()">Read it</BusyButton>
      <v-btn v-if="busy === 'read'" variant="text" @click="stop">Stop</v-btn>
      <v-btn variant="text" @click="file?.click()">From a file</v-btn>
      <v-btn variant="text" @click="byHand">With nothing at hand</v-btn>
      <input ref="file" type="file" hidden accept=".json,.yaml,.yml,.txt,.http" @change="open" />
    </div>
  </form>
  <p v-if="trouble" class="fault" role="alert">{{ trouble }}</p>
  <section v-if="draft" class="service-draft" aria-label="What was read">
    <h2 class="people-head">This was read</h2>
    <p class="service-named">
      <label>Service <input v-model="name" class="grid-search" maxlength="60" required aria-label="The name of the service" /></label>{{ ' ' }}
      <label>at <input v-model="address" class="grid-search service-address" required aria-label="The address of the service" /></label>
    </p>
    <p v-if="draft.note" class="small" role="status">{{ draft.note }}</p>
    <p v-if="draft.signing" class="small">
      Lanai {{ draft.signing }}<template v-if="draft.secret">; the key that ends in {{ draft.secret }} is kept encrypted, for the sandbox</template>.
    </p>
    <p v-if="draft.requests.length > 12" class="service-find">
      <input v-model="find" class="grid-search" type="search" aria-label="Find requests" placeholder="Find requests by name or address" />
    </p>
    <p class="small">
      <label class="service-requests-all"
        ><input type="checkbox" :checked="all" :disabled="!shown.length" @change="toggleAll" />
        {{
          find.trim() ? `All ${shown.length} that were found` : draft.requests.length === 1 ? 'One request' : `All ${draft.requests.length} requests`
        }}</label
      ><template v-if="draft.requests.length > 12">, {{ picked.length }} chosen</template>
    </p>
    <p v-if="!shown.length" class="small">No request has these words in its name or address.</p>
    <ul class="service-requests">
      <li v-for="{ request: r, index } in shown" :key="index">
        <label
          ><input v-model="picked" type="checkbox" :value="index" /> <strong>{{ r.name }}</strong> <code>{{ r.method }} {{ r.address }}</code>{{ ' ' }}
          <span class="small">{{
            r.parts ? `${r.many ? 'a list, ' : ''}${r.parts} ${r.parts === 1 ? 'part' : 'parts'}` : 'its parts come from a try'
          }}</span></label
        >
      </li>
    </ul>
    <p v-if="picked.length > MOST" class="fault">At most {{ MOST }} requests come into the app at once. Choose fewer; others can be added later.</p>
    <BusyButton color="primary" :busy="busy === 'take'" :disabled="!picked.length || picked.length > MOST || !name.trim()" @click="take"
      >Take it into the app</BusyButton
    >
  </section>
  <p v-if="!draft" class="small service-practice">
    To practise, Almanac ships with Lanai: sea and weather for made-up spots, with a key in a header. Its desk, under “Rehearse failure”, tells its key and
    where its OpenAPI document lies.
  </p>
</template>
