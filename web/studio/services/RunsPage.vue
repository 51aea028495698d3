<script setup lang="ts">
import { onMounted, onUnmounted, ref, watch } from 'vue'
import { useRouter } from 'vue-router'
import type { RoutineBook } from '../../contracts/studio'
import { api } from '../api'
import { useStudio } from '../open/useStudio'
import { useWork } from '../useWork'

const studio = useStudio()
const router = useRouter()
const set = ref<'sandbox' | 'live'>('sandbox')
const book = ref<RoutineBook | null>(null)
const open = ref(0)
const url = ref('')
const table = ref('')
const { busy, trouble, work } = useWork()
const path = (rest = '') => `apps/${studio.app}/routines/${set.value}${rest}`
let timer = 0

const told = (call: () => Promise<RoutineBook>) => work('ask', async () => (book.value = await call()))
const load = () => told(() => api.get<RoutineBook>(path()))

/** While something waits, its log is looked at again. */
function soon() {
  clearTimeout(timer)
  timer = window.setTimeout(async () => {
    if (!busy.value && book.value?.runs.some((r) => r.state === 'waiting')) await load()
    soon()
  }, 2000)
}
watch([set, () => studio.state.value?.revision.number], load)
onMounted(async () => {
  await load()
  soon()
})
onUnmounted(() => clearTimeout(timer))

const at = (iso: string) => new Date(iso).toLocaleString([], { day: 'numeric', month: 'short', hour: '2-digit', minute: '2-digit', second: '2-digit' })
const words = { waiting: 'under way', done: 'done', refused: 'not done', failed: 'broke off' }
async function write() {
  const made = await studio.edit({ do: 'begin', list: '/routines', as: 'waiting' })
  if (!made) return
  await router.push(`/apps/${studio.app}/screens/routines`)
  studio.startFilling(made.next)
}
const hook = () => told(() => api.post<RoutineBook>(path('/webhooks'), { url: url.value, tables: table.value ? [table.value] : [] }))
</script>

<template>
  <h1>What the app does by itself</h1>
  <p class="small">
    Routines that wait for a row, a time or a webhook. Where a service does not answer, the routine is tried again. It is done as a whole or not at all.
  </p>
  <p class="service-acts">
    <span class="service-sets" role="group" aria-label="Data set"
      ><button v-for="s in ['sandbox', 'live'] as const" :key="s" type="button" class="service-set" :aria-pressed="set === s" @click="set = s">
        {{ s }}
      </button></span
    ><v-btn size="small" variant="tonal" color="primary" @click="write">Write one</v-btn>
  </p>
  <p v-if="trouble" class="fault" role="alert">{{ trouble }}</p>
  <ul class="service-requests">
    <li v-for="r in book?.routines ?? []" :key="r.at">
      <button class="link" @click="router.push(`/apps/${studio.app}/screens/routines`)">{{ r.name }}</button> <span class="small">{{ r.waits }}</span>{{ ' ' }}
      <template v-if="r.hook"
        ><span class="small">listens at</span> <code>{{ r.hook }}</code></template
      >{{ ' ' }}
      <v-btn v-if="r.begins" size="x-small" variant="text" @click="told(() => api.post<RoutineBook>(path('/now'), { routine: r.name }))">Do it now</v-btn>
    </li>
  </ul>
  <p v-if="book && !book.routines.length" class="quiet-note">No routine does anything by itself yet.</p>
  <template v-if="book?.runs.length">
    <h2 class="people-head">Log</h2>
    <table class="access roll">
      <thead>
        <tr>
          <th scope="col">When</th>
          <th scope="col">Routine</th>
          <th scope="col">Because</th>
          <th scope="col">What came of it</th>
          <th scope="col"><span class="sr">What to do</span></th>
        </tr>
      </thead>
      <tbody>
        <tr v-for="r in book.runs" :key="r.id">
          <td>{{ at(r.at) }}</td>
          <th scope="row">{{ r.routine }}</th>
          <td>{{ r.because }}</td>
          <td>
            <button class="link" :aria-expanded="open === r.id" @click="open = open === r.id ? 0 : r.id">
              {{ words[r.state] }}{{ r.tries > 1 ? `, at try ${r.tries}` : '' }}
            </button>{{ ' ' }}
            <span v-if="r.said" class="small call-trouble">{{ r.said }}</span>
            <ol v-if="open === r.id" class="small run-steps">
              <li v-for="(s, i) in r.steps" :key="i">{{ s }}</li>
              <li v-if="!r.steps.length">Nothing has happened yet.</li>
            </ol>
          </td>
          <td>
            <v-btn
              v-if="r.state !== 'waiting'"
              size="x-small"
              variant="text"
              :aria-label="`Run ${r.routine} again`"
              @click="told(() => api.post<RoutineBook>(path(`/runs/${r.id}`)))"
              >Run again</v-btn
            >
          </td>
        </tr>
      </tbody>
    </table>
  </template>
  <h2 class="people-head">Tell other programs</h2>
  <p class="small">
    When rows change, a signed message goes out (HMAC with SHA-256 over its id, its time and its body, in the headers webhook-id, webhook-timestamp and
    webhook-signature).
  </p>
  <form class="api-new" @submit.prevent="hook">
    <label
      >Tell <input v-model="url" class="grid-search service-address" required placeholder="https://example.com/hook" aria-label="The address to tell"
    /></label>
    <label
      >of changes in
      <select v-model="table" class="roll-only" aria-label="Which table">
        <option value="">every table</option>
        <option v-for="t in studio.state.value?.tables ?? []" :key="t.at" :value="t.stored">{{ t.name }}</option>
      </select></label
    >
    <v-btn type="submit" size="small" color="primary" variant="tonal">Tell it</v-btn>
  </form>
  <p v-if="book?.secret" class="quiet-note" role="status">
    Its secret, shown this once: <code class="api-token">{{ book.secret }}</code>
  </p>
  <ul class="service-requests">
    <li v-for="w in book?.webhooks ?? []" :key="w.id">
      <code>{{ w.url }}</code>{{ ' ' }}
      <span class="small">{{ w.tables.length ? w.tables.join(', ') : 'every table' }}; its secret ends in …{{ w.ends }}. {{ w.state }}</span>{{ ' ' }}
      <v-btn size="x-small" variant="text" :aria-label="`Tell ${w.url} no more`" @click="told(() => api.remove<RoutineBook>(path(`/webhooks/${w.id}`)))"
        >Remove</v-btn
      >
    </li>
  </ul>
</template>
