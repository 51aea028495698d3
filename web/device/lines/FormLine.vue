<script setup lang="ts">
import { computed, inject, onMounted, onUpdated, reactive, ref, watch } from 'vue'
import type { Box, FormNode } from '../../contracts/view'
import type { Device } from '../useDevice'
import InputBox from './InputBox.vue'
import { own } from '../own'

const props = defineProps<{ node: FormNode }>()
const device = inject('device') as Device
const typed = reactive<Record<string, string>>({})
/** With one question at a time: which one is asked. */
const step = ref(0)
/** Two days that are picked together have one box. */
const boxes = computed(() => props.node.boxes.filter((box) => !box.within).map((box) => (box.until ? days(box) : box)))
const last = computed(() => !props.node.oneByOne || step.value >= boxes.value.length - 1)
const asked = computed(() => (props.node.oneByOne ? boxes.value.slice(step.value, step.value + 1) : boxes.value))

const until = (box: Box) => props.node.boxes.find((one) => one.name === box.until)
const days = (box: Box): Box => ({ ...box, control: 'days' as Box['control'], label: `${box.label} – ${until(box)?.label}` })
const valueOf = (box: Box): string => {
  const value = typed[box.name] ?? box.value
  const other = until(box)
  return other && (value || valueOf(other)) ? `${value}/${valueOf(other)}` : value
}
const wrongIn = (box: Box) => device.errors.value[box.name] || device.errors.value[box.until ?? '']

function fill(box: Box, value: string) {
  const [first, second = ''] = box.until ? value.split('/') : [value]
  type(box.name, first)
  if (box.until) type(box.until, second)
}

/** What stood in a box when somebody began to change it: so it is noticed where somebody else has changed it since. */
const began: Record<string, string> = {}

function type(name: string, value: string) {
  began[name] ??= props.node.boxes.find((box) => box.name === name)?.value ?? ''
  typed[name] = value
}

const values = () =>
  Object.fromEntries(
    props.node.boxes.flatMap((box) => [
      [box.name, typed[box.name] ?? box.value],
      [`was.${box.name}`, began[box.name] ?? box.value],
    ]),
  )

async function send() {
  if (!last.value) return void step.value++
  if (!(await device.tap(props.node.at, null, values(), props.node.queues))) return
  step.value = 0
  for (const name of Object.keys(typed)) {
    delete typed[name]
    delete began[name]
  }
}

const form = ref<HTMLFormElement>()
const LINES = 'input.line-control'

/** The phone's own key says what Enter does. */
function keys() {
  const lines = [...(form.value?.querySelectorAll<HTMLInputElement>(LINES) ?? [])]
  for (const [i, line] of lines.entries()) line.enterKeyHint = i < lines.length - 1 ? 'next' : 'send'
}
onMounted(keys)
onUpdated(keys)

/** Enter goes on to the next line that is to be filled in; from the last one it sends. */
function onward(event: KeyboardEvent) {
  const lines = [...(form.value?.querySelectorAll<HTMLInputElement>(LINES) ?? [])]
  const next = lines[lines.indexOf(event.target as HTMLInputElement) + 1]
  if (!(event.target as Element).matches(LINES) || !next) return
  event.preventDefault()
  next.focus()
}

watch(
  () => device.errors.value,
  (errors) => {
    const first = boxes.value.findIndex((box) => errors[box.name] || errors[box.until ?? ''])
    if (first < 0) return
    if (props.node.oneByOne) step.value = first
  },
  { flush: 'sync' },
)
</script>

<template>
  <form ref="form" class="form" novalidate @submit.prevent="send()" @keydown.enter="onward">
    <p v-if="node.oneByOne" class="form-step" role="status">{{ step + 1 }} of {{ boxes.length }}</p>
    <InputBox
      v-for="box in asked"
      :key="box.name"
      :box="box"
      :at="node.at"
      :model-value="valueOf(box)"
      :error="wrongIn(box)"
      @update:model-value="fill(box, $event)"
    />
    <button class="button main" :disabled="node.enabled === false" :aria-busy="device.isBusy(node.at)">{{ last ? node.label : own('Go on') }}</button>
    <button v-if="node.oneByOne && step > 0" type="button" class="button quiet" @click="step--">{{ own('Back') }}</button>
  </form>
</template>

<style>
.form { display: flex; flex-direction: column; gap: 14px; }
.form-step { font-size: .875rem; line-height: 1.25rem; color: color-mix(in srgb, var(--ink) 78%, transparent); }
</style>
