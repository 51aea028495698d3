<script setup lang="ts">
import { onMounted, ref } from 'vue'
import { useRouter } from 'vue-router'
import { api, Declined } from '../api'
import BusyButton from '../BusyButton.vue'
import TheMark from '../frame/TheMark.vue'
import { readSession, session } from '../session'

interface AppEntry {
  id: number
  name: string
  slug: string
  revision: number
  changed: string
}

const router = useRouter()
const apps = ref<AppEntry[] | null>(null)
const name = ref('')
const trouble = ref('')
const busy = ref(false)

onMounted(async () => {
  try {
    if (!(await readSession()).founder) return router.replace('/sign-in')
    apps.value = await api.get<AppEntry[]>('apps')
  } catch (error) {
    if (error instanceof Declined && error.status === 401) return leave()
    trouble.value = error instanceof Declined ? error.message : String(error)
  }
})

async function begin() {
  busy.value = true
  trouble.value = ''
  try {
    const { id } = await api.post<{ id: number }>('apps', { name: name.value })
    await router.push(`/apps/${id}/screens`)
  } catch (error) {
    trouble.value = error instanceof Declined ? error.message : String(error)
  } finally {
    busy.value = false
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

const day = (at: string) => new Date(at).toLocaleDateString([], { day: 'numeric', month: 'long', hour: '2-digit', minute: '2-digit' })
</script>

<template>
  <v-main>
    <div class="apps-page">
      <header class="apps-head">
        <TheMark />
        <h1>Your apps</h1>
        <span class="grow" />
        <router-link to="/account" class="small" aria-label="Your account">{{ session?.founder?.name }}</router-link>
        <v-btn variant="text" @click="leave">Sign out</v-btn>
      </header>
      <v-progress-linear v-if="!apps && !trouble" indeterminate color="primary" aria-label="Loading your apps" />
      <ul v-if="apps" class="apps-list">
        <li v-for="app in apps" :key="app.id">
          <router-link :to="`/apps/${app.id}/screens`" class="apps-entry">
            <strong>{{ app.name }}</strong>
            <span class="small">revision {{ app.revision }}, changed {{ day(app.changed) }}</span>
          </router-link>
        </li>
        <li v-if="!apps.length" class="quiet-note">No apps yet. Give your first one a name; it can be changed at any time.</li>
      </ul>
      <!-- It comes with the list: what comes later would move it under the pointer. -->
      <form v-if="apps || trouble" class="apps-new" @submit.prevent="begin">
        <v-text-field v-model="name" label="Name of a new app" maxlength="60" />
        <BusyButton type="submit" color="primary" :busy="busy" :disabled="!name.trim()">Begin it</BusyButton>
      </form>
      <p v-if="trouble" class="fault" role="alert">{{ trouble }}</p>
    </div>
  </v-main>
</template>
