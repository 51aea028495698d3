<script setup lang="ts">
import { mdiFileUploadOutline } from '@mdi/js'
import { onMounted, onUnmounted, ref } from 'vue'
import type { AppSeen, ImportState, Starter } from '../../contracts/studio'
import { api, Declined } from '../api'
import { brought } from '../open/brought'
import ScreenThumb from '../open/ScreenThumb.vue'

/** Whole small apps to begin from, each drawn as it runs; and an app that somebody has saved as a file. */
const emit = defineEmits<{ begun: [id: number, station?: string]; made: [] }>()
const starters = ref<Starter[]>([])
const seen = ref<Record<string, AppSeen>>({})
const trouble = ref('')
const busy = ref('')
const file = ref<HTMLInputElement>()
const LARGEST = 500_000
const LARGEST_SERVICE = 5_000_000

onMounted(async () => {
  try {
    starters.value = (await api.get<{ starters: Starter[] }>('starters')).starters
  } catch {
    // Without them one begins with a paragraph.
    return
  }
  for (const { key } of starters.value) {
    const picture = await api.get<AppSeen>(`starters/${key}`).catch(() => null)
    if (picture) seen.value = { ...seen.value, [key]: picture }
  }
})

async function begin(what: string, body: { starter: string } | { script: string }) {
  busy.value = what
  trouble.value = ''
  try {
    emit('begun', (await api.post<{ id: number }>('apps', body)).id)
  } catch (error) {
    trouble.value = error instanceof Declined ? error.message : String(error)
  } finally {
    busy.value = ''
  }
}

/** A file of rows comes in behind the app that is begun from it. */
const rows = ref<{ app: number; done: number; total: number; bad: number; ended: boolean } | null>(null)
const ENDED = ['done', 'failed', 'cancelled']
const gone = ref(false)
onUnmounted(() => (gone.value = true))

async function bring(chosen: File) {
  busy.value = 'file'
  trouble.value = ''
  const form = new FormData()
  form.append('file', chosen)
  try {
    const { id, imports } = await api.post<{ id: number; imports: number[] }>('apps/from-file', form)
    rows.value = { app: id, done: 0, total: 0, bad: 0, ended: imports.length === 0 }
    while (!gone.value && !rows.value.ended) {
      const states = await Promise.all(imports.map((one) => api.get<ImportState>(`apps/${id}/imports/${one}`)))
      trouble.value = states.map((one) => one.trouble).find(Boolean) ?? ''
      const sum = (of: (one: ImportState) => number) => states.reduce((all, one) => all + of(one), 0)
      rows.value = {
        app: id,
        done: sum((one) => one.done),
        total: sum((one) => one.total),
        bad: sum((one) => one.report?.bad ?? 0),
        ended: states.every((one) => ENDED.includes(one.state)),
      }
      if (!rows.value.ended) await new Promise((next) => setTimeout(next, 300))
    }
    emit('made')
    // Where all came in there is nothing to read.
    if (!gone.value && !rows.value.bad && !trouble.value) emit('begun', id)
  } catch (error) {
    trouble.value = error instanceof Declined ? error.message : String(error)
  } finally {
    busy.value = ''
  }
}

/** What documents services begins an app that asks them: it is read in the station for them. */
async function describe(text: string, called: string) {
  const name = called.replace(/\.[^.]*$/, '').replaceAll(/[^\p{L}\p{N}]+/gu, ' ').trim().slice(0, 40)
  busy.value = 'file'
  try {
    const { id } = await api.post<{ id: number }>('apps', { name: /\p{L}/u.test(name) ? name : 'From a service' })
    brought.value = text
    emit('begun', id, 'services')
  } catch (error) {
    trouble.value = error instanceof Declined ? error.message : String(error)
  } finally {
    busy.value = ''
  }
}

async function take(event: Event) {
  const input = event.target as HTMLInputElement
  const chosen = input.files?.[0]
  input.value = ''
  if (!chosen) return
  trouble.value = ''
  rows.value = null
  const begins = await chosen.slice(0, 4000).text()
  const isService = /^\s*(\{[\s\S]{0,2000}?"(openapi|swagger)"\s*:|(openapi|swagger)\s*:)/.test(begins)
  const isScript = !isService && (/\.script$/i.test(chosen.name) || /^\s*app\s+\S/.test(begins) && /\n\s*(theme|table|screen)\b/.test(begins))
  if ((isScript || isService) && chosen.size > (isService ? LARGEST_SERVICE : LARGEST)) {
    return void (trouble.value = `This file is larger than ${isService ? '5 MB' : '500,000 bytes'}: it cannot be read at once.`)
  }
  if (isService) await describe(await chosen.text(), chosen.name)
  else if (isScript) await begin('file', { script: await chosen.text() })
  else await bring(chosen)
}
</script>

<template>
  <section class="begin-from" aria-label="Begin from">
    <h2>Or begin from</h2>
    <ul class="starters">
      <li v-for="starter in starters" :key="starter.key">
        <button class="starter" :disabled="!!busy" :aria-busy="busy === starter.key" @click="begin(starter.key, { starter: starter.key })">
          <span class="starter-device"><ScreenThumb v-if="seen[starter.key]" :picture="seen[starter.key].picture" :app="0" /></span>
          <strong>{{ starter.name }}</strong>
          <span class="small">{{ starter.says }}</span>
        </button>
      </li>
    </ul>
    <p class="from-file">
      <input
        ref="file"
        type="file"
        accept=".script,.txt,.csv,.tsv,.json,.jsonl,.ndjson,.xlsx,.ods,.sqlite,.sqlite3,.db,.yaml,.yml"
        class="sr"
        aria-label="A file to begin from"
        tabindex="-1"
        @change="take"
      />
      <v-btn size="small" variant="text" color="primary" :prepend-icon="mdiFileUploadOutline" :disabled="!!busy" @click="file?.click()">A file</v-btn>
      <span class="small"
        >Rows from CSV, a spreadsheet or SQLite get a list and a page at once; an OpenAPI document brings a service; a saved script is the app itself.</span
      >
    </p>
    <div v-if="rows" role="status">
      <template v-if="!rows.ended">
        <v-progress-linear
          :model-value="rows.total ? (100 * rows.done) / rows.total : 0"
          :indeterminate="!rows.total"
          color="primary"
          aria-label="Rows come in"
        />
        {{ rows.done.toLocaleString('en-GB') }} of {{ rows.total.toLocaleString('en-GB') }} rows are in.
      </template>
      <template v-else-if="rows.bad">
        {{ (rows.total - rows.bad).toLocaleString('en-GB') }} rows are in;
        {{ rows.bad === 1 ? 'one has a cell that does not fit and was' : `${rows.bad.toLocaleString('en-GB')} have a cell that does not fit and were` }}
        left out.
      </template>
      <button class="link" @click="emit('begun', rows.app)">Open the app</button>
    </div>
    <p v-if="trouble" class="fault" role="alert">{{ trouble }}</p>
  </section>
</template>

<style scoped>
.begin-from {
  margin-block-end: 32px;
}

h2 {
  margin: 0 0 10px;
  font-size: 1rem;
}

.starters {
  display: grid;
  grid-template-columns: repeat(auto-fill, minmax(240px, 1fr));
  gap: 12px;
  margin: 0;
  padding: 0;
  list-style: none;
}

.starter {
  display: grid;
  grid-template-columns: 64px minmax(0, 1fr);
  grid-template-rows: auto 1fr;
  gap: 2px 12px;
  width: 100%;
  height: 100%;
  padding: 10px;
  border: 1px solid transparent;
  border-radius: 16px;
  background: rgb(var(--v-theme-surface));
  text-align: start;
  cursor: pointer;
}

.starter:hover {
  background: var(--tint);
}

.starter-device {
  grid-row: 1 / 3;
  width: 64px;
  height: 124px;
  border: 2px solid rgb(var(--v-theme-on-surface));
  border-radius: 11px;
  overflow: hidden;
  background: var(--tint);
}

.starter .small {
  line-height: 1.4;
}

.from-file {
  display: flex;
  flex-wrap: wrap;
  gap: 8px;
  align-items: center;
  margin: 10px 0 0;
}
</style>
