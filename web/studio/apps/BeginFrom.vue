<script setup lang="ts">
import { mdiFileUploadOutline } from '@mdi/js'
import { onMounted, ref } from 'vue'
import type { AppSeen, Starter } from '../../contracts/studio'
import { api, Declined } from '../api'
import ScreenThumb from '../open/ScreenThumb.vue'

/** Whole small apps to begin from, each drawn as it runs; and an app that somebody has saved as a file. */
const emit = defineEmits<{ begun: [id: number] }>()
const starters = ref<Starter[]>([])
const seen = ref<Record<string, AppSeen>>({})
const trouble = ref('')
const busy = ref('')
const file = ref<HTMLInputElement>()
const LARGEST = 500_000

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

async function take(event: Event) {
  const input = event.target as HTMLInputElement
  const chosen = input.files?.[0]
  input.value = ''
  if (!chosen) return
  if (chosen.size > LARGEST) return void (trouble.value = 'This file is larger than 500,000 bytes: it is no script of an app.')
  await begin('file', { script: await chosen.text() })
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
      <input ref="file" type="file" accept=".script,.txt,text/plain" class="sr" aria-label="A script of an app" tabindex="-1" @change="take" />
      <v-btn size="small" variant="text" color="primary" :prepend-icon="mdiFileUploadOutline" :disabled="!!busy" @click="file?.click()">
        A script that you have saved
      </v-btn>
      <span class="small">Rows from CSV, XLSX or SQLite, and services from OpenAPI, come in once the app is open: in Data and in Services.</span>
    </p>
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
