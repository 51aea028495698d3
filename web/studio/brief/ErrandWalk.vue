<script setup lang="ts">
import { computed, ref, watch } from 'vue'
import BusyButton from '../BusyButton.vue'
import { errandText, stepped, stepSaid, type ErrandStep } from '../open/errand'
import { useStudio } from '../open/useStudio'
import WalkedSteps from '../open/WalkedSteps.vue'

/** An errand made by going on it once in the deck: what is tapped and typed there becomes a step, by the words that stand on the screen. */
const emit = defineEmits<{ done: [] }>()
const studio = useStudio()
const name = ref('')
const seen = ref('')
const steps = ref<ErrandStep[]>([])
const busy = ref(false)
const trouble = ref('')
const person = computed(() => studio.actor.value)
const LONGEST = 80
const said = computed(() => steps.value.map(stepSaid))

// What is tapped and typed in the deck comes one by one.
watch(
  () => studio.way.value,
  (now, before) => {
    const step = now?.at(-1)
    if (!now || !step || step.does === 'open') return
    if (now.length === before?.length) steps.value = [...steps.value.slice(0, -1), step]
    else if (now.length > (before?.length ?? 0)) steps.value = stepped(steps.value, step)
  },
)

/** An errand is one person's, and begins where the app begins. */
function begin() {
  steps.value = []
  trouble.value = person.value ? '' : 'Show the deck first: the errand is gone on there.'
  const first = studio.state.value?.screens.find((one) => one.first) ?? studio.state.value?.screens[0]
  if (first) studio.open(first.slug)
}
watch(person, begin, { immediate: true })

function mustBeSeen() {
  if (seen.value.trim()) steps.value.push({ does: 'see', what: seen.value.trim().slice(0, LONGEST), into: '' })
  seen.value = ''
}

async function make() {
  busy.value = true
  trouble.value = ''
  const who = person.value === 'nobody' ? '' : person.value
  trouble.value = await studio.tryEdit({ do: 'write', list: '/errands', text: errandText(name.value, who, steps.value) })
  busy.value = false
  if (!trouble.value) emit('done')
}
</script>

<template>
  <section class="errand-walk" aria-label="Go on an errand in the deck">
    <p>
      Go through the app beside you{{ person && person !== 'nobody' ? ` as ${person}` : '' }}: what you tap and type there becomes a step. Say in
      between what must be seen.
    </p>
    <WalkedSteps :steps="said" @drop="steps = steps.filter((_, n) => n !== $event)" />
    <form class="walk-line" @submit.prevent="mustBeSeen">
      <label for="errand-seen" class="sr">What must be seen now</label>
      <input id="errand-seen" v-model="seen" class="filler-field" placeholder="What must be seen now, such as “See you at”" :maxlength="LONGEST" />
      <v-btn type="submit" size="small" variant="text" color="primary" :disabled="!seen.trim()">It must be seen</v-btn>
    </form>
    <form class="walk-line" @submit.prevent="make">
      <label for="errand-name" class="sr">What the errand is called</label>
      <input id="errand-name" v-model="name" class="filler-field" placeholder="What it is called" maxlength="60" />
      <BusyButton type="submit" size="small" color="primary" :busy="busy" :disabled="!name.trim() || !steps.length">Keep it</BusyButton>
      <v-btn size="small" variant="text" @click="emit('done')">Never mind</v-btn>
    </form>
    <p v-if="trouble" class="fault" role="alert">{{ trouble }}</p>
  </section>
</template>

<style scoped>
.errand-walk {
  margin: 12px 0;
  padding: 14px 18px;
  border-radius: 14px;
  background: var(--tint);
}

.walk-line {
  display: flex;
  flex-wrap: wrap;
  gap: 8px;
  align-items: center;
  margin-block-start: 8px;
}

.walk-line input {
  flex: 1 1 220px;
  width: auto;
}
</style>
