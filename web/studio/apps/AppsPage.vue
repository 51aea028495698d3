<script setup lang="ts">
import { computed, onMounted, ref } from 'vue'
import { useRouter } from 'vue-router'
import type { AppsOfFounder } from '../../contracts/studio'
import { api, Declined } from '../api'
import TheMark from '../frame/TheMark.vue'
import { readSession, session } from '../session'
import AppsGrid from './AppsGrid.vue'
import BeginFrom from './BeginFrom.vue'
import NewApp from './NewApp.vue'

const router = useRouter()
const had = ref<AppsOfFounder | null>(null)
const sought = ref('')
/** From so many on one looks for one. */
const MANY = 4
const trouble = ref('')

onMounted(async () => {
  try {
    if (!(await readSession()).founder) return router.replace('/sign-in')
  } catch (error) {
    trouble.value = error instanceof Declined ? error.message : String(error)
  }
  await readApps()
})

async function readApps() {
  try {
    had.value = await api.get<AppsOfFounder>('apps')
  } catch (error) {
    if (error instanceof Declined && error.status === 401) return leave()
    trouble.value = error instanceof Declined ? error.message : String(error)
  }
}

async function leave() {
  try {
    await api.remove('session')
  } catch (error) {
    // Whoever could not be signed out is not told that they were.
    if (!(error instanceof Declined && error.status === 401)) {
      trouble.value = error instanceof Declined ? error.message : String(error)
      return
    }
  }
  session.value = null
  await router.push('/sign-in')
}

const found = computed(() => (had.value?.apps ?? []).filter((app) => app.name.toLowerCase().includes(sought.value.trim().toLowerCase())))
const inUse = computed(() => found.value.filter((app) => !app.archived))
const away = computed(() => found.value.filter((app) => app.archived))
const day = (at: string) => new Date(`${at}T12:00:00Z`).toLocaleDateString('en-GB', { day: 'numeric', month: 'long', timeZone: 'UTC' })

async function back(id: number) {
  trouble.value = ''
  try {
    had.value = await api.post<AppsOfFounder>(`apps/removed/${id}/back`)
  } catch (error) {
    trouble.value = error instanceof Declined ? error.message : String(error)
  }
}
</script>

<template>
  <v-main>
    <div class="apps-page">
      <header class="apps-head">
        <TheMark />
        <h1>Lanai</h1>
        <span class="grow" />
        <router-link to="/account" class="small" aria-label="Your account">{{ session?.founder?.name }}</router-link>
        <v-btn variant="text" @click="leave">Sign out</v-btn>
      </header>
      <v-progress-linear v-if="!had && !trouble" indeterminate color="primary" aria-label="Loading your apps" />
      <template v-if="had">
        <NewApp @begun="(id, told) => router.push(`/apps/${id}/${told ? 'brief' : 'screens'}`)" />
        <BeginFrom @made="readApps" @begun="(id, station) => router.push(`/apps/${id}${station ? `/${station}` : ''}`)" />
        <div class="apps-had">
          <h2>Your apps</h2>
          <input
            v-if="had.apps.length > MANY"
            v-model="sought"
            type="search"
            class="filler-field apps-search"
            aria-label="Search your apps"
            placeholder="Search your apps"
          />
        </div>
        <p v-if="!had.apps.length" class="quiet-note">No apps yet. Say what your first one should do; all of it can be changed at any time.</p>
        <p v-else-if="!found.length" class="quiet-note">None of your apps is called so.</p>
        <AppsGrid :apps="inUse" @changed="had = $event" @twin="router.push(`/apps/${$event}`)" @trouble="trouble = $event" />
        <details v-if="away.length" class="apps-away" :open="!!sought">
          <summary>Put away ({{ away.length }})</summary>
          <AppsGrid :apps="away" @changed="had = $event" @twin="router.push(`/apps/${$event}`)" @trouble="trouble = $event" />
        </details>
        <section v-if="had.removed.length" class="apps-away" aria-label="Removed">
          <h3>Removed</h3>
          <p v-for="app in had.removed" :key="app.id" class="apps-removed">
            <span class="grow">{{ app.name }} <span class="small">can be brought back until {{ day(app.until) }}</span></span>
            <v-btn size="small" variant="text" color="primary" :aria-label="`Bring ${app.name} back`" @click="back(app.id)">Bring it back</v-btn>
          </p>
        </section>
      </template>
      <p v-if="trouble" class="fault" role="alert">{{ trouble }}</p>
    </div>
  </v-main>
</template>
