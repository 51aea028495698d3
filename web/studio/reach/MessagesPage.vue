<script setup lang="ts">
import { mdiPlus } from '@mdi/js'
import { computed } from 'vue'
import { useStudio } from '../open/useStudio'
import ProseLines from '../prose/ProseLines.vue'
import MessageCard from './MessageCard.vue'
import { useMessages } from './useMessages'

const studio = useStudio()
const { set, state, trouble, load } = useMessages()
const messages = computed(() => studio.state.value?.sends ?? [])
const rules = computed(() => studio.state.value?.messages ?? [])
const figures = (at: string) => state.value?.messages.find((one) => one.at === at)
const calendars = computed(() => studio.state.value?.calendars ?? [])
const phones = computed(() => {
  const count = state.value?.phones ?? 0
  return count === 1 ? 'One phone lets messages in.' : `${count.toLocaleString('en')} phones let messages in.`
})
</script>

<template>
  <h1>Messages</h1>
  <div v-if="!rules.length && !messages.length" class="quiet-note">
    <p>
      There are none yet. Lanai writes what they need: quiet hours and how many a day at most, a channel that people can turn off, and a screen on which they
      say yes to messages and choose among them. You change what you like, and then say your messages: to whom, when, and what they say.
    </p>
    <v-btn class="mt-3" color="primary" @click="studio.edit({ do: 'letMessagesIn' })">Begin with messages</v-btn>
  </div>
  <template v-else>
    <ProseLines v-if="rules.length" :lines="rules" root="/messages" />
    <div class="grid-bar">
      <span class="small grow" role="status">{{ state ? phones : '' }} The figures are those of the last 30 days.</span>
      <v-btn-toggle v-model="set" mandatory density="compact" rounded="pill" color="primary" variant="outlined" aria-label="Data set">
        <v-btn value="sandbox" size="small">Sandbox</v-btn>
        <v-btn value="live" size="small" :disabled="!studio.state.value?.app.liveRevision">Live</v-btn>
      </v-btn-toggle>
    </div>
    <p v-if="trouble" class="fault" role="alert">{{ trouble }} <button class="link" @click="load">Try again</button></p>
    <p v-if="!messages.length" class="quiet-note">No message is said yet. Add one: to whom it goes, when, and what it says.</p>
    <MessageCard v-for="one in messages" :key="one.at" :message="one" :figures="figures(one.at)" :set="set" @sent="load" />
    <div class="page-end">
      <v-btn :variant="messages.length ? 'text' : 'tonal'" color="primary" size="small" :prepend-icon="mdiPlus" @click="studio.begin('/sends')"
        >Add a message</v-btn
      >
    </div>
  </template>
  <h2 class="people-head">Calendars</h2>
  <p v-if="!calendars.length" class="small">
    People can subscribe to a calendar of the app: theirs reads it again by itself, with what they may see. Say one, such as “calendar My swims, of
    where(me.bookings, …), each "{swim.title}", from swim.starts”, and let a button “subscribe to My swims”.
  </p>
  <ProseLines v-else :lines="calendars" root="/calendars" />
  <div class="page-end">
    <v-btn variant="text" color="primary" size="small" :prepend-icon="mdiPlus" @click="studio.begin('/calendars')">Add a calendar</v-btn>
  </div>
</template>
