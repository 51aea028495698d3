<script setup lang="ts">
import { computed, nextTick, ref, watch } from 'vue'
import type { BlankState } from '../../contracts/studio'
import { api } from '../api'
import BusyButton from '../BusyButton.vue'
import { useStudio } from '../open/useStudio'
import FormulaHelp from './FormulaHelp.vue'

const props = defineProps<{
  at: string
  kind: string
  text: string
  filled?: boolean
  optional?: boolean
  label?: string
  /** What stands there as long as nothing does. */
  empty?: string
  words?: string
  plain?: boolean
  wrong?: boolean
}>()
const studio = useStudio()
const button = ref<HTMLElement>()
const field = ref<HTMLInputElement | HTMLTextAreaElement>()
const open = ref(false)
const blank = ref<BlankState | null>(null)
const typed = ref('')
const trouble = ref('')
const marked = ref(-1)
const busy = ref(false)

/** Formulas are pointed at, or written; the last way is kept in this browser. */
const writing = ref(localStorage.getItem('lanai.writing') === 'yes')
const searched = ref('')
function setWriting(to: boolean) {
  writing.value = to
  localStorage.setItem('lanai.writing', to ? 'yes' : 'no')
  nextTick(() => field.value?.focus())
}

const isText = computed(() => props.kind === 'text' || props.kind === 'plain')
/** Without the quotes and escapes that the script needs. */
const spoken = (text: string) => (/^".*"$/s.test(text) ? text.slice(1, -1).replace(/\\(.)/g, (_, c) => (c === 'n' ? ' ' : c)) : text)
/** What is in the blank as one would type it, until the server tells it exactly. */
const written = (text: string) => (props.kind === 'formula' ? text.replace(/^`(.*)`$/s, '$1') : spoken(text))
const shown = computed(() => {
  if (props.plain) return props.text
  if (props.filled === false) return props.empty || props.label || plainWords[props.kind] || '…'
  if (isText.value) return props.words || spoken(props.text) || 'no text yet'
  return (props.kind === 'formula' && props.words) || written(props.text)
})
const plainWords: Record<string, string> = {
  table: 'a table',
  row: 'one of a table',
  field: 'a field',
  screen: 'a screen',
  formula: 'a formula',
  text: 'a text',
  name: 'a name',
  number: 'a number',
  colour: 'a colour',
  choice: 'choose',
  type: 'a type',
}
const picks = computed(() => {
  const all = blank.value?.choices ?? []
  const part = typed.value.trim().toLowerCase()
  if (isText.value || ((!part || typed.value === blank.value?.value) && (props.kind !== 'formula' || writing.value))) return all
  if (props.kind === 'formula' && !writing.value)
    return all.filter((pick) => `${pick.words} ${pick.note}`.toLowerCase().includes(searched.value.trim().toLowerCase()))
  if (props.kind === 'formula') {
    const begun = fragment().toLowerCase()
    if (!begun) return typed.value.trim() ? [] : all
    return (blank.value?.completions ?? [])
      .filter((pick) => pick.text.toLowerCase() !== begun && (pick.text.toLowerCase().startsWith(begun) || pick.text.toLowerCase().includes(`.${begun}`)))
      .slice(0, 12)
  }
  return all.filter((pick) => `${pick.text} ${pick.note}`.toLowerCase().includes(part))
})

watch(
  () => studio.filling.value,
  (at) => at === props.at && start(),
  { immediate: true },
)

async function start() {
  studio.stopFilling()
  trouble.value = ''
  marked.value = -1
  blank.value = null
  searched.value = ''
  const begun = (typed.value = props.filled === false ? '' : written(props.text))
  open.value = true
  try {
    blank.value = await api.get<BlankState>(`apps/${studio.app}/blank?at=${encodeURIComponent(props.at)}`)
    // Whoever is quicker than the server keeps what was typed.
    if (typed.value !== begun) return
    if (begun !== blank.value.value) typed.value = blank.value.value
    await nextTick()
    setTimeout(() => typed.value === blank.value?.value && field.value?.select(), 20)
  } catch (error) {
    open.value = false
    studio.told(error)
  }
}

async function take(text: string, onward = false) {
  if (busy.value) return
  busy.value = true
  trouble.value = text === blank.value?.value && props.filled !== false && !props.plain ? '' : await studio.fill(props.at, text)
  busy.value = false
  if (trouble.value) return
  open.value = false
  await nextTick()
  if (onward) next()
  else button.value?.focus()
}

function next() {
  const all = [...document.querySelectorAll<HTMLElement>('.surface [data-blank]')]
  const mine = all.findIndex((other) => other.dataset.blank === props.at)
  const following = all[mine + 1]
  if (following) studio.startFilling(following.dataset.blank ?? '')
}

/** The name that is being written at the cursor of a formula. */
function fragment(): string {
  const box = field.value
  const before = typed.value.slice(0, box?.selectionEnd ?? typed.value.length)
  return box?.selectionStart !== box?.selectionEnd ? '' : (/[\p{L}_][\w.]*$/u.exec(before)?.[0] ?? '')
}

/** Writing goes on after what was picked. */
function complete(text: string) {
  const box = field.value
  const end = box?.selectionEnd ?? typed.value.length
  const from = end - fragment().length
  typed.value = typed.value.slice(0, from) + text + typed.value.slice(end)
  marked.value = -1
  nextTick(() => {
    box?.focus()
    box?.setSelectionRange(from + text.length, from + text.length)
  })
}

function pick(text: string) {
  if (props.kind === 'formula' && writing.value && fragment()) return complete(text)
  if (!isText.value) return take(text)
  const box = field.value
  const from = box?.selectionStart ?? typed.value.length
  const whole = from === 0 && box?.selectionEnd === typed.value.length
  typed.value = whole ? typed.value + text : typed.value.slice(0, from) + text + typed.value.slice(box?.selectionEnd ?? from)
  box?.focus()
}

function press(event: KeyboardEvent) {
  if (event.key === 'ArrowDown' || event.key === 'ArrowUp') {
    if (!picks.value.length) return
    event.preventDefault()
    marked.value = (marked.value + (event.key === 'ArrowDown' ? 1 : -1) + picks.value.length) % picks.value.length
    document.querySelector(`[data-pick="${marked.value}"]`)?.scrollIntoView({ block: 'nearest' })
  } else if ((event.key === 'Enter' && !event.shiftKey) || event.key === 'Tab') {
    event.preventDefault()
    const chosen = picks.value[marked.value]
    if (chosen && (isText.value || (props.kind === 'formula' && writing.value && fragment()))) return pick(chosen.text)
    const found = props.kind === 'formula' && !writing.value && searched.value.trim() && marked.value < 0 ? picks.value[0] : chosen
    take(found ? found.text : typed.value, event.key === 'Tab')
  }
}

async function leaveOut() {
  open.value = false
  await studio.edit({ do: 'leaveOut', at: props.at })
}
</script>

<template>
  <span class="blank-place">
    <span
      ref="button"
      role="button"
      tabindex="0"
      :class="plain ? 'link' : ['blank', `blank-${kind}`, { unfilled: filled === false, wrong }]"
      :data-blank="plain ? undefined : at"
      :title="kind === 'formula' ? text : undefined"
      :aria-label="plain ? undefined : `${label || plainWords[kind] || kind}: ${shown}`"
      @click.stop="start"
      @keydown.enter.prevent.stop="start"
      @keydown.space.prevent.stop="start"
      ><i v-if="kind === 'colour' && filled !== false" class="swatch" :style="{ background: text }" />{{ shown }}</span
    >
    <v-menu
      v-if="open"
      v-model="open"
      :activator="button"
      :open-on-click="false"
      :close-on-content-click="false"
      location="bottom start"
      offset="6"
      :max-width="kind === 'formula' ? 520 : 420"
      min-width="300"
    >
      <v-card class="filler" @keydown.stop>
        <p class="small">{{ blank ? `Here fits ${blank.words}.` : 'One moment…' }}</p>
        <div v-if="kind === 'colour'" class="filler-colour">
          <input type="color" :value="typed || '#000000'" aria-label="Colour" @input="typed = ($event.target as HTMLInputElement).value.toUpperCase()" />
          <input ref="field" v-model="typed" class="filler-field code" aria-label="Colour as text" @keydown="press" />
        </div>
        <textarea
          v-else-if="isText"
          ref="field"
          v-model="typed"
          class="filler-field"
          rows="3"
          :aria-label="blank?.words"
          :aria-invalid="!!trouble"
          @keydown="press"
        />
        <template v-if="kind === 'formula' && blank">
          <FormulaHelp :at="at" :text="typed" :writing="writing" @mend="(text) => (typed = text)" />
          <button class="link small filler-way" @click="setWriting(!writing)">{{ writing ? 'By pointing' : 'By writing' }}</button>
          <input
            v-if="!writing"
            ref="field"
            v-model="searched"
            class="filler-field"
            placeholder="Search in what fits"
            aria-label="Search in what fits"
            spellcheck="false"
            @input="marked = 0"
            @keydown="press"
          />
        </template>
        <input
          v-if="kind !== 'colour' && !isText && (kind !== 'formula' || writing)"
          ref="field"
          v-model="typed"
          class="filler-field"
          :class="{ code: kind === 'formula' }"
          autocomplete="off"
          :aria-label="blank?.words"
          :aria-invalid="!!trouble"
          spellcheck="false"
          @input="marked = -1"
          @keydown="press"
        />
        <p v-if="trouble" class="fault" role="alert">{{ trouble }}</p>
        <ul v-if="picks.length" class="picks" role="listbox" :aria-label="isText ? 'Values to put in' : 'What fits'">
          <li
            v-for="(choice, i) in picks"
            :key="choice.text"
            role="option"
            :aria-selected="i === marked"
            :data-pick="i"
            :class="{ marked: i === marked }"
            @mousedown.prevent
            @click="pick(choice.text)"
          >
            <span :class="{ code: isText }">{{ choice.words || choice.text }}</span><span v-if="blank?.type !== 'yes or no'" class="small">{{
              choice.note
            }}</span>
          </li>
        </ul>
        <div class="dialog-end">
          <v-btn v-if="optional && !plain" size="small" variant="text" @click="leaveOut">Leave this out</v-btn>
          <BusyButton size="small" color="primary" :busy="busy" @click="take(typed)">Fill</BusyButton>
        </div>
      </v-card>
    </v-menu>
  </span>
</template>
