<script setup lang="ts">
import { computed, onMounted, onUnmounted, ref } from 'vue'
import BusyButton from '../BusyButton.vue'
import { useStudio } from '../open/useStudio'
import WalkedSteps from '../open/WalkedSteps.vue'
import { errandText, type ErrandStep } from './errand'

/** An errand made by going on it once in the deck: what is tapped and typed there becomes a step, by the words that stand on the screen. */
const emit = defineEmits<{ done: [] }>()
const studio = useStudio()
const name = ref('')
const seen = ref('')
const steps = ref<ErrandStep[]>([])
const busy = ref(false)
const trouble = ref('')
const person = ref('')
let page: Document | null = null
const LONGEST = 80

const words = (element: Element | null | undefined) => (element?.textContent ?? '').replace(/\s+/g, ' ').trim().slice(0, LONGEST)
const said = computed(() => steps.value.map((one) => `${one.does} “${one.what}”${one.into ? ` into “${one.into}”` : ''}`))

function tapped(event: Event) {
  const target = event.target as Element
  // Questions are said yes to, and boxes are typed into.
  if (target.closest('input, textarea, select, label, .message, [role="alertdialog"]')) return
  const item = target.closest('.item')
  const hit = item ?? target.closest('button, a, summary, [role="button"]')
  const called = item ? words(item.querySelector('.item-title') ?? item) : (hit?.getAttribute('aria-label') ?? words(hit))
  if (called) steps.value.push({ does: 'tap', what: called, into: '' })
}

function typed(event: Event) {
  const box = event.target as HTMLInputElement | HTMLSelectElement
  const into = words(box.labels?.[0]).replace(/\s*\*$/, '') || (box.getAttribute('aria-label') ?? '')
  // The page in the deck has classes of its own, so an element is told by its name.
  const what = box.tagName === 'SELECT' ? words((box as HTMLSelectElement).selectedOptions[0]) : box.value
  if (!into || !what || box.type === 'password' || box.type === 'file') return
  const last = steps.value.at(-1)
  if (last?.does === 'type' && last.into === into) last.what = what
  else steps.value.push({ does: 'type', what, into })
}

const whoThere = () => document.querySelector<HTMLSelectElement>('[aria-label="Signed in as"]')
const frame = () => document.querySelector<HTMLIFrameElement>('iframe[title="The app, running"]')

/** The page in the deck is another one once it has loaded. */
function listen() {
  page?.removeEventListener('click', tapped, true)
  page?.removeEventListener('change', typed, true)
  page = frame()?.contentDocument ?? null
  page?.addEventListener('click', tapped, true)
  page?.addEventListener('change', typed, true)
  ask()
}

/** Whoever is signed in there is known only once the deck has loaded. */
const ask = () => (person.value = whoThere()?.selectedOptions[0]?.text ?? '')

/** An errand is one person's: with somebody else it begins again. */
function another() {
  ask()
  steps.value = []
}

onMounted(() => {
  const first = studio.state.value?.screens.find((one) => one.first) ?? studio.state.value?.screens[0]
  if (first) studio.open(first.slug)
  listen()
  frame()?.addEventListener('load', listen)
  whoThere()?.addEventListener('change', another)
  if (!page) trouble.value = 'Show the deck first: the errand is gone on there.'
})
onUnmounted(() => {
  frame()?.removeEventListener('load', listen)
  whoThere()?.removeEventListener('change', another)
  page?.removeEventListener('click', tapped, true)
  page?.removeEventListener('change', typed, true)
})

function mustBeSeen() {
  if (seen.value.trim()) steps.value.push({ does: 'see', what: seen.value.trim().slice(0, LONGEST), into: '' })
  seen.value = ''
}

async function make() {
  busy.value = true
  trouble.value = ''
  ask()
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
