<script setup lang="ts">
import { computed, nextTick, onMounted, ref } from 'vue'
import { useStudio } from '../frame/useStudio'

const props = defineProps<{ list: string; index?: number; kind: string; indent?: number }>()
const emit = defineEmits<{ done: [] }>()
const studio = useStudio()
const typed = ref('')
const marked = ref(0)
const trouble = ref('')
const field = ref<HTMLInputElement>()

const beginnings = computed(() => {
  const kinds = studio.state.value?.kinds ?? {}
  const all = props.kind === 'field' ? (kinds.type ?? []).map((k) => ({ kind: k.kind, lead: `New field ${k.blank}`, blank: `New field ${k.blank}` })) : (kinds[props.kind] ?? [])
  return all.filter((k) => k.blank.toLowerCase().includes(typed.value.trim().toLowerCase()))
})

onMounted(() => nextTick(() => field.value?.focus()))

async function add(script: string) {
  trouble.value = await studio.tryEdit({ what: 'add', at: props.list, index: props.index, text: script })
  if (!trouble.value) {
    emit('done')
    const at = `${props.list}/${props.index ?? lastIndex()}`
    await nextTick()
    const first = document.querySelector<HTMLElement>(`[data-line="${at}"] [data-blank].unfilled, [data-line="${at}"] [data-blank]`)
    if (first && /___|""|New field/.test(script)) studio.startFilling(first.dataset.blank ?? '')
    else document.querySelector<HTMLElement>(`[data-line="${at}"]`)?.focus()
  }
}

function lastIndex(): number {
  const lines = [...document.querySelectorAll<HTMLElement>('[data-line]')].map((e) => e.dataset.line ?? '')
  return lines.filter((at) => at.startsWith(`${props.list}/`) && !at.slice(props.list.length + 1).includes('/')).length - 1
}

function press(event: KeyboardEvent) {
  if (event.key === 'Escape') emit('done')
  else if (event.key === 'ArrowDown' || event.key === 'ArrowUp') {
    event.preventDefault()
    marked.value = Math.max(0, Math.min(beginnings.value.length - 1, marked.value + (event.key === 'ArrowDown' ? 1 : -1)))
  } else if (event.key === 'Enter') {
    event.preventDefault()
    const chosen = beginnings.value[marked.value]
    const whole = typed.value.trim()
    if (whole && (!chosen || whole.toLowerCase().startsWith(chosen.lead.toLowerCase() + ' '))) add(whole)
    else if (chosen) add(chosen.blank)
  }
}
</script>

<template>
  <div class="adder" :style="{ marginInlineStart: `${(indent ?? 0) * 26}px` }" @keydown.stop>
    <input ref="field" v-model="typed" class="adder-field" placeholder="Begin a sentence, or pick one" aria-label="A new line" spellcheck="false" @input="marked = 0" @keydown="press">
    <ul class="picks" role="listbox" aria-label="Sentences to begin">
      <li v-for="(k, i) in beginnings" :key="k.kind" role="option" :aria-selected="i === marked" :class="{ marked: i === marked }" @mousedown.prevent @click="add(k.blank)"><span class="reading">{{ k.blank.replaceAll('___', '…').replaceAll('""', '“…”') }}</span></li>
    </ul>
    <p v-if="trouble" class="fault" role="alert">{{ trouble }}</p>
    <div class="dialog-end"><v-btn size="small" variant="text" @click="emit('done')">Never mind</v-btn></div>
  </div>
</template>
