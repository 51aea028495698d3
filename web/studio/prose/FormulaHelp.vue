<script setup lang="ts">
import { mdiClose, mdiPlus } from '@mdi/js'
import { useDebounceFn } from '@vueuse/core'
import { computed, ref, watch } from 'vue'
import type { FormulaPart, FormulaState, FormulaThing } from '../../contracts/studio'
import { api, Declined } from '../api'
import { useStudio } from '../frame/useStudio'

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
  const answer = await ask({ text: props.text })
  if (answer?.picks) {
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
  if (answer) emit('mend', answer.text)
}

function setThing(i: number, text: string) {
  const next = things.value.find((t) => t.text === text)
  parts.value[i] = { thing: text, is: Object.keys(next?.comparisons ?? {})[0] ?? '', value: '' }
  pointed()
}

function setValue(i: number, value: string) {
  parts.value[i] = { ...parts.value[i], value: value === own ? '""' : value }
  if (value !== own) pointed()
}

/** What is typed as a value becomes a number or a text, by the type of the thing. */
function typeValue(i: number, typed: string) {
  const type = thing(parts.value[i])?.type ?? 'Text'
  const number = ['Whole', 'Decimal'].includes(type) && typed.trim() !== '' && !Number.isNaN(Number(typed))
  parts.value[i] = { ...parts.value[i], value: number ? typed.trim() : JSON.stringify(typed) }
  pointed()
}

const isOwn = (part: FormulaPart) => part.value !== '' && !thing(part)?.values.some((v) => v.text === part.value)
const ownText = (part: FormulaPart) => part.value.replace(/^"(.*)"$/s, '$1').replace(/\\(.)/g, '$1')
const canType = (part: FormulaPart) => ['Text', 'Whole', 'Decimal'].includes(thing(part)?.type ?? '')

function another() {
  const first = things.value[0]
  parts.value.push({ thing: first?.text ?? '', is: Object.keys(first?.comparisons ?? {})[0] ?? '', value: '' })
}

function drop(i: number) {
  parts.value.splice(i, 1)
  if (parts.value.length) pointed()
  else emit('mend', '')
}
</script>

<template>
  <div class="formula-help">
    <p v-if="!writing && text && state && !state.picks && things.length" class="small">This condition is made of more than comparisons. Change it by writing, or pick another below.</p>
    <div v-if="!writing && state?.picks && things.length" class="pointing" role="group" aria-label="By pointing">
      <div v-for="(part, i) in parts" :key="i" class="pointing-row">
        <select v-if="i > 0" :value="join" aria-label="How the two go together" @change="(join = ($event.target as HTMLSelectElement).value as 'and' | 'or'), pointed()">
          <option value="and">and</option>
          <option value="or">or</option>
        </select>
        <select :value="part.thing" :aria-label="`Thing ${i + 1}`" @change="setThing(i, ($event.target as HTMLSelectElement).value)">
          <option v-for="t in things" :key="t.text" :value="t.text">{{ t.words }}</option>
        </select>
        <select :value="part.is" :aria-label="`Comparison ${i + 1}`" @change="(parts[i] = { ...part, is: ($event.target as HTMLSelectElement).value }), pointed()">
          <option v-for="(words, is) in thing(part)?.comparisons" :key="is" :value="is">{{ words }}</option>
        </select>
        <template v-if="needsValue(part)">
          <select :value="isOwn(part) ? own : part.value" :aria-label="`Value ${i + 1}`" @change="setValue(i, ($event.target as HTMLSelectElement).value)">
            <option value="">choose…</option>
            <option v-if="canType(part) || isOwn(part)" :value="own">{{ canType(part) ? 'a value of my own' : part.value }}</option>
            <option v-for="v in thing(part)?.values" :key="v.text" :value="v.text">{{ v.words }}</option>
          </select>
          <input v-if="isOwn(part) && canType(part)" :value="ownText(part)" :aria-label="`Own value ${i + 1}`" @change="typeValue(i, ($event.target as HTMLInputElement).value)">
        </template>
        <v-btn :icon="mdiClose" size="x-small" variant="text" :aria-label="`Leave out condition ${i + 1}`" @click="drop(i)" />
      </div>
      <v-btn size="x-small" variant="text" :prepend-icon="mdiPlus" @click="another">{{ parts.length ? 'One more condition' : 'A condition by pointing' }}</v-btn>
    </div>
    <p v-if="state?.words" class="formula-words">{{ state.words }}</p>
    <p v-if="state?.mistake && text" class="fault">{{ state.mistake.sentence }}
      <button v-if="state.mistake.mended" class="link" @click="emit('mend', state.mistake.mended)">{{ writing ? `Write it as “${state.mistake.mended}”` : 'Mend it' }}</button>
    </p>
    <details v-else-if="state?.trace.length" class="trace" :open="tracing" @toggle="tracing = ($event.target as HTMLDetailsElement).open">
      <summary class="small">{{ state.row ? `On ${state.row.label}:` : 'Now:' }} <strong>{{ state.trace[state.trace.length - 1].value }}</strong></summary>
      <dl v-if="state.trace.length > 1"><template v-for="part in state.trace" :key="part.words"><dt>{{ part.words }}</dt><dd>{{ part.value }}</dd></template></dl>
    </details>
  </div>
</template>
