<script setup lang="ts">
import { useEventListener } from '@vueuse/core'
import { computed, onMounted, ref, watch } from 'vue'
import { useRoute, useRouter } from 'vue-router'
import { Declined } from '../api'
import DataStation from '../data/DataStation.vue'
import TheDeck from '../deck/TheDeck.vue'
import PeopleStation from '../people/PeopleStation.vue'
import ReleaseStation from '../release/ReleaseStation.vue'
import ScreensStation from '../screens/ScreensStation.vue'
import ServicesStation from '../services/ServicesStation.vue'
import ForeseenDialog from './ForeseenDialog.vue'
import HistoryDialog from './HistoryDialog.vue'
import ShortcutsDialog from './ShortcutsDialog.vue'
import TheWalk from './TheWalk.vue'
import { provideStudio } from './useStudio'

const route = useRoute()
const router = useRouter()
const studio = provideStudio(String(route.params.app))
const station = computed(() => String(route.params.station || 'screens'))
const components = { data: DataStation, screens: ScreensStation, people: PeopleStation, services: ServicesStation, release: ReleaseStation }
const deckOpen = ref(true)
const help = ref(false)
const history = ref(false)
const missing = ref(false)

watch(() => route.fullPath, () => (studio.pointed.value = ''))

onMounted(async () => {
  try {
    await studio.load()
  } catch (error) {
    if (error instanceof Declined && error.status === 401) await router.replace('/sign-in')
    missing.value = error instanceof Declined && error.status === 404
  }
})

const writing = () => document.activeElement instanceof HTMLElement && (document.activeElement.matches('input, textarea, select, [contenteditable]') || !!document.activeElement.closest('.v-overlay__content'))

useEventListener(document, 'keydown', (event: KeyboardEvent) => {
  const undoing = (event.ctrlKey || event.metaKey) && event.key.toLowerCase() === 'z'
  if (writing()) return
  if (undoing) {
    event.preventDefault()
    event.shiftKey ? studio.redo() : studio.undo()
  } else if (!event.ctrlKey && !event.altKey && !event.metaKey) {
    const stations = studio.state.value?.stations ?? []
    if (/^[1-8]$/.test(event.key) && stations[Number(event.key) - 1]) go(stations[Number(event.key) - 1].key)
    if (event.key === '?') help.value = true
  }
})

const go = (key: string) => router.push(`/apps/${studio.app}/${key}`)
</script>

<template>
  <div class="frame">
    <TheWalk v-if="studio.state.value" :station="station" :deck-open="deckOpen" @go="go" @help="help = true" @history="history = true" @deck="deckOpen = !deckOpen" />
    <div v-if="studio.state.value" class="frame-body">
      <main class="surface"><component :is="components[station as keyof typeof components]" /></main>
      <TheDeck v-if="deckOpen" @goto="go('screens')" />
    </div>
    <div v-else-if="missing" class="frame-none">
      <h1>There is no such app.</h1>
      <p>It may belong to another account.</p>
      <v-btn color="primary" to="/">To your apps</v-btn>
    </div>
    <div v-else class="frame-none">
      <v-progress-circular v-if="!studio.trouble.value" indeterminate color="primary" aria-label="Opening the app" />
      <v-btn v-else color="primary" @click="studio.load()">Try again</v-btn>
    </div>
    <HistoryDialog v-model="history" />
    <ShortcutsDialog v-model="help" />
    <ForeseenDialog />
    <v-snackbar :model-value="!!studio.trouble.value" color="error" location="bottom start" :timeout="9000" role="alert" @update:model-value="studio.trouble.value = ''">
      {{ studio.trouble.value }}
      <template #actions><v-btn variant="text" @click="studio.trouble.value = ''">Close</v-btn></template>
    </v-snackbar>
  </div>
</template>
