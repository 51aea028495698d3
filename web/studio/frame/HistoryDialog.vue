<script setup lang="ts">
import { ref, watch } from 'vue'
import type { SentenceChange } from '../../contracts/studio'
import { api } from '../api'
import SentenceChanges from '../findings/SentenceChanges.vue'
import { useStudio } from '../open/useStudio'

interface Entry {
  number: number
  what: string
  at: string
  sentences: SentenceChange[]
}

const model = defineModel<boolean>({ required: true })
const studio = useStudio()
const entries = ref<Entry[] | null>(null)
const words: Record<string, string> = {
  begun: 'begun',
  fill: 'a blank filled',
  offer: 'a part added',
  add: 'a line added',
  remove: 'a line removed',
  move: 'a line moved',
  script: 'the text changed',
  mend: 'a mend applied',
  undo: 'taken back',
  redo: 'done again',
}

watch(model, async (open) => {
  if (!open) return
  entries.value = null
  entries.value = await api.get<Entry[]>(`apps/${studio.app}/revisions`).catch((error) => (studio.told(error), []))
})
</script>

<template>
  <v-dialog v-model="model" max-width="760" scrollable aria-label="History">
    <v-card class="dialog">
      <h2>What changed</h2>
      <v-progress-linear v-if="!entries" indeterminate color="primary" aria-label="Loading the history" />
      <ol v-else class="history">
        <li v-for="entry in entries" :key="entry.number">
          <p>
            <strong>Revision {{ entry.number }}</strong
            >, {{ words[entry.what] ?? entry.what }}, {{ new Date(entry.at).toLocaleString([], { dateStyle: 'medium', timeStyle: 'short' }) }}
          </p>
          <SentenceChanges :changes="entry.sentences" />
        </li>
      </ol>
      <div class="dialog-end"><v-btn variant="text" @click="model = false">Close</v-btn></div>
    </v-card>
  </v-dialog>
</template>
