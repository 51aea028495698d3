<script setup lang="ts">
import { useDebounceFn } from '@vueuse/core'
import { nextTick, onMounted, ref } from 'vue'
import type { FieldState, LinkChoice } from '../../contracts/studio'
import { api } from '../api'
import { useStudio } from '../open/useStudio'

const props = defineProps<{ path: string; field: FieldState; value: string; labels: Record<string, string>; name: string }>()
const emit = defineEmits<{ take: [value: string, label: LinkChoice[]]; cancel: []; next: [back: boolean] }>()
const studio = useStudio()
const search = ref('')
const choices = ref<LinkChoice[]>([])
const marked = ref(0)
const box = ref<HTMLInputElement>()
const chosen = ref<LinkChoice[]>(
  props.value
    .split(/[,\s]+/)
    .filter(Boolean)
    .map((id) => ({ id, label: props.labels[id] ?? id })),
)
let asked = 0

async function look() {
  const mine = ++asked
  const found = await api
    .get<LinkChoice[]>(`${props.path}/choices?field=${props.field.key}&search=${encodeURIComponent(search.value)}`)
    .catch((error) => (studio.told(error), []))
  if (mine === asked) choices.value = found
  marked.value = 0
}
const type = useDebounceFn(look, 140)

/** Over the cell, above all else, and within the window. */
const place = ref<HTMLElement>()
const where = ref<Record<string, string>>({})
const HEIGHT = 300

function left(event: FocusEvent) {
  if (!(event.currentTarget as HTMLElement).contains(event.relatedTarget as Node | null)) setTimeout(() => emit('cancel'), 120)
}

onMounted(async () => {
  const cell = place.value?.parentElement?.getBoundingClientRect()
  if (cell)
    where.value = { left: `${Math.min(cell.left, window.innerWidth - 262)}px`, top: `${Math.max(8, Math.min(cell.top, window.innerHeight - HEIGHT))}px` }
  look()
  await nextTick()
  box.value?.focus()
})

function pick(choice: LinkChoice | null) {
  if (!props.field.many) return emit('take', choice?.id ?? '', choice ? [choice] : [])
  if (!choice) return
  chosen.value = chosen.value.some((c) => c.id === choice.id) ? chosen.value.filter((c) => c.id !== choice.id) : [...chosen.value, choice]
}

const done = () => emit('take', chosen.value.map((c) => c.id).join(', '), chosen.value)

function press(event: KeyboardEvent) {
  event.stopPropagation()
  if (event.key === 'Escape') emit('cancel')
  else if (event.key === 'ArrowDown' || event.key === 'ArrowUp') {
    event.preventDefault()
    marked.value = Math.max(0, Math.min(choices.value.length - 1, marked.value + (event.key === 'ArrowDown' ? 1 : -1)))
  } else if (event.key === 'Enter') {
    event.preventDefault()
    const choice = choices.value[marked.value]
    if (choice) pick(choice)
    if (props.field.many && (event.ctrlKey || !choice)) done()
  } else if (event.key === 'Tab' && props.field.many) {
    event.preventDefault()
    done()
  }
}
</script>

<template>
  <span ref="place" class="picker-place" />
  <Teleport to=".frame">
    <div class="picker" role="dialog" :aria-label="name" :style="where" @keydown="press" @focusout="left">
      <input ref="box" v-model="search" class="picker-field" :aria-label="`Search for ${field.name}`" placeholder="Search" @input="type" />
      <ul class="picks" role="listbox" :aria-label="name" :aria-multiselectable="field.many">
        <li v-if="!field.many" role="option" :aria-selected="false" @mousedown.prevent @click="pick(null)"><span class="small">none</span></li>
        <li
          v-for="(choice, i) in choices"
          :key="choice.id"
          role="option"
          :aria-selected="chosen.some((c) => c.id === choice.id)"
          :class="{ marked: i === marked }"
          @mousedown.prevent
          @click="pick(choice)"
        >
          <span>{{ field.many && chosen.some((c) => c.id === choice.id) ? '✓ ' : '' }}{{ choice.label }}</span
          ><span class="small">{{ choice.id }}</span>
        </li>
      </ul>
      <p v-if="!choices.length" class="small">Nothing has that name.</p>
      <div v-if="field.many" class="dialog-end">
        <v-btn size="x-small" color="primary" @click="done">Take {{ chosen.length }}</v-btn>
      </div>
    </div>
  </Teleport>
</template>
