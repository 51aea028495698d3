<script setup lang="ts">
import { mdiGestureTap, mdiPlus } from '@mdi/js'
import { computed, ref, watch } from 'vue'
import type { NextStep } from '../../contracts/studio'
import { api, Declined } from '../api'
import StationFindings from '../findings/StationFindings.vue'
import { latest } from '../latest'
import { useStudio } from '../open/useStudio'
import ProseLines from '../prose/ProseLines.vue'
import ErrandWalk from './ErrandWalk.vue'
import TapEverything from './TapEverything.vue'
import SayBox from '../saying/SayBox.vue'

/** What the app is, what would come next, and a box in which a change is said. */
const studio = useStudio()
const box = ref<InstanceType<typeof SayBox>>()
const notes = computed(() => studio.state.value?.notes ?? [])
const steps = ref<NextStep[] | null>(null)
const trouble = ref('')
const newest = latest()
const errands = computed(() => studio.state.value?.errands ?? [])
const { done, waits, trouble: errandTrouble, busy: goes } = studio.errands
const walks = ref(false)

/** Somebody has just built it from a paragraph. */
const isNew = computed(() => studio.state.value?.revision.number === 1 && notes.value.length > 0)
const parts = [
  { id: 'what-it-is', name: 'What it is' },
  { id: 'what-next', name: 'What next' },
  { id: 'errands', name: 'Errands' },
  { id: 'say-here', name: 'Say a change' },
]
function toPart(id: string) {
  const part = document.getElementById(id)
  part?.scrollIntoView({ block: 'start' })
  if (id === 'say-here') part?.focus()
}

async function load() {
  const isNewest = newest()
  trouble.value = ''
  try {
    const found = await api.get<{ steps: NextStep[] }>(`apps/${studio.app}/next`)
    if (isNewest()) steps.value = found.steps
  } catch (error) {
    if (isNewest()) trouble.value = error instanceof Declined ? error.message : String(error)
  }
}

watch(
  () => studio.state.value?.revision.number,
  load,
  { immediate: true },
)
</script>

<template>
  <div class="screens">
    <nav class="side" aria-label="Brief">
      <h2 class="side-head">Brief</h2>
      <button v-for="part in parts" :key="part.id" class="side-entry" @click="toPart(part.id)">{{ part.name }}</button>
      <StationFindings station="brief" />
    </nav>
    <section class="page brief">
      <p v-if="isNew" class="quiet-note guide">
        Your app runs at the right, with made-up rows: tap in it as its people would. <strong>Data</strong> keeps what it knows, <strong>Screens</strong> what
        is seen, <strong>People</strong> who may do what. Change all of it there, or say below what should be different: nothing is done before you take it.
      </p>
      <h1 id="what-it-is">What it is</h1>
      <p v-if="!notes.length" class="quiet-note">
        Keep here what holds whoever works on the app: for whom it is, how it speaks, what it will never have. “note "No sign-in, ever."” is looked after:
        where the app does otherwise, you are told.
      </p>
      <ProseLines v-else :lines="notes" root="/notes" />
      <div class="page-end">
        <v-btn :variant="notes.length ? 'text' : 'tonal'" color="primary" size="small" :prepend-icon="mdiPlus" @click="studio.begin('/notes')"
          >Add a note</v-btn
        >
      </div>
      <h2 id="what-next" class="people-head">What next</h2>
      <p v-if="trouble" class="fault" role="alert">{{ trouble }} <button class="link" @click="load">Try again</button></p>
      <p v-else-if="!steps" class="small" role="status">Looking at your app …</p>
      <p v-else-if="!steps.length" class="quiet-note">Nothing that apps like this usually have is missing. Say below what you would like to be otherwise.</p>
      <ul v-else class="steps">
        <li v-for="step in steps" :key="step.says">
          <span class="step-words">
            <strong>{{ step.says.charAt(0).toUpperCase() + step.says.slice(1) }}</strong>
            <span class="small">{{ step.brings }}</span>
          </span>
          <v-btn size="small" variant="text" color="primary" :aria-label="`Propose: ${step.says}`" @click="box?.say(step.says)">Show me</v-btn>
        </li>
      </ul>
      <h2 id="errands" class="people-head">Errands</h2>
      <p v-if="!errands.length" class="quiet-note">
        An errand is done with the app from beginning to end after every edit, so that what is right stays right: who it is, what they tap and type
        by the words on the screen, and what must be seen. Write “errand Last place, as "Ines"”, and under it “then tap "Count me in"” and “then see
        "See you"”.
      </p>
      <ul v-if="done?.length" class="errands" aria-label="How the errands went">
        <li v-for="one in done" :key="one.at" :class="{ wrong: one.wrong }">
          <span class="errand-mark" aria-hidden="true" />
          <span class="step-words">
            <button class="link errand-name" @click="studio.goTo(one.at)">{{ one.name }}</button>
            <span v-if="one.wrong" class="fault">Step {{ one.steps.length }}, {{ one.steps.at(-1)?.said }}: {{ one.wrong }}</span>
            <span v-else class="small">{{ one.steps.length }} steps, in order, {{ Math.round(one.milliseconds) }} ms</span>
            <span v-for="device in one.devices" :key="device.name" class="small" :class="{ fault: device.wrong }"
              >{{ device.name }}: {{ device.wrong || 'in order' }}</span
            >
          </span>
        </li>
      </ul>
      <p v-if="errandTrouble" class="fault" role="alert">{{ errandTrouble }} <button class="link" @click="studio.errands.run">Try again</button></p>
      <p v-else-if="waits.length" class="quiet-note" role="status">
        They would ask {{ waits.join(' and ') }}, which belongs to others. So they are done when you say so.
        <button class="link" @click="studio.errands.run">Do them now</button>
      </p>
      <p v-else-if="errands.length && (goes || !done)" class="small" role="status">They are done …</p>
      <ProseLines v-if="errands.length" :lines="errands" root="/errands" />
      <div class="page-end">
        <v-btn :variant="errands.length ? 'text' : 'tonal'" color="primary" size="small" :prepend-icon="mdiPlus" @click="studio.begin('/errands')"
          >Add an errand</v-btn
        >
        <v-btn variant="text" color="primary" size="small" :prepend-icon="mdiGestureTap" :disabled="walks" @click="walks = true"
          >Go on one in the deck</v-btn
        >
        <template v-if="errands.length">
          <v-btn variant="text" color="primary" size="small" :disabled="goes" @click="studio.errands.run">Do them again</v-btn>
          <v-btn variant="text" color="primary" size="small" :disabled="goes" @click="studio.errands.onDevices">On three devices</v-btn>
          <v-btn variant="text" color="primary" size="small" :href="`/api/apps/${studio.app}/errands.txt`" download>Save them as text</v-btn>
        </template>
      </div>
      <ErrandWalk v-if="walks" @done="walks = false" />
      <TapEverything />
      <div class="foot"><SayBox id="say-here" ref="box" /></div>
    </section>
  </div>
</template>

<style scoped>
.brief {
  display: flex;
  flex-direction: column;
  min-height: 100%;
  padding-block-end: 0;
}

.steps {
  margin: 0 0 24px;
  padding: 0;
  list-style: none;
}

.steps li {
  display: flex;
  gap: 12px;
  align-items: center;
  padding: 8px 0;
  border-block-end: 1px solid var(--line);
}

.step-words {
  display: flex;
  flex: 1;
  flex-direction: column;
  min-width: 0;
}

.step-words strong {
  font: 500 1.0625rem/1.5 var(--reading);
}

.errands {
  margin: 0 0 12px;
  padding: 0;
  list-style: none;
}

.errands li {
  display: flex;
  gap: 10px;
  align-items: baseline;
  padding: 6px 0;
}

.errand-mark {
  flex: none;
  width: 10px;
  height: 10px;
  border-radius: 5px;
  background: rgb(var(--v-theme-primary));
}

.wrong .errand-mark {
  border-radius: 1px;
  background: var(--fault);
  transform: rotate(45deg);
}

.errand-name {
  align-self: flex-start;
}

.foot {
  position: sticky;
  z-index: 2;
  display: flex;
  flex-direction: column;
  bottom: 0;
  max-height: calc(100vh - 150px);
  padding: 12px 0 16px;
  margin-block-start: auto;
  border-block-start: 1px solid var(--line);
  background: rgb(var(--v-theme-background));
}
</style>
