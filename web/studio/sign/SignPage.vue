<script setup lang="ts">
import { computed, onMounted, ref } from 'vue'
import { useRoute, useRouter } from 'vue-router'
import { api, Declined } from '../api'
import BusyButton from '../BusyButton.vue'
import TheMark from '../frame/TheMark.vue'
import { readSession, session, type Session } from '../session'

type Way = 'in' | 'new' | 'forgot' | 'reset'

const router = useRouter()
const query = useRoute().query
const text = (key: string) => (typeof query[key] === 'string' ? (query[key] as string) : '')
/** What the address of a letter brings along. */
const invitation = text('invitation')
const token = text('reset')
const invited = invitation ? 'new' : 'in'
const way = ref<Way>(token ? 'reset' : invited)
const name = ref('')
const email = ref(text('email'))
const password = ref('')
const trouble = ref('')
const said = ref('')
const busy = ref(false)
const isDemo = ref(false)
const heads: Record<Way, string> = { in: 'Come in', new: 'Begin here', forgot: 'A way back in', reset: 'A new password' }
const acts: Record<Way, string> = { in: 'Sign in', new: 'Create my account', forgot: 'Send me a letter', reset: 'Set it and sign in' }
const maySignUp = computed(() => session.value?.registration === 'open' || !!invitation)

onMounted(async () => {
  const { demo, founder } = await readSession()
  if (founder && !token) return router.replace('/')
  // What somebody has typed meanwhile, or another way that they have taken, is theirs.
  if (demo && !token && !invitation && way.value === 'in' && !email.value && !password.value) {
    email.value = demo.email
    password.value = demo.password
    isDemo.value = true
  }
})

function turn(to: Way) {
  way.value = to
  trouble.value = said.value = ''
  if (to === 'new' && isDemo.value) email.value = password.value = ''
}

async function enter() {
  busy.value = true
  trouble.value = said.value = ''
  const own = { email: email.value, password: password.value }
  try {
    if (way.value === 'forgot') {
      said.value = (await api.post<{ message: string }>('password/forgot', { email: email.value })).message
      return
    }
    const ask: Record<Exclude<Way, 'forgot'>, () => Promise<Session>> = {
      new: () => api.post('founders', { name: name.value, invitation, ...own }),
      reset: () => api.post('password/reset', { token, ...own }),
      in: () => api.post('session', own),
    }
    session.value = await ask[way.value]()
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
        <p class="reading">
          “List of <u>Swims</u> where <u>starts</u> is still to come, by <u>Starts</u>, <u>soonest first</u>.” You fill the blanks; the app runs beside you,
          and Lanai tells you what is wrong before a store does.
        </p>
      </div>
      <v-card class="sign-card" tag="form" @submit.prevent="enter">
        <h2>{{ heads[way] }}</h2>
        <p v-if="way === 'forgot'" class="small">A letter goes to your address. Its link lets you set a new password.</p>
        <v-text-field v-if="way === 'new'" v-model="name" label="Your name" autocomplete="name" />
        <v-text-field v-model="email" label="E-mail" type="email" autocomplete="username" :readonly="way === 'reset'" />
        <v-text-field
          v-if="way !== 'forgot'"
          v-model="password"
          :label="way === 'reset' ? 'New password' : 'Password'"
          type="password"
          :autocomplete="way === 'in' ? 'current-password' : 'new-password'"
          :hint="way === 'in' ? '' : 'At least 10 characters'"
          persistent-hint
        />
        <p v-if="trouble" class="fault" role="alert">{{ trouble }}</p>
        <p v-if="said" class="quiet-note" role="status">{{ said }}</p>
        <BusyButton type="submit" color="primary" size="large" :busy="busy">{{ acts[way] }}</BusyButton>
        <v-btn v-if="way === 'in' && maySignUp" variant="text" @click="turn('new')">I am new here</v-btn>
        <v-btn v-if="way !== 'in'" variant="text" @click="turn('in')">I have an account already</v-btn>
        <v-btn v-if="way === 'in'" variant="text" size="small" @click="turn('forgot')">I have forgotten my password</v-btn>
        <p v-if="way === 'in' && session?.registration === 'invitation' && !invitation" class="small">You need an invitation to sign up here.</p>
        <p v-if="isDemo && way === 'in'" class="small">This is a demo: the form is filled in, just sign in.</p>
      </v-card>
    </div>
  </v-main>
</template>
