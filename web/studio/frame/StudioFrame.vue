<script setup lang="ts">
import { useEventListener } from '@vueuse/core'
import { computed, onMounted, ref, watch } from 'vue'
import { useRoute, useRouter } from 'vue-router'
import { Declined } from '../api'
import SayDialog from '../saying/SayDialog.vue'
import TheDeck from '../deck/TheDeck.vue'
import { first, stations } from '../stations'
import ForeseenDialog from './ForeseenDialog.vue'
import HistoryDialog from './HistoryDialog.vue'
import ShortcutsDialog from './ShortcutsDialog.vue'
import TheWalk from './TheWalk.vue'
import { useGoing } from './useGoing'
import { provideStudio } from '../open/useStudio'

const route = useRoute()
const router = useRouter()
const studio = provideStudio(String(route.params.app))
const station = computed(() => stations.find((s) => s.key === route.params.station) ?? first)
useGoing(studio)
const deckOpen = ref(true)
const help = ref(false)
const history = ref(false)
const saying = ref(false)
const missing = ref(false)

watch(
  () => route.fullPath,
  () => (studio.point('')),
)

onMounted(async () => {
  try {
    await studio.load()
  } catch (error) {
    if (error instanceof Declined && error.status === 401) await router.replace('/sign-in')
    missing.value = error instanceof Declined && error.status === 404
  }
})

const writing = () =>
  document.activeElement instanceof HTMLElement &&
  (document.activeElement.matches('input, textarea, select, [contenteditable]') || !!document.activeElement.closest('.v-overlay__content'))

useEventListener(document, 'keydown', (event: KeyboardEvent) => {
  const undoing = (event.ctrlKey || event.metaKey) && event.key.toLowerCase() === 'z'
  if ((event.ctrlKey || event.metaKey) && !event.shiftKey && event.key.toLowerCase() === 'k') {
    event.preventDefault()
    sayIt()
    return
  }
  if (writing()) return
  if (undoing) {
    event.preventDefault()
    if (event.shiftKey) void studio.redo()
    else void studio.undo()
  } else if (!event.ctrlKey && !event.altKey && !event.metaKey) {
    const there = stations[Number(event.key) - 1]
    if (there) go(there.key)
    if (event.key === '?') help.value = true
  }
})

// Something that is to be said comes from anywhere, once.
watch(
  () => studio.wished.value,
  (words) => (saying.value = words !== ''),
)
watch(saying, (open) => open || studio.wish(''))

/** In its station the box is there already. */
function sayIt() {
  const box = document.getElementById('say-here')
  if (box) box.focus()
  else saying.value = true
}

const go = (key: string) => router.push(`/apps/${studio.app}/${key}`)
</script>

<template>
  <div class="frame">
    <TheWalk
      v-if="studio.state.value"
      :station="station.key"
      :deck-open="deckOpen"
      @go="go"
      @help="help = true"
      @history="history = true"
      @deck="deckOpen = !deckOpen"
      @say="sayIt"
    />
    <div v-if="studio.state.value" class="frame-body">
      <main class="surface"><component :is="station.component" /></main>
      <TheDeck v-if="deckOpen" />
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
    <SayDialog v-model="saying" :words="studio.wished.value" />
    <ForeseenDialog />
    <v-snackbar
      :model-value="!!studio.trouble.value"
      color="error"
      location="bottom start"
      :timeout="9000"
      role="alert"
      @update:model-value="studio.say('')"
    >
      {{ studio.trouble.value }}
      <template #actions><v-btn variant="text" @click="studio.say('')">Close</v-btn></template>
    </v-snackbar>
  </div>
</template>
