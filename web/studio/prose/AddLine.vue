<script setup lang="ts">
import { computed, nextTick, onMounted, ref } from 'vue'
import type { Beginning, Beginnings, EditData } from '../../contracts/studio'
import { api, Declined } from '../api'
import { useStudio } from '../open/useStudio'

const props = defineProps<{ list: string; index?: number; indent?: number }>()
const emit = defineEmits<{ done: [] }>()
const studio = useStudio()
/** It outlives this form, which is drawn again where the lines around it change. */
const typed = defineModel<string>('typed', { default: '' })
const marked = ref(0)
const trouble = ref('')
const field = ref<HTMLInputElement>()
const all = ref<Beginning[]>([])
const beginnings = computed(() => all.value.filter((one) => one.reads.toLowerCase().includes(typed.value.trim().toLowerCase())))

const asked = (async () => {
  try {
    const where = `list=${encodeURIComponent(props.list)}${props.index === undefined ? '' : `&index=${props.index}`}`
    all.value = (await api.get<Beginnings>(`apps/${studio.app}/beginnings?${where}`)).beginnings
    // Where there is nothing to choose, it is begun at once.
    if (all.value.length === 1 && !typed.value) await add(all.value[0].edit)
  } catch (error) {
    trouble.value = error instanceof Declined ? error.message : String(error)
  }
})()

onMounted(() => nextTick(() => field.value?.focus()))

async function add(edit: EditData) {
  trouble.value = ''
  try {
    const made = await studio.make('edits', { edit })
    if (!made) return
    emit('done')
    await nextTick()
    if (made.next) studio.startFilling(made.next)
    else document.querySelector<HTMLElement>(`[data-line="${CSS.escape(made.made)}"]`)?.focus()
  } catch (error) {
    trouble.value = error instanceof Declined ? error.message : String(error)
  }
}

const write = (text: string) => add({ do: 'write', list: props.list, text, ...(props.index === undefined ? {} : { index: props.index }) })

async function take() {
  await asked
  const chosen = beginnings.value[marked.value]
  const whole = typed.value.trim()
  if (whole && (!chosen || whole.toLowerCase().startsWith(`${chosen.lead.toLowerCase()} `))) await write(whole)
  else if (chosen) await add(chosen.edit)
}

function press(event: KeyboardEvent) {
  if (event.key === 'Escape') emit('done')
  else if (event.key === 'ArrowDown' || event.key === 'ArrowUp') {
    event.preventDefault()
    marked.value = Math.max(0, Math.min(beginnings.value.length - 1, marked.value + (event.key === 'ArrowDown' ? 1 : -1)))
  } else if (event.key === 'Enter') {
    event.preventDefault()
    void take()
  }
}
</script>

<template>
  <div class="adder" :style="{ marginInlineStart: `${(indent ?? 0) * 26}px` }" @keydown.stop>
    <input
      ref="field"
      v-model="typed"
      class="adder-field"
      placeholder="Begin a sentence, or pick one"
      aria-label="A new line"
      spellcheck="false"
      @input="marked = 0"
      @keydown="press"
    />
    <ul class="picks" role="listbox" aria-label="Sentences to begin">
      <li
        v-for="(one, i) in beginnings"
        :key="one.reads"
        role="option"
        :aria-selected="i === marked"
        :class="{ marked: i === marked }"
        @mousedown.prevent
        @click="add(one.edit)"
      >
        <span class="reading">{{ one.reads.replaceAll('___', '…').replaceAll('""', '“…”') }}</span>
      </li>
    </ul>
    <p v-if="trouble" class="fault" role="alert">{{ trouble }}</p>
    <div class="dialog-end"><v-btn size="small" variant="text" @click="emit('done')">Never mind</v-btn></div>
  </div>
</template>
