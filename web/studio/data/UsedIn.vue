<script setup lang="ts">
import { ref, watch } from 'vue'
import { useRouter } from 'vue-router'
import type { Use } from '../../contracts/studio'
import { api } from '../api'
import { useStudio } from '../frame/useStudio'
import UsesList from './UsesList.vue'

const at = defineModel<string>({ required: true })
const studio = useStudio()
const router = useRouter()
const uses = ref<Use[] | null>(null)

watch(at, async (place) => {
  uses.value = null
  if (place) uses.value = await api.get<Use[]>(`apps/${studio.app}/uses?at=${encodeURIComponent(place)}`).catch((error) => (studio.told(error), null))
})

async function open(use: string) {
  at.value = ''
  const screen = /^\/screens\/(\d+)/.exec(use)?.[1]
  const table = /^\/tables\/(\d+)/.exec(use)?.[1]
  if (screen) await router.push(`/apps/${studio.app}/screens/${studio.state.value?.screens[Number(screen)]?.slug ?? ''}`)
  else if (table) await router.push(`/apps/${studio.app}/data/${studio.state.value?.tables[Number(table)]?.stored ?? ''}`)
  setTimeout(() => {
    studio.gone.value = use
    document.querySelector<HTMLElement>(`[data-line="${CSS.escape(use)}"]`)?.focus()
  }, 150)
}
</script>

<template>
  <v-dialog :model-value="!!at" max-width="560" aria-label="Used in" @update:model-value="at = ''">
    <v-card class="dialog">
      <h2>Used in</h2>
      <v-progress-linear v-if="!uses" indeterminate color="primary" aria-label="Looking through the app" />
      <p v-else-if="!uses.length">No sentence uses this yet.</p>
      <UsesList v-else :uses="uses" links @open="open" />
      <div class="dialog-end"><v-btn variant="text" @click="at = ''">Close</v-btn></div>
    </v-card>
  </v-dialog>
</template>
