<script setup lang="ts">
import { onMounted, ref } from 'vue'
import { useRouter } from 'vue-router'
import { api, Declined } from '../api'
import BusyButton from '../BusyButton.vue'
import TheMark from '../frame/TheMark.vue'
import { readSession, session, type Session } from '../session'

const router = useRouter()
const isNew = ref(false)
const name = ref('')
const email = ref('')
const password = ref('')
const trouble = ref('')
const busy = ref(false)
const isDemo = ref(false)

onMounted(async () => {
  const { demo, founder } = await readSession()
  if (founder) return router.replace('/')
  if (demo) {
    email.value = demo.email
    password.value = demo.password
    isDemo.value = true
  }
})

function turn() {
  isNew.value = !isNew.value
  trouble.value = ''
  if (isNew.value && isDemo.value) email.value = password.value = ''
}

async function enter() {
  busy.value = true
  trouble.value = ''
  try {
    session.value = isNew.value
      ? await api.post<Session>('founders', { name: name.value, email: email.value, password: password.value })
      : await api.post<Session>('session', { email: email.value, password: password.value })
    await router.push('/')
  } catch (error) {
    trouble.value = error instanceof Declined ? error.message : String(error)
  } finally {
    busy.value = false
  }
}
</script>

<template>
  <v-main class="sign">
    <div class="sign-page">
      <div class="sign-words">
        <TheMark :size="44" />
        <h1>An app, written in plain sentences.</h1>
        <p class="reading">“List of <u>Swims</u> where <u>starts</u> is still to come, <u>soonest first</u>.” You fill the blanks; the app runs beside you, and Lanai tells you what is wrong before a store does.</p>
      </div>
      <v-card class="sign-card" tag="form" @submit.prevent="enter">
        <h2>{{ isNew ? 'Begin here' : 'Come in' }}</h2>
        <v-text-field v-if="isNew" v-model="name" label="Your name" autocomplete="name" />
        <v-text-field v-model="email" label="E-mail" type="email" autocomplete="username" />
        <v-text-field v-model="password" label="Password" type="password" :autocomplete="isNew ? 'new-password' : 'current-password'" :hint="isNew ? 'At least 10 characters' : ''" persistent-hint />
        <p v-if="trouble" class="fault" role="alert">{{ trouble }}</p>
        <BusyButton type="submit" color="primary" size="large" :busy="busy">{{ isNew ? 'Create my account' : 'Sign in' }}</BusyButton>
        <v-btn variant="text" @click="turn">{{ isNew ? 'I have an account already' : 'I am new here' }}</v-btn>
        <p v-if="isDemo && !isNew" class="small">This is a demo: the form is filled in, just sign in.</p>
      </v-card>
    </div>
  </v-main>
</template>
