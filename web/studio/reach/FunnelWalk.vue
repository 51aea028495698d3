<script setup lang="ts">
import { computed, ref, watch } from 'vue'
import BusyButton from '../BusyButton.vue'
import { useStudio } from '../open/useStudio'
import WalkedSteps from '../open/WalkedSteps.vue'

/** A funnel made by going it once in the deck: what is looked at and tapped there becomes a step. */
const emit = defineEmits<{ done: [] }>()
const studio = useStudio()
const name = ref('')
const busy = ref(false)
const steps = ref<{ step: string; words: string }[]>([])
const called = (slug: string) => studio.state.value?.screens.find((one) => one.slug === slug)?.name ?? slug
const last = computed(() => steps.value.at(-1)?.step ?? '')

function took(step: string, words: string) {
  if (step && step !== last.value) steps.value.push({ step, words })
}
watch(
  () => studio.walked.value,
  (walked) => {
    if (!walked) return
    const from = steps.value.filter((one) => !one.step.startsWith('/')).at(-1)
    if (walked.tapped) took(walked.tapped, from ? `a tap on ${from.words}` : 'a tap')
    if (walked.screen !== from?.step) took(walked.screen, called(walked.screen))
  },
  { immediate: true },
)

async function make() {
  busy.value = true
  try {
    if (await studio.edit({ do: 'makeFunnel', name: name.value, steps: steps.value.map((one) => one.step) })) emit('done')
  } finally {
    busy.value = false
  }
}
</script>

<template>
  <section class="funnel-walk" aria-label="Walk it in the deck">
    <p>Go through the app beside you as somebody would: what you look at and tap there becomes a step.</p>
    <WalkedSteps :steps="steps.map((one) => one.words)" @drop="steps = steps.filter((_, n) => n !== $event)" />
    <p v-if="!steps.length" class="small">No step yet. Tap something in the app, or open a screen there.</p>
    <div class="funnel-walk-acts">
      <v-text-field v-model="name" label="What it is called" maxlength="60" @keydown.enter="make" />
      <BusyButton color="primary" size="small" :busy="busy" :disabled="steps.length < 2 || !name.trim()" @click="make">Make the funnel</BusyButton>
      <v-btn size="small" variant="text" @click="emit('done')">Cancel</v-btn>
    </div>
  </section>
</template>

<style scoped>
.funnel-walk {
  padding: 12px 16px;
  margin-block: 12px;
  border-radius: 12px;
  background: rgb(var(--v-theme-surface));
}

.funnel-walk-acts {
  display: flex;
  flex-wrap: wrap;
  gap: 12px;
  align-items: center;
  margin-top: 14px;
}

.funnel-walk-acts > :first-child {
  flex: 1 1 220px;
}
</style>
