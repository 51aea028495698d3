<script setup lang="ts">
import { computed, onMounted, ref } from 'vue'
import type { TestersState } from '../../contracts/studio'
import { api, Declined } from '../api'
import BusyButton from '../BusyButton.vue'
import { useStudio } from '../open/useStudio'

/** Who tries the app before it is in the stores, and what they tell. */
const studio = useStudio()
const state = ref<TestersState>()
const trouble = ref('')
const emails = ref('')
const group = ref('')
const busy = ref(false)
const emit = defineEmits<{ state: [words: string] }>()
const day = (at: string) => new Date(at).toLocaleDateString('en-GB', { day: 'numeric', month: 'long', year: 'numeric' })
const words = computed(() => {
  const [count, told] = [state.value?.testers.length ?? 0, state.value?.feedback.length ?? 0]
  if (!count && !told) return 'nobody yet'
  const opened = state.value?.testers.filter((one) => one.opened).length ?? 0
  const people = count === 1 ? 'one person' : `${count} people`
  return `${people}, ${opened ? `${opened} opened it` : 'not opened yet'}${told ? `; ${told} told how it was` : ''}`
})

async function act(call: () => Promise<TestersState>) {
  try {
    state.value = await call()
    trouble.value = ''
    emit('state', words.value)
    return true
  } catch (error) {
    trouble.value = error instanceof Declined ? error.message : String(error)
    return false
  }
}

async function invite() {
  busy.value = true
  if (await act(() => api.post<TestersState>(`apps/${studio.app}/testers`, { emails: emails.value, group: group.value }))) emails.value = ''
  busy.value = false
}

const stays = (name: string, kept: boolean) => act(() => api.post<TestersState>(`apps/${studio.app}/testers/group`, { group: name, stays: kept }))

onMounted(() => act(() => api.get<TestersState>(`apps/${studio.app}/testers`)))
</script>

<template>
  <form class="invite" @submit.prevent="invite">
    <p>
      They get a letter with a page of their own: there they open the app with its practice data, get the newest Android package, and tell how it was.
      It is good for 90 days, and at most {{ state?.most ?? 100 }} people can try an app.
    </p>
    <label for="tester-emails">E-mail addresses</label>
    <textarea id="tester-emails" v-model="emails" class="filler-field" rows="2" required placeholder="ada@friends.example, ben@friends.example" />
    <label for="tester-group">What you call this group; it may stay empty</label>
    <input id="tester-group" v-model="group" class="filler-field" maxlength="60" />
    <BusyButton size="small" color="primary" type="submit" :busy="busy">Write to them</BusyButton>
    <p v-if="trouble" class="fault" role="alert">{{ trouble }}</p>
    <p v-if="state?.sent" role="status">{{ state.sent === 1 ? 'A letter is' : `${state.sent} letters are` }} on the way.</p>
  </form>
  <v-progress-linear v-if="!state && !trouble" indeterminate color="primary" aria-label="Loading who tries it" />
  <ul v-if="state?.groups.length" class="testers" aria-label="What they try">
    <li v-for="one in state.groups" :key="one.name">
      <span>
        <strong>{{ one.name || 'Whoever is in no group' }}</strong>
        <span class="small"> ({{ one.people === 1 ? 'one person' : `${one.people} people` }}): </span>
        <template v-if="one.revision === null">every revision as you write it.</template>
        <template v-else-if="one.why">the newest after all, not revision {{ one.revision }}. {{ one.why }}</template>
        <template v-else>revision {{ one.revision }}, whatever you write.</template>
      </span>
      <button v-if="one.revision !== null" class="link" @click="stays(one.name, false)">Let them go along</button>
      <button v-if="one.revision !== studio.state.value?.revision.number" class="link" @click="stays(one.name, true)">
        Keep them on revision {{ studio.state.value?.revision.number }}
      </button>
    </li>
  </ul>
  <ul v-if="state?.testers.length" class="testers" aria-label="Who tries it">
    <li v-for="one in state.testers" :key="one.id">
      <span
        ><strong>{{ one.email }}</strong
        ><span v-if="one.group" class="small">{{ ` ${one.group}` }}</span></span
      >
      <span class="small">{{ one.over ? `over since ${day(one.until)}` : one.opened ? `opened it on ${day(one.opened)}` : 'has not opened it yet' }}</span>
      <button
        class="link"
        :aria-label="`Take ${one.email} off`"
        @click="act(() => api.remove<TestersState>(`apps/${studio.app}/testers/${one.id}`))"
      >
        Take off
      </button>
    </li>
  </ul>
  <article v-for="one in state?.feedback" :key="one.id" class="told">
    <img v-if="one.picture" :src="`/media/${studio.app}/${one.picture}`" width="96" alt="The picture that came with it" />
    <div>
      <p>{{ one.words }}</p>
      <p class="small">
        {{ one.by }}, {{ day(one.told) }}<template v-if="one.on">, {{ one.on }}</template
        >, revision {{ one.revision }}<template v-if="one.screen">, on {{ one.screen }}</template>
      </p>
      <button v-if="one.at" class="link" @click="studio.goTo(one.at)">Go to {{ one.screen }}</button>
      <button class="link" @click="act(() => api.remove<TestersState>(`apps/${studio.app}/feedback/${one.id}`))">I have seen to it</button>
    </div>
  </article>
</template>

<style scoped>
.invite {
  display: grid;
  gap: 6px;
  justify-items: start;
}

.invite p {
  margin: 0;
}

.invite .filler-field {
  inline-size: min(100%, 30rem);
}

.testers {
  list-style: none;
  margin: 0;
  padding: 0;
}

.testers li {
  align-items: baseline;
  border-block-end: 1px solid var(--line);
  display: flex;
  flex-wrap: wrap;
  gap: 4px 16px;
  padding-block: 8px;
}

.testers li > :first-child {
  flex: 1;
}

.told {
  background: rgb(var(--v-theme-surface));
  border-radius: 14px;
  display: flex;
  gap: 14px;
  padding: 12px 16px;
}

.told p {
  margin: 0 0 4px;
  white-space: pre-line;
}

.told img {
  align-self: start;
  border-radius: 8px;
}

.told .link + .link {
  margin-inline-start: 14px;
}
</style>
