<script setup lang="ts">
import { mdiClose, mdiPlus } from '@mdi/js'
import { useDebounceFn } from '@vueuse/core'
import { computed, ref, watch } from 'vue'
import type { FormulaPart, FormulaState, FormulaThing } from '../../contracts/studio'
import { api, Declined } from '../api'
import { useStudio } from '../open/useStudio'

const props = defineProps<{ at: string; text: string; writing: boolean }>()
const emit = defineEmits<{ mend: [text: string] }>()
const studio = useStudio()
const state = ref<FormulaState | null>(null)
const parts = ref<FormulaPart[]>([])
const join = ref<'and' | 'or'>('and')
const tracing = ref(true)

const things = computed(() => state.value?.things ?? [])
const thing = (part: FormulaPart): FormulaThing | undefined => things.value.find((t) => t.text === part.thing)
const needsValue = (part: FormulaPart) => ['is', 'isNot', 'more', 'less', 'least', 'most', 'contains', 'starts'].includes(part.is)
const own = '\u0000'

let asked = 0
let written = ''
async function ask(body: object) {
  const mine = ++asked
  try {
    const answer = await api.post<FormulaState>(`apps/${studio.app}/formula`, { at: props.at, ...body })
    if (mine !== asked) return null
    state.value = answer
    return answer
  } catch (error) {
    if (!(error instanceof Declined)) studio.told(error)
    return null
  }
}

const look = useDebounceFn(async () => {
  // What pointing has written itself is known; to ask again would drop the answer to what was pointed at meanwhile.
  if (state.value && props.text === written) return
  const answer = await ask({ text: props.text })
  if (answer?.picks && props.text !== written) {
    parts.value = answer.picks.parts
    join.value = answer.picks.join
  }
}, 160)
watch(() => props.text, look, { immediate: true })

/** Pointing writes the formula; nobody has to read it. */
async function pointed() {
  const ready = parts.value.filter((p) => p.thing && p.is && (!needsValue(p) || p.value))
  if (!ready.length) return
  const answer = await ask({ join: join.value, parts: ready })
  if (!answer) return
  written = answer.text
  emit('mend', answer.text)
}

function setThing(i: number, text: string) {
  typing.value.delete(i)
  const next = things.value.find((t) => t.text === text)
  parts.value[i] = { thing: text, is: Object.keys(next?.comparisons ?? {})[0] ?? '', value: '' }
  pointed()
}

/** The rows in which a value of one's own is being typed, and what stands there until it is done. */
const typing = ref(new Set<number>())
const drafts = ref(new Map<number, string>())

function setValue(i: number, value: string) {
  if (value === own) typing.value.add(i)
  else typing.value.delete(i)
  parts.value[i] = { ...parts.value[i], value: value === own ? '' : value }
  if (value !== own) pointed()
}

const typeOf = (part: FormulaPart) => thing(part)?.type ?? 'Text'
const currency = (part: FormulaPart) =>
  thing(part)
    ?.values.map((v) => /^0 ([A-Z]{3})$/.exec(v.text)?.[1])
    .find(Boolean) ?? ''
const CONTROLS: Record<string, string> = { Whole: 'number', Decimal: 'number', Money: 'number', Date: 'date', Time: 'time', Moment: 'datetime-local' }
const canType = (part: FormulaPart) => ['Text', 'Duration', ...Object.keys(CONTROLS)].includes(typeOf(part))

/** What is typed becomes a constant of the thing's type, as formulas write it. */
function typeValue(i: number, typed: string) {
  drafts.value.delete(i)
  const part = parts.value[i]
  const text = typed.trim()
  const written: Record<string, () => string> = {
    Whole: () => text,
    Decimal: () => text,
    Money: () => `${text} ${currency(part)}`,
    Date: () => text,
    Time: () => text.slice(0, 5),
    Moment: () => text.replace('T', ' ').slice(0, 16),
    Duration: () => text,
  }
  parts.value[i] = { ...part, value: text === '' && typeOf(part) !== 'Text' ? '' : (written[typeOf(part)]?.() ?? JSON.stringify(typed)) }
  pointed()
}

const isOwn = (part: FormulaPart, i: number) => typing.value.has(i) || (part.value !== '' && !thing(part)?.values.some((v) => v.text === part.value))

/** A constant as its control has it. */
function ownText(part: FormulaPart): string {
  switch (typeOf(part)) {
    case 'Money':
      return part.value.replace(/ [A-Z]{3}$/, '')
    case 'Moment':
      return part.value.replace(/^at\((.*), (.*)\)$/, '$1T$2').replace(' ', 'T')
    case 'Text':
      return part.value.replace(/^"(.*)"$/s, '$1').replace(/\\(.)/g, '$1')
    default:
      return part.value
  }
}

function another() {
  const first = things.value[0]
  parts.value.push({ thing: first?.text ?? '', is: Object.keys(first?.comparisons ?? {})[0] ?? '', value: '' })
}

function drop(i: number) {
  parts.value.splice(i, 1)
  typing.value = new Set()
  drafts.value = new Map()
  if (parts.value.length) pointed()
  else emit('mend', '')
}
</script>

<template>
  <div class="formula-help">
    <p v-if="!writing && text && state && !state.picks && things.length" class="small">
      This condition is made of more than comparisons. Change it by writing, or pick another below.
    </p>
    <div v-if="!writing && state?.picks && things.length" class="pointing" role="group" aria-label="By pointing">
      <div v-for="(part, i) in parts" :key="i" class="pointing-row">
        <select
          v-if="i > 0"
          :value="join"
          aria-label="How the two go together"
          @change="((join = ($event.target as HTMLSelectElement).value as 'and' | 'or'), pointed())"
        >
          <option value="and">and</option>
          <option value="or">or</option>
        </select>
        <select :value="part.thing" :aria-label="`Thing ${i + 1}`" @change="setThing(i, ($event.target as HTMLSelectElement).value)">
          <option v-for="t in things" :key="t.text" :value="t.text">{{ t.words }}</option>
        </select>
        <select
          :value="part.is"
          :aria-label="`Comparison ${i + 1}`"
          @change="((parts[i] = { ...part, is: ($event.target as HTMLSelectElement).value }), pointed())"
        >
          <option v-for="(words, is) in thing(part)?.comparisons" :key="is" :value="is">{{ words }}</option>
        </select>
        <template v-if="needsValue(part)">
          <select :value="isOwn(part, i) ? own : part.value" :aria-label="`Value ${i + 1}`" @change="setValue(i, ($event.target as HTMLSelectElement).value)">
            <option value="">choose…</option>
            <option v-if="canType(part) || isOwn(part, i)" :value="own">{{ canType(part) ? 'a value of my own' : part.value }}</option>
            <option v-for="v in thing(part)?.values" :key="v.text" :value="v.text">{{ v.words }}</option>
          </select>
          <input
            v-if="isOwn(part, i) && canType(part)"
            :type="CONTROLS[typeOf(part)] ?? 'text'"
            :step="typeOf(part) === 'Whole' ? 1 : 'any'"
            :value="drafts.get(i) ?? ownText(part)"
            :placeholder="typeOf(part) === 'Duration' ? '1 h 30 min' : undefined"
            :aria-label="`Own value ${i + 1}`"
            @input="drafts.set(i, ($event.target as HTMLInputElement).value)"
            @change="typeValue(i, ($event.target as HTMLInputElement).value)"
          />
          <span v-if="isOwn(part, i) && typeOf(part) === 'Money'" class="small">{{ currency(part) }}</span>
        </template>
        <v-btn :icon="mdiClose" size="x-small" variant="text" :aria-label="`Leave out condition ${i + 1}`" @click="drop(i)" />
      </div>
      <v-btn size="small" variant="text" :prepend-icon="mdiPlus" @click="another">{{
        parts.length ? 'One more condition' : 'A condition by pointing'
      }}</v-btn>
    </div>
    <p v-if="state?.words" class="formula-words">{{ state.words }}</p>
    <p v-if="state?.mistake && text" class="fault">
      {{ state.mistake.sentence }}
      <button v-if="state.mistake.mended" class="link" @click="emit('mend', state.mistake.mended)">
        {{ writing ? `Write it as “${state.mistake.mended}”` : 'Mend it' }}
      </button>
    </p>
    <details v-else-if="state?.trace.length" class="trace" :open="tracing" @toggle="tracing = ($event.target as HTMLDetailsElement).open">
      <summary class="small">
        {{ state.row ? `On ${state.row.label}:` : 'Now:' }} <strong>{{ state.trace[state.trace.length - 1].value }}</strong>
      </summary>
      <dl v-if="state.trace.length > 1">
        <template v-for="part in state.trace" :key="part.words"
          ><dt>{{ part.words }}</dt>
          <dd>{{ part.value }}</dd></template
        >
      </dl>
    </details>
  </div>
</template>
