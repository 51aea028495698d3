<script setup lang="ts">
import { mdiDotsHorizontal, mdiEmailPlusOutline } from '@mdi/js'
import { computed, ref, watch } from 'vue'
import type { OnePerson, RollPage, RollPerson } from '../../contracts/studio'
import { api, Declined } from '../api'
import { useStudio } from '../open/useStudio'

const studio = useStudio()
const set = ref<'sandbox' | 'live'>('sandbox')
const search = ref('')
const only = ref('')
const page = ref(1)
const roll = ref<RollPage | null>(null)
const one = ref<OnePerson | null>(null)
const inviting = ref(false)
const email = ref('')
const note = ref('')
const leaving = ref<RollPerson | null>(null)
const roles = computed(() =>
  (studio.state.value?.roles ?? []).flatMap((l) => l.parts.filter((p) => p.at?.endsWith('/name')).map((p) => p.text.replace(/^"(.*)"$/, '$1'))),
)
const path = computed(() => `apps/${studio.app}/people/${set.value}`)
let asked = 0

async function load() {
  const mine = ++asked
  try {
    const found = await api.get<RollPage>(`${path.value}?${new URLSearchParams({ search: search.value, only: only.value, page: String(page.value) })}`)
    if (mine === asked) roll.value = found
  } catch (error) {
    studio.told(error)
  }
}

watch([set, search, only], () => {
  page.value = 1
  one.value = null
  load()
})
watch(page, load)
watch(() => studio.changes.value, load, { immediate: true })

async function show(id: number) {
  try {
    one.value = one.value?.id === id ? null : await api.get<OnePerson>(`${path.value}/${id}`)
  } catch (error) {
    studio.told(error)
  }
}

async function act(person: RollPerson, what: string, role = '') {
  leaving.value = null
  try {
    await api.post(`${path.value}/${person.id}`, { what, role })
    one.value = null
    studio.changed()
  } catch (error) {
    studio.told(error)
  }
}

async function askToLeave(person: RollPerson) {
  one.value = await api.get<OnePerson>(`${path.value}/${person.id}`)
  leaving.value = person
}

async function invite() {
  try {
    await api.post(`${path.value}/invite`, { email: email.value })
    note.value = `An invitation goes to ${email.value}.`
    inviting.value = false
    email.value = ''
  } catch (error) {
    note.value = error instanceof Declined ? error.message : String(error)
  }
}

const tallest = computed(() => Math.max(1, ...(roll.value?.counts.days ?? []).map((d) => Math.max(d.joined, d.signedIn))))
const day = (at: string | null) => (at ? new Date(at).toLocaleDateString([], { day: 'numeric', month: 'short', year: 'numeric' }) : '')
const moment = (at: string) => new Date(at).toLocaleString([], { day: 'numeric', month: 'short', hour: '2-digit', minute: '2-digit' })
</script>

<template>
  <h1>People</h1>
  <div class="grid-bar">
    <input v-model="search" class="grid-search" type="search" placeholder="Name or address" aria-label="Search people" />
    <select v-model="only" class="roll-only" aria-label="Only some">
      <option value="">everybody</option>
      <option v-for="r in roles" :key="r" :value="r">{{ r }}</option>
      <option value="asking">asking for a role</option>
      <option value="guests">guests</option>
      <option value="blocked">blocked</option>
    </select>
    <v-btn size="small" variant="text" :prepend-icon="mdiEmailPlusOutline" @click="inviting = !inviting">Invite</v-btn>
    <span class="grow" />
    <v-btn-toggle v-model="set" mandatory density="compact" rounded="pill" color="primary" variant="outlined" aria-label="Data set">
      <v-btn value="sandbox" size="small">Sandbox</v-btn>
      <v-btn value="live" size="small" :disabled="!studio.state.value?.app.liveRevision">Live</v-btn>
    </v-btn-toggle>
  </div>
  <form v-if="inviting" class="roll-invite" @submit.prevent="invite">
    <input v-model="email" class="grid-search" type="email" required placeholder="somebody@example.org" aria-label="Address to invite" /><v-btn
      type="submit"
      size="small"
      color="primary"
      variant="tonal"
      >Send</v-btn
    >
  </form>
  <p v-if="note" class="small" role="status">{{ note }}</p>
  <template v-if="roll">
    <figure class="roll-days" :aria-label="`${roll.counts.accounts} accounts and ${roll.counts.guests} guests`">
      <svg viewBox="0 0 600 60" width="100%" height="60" aria-hidden="true" preserveAspectRatio="none">
        <template v-for="(d, i) in roll.counts.days" :key="d.day">
          <rect v-if="d.signedIn" :x="i * 20 + 2" :y="58 - (d.signedIn / tallest) * 54" width="9" :height="(d.signedIn / tallest) * 54 + 1" class="roll-in" />
          <rect v-if="d.joined" :x="i * 20 + 11" :y="58 - (d.joined / tallest) * 54" width="6" :height="(d.joined / tallest) * 54 + 1" class="roll-new" />
        </template>
      </svg>
      <figcaption class="small">
        {{ roll.counts.accounts }} accounts, {{ roll.counts.guests }} guests. The last 30 days: <i class="roll-in" /> signed in, <i class="roll-new" /> new.
      </figcaption>
    </figure>
    <p v-if="!roll.people.length" class="quiet-note">{{ search || only ? 'Nobody is found.' : 'Nobody has signed up yet.' }}</p>
    <table v-else class="access roll">
      <thead>
        <tr>
          <th scope="col">Name</th>
          <th scope="col">Address</th>
          <th v-if="roles.length" scope="col">Role</th>
          <th scope="col">Joined</th>
          <th scope="col">Last here</th>
          <th scope="col"><span class="sr">What to do</span></th>
        </tr>
      </thead>
      <tbody>
        <template v-for="p in roll.people" :key="p.id">
          <tr :class="{ blocked: p.blocked }">
            <th scope="row">
              <button class="access-name" :aria-expanded="one?.id === p.id" @click="show(p.id)">{{ p.name }}</button
              ><span v-if="p.guest" class="small"> guest</span><span v-if="p.blocked" class="fault"> blocked</span>
            </th>
            <td>{{ p.email ?? (p.account ? '' : 'no account') }}</td>
            <td v-if="roles.length">
              {{ p.role
              }}<template v-if="p.asks"
                ><br /><span class="small">asks to be {{ p.asks }}</span> <button class="link" @click="act(p, 'grant')">Grant</button>{{ ' ' }}
                <button class="link" @click="act(p, 'decline')">Decline</button></template
              >
            </td>
            <td>{{ day(p.joined) }}</td>
            <td>{{ day(p.seen) }}</td>
            <td>
              <v-menu>
                <template #activator="{ props: menu }"
                  ><v-btn v-bind="menu" :icon="mdiDotsHorizontal" size="x-small" variant="text" :aria-label="`What to do with ${p.name}`"
                /></template>
                <v-list density="compact">
                  <v-list-item v-for="r in roles.filter((r) => r !== p.role)" :key="r" :title="`Give the role ${r}`" @click="act(p, 'role', r)" />
                  <v-list-item v-if="p.account" title="Sign out everywhere" @click="act(p, 'sign out')" />
                  <v-list-item v-if="p.account" :title="p.blocked ? 'Unblock' : 'Block'" @click="act(p, p.blocked ? 'unblock' : 'block')" />
                  <v-list-item title="Delete…" @click="askToLeave(p)" />
                </v-list>
              </v-menu>
            </td>
          </tr>
          <tr v-if="one?.id === p.id" class="access-sentences">
            <td :colspan="roles.length ? 6 : 5">
              <div v-if="leaving?.id === p.id" class="finding blocks" role="alert">
                Delete {{ p.name }}?
                <template v-for="l in one.leaving" :key="l.table"
                  >{{ l.table }}: {{ l.rows }} {{ l.rows === 1 ? 'row' : 'rows' }} {{ l.goes ? 'go' : 'stay without the name' }}. </template
                >This cannot be undone.
                <div class="dialog-end">
                  <v-btn size="small" variant="text" @click="leaving = null">Keep</v-btn
                  ><v-btn size="small" color="error" variant="flat" @click="act(p, 'delete')">Delete</v-btn>
                </div>
              </div>
              <div class="roll-one">
                <section>
                  <h3>Signed in on</h3>
                  <p v-if="!one.sessions.length" class="small">No device.</p>
                  <ul>
                    <li v-for="(s, i) in one.sessions" :key="i">{{ s.device }}, by {{ s.way }}, since {{ moment(s.since) }}</li>
                  </ul>
                </section>
                <section>
                  <h3>History</h3>
                  <p v-if="!one.history.length" class="small">Nothing yet.</p>
                  <ul>
                    <li v-for="(h, i) in one.history.slice(0, 12)" :key="i">
                      {{ moment(h.at) }}: {{ h.what }}<template v-if="h.way">, {{ h.way }}</template
                      ><template v-if="h.device">, {{ h.device }}</template>
                    </li>
                  </ul>
                </section>
              </div>
            </td>
          </tr>
        </template>
      </tbody>
    </table>
    <div v-if="roll.count > roll.size" class="page-end">
      <v-btn size="small" variant="text" :disabled="page === 1" @click="page--">Newer</v-btn
      ><span class="small">{{ (page - 1) * roll.size + 1 }} to {{ Math.min(roll.count, page * roll.size) }} of {{ roll.count }}</span
      ><v-btn size="small" variant="text" :disabled="page * roll.size >= roll.count" @click="page++">Older</v-btn>
    </div>
  </template>
</template>
