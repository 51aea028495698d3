<script setup lang="ts">
import { onUnmounted, ref, watch } from 'vue'
import { api, Declined } from '../api'
import BusyButton from '../BusyButton.vue'
import UnderstoodItem from './UnderstoodItem.vue'
import { useUnderstood, type Letters } from './understood'

/** Says what an app is to do, sees what of it was understood, puts it right, and builds it. */

/** Whether it was told what it is to do. */
const emit = defineEmits<{ begun: [id: number, told: boolean] }>()
const name = ref('')
const text = ref('')
const { understood, trouble: unread, answers, corrections, pieces, missed, read, answer, correct, undo, anew } = useUnderstood(() => text.value)
const trouble = ref('')
const busy = ref(false)
const scrolled = ref(0)
/** Words of the paragraph from which what is pointed at comes. */
const lit = ref<Letters | null>(null)
const isLit = (from: number, to: number) => lit.value !== null && from < lit.value[1] && lit.value[0] < to
let timer = 0
const PAUSE = 250
const LONGEST = 20_000

const EXAMPLES: Record<string, string> = {
  'Lights at the harbour': [
    'We look after the lamps along our harbour. A lamp has a number, a place, a photo and a condition (works, flickers, dark).',
    'Watchers report damage to a lamp with a description and a picture. A fitter marks a damage as repaired.',
    'Only the warden may add lamps. Watchers save lamps as favourites.',
  ].join(' '),
  'Clay evenings': [
    'There are clay evenings with a title, a date, a time, a place and up to 10 seats. Members book an evening and can cancel it.',
    'Only the potter can add evenings. Members write comments on an evening and rate it with stars.',
  ].join(' '),
  'Cloud diary': [
    'A diary of clouds. A cloud has a name, a picture, a kind (high, middle, low), a date and a note.',
    'I upload clouds. My clouds are private. No ads.',
  ].join(' '),
}

function example(called: string) {
  name.value = called
  anew()
  text.value = EXAMPLES[called]
}

async function build() {
  busy.value = true
  trouble.value = ''
  try {
    const { id } = await api.post<{ id: number }>('apps', {
      name: name.value,
      text: text.value,
      answers: answers.value,
      corrections: corrections.value,
    })
    emit('begun', id, !!text.value.trim())
  } catch (error) {
    trouble.value = error instanceof Declined ? error.message : String(error)
  } finally {
    busy.value = false
  }
}

watch(text, () => {
  clearTimeout(timer)
  timer = window.setTimeout(read, PAUSE)
})
onUnmounted(() => clearTimeout(timer))
</script>

<template>
  <form class="new-app" aria-label="A new app" @submit.prevent="build">
    <div class="new-said">
      <label for="new-text">What should it do?</label>
      <div class="paper">
        <div class="behind" aria-hidden="true" :style="{ transform: `translateY(${-scrolled}px)` }">
          <template v-for="(piece, i) in pieces" :key="i"
            ><mark v-if="piece.of" :class="[`of-${piece.of}`, { lit: isLit(piece.from, piece.to) }]">{{ piece.text }}</mark
            ><template v-else>{{ piece.text }}</template></template
          >
        </div>
        <textarea
          id="new-text"
          v-model="text"
          rows="8"
          :maxlength="LONGEST"
          placeholder="Each tool has a name, a picture and a deposit. People borrow tools; the owner says yes or no. …"
          @scroll="scrolled = ($event.target as HTMLTextAreaElement).scrollTop"
        />
      </div>
      <p class="small">
        Or try
        <template v-for="(_, called, i) in EXAMPLES" :key="called"
          ><template v-if="i">, </template><button type="button" class="link" @click="example(String(called))">{{ called }}</button></template
        >. English is read; without a paragraph the app begins empty.
      </p>
      <div class="new-name">
        <label for="new-name">Name of a new app</label>
        <input id="new-name" v-model="name" class="filler-field" maxlength="60" required />
        <BusyButton type="submit" color="primary" :busy="busy" :disabled="!name.trim()">{{ text.trim() ? 'Build it' : 'Begin it' }}</BusyButton>
      </div>
      <p v-if="trouble || unread" class="fault" role="alert">{{ trouble || unread }}</p>
    </div>
    <section class="new-understood" aria-label="What was understood" aria-live="polite">
      <h2>What I understood</h2>
      <p v-if="understood?.language" class="quiet-note" role="status">
        This looks like {{ understood.language }}. Only English is read yet: say it in English, or begin from one of the small
        apps below and change it by saying so.
      </p>
      <p v-else-if="!understood?.items.length" class="quiet-note">
        <template v-if="text.trim()">Nothing yet that could be kept or done. Say what something has: “A boat has a name and a price.”</template>
        <template v-else>It stands here while you write. Tap a word of it to put it right.</template>
      </p>
      <ul v-else>
        <UnderstoodItem v-for="item in understood.items" :key="item.at" :item="item" @correct="(all) => correct(...all)" @point="lit = $event" />
      </ul>
      <p v-if="corrections.length" class="small">
        {{ corrections.length === 1 ? 'One thing was' : `${corrections.length} things were` }} put right by you.
        <button type="button" class="link" @click="undo">Take the last one back</button>
      </p>
      <p v-for="one in missed" :key="one" class="quiet-note">I did not understand “{{ one }}” Say it otherwise, or leave it for later.</p>
      <div v-for="question in understood?.questions" :key="question.asks" class="question-line">
        <p>{{ question.asks }}</p>
        <span class="choices">
          <button
            v-for="one in question.answers"
            :key="one"
            type="button"
            class="choice"
            :aria-pressed="answers[question.asks] === one"
            @click="answer(question.asks, one)"
          >
            {{ one }}
          </button>
        </span>
      </div>
    </section>
  </form>
</template>

<style scoped>
.new-app {
  display: grid;
  gap: 24px;
  grid-template-columns: minmax(0, 3fr) minmax(0, 2fr);
  margin-block-end: 32px;
}

label {
  display: block;
  font-weight: 600;
  margin-block-end: 6px;
}

.paper {
  background: rgb(var(--v-theme-surface));
  border: 1px solid color-mix(in srgb, rgb(var(--v-theme-on-surface)) 40%, transparent);
  border-radius: 14px;
  overflow: hidden;
  position: relative;
}

.paper:focus-within {
  outline: 3px solid rgb(var(--v-theme-primary));
  outline-offset: 1px;
}

.behind,
textarea {
  display: block;
  font: 1.05rem/1.7 var(--reading);
  inline-size: 100%;
  letter-spacing: 0;
  padding: 14px 18px;
  white-space: pre-wrap;
  word-break: normal;
  overflow-wrap: break-word;
}

.behind {
  color: transparent;
  inset: 0 0 auto;
  pointer-events: none;
  position: absolute;
  text-rendering: auto;
}

textarea {
  background: transparent;
  border: 0;
  color: inherit;
  min-block-size: 15rem;
  outline: none;
  overflow-y: auto;
  position: relative;
  resize: vertical;
  scrollbar-width: none;
}

mark {
  background: none;
  margin: 0;
  padding: 0;
  color: transparent;
  text-decoration: underline 2px;
  text-underline-offset: 5px;
}

mark.lit {
  background: color-mix(in srgb, #f4c95d 45%, transparent);
  border-radius: 3px;
}

.of-data {
  text-decoration-color: rgb(var(--v-theme-primary));
}

.of-screens {
  text-decoration-color: #2f6fb0;
}

.of-people {
  text-decoration-color: #8a5bb5;
}

.of-sold {
  text-decoration-color: #b8862d;
}

.of-not {
  text-decoration-color: var(--fault);
}

.new-name {
  align-items: center;
  display: flex;
  flex-wrap: wrap;
  gap: 10px;
}

.new-name label {
  margin: 0;
}

.new-name input {
  flex: 1;
  inline-size: auto;
  min-inline-size: 10rem;
}

h2 {
  font-size: 1rem;
  margin: 0 0 8px;
}

ul {
  line-height: 1.6;
  list-style: none;
  margin: 0 0 12px;
  padding: 0;
}

li {
  border-block-end: 1px solid var(--line);
  padding-block: 5px;
}

.question-line {
  margin-block-end: 10px;
}

.question-line p {
  margin: 0 0 4px;
}

@media (width <= 800px) {
  .new-app {
    grid-template-columns: minmax(0, 1fr);
  }
}
</style>
