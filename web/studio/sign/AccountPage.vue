<script setup lang="ts">
import { onMounted, reactive, ref } from 'vue'
import { useRouter } from 'vue-router'
import { api, Declined } from '../api'
import BusyButton from '../BusyButton.vue'
import TheMark from '../frame/TheMark.vue'
import { session } from '../session'

interface Account {
  name: string
  email: string
  invites: boolean
  places: { id: number; device: string; address: string; seen: string; here: boolean }[]
}

const router = useRouter()
const account = ref<Account | null>(null)
const trouble = ref('')
const said = ref('')
const busy = ref('')
const typed = reactive({ email: '', known: '', next: '', guest: '' })

async function work(what: string, call: () => Promise<Account | { message: string }>, done: string) {
  busy.value = what
  trouble.value = said.value = ''
  try {
    const answer = await call()
    if ('places' in answer) {
      account.value = answer
      typed.email = answer.email
      if (session.value?.founder) session.value.founder.email = answer.email
    }
    said.value = 'message' in answer ? answer.message : done
    typed.known = typed.next = typed.guest = ''
  } catch (error) {
    if (error instanceof Declined && error.status === 401) return router.replace('/sign-in')
    trouble.value = error instanceof Declined ? error.message : String(error)
  } finally {
    busy.value = ''
  }
}

onMounted(() => work('', () => api.get<Account>('account'), ''))
const when = (at: string) => new Date(at).toLocaleString([], { day: 'numeric', month: 'long', hour: '2-digit', minute: '2-digit' })
</script>

<template>
  <v-main>
    <div class="apps-page account-page">
      <header class="apps-head">
        <router-link to="/" aria-label="Your apps"><TheMark /></router-link>
        <h1>Your account</h1>
        <span class="grow" />
        <router-link to="/" class="small">Your apps</router-link>
      </header>
      <p v-if="trouble" class="fault" role="alert">{{ trouble }}</p>
      <p v-if="said" class="quiet-note" role="status">{{ said }}</p>
      <v-progress-linear v-if="!account && !trouble" indeterminate color="primary" aria-label="Loading your account" />
      <template v-if="account">
        <h2>Where you are signed in</h2>
        <ul class="apps-list">
          <li v-for="place in account.places" :key="place.id" class="account-place">
            <span
              ><strong>{{ place.device }}</strong
              ><span v-if="place.here" class="small"> (here)</span><br /><span class="small"
                >{{ place.address }}, last seen {{ when(place.seen) }}</span
              ></span
            >
            <BusyButton
              v-if="!place.here"
              variant="text"
              size="small"
              :busy="busy === `end${place.id}`"
              :aria-label="`Sign out ${place.device}`"
              @click="work(`end${place.id}`, () => api.remove<Account>(`account/places/${place.id}`), 'Signed out there.')"
              >Sign out there</BusyButton
            >
          </li>
        </ul>
        <BusyButton
          v-if="account.places.length > 1"
          variant="text"
          size="small"
          :busy="busy === 'others'"
          @click="work('others', () => api.remove<Account>('account/places'), 'Signed out everywhere else.')"
          >Sign out everywhere else</BusyButton
        >

        <h2>Address and password</h2>
        <p class="small">Both are changed with the password you have now.</p>
        <v-text-field v-model="typed.known" label="Your password now" type="password" autocomplete="current-password" />
        <form
          class="apps-new"
          @submit.prevent="work('email', () => api.post<Account>('account/email', { email: typed.email, known: typed.known }), 'Your address is changed.')"
        >
          <v-text-field v-model="typed.email" label="E-mail" type="email" autocomplete="username" />
          <BusyButton type="submit" variant="tonal" color="primary" :busy="busy === 'email'" :disabled="typed.email === account.email || !typed.known"
            >Change the address</BusyButton
          >
        </form>
        <form
          class="apps-new"
          @submit.prevent="
            work(
              'password',
              () => api.post<Account>('account/password', { new: typed.next, known: typed.known }),
              'Your password is changed, and you are signed out everywhere else.',
            )
          "
        >
          <v-text-field v-model="typed.next" label="New password" type="password" autocomplete="new-password" hint="At least 10 characters" />
          <BusyButton type="submit" variant="tonal" color="primary" :busy="busy === 'password'" :disabled="!typed.next || !typed.known"
            >Change the password</BusyButton
          >
        </form>

        <template v-if="account.invites">
          <h2>Invite somebody</h2>
          <p class="small">Here one signs up by invitation. A letter goes to the address, good for one account and two weeks.</p>
          <form class="apps-new" @submit.prevent="work('invite', () => api.post<{ message: string }>('account/invitations', { email: typed.guest }), '')">
            <v-text-field v-model="typed.guest" label="Their e-mail" type="email" autocomplete="off" />
            <BusyButton type="submit" variant="tonal" color="primary" :busy="busy === 'invite'" :disabled="!typed.guest.trim()">Invite them</BusyButton>
          </form>
        </template>
      </template>
    </div>
  </v-main>
</template>
