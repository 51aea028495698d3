<script setup lang="ts">
import { mdiGestureTap, mdiPlus } from '@mdi/js'
import { computed, ref } from 'vue'
import { useStudio } from '../open/useStudio'
import ProseLines from '../prose/ProseLines.vue'
import FunnelParts from './FunnelParts.vue'
import FunnelSteps from './FunnelSteps.vue'
import FunnelWalk from './FunnelWalk.vue'
import MadeUpPeople from './MadeUpPeople.vue'
import TrialFigures from './TrialFigures.vue'
import { useReach } from './useReach'

const studio = useStudio()
const { set, state, trouble, load } = useReach()
const walks = ref(false)
const lines = computed(() => studio.state.value?.funnels ?? [])
const trials = computed(() => studio.state.value?.trials ?? [])
/** Those that can be gone: each of their steps is there. */
const gone = computed(() => (state.value?.funnels ?? []).filter((one) => one.steps.length > 0).map((one) => one.name))
</script>

<template>
  <h1>How far they come</h1>
  <p v-if="!lines.length" class="quiet-note">
    Say a way that people are to go, and Lanai counts how many of those who begin it come to its end: “funnel Booking”, and under it its steps, “step Swims”,
    “step Swim”, “step Swim, tapping "Take a place"”. Each step counts once in a visit, after the one before it.
  </p>
  <ProseLines v-else :lines="lines" root="/funnels" />
  <div class="page-end">
    <v-btn :variant="lines.length ? 'text' : 'tonal'" color="primary" size="small" :prepend-icon="mdiPlus" @click="studio.begin('/funnels')"
      >Add a funnel</v-btn
    >
    <v-btn variant="text" color="primary" size="small" :prepend-icon="mdiGestureTap" :disabled="walks" @click="walks = true">Walk it in the deck</v-btn>
    <v-btn
      v-if="lines.length && !trials.length"
      variant="text"
      color="primary"
      size="small"
      :prepend-icon="mdiPlus"
      @click="studio.begin('/trials')"
      >Try two ways to begin</v-btn
    >
  </div>
  <FunnelWalk v-if="walks" @done="walks = false" />
  <ProseLines v-if="trials.length" :lines="trials" root="/trials" />
  <template v-if="lines.length">
    <div class="grid-bar">
      <span class="small grow">{{
        set === 'live' ? 'Visits of the last 30 days. What you say here is counted once it is live.' : 'Visits of the last 30 days, in the sandbox.'
      }}</span>
      <v-btn-toggle v-model="set" mandatory density="compact" rounded="pill" color="primary" variant="outlined" aria-label="Data set">
        <v-btn value="sandbox" size="small">Sandbox</v-btn>
        <v-btn value="live" size="small" :disabled="!studio.state.value?.app.liveRevision">Live</v-btn>
      </v-btn-toggle>
    </div>
    <p v-if="trouble" class="fault" role="alert">{{ trouble }} <button class="link" @click="load">Try again</button></p>
    <p v-else-if="!state" class="quiet-note" role="status">They are counted …</p>
    <template v-for="f in state?.funnels ?? []" v-else :key="f.name">
      <h2 class="people-head">{{ f.name }}</h2>
      <p v-if="!f.steps.length" class="small">It has no steps yet.</p>
      <p v-else-if="!f.steps[0].came" class="small">Nobody has begun it yet.</p>
      <template v-else>
        <FunnelSteps :funnel="f" />
        <FunnelParts :funnel="f" />
      </template>
    </template>
    <TrialFigures v-for="t in state?.trials ?? []" :key="t.at" :trial="t" />
    <MadeUpPeople v-if="state && set === 'sandbox' && gone.length" :funnels="gone" :trials="state.trials" @counted="state = $event" />
  </template>
</template>
