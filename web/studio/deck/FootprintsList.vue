<script setup lang="ts">
import type { Account } from '../../contracts/studio'
import type { Step, StepDetail } from '../../contracts/view'
import { ref } from 'vue'
import PutRight from '../findings/PutRight.vue'
import { useSentences } from '../open/useSentences'
import type { Happening } from './TheDeck.vue'

const props = defineProps<{ happenings: Happening[]; several: boolean; why: string; accounts: Account[] | null }>()
defineEmits<{ why: [at: string]; forget: [] }>()

const words: Record<Step['what'], string> = {
  query: 'read',
  added: 'added',
  changed: 'changed',
  removed: 'removed',
  refused: 'refused',
  later: 'left for later',
  set: 'set',
  call: 'called',
  answer: 'answer:',
  'not asked': 'did not ask:',
  sent: 'sent',
  letter: 'wrote a letter',
  'signed in': 'signed in:',
  'signed out': 'signed out',
  left: 'left',
  'goes on': 'goes on:',
  ended: 'ended',
  gave: 'gave',
  rewarded: 'gave for an advert:',
  advert: '',
  'no advert': 'no advert,',
  calendar: 'for the calendar:',
  messages: 'messages:',
}
const { sentence } = useSentences(() => props.happenings.map((h) => h.tapped.slice(h.tapped.lastIndexOf('=') + 1)))
const tapped = (at: string) =>
  sentence((at.includes('=') ? at.slice(at.lastIndexOf('=') + 1) : at).replace(/@\d+/g, '').replace(/\/(swipes|entries)\/\d+$/, '')) ?? 'a line'
const detail = (step: Step) => step.detail as StepDetail & { rows?: number; before?: Record<string, string>; after?: Record<string, string> }

/** What was wrong: a refusal, a fault of a field, or why the screen cannot be shown; '' for nothing. */
const wrong = (h: Happening) => (h.outcome?.refused || Object.values(h.outcome?.errors ?? {})[0] || h.problem) ?? ''
/** The line by which it was. */
const place = (h: Happening) => h.footprints.steps.find((step) => step.what === 'refused')?.at || h.tapped
const open = ref(0)

function changes(step: Step): string[] {
  const { before = {}, after = {} } = detail(step)
  const fields = Object.keys({ ...before, ...after })
  if (step.what === 'changed') return fields.filter((f) => before[f] !== after[f]).map((f) => `${f}: ${before[f] || 'nothing'} → ${after[f] || 'nothing'}`)
  return step.what === 'added' ? fields.filter((f) => after[f]).map((f) => `${f}: ${after[f]}`) : []
}
</script>

<template>
  <section class="footprints" aria-label="Footprints" tabindex="0">
    <p v-if="why" class="why" role="status">{{ why }}</p>
    <div v-if="accounts" class="origins">
      <h3>Where this comes from <button class="link" @click="$emit('forget')">Close</button></h3>
      <p v-if="!accounts.length">These are fixed words: no value is read for them.</p>
      <div v-for="account in accounts" :key="account.formula" class="account">
        <p>
          <strong>{{ account.value || 'nothing' }}</strong> is {{ account.words }}
        </p>
        <ol v-if="account.steps.length > 1">
          <li v-for="step in account.steps" :key="step.words">
            {{ step.words }}: <em>{{ step.value }}</em>
          </li>
        </ol>
        <p v-for="cell in account.cells.slice(0, 8)" :key="`${cell.table}${cell.id}${cell.field}`" class="cell">
          stored in {{ cell.table }}, row {{ cell.id }}, {{ cell.field }}: {{ cell.value || 'nothing' }}
        </p>
        <p v-if="account.cells.length > 8" class="small">and {{ account.cells.length - 8 }} more cells</p>
      </div>
    </div>
    <h3>Footprints</h3>
    <p v-if="!happenings.length" class="small">What happens in the app is told here, step by step.</p>
    <ol>
      <li v-for="h in happenings" :key="h.id" :class="{ tap: h.tapped }">
        <p class="step-head">
          <span
            ><template v-if="several">{{ h.who }}: </template>{{ h.tapped ? `Tapped: ${tapped(h.tapped)}` : h.about || 'Showed the screen' }}</span
          ><span class="ms">{{ h.ms }} ms</span>
        </p>
        <p v-for="(step, i) in h.footprints.steps" :key="i" class="step" :class="step.what">
          <span
            >{{ words[step.what] }} {{ step.text
            }}<template v-if="step.what === 'query'">: {{ detail(step).rows }} {{ detail(step).rows === 1 ? 'row' : 'rows' }}</template></span
          >
          <button v-if="step.what === 'query' && detail(step).rows === 0 && h.id === happenings[0].id" class="link" @click="$emit('why', step.at)">
            Why is this empty?
          </button>
          <span v-else-if="step.what === 'query'" class="ms">{{ step.ms }} ms</span>
          <span v-if="step.what === 'call'" class="ms">{{
            [`${(step.detail as { took?: number }).took ?? 0} ms`, (step.detail as { cost?: string }).cost].filter(Boolean).join(', ')
          }}</span>
          <span v-for="text in changes(step)" :key="text" class="step-change">{{ text }}</span>
        </p>
        <template v-if="wrong(h)">
          <p v-if="h.problem" class="step refused">{{ h.problem }}</p>
          <button class="link" :aria-expanded="open === h.id" @click="open = open === h.id ? 0 : h.id">Put it right</button>
          <PutRight v-if="open === h.id" :said="wrong(h)" :at="place(h)" :person="h.who" :way="h.way" />
        </template>
        <p v-if="h.outcome?.say.length" class="step">said “{{ h.outcome.say.join(' ') }}”</p>
      </li>
    </ol>
  </section>
</template>
