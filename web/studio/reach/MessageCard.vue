<script setup lang="ts">
import { computed, ref, watch } from 'vue'
import type { AudienceState, MessageState, PageState, WordingsState } from '../../contracts/studio'
import { api, Declined } from '../api'
import BusyButton from '../BusyButton.vue'
import { latest } from '../latest'
import { useStudio } from '../open/useStudio'
import ProseLines from '../prose/ProseLines.vue'
import LockScreen from './LockScreen.vue'
import MessageParts from './MessageParts.vue'
import WordingFigures from './WordingFigures.vue'

/** One message: as a letter that can be changed, as it looks on phones, whom it would reach, and what became of it. */
const props = defineProps<{ message: PageState; figures?: MessageState; set: 'sandbox' | 'live' }>()
const emit = defineEmits<{ sent: [] }>()
const studio = useStudio()
const people = computed(() => studio.state.value?.people ?? [])
/** As whom it is read; before one is chosen, by the first of those who would get it. */
const chosen = ref<number | null>(null)
const about = ref<number | null>(null)
const words = ref<WordingsState['wordings']>([])
const audience = ref<AudienceState | null>(null)
const said = ref('')
const person = computed({ get: () => chosen.value ?? audience.value?.people[0]?.person ?? people.value[0]?.id ?? null, set: (one) => (chosen.value = one) })
const readers = computed(() => {
  const known = people.value.map((one) => ({ id: one.id, label: one.label }))
  const others = (audience.value?.people ?? []).filter((one) => !known.some((k) => k.id === one.person)).map((one) => ({ id: one.person, label: one.label }))
  return [...known, ...others]
})
const open = ref(false)
const asking = ref(false)
const busy = ref('')
/** What was done just now. */
const done = ref('')
const begin = latest()

const path = (what: string) => `apps/${studio.app}/messages/${props.set}/${props.figures?.key}/${what}`
const reason = (error: unknown) => (error instanceof Declined ? error.message : String(error))
const row = computed(() => about.value ?? props.figures?.rows[0]?.id ?? null)
const rowLabel = computed(() => props.figures?.rows.find((one) => one.id === row.value)?.label ?? 'It')
const lacksRow = computed(() => !!props.figures?.about && row.value === null)

async function look() {
  if (!props.figures || lacksRow.value) return
  const isLatest = begin()
  try {
    const gets = await api.post<AudienceState>(path('audience'), { about: row.value })
    if (!isLatest()) return
    audience.value = gets
    const shown = await api.post<WordingsState>(path('words'), { person: person.value, about: row.value }).catch((error) => reason(error))
    if (!isLatest()) return
    words.value = typeof shown === 'string' ? [] : shown.wordings
    said.value = typeof shown === 'string' ? shown : ''
  } catch (error) {
    if (isLatest()) [said.value, audience.value] = [reason(error), null]
  }
}
const revision = () => studio.state.value?.revision.number
watch([() => props.figures?.key, revision, () => studio.changes.value, () => props.set, chosen, row], look, { immediate: true })

const gets = computed(() => (audience.value?.people ?? []).filter((one) => one.gets && !one.why).length)
const later = computed(() => (audience.value?.people ?? []).filter((one) => one.gets && one.why).length)
const summary = computed(() => {
  const state = audience.value
  if (!state) return ''
  if (state.said) return `${rowLabel.value} does not meet the “if” just now: nobody would get it.`
  if (state.count === 0) return 'It is for nobody just now.'
  const whom = state.count === 1 ? 'one person' : `${state.count.toLocaleString('en')} people`
  if (state.count > state.of) return `It is for ${whom}. Of the first ${state.of}, ${gets.value} would get it now.`
  const not = state.of - gets.value - later.value
  const parts = [
    gets.value ? `${gets.value} would get it now` : '',
    later.value ? `${later.value} would get it in the morning` : '',
    not ? `${not} would not get it` : '',
  ].filter(Boolean)
  return `It is for ${whom}: ${parts.length === 1 && state.of === 1 ? parts[0].replace('1 ', 'they ') : parts.join(', ')}.`
})

async function does(what: 'try' | 'send') {
  busy.value = what
  asking.value = false
  done.value = ''
  try {
    if (what === 'try') {
      const { phones } = await api.post<{ phones: number }>(path('try'), { person: person.value, about: row.value })
      done.value = phones === 1 ? 'One phone has taken it: look at the deck.' : `${phones} phones have taken it.`
    } else {
      await api.post(path('send'), {})
      done.value = 'It is on its way.'
    }
    emit('sent')
    await look()
  } catch (error) {
    studio.told(error)
  } finally {
    busy.value = ''
  }
}

const share = (part: number, of: number) => (of ? `${Math.round((100 * part) / of)} %` : '–')
const numbers = computed(() => {
  const f = props.figures
  if (!f) return []
  const all = [
    ['sent', f.sent.toLocaleString('en')],
    ['on a phone', f.came.toLocaleString('en')],
    ['opened', share(f.opened, f.sent)],
  ]
  if (f.led !== null) all.push([`led to ${f.hoped}`, f.led.toLocaleString('en')])
  if (f.off) all.push(['turned off after it', f.off.toLocaleString('en')])
  if (f.waiting) all.push(['waiting', f.waiting.toLocaleString('en')])
  if (f.held) all.push(['not sent', f.held.toLocaleString('en')])
  if (f.failed) all.push(['could not be sent', f.failed.toLocaleString('en')])
  return all
})
</script>

<template>
  <article class="writes" :aria-label="message.name">
    <ProseLines :lines="message.lines" :root="message.at" />
    <div class="writes-under">
      <div class="writes-looks">
        <div class="writes-phones">
          <LockScreen v-for="feel in ['ios', 'android'] as const" :key="feel" :feel="feel" :app="studio.state.value?.app.name ?? ''" :words="words[0]" />
        </div>
        <label v-if="figures?.rows.length" class="writes-choice"
          >about
          <select v-model="about" class="roll-only" :aria-label="`About which ${figures.about}`">
            <option :value="null">{{ figures.rows[0].label }}</option>
            <option v-for="one in figures.rows.slice(1)" :key="one.id" :value="one.id">{{ one.label }}</option>
          </select></label
        >
        <label v-if="set === 'sandbox'" class="writes-choice"
          >read by
          <select v-model="person" class="roll-only" aria-label="As whom it is read">
            <option v-for="one in readers" :key="one.id" :value="one.id">{{ one.label }}</option>
          </select></label
        >
        <p v-if="said" class="small" role="status">{{ said }}</p>
      </div>
      <div class="writes-facts">
        <p v-if="lacksRow" class="small">There is no {{ figures?.about }} yet to show it with.</p>
        <p v-else role="status">
          {{ summary }}
          <button v-if="audience?.people.length" class="link" :aria-expanded="open" @click="open = !open">{{ open ? 'Close the list' : 'Who?' }}</button>
        </p>
        <table v-if="open && audience" class="who">
          <tbody>
            <tr v-for="one in audience.people" :key="one.person">
              <th scope="row">{{ one.label || `Number ${one.person}` }}</th>
              <td>{{ one.why || 'Gets it now.' }}</td>
            </tr>
          </tbody>
        </table>
        <dl v-if="numbers.length">
          <div v-for="[name, value] in numbers" :key="name">
            <dt>{{ name }}</dt>
            <dd>{{ value }}</dd>
          </div>
        </dl>
        <MessageParts v-if="figures?.by.length" :parts="figures.by" />
        <p v-for="one in figures?.reasons ?? []" :key="one.why" class="small">{{ one.count.toLocaleString('en') }} × {{ one.why }}</p>
        <p v-if="figures?.last?.said" class="small">The last time nobody got it: {{ figures.last.said }}</p>
        <WordingFigures v-if="figures?.contest" :contest="figures.contest" />
        <div v-if="asking" class="writes-ends" role="alertdialog" aria-label="Send it now?">
          <p>Send it now? {{ summary }} {{ set === 'live' ? 'These are real people.' : '' }}</p>
          <button class="link" @click="asking = false">Not now</button>
          <BusyButton size="small" color="primary" :busy="busy === 'send'" @click="does('send')">Send it</BusyButton>
        </div>
        <div v-else class="writes-ends">
          <BusyButton v-if="set === 'sandbox' && person && !lacksRow" size="small" variant="tonal" :busy="busy === 'try'" @click="does('try')"
            >Try it on their phone</BusyButton
          >
          <BusyButton
            v-if="figures?.byHand"
            size="small"
            variant="tonal"
            color="primary"
            :busy="busy === 'send'"
            :disabled="!audience?.count"
            @click="asking = true"
            >Send it now</BusyButton
          >
          <span role="status">{{ done }}</span>
        </div>
      </div>
    </div>
  </article>
</template>

<style scoped>
.writes {
  padding-block: 20px;
  border-top: 1px solid rgb(var(--v-theme-on-surface), 0.12);
}

.writes-under {
  display: flex;
  flex-wrap: wrap;
  gap: 16px 28px;
  margin-top: 12px;
}

.writes-looks {
  flex: 0 1 320px;
  min-width: 0;
}

.writes-facts {
  flex: 1 1 260px;
  min-width: 0;
}

.writes-phones {
  display: grid;
  grid-template-columns: 1fr 1fr;
  gap: 12px;
}

.who {
  margin-top: 8px;
  border-collapse: collapse;
}

.who th,
.who td {
  padding: 4px 16px 4px 0;
  text-align: start;
  font-weight: 400;
  vertical-align: top;
}

.who th {
  font-weight: 600;
}

.writes dl {
  display: flex;
  flex-wrap: wrap;
  gap: 8px 24px;
  margin-block: 10px;
  font-variant-numeric: tabular-nums;
}

.writes dt {
  font-size: 0.8rem;
  opacity: 0.8;
}

.writes-choice {
  display: flex;
  gap: 8px;
  align-items: baseline;
  margin-top: 10px;
}

.writes-choice select {
  flex: 1;
  min-width: 0;
}

.writes-ends {
  display: flex;
  flex-wrap: wrap;
  gap: 8px 16px;
  align-items: center;
  margin-top: 12px;
}
</style>
