<script setup lang="ts">
import { onMounted, ref } from 'vue'
import { useRouter } from 'vue-router'
import { api, Declined } from '../api'
import TheMark from '../frame/TheMark.vue'
import { readSession, session } from '../session'
import NewApp from './NewApp.vue'

interface AppEntry {
  id: number
  name: string
  slug: string
  revision: number
  changed: string
}

const router = useRouter()
const apps = ref<AppEntry[] | null>(null)
const trouble = ref('')

onMounted(async () => {
  try {
    if (!(await readSession()).founder) return router.replace('/sign-in')
    apps.value = await api.get<AppEntry[]>('apps')
  } catch (error) {
    if (error instanceof Declined && error.status === 401) return leave()
    trouble.value = error instanceof Declined ? error.message : String(error)
  }
})

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

const day = (at: string) => new Date(at).toLocaleDateString([], { day: 'numeric', month: 'long', hour: '2-digit', minute: '2-digit' })
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
      <v-progress-linear v-if="!apps && !trouble" indeterminate color="primary" aria-label="Loading your apps" />
      <NewApp v-if="apps" @begun="(id) => router.push(`/apps/${id}/screens`)" />
      <h2 v-if="apps" class="apps-had">Your apps</h2>
      <ul v-if="apps" class="apps-list">
        <li v-for="app in apps" :key="app.id">
          <router-link :to="`/apps/${app.id}/screens`" class="apps-entry">
            <strong>{{ app.name }}</strong>
            <span class="small">revision {{ app.revision }}, changed {{ day(app.changed) }}</span>
          </router-link>
        </li>
        <li v-if="!apps.length" class="quiet-note">No apps yet. Say what your first one should do; all of it can be changed at any time.</li>
      </ul>
      <p v-if="trouble" class="fault" role="alert">{{ trouble }}</p>
    </div>
  </v-main>
</template>
