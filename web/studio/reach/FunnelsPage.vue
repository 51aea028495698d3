<script setup lang="ts">
import { mdiPlus } from '@mdi/js'
import { computed } from 'vue'
import { useStudio } from '../open/useStudio'
import ProseLines from '../prose/ProseLines.vue'
import FunnelSteps from './FunnelSteps.vue'
import { useReach } from './useReach'

const studio = useStudio()
const { set, state, trouble, load } = useReach()
const lines = computed(() => studio.state.value?.funnels ?? [])
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
  </div>
  <template v-if="lines.length">
    <div class="grid-bar">
      <span class="small grow">Visits of the last 30 days. What was said just now is counted from now on.</span>
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
      <FunnelSteps v-else :funnel="f" />
    </template>
  </template>
</template>
