<script setup lang="ts">
import { ref, watch } from 'vue'
import type { Use } from '../../contracts/studio'
import { api } from '../api'
import { useStudio } from '../open/useStudio'
import UsesList from './UsesList.vue'

const at = defineModel<string>({ required: true })
const studio = useStudio()
const uses = ref<Use[] | null>(null)

watch(at, async (place) => {
  uses.value = null
  if (place) uses.value = await api.get<Use[]>(`apps/${studio.app}/uses?at=${encodeURIComponent(place)}`).catch((error) => (studio.told(error), null))
})

/** The dialog gives the focus back when it has gone; only then is the line gone to. */
const chosen = ref('')
function open(use: string) {
  chosen.value = use
  at.value = ''
}
function gone() {
  if (chosen.value) studio.goTo(chosen.value)
  chosen.value = ''
}
</script>

<template>
  <v-dialog :model-value="!!at" max-width="560" aria-label="Used in" @update:model-value="at = ''" @after-leave="gone">
    <v-card class="dialog">
      <h2>Used in</h2>
      <v-progress-linear v-if="!uses" indeterminate color="primary" aria-label="Looking through the app" />
      <p v-else-if="!uses.length">No sentence uses this yet.</p>
      <UsesList v-else :uses="uses" links @open="open" />
      <div class="dialog-end"><v-btn variant="text" @click="at = ''">Close</v-btn></div>
    </v-card>
  </v-dialog>
</template>
