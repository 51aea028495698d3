<script setup lang="ts">
import { computed, inject, nextTick, onMounted, onUnmounted, ref } from 'vue'
import type { Box } from '../../contracts/view'
import type { Device } from '../useDevice'
import { useOver } from '../useOver'
import { own } from '../own'

/** What can be chosen, on a sheet; many are searched, on the server where they are more than are here. */
const props = defineProps<{ box: Box; chosen: string[]; searched: string; many?: boolean }>()
const emit = defineEmits<{ choose: [id: string]; close: [] }>()
const device = inject('device') as Device
const page = ref<HTMLElement>()
const find = ref('')
const before = document.activeElement as HTMLElement | null

const MANY = 8
const WAIT = 200
const elsewhere = computed(() => props.searched !== '' && (props.box.rest !== undefined || find.value !== ''))
const searchable = props.box.choices.length > MANY || props.box.rest !== undefined
const shown = computed(() => {
  const words = find.value.trim().toLowerCase()
  return elsewhere.value ? props.box.choices : props.box.choices.filter((choice) => choice.label.toLowerCase().includes(words))
})
const close = () => emit('close')
useOver(device, () => true, close)
let wait = 0

function search(text: string) {
  find.value = text
  if (!elsewhere.value) return
  device.finds[props.searched] = text
  clearTimeout(wait)
  wait = window.setTimeout(() => void device.load(), WAIT)
}


function press(event: KeyboardEvent) {
  if (event.key === 'Escape') return close()
  const step = { ArrowDown: 1, ArrowUp: -1 }[event.key]
  if (!step) return
  event.preventDefault()
  const options = [...(page.value?.querySelectorAll<HTMLElement>('[role="option"]') ?? [])]
  options[(options.indexOf(document.activeElement as HTMLElement) + step + options.length) % options.length]?.focus()
}

onMounted(() =>
  nextTick(() => {
    const to = page.value?.querySelector<HTMLElement>('[aria-selected="true"]') ?? page.value?.querySelector<HTMLElement>('[role="option"]')
    to?.focus()
    to?.scrollIntoView({ block: 'nearest' })
  }),
)
onUnmounted(() => {
  before?.focus()
  clearTimeout(wait)
  if (device.finds[props.searched] === undefined) return
  delete device.finds[props.searched]
  void device.load()
})
</script>

<template>
  <Teleport to=".device">
    <div class="veil low" @click.self="close()" @keydown="press">
      <div ref="page" class="sheet choice-sheet" role="dialog" aria-modal="true" :aria-label="box.label">
        <button type="button" class="sheet-grip" :aria-label="own('Close')" @click="close()" />
        <input
          v-if="searchable"
          class="line-control"
          type="search"
          :value="find"
          :placeholder="own('Search')"
          :aria-label="own('Search {0}', box.label)"
          autocomplete="off"
          @input="search(($event.target as HTMLInputElement).value)"
          @keydown.enter.prevent
        />
        <div class="choice-list" role="listbox" :aria-label="box.label" :aria-multiselectable="many">
          <button
            v-if="!box.required && !many && chosen.length"
            type="button"
            role="option"
            aria-selected="false"
            class="choice-none"
            @click="emit('choose', '')"
          >
            Nothing
          </button>
          <button
            v-for="choice in shown"
            :key="choice.id"
            type="button"
            role="option"
            :aria-selected="chosen.includes(choice.id)"
            @click="emit('choose', choice.id)"
          >
            <span>{{ choice.label }}</span>
          </button>
        </div>
        <p v-if="!shown.length" class="choice-rest" role="status">{{ own('Nothing is called so.') }}</p>
        <p v-if="box.rest" class="choice-rest">{{ box.rest }}<template v-if="searched">{{ ` ${own('Search to find others.')}` }}</template></p>
        <button v-if="many" type="button" class="button main" @click="close()">{{ own('Done') }}</button>
      </div>
    </div>
  </Teleport>
</template>

<style>
.choice-sheet { display: flex; flex-direction: column; gap: 8px; }
.choice-sheet > * { flex: none; }
.choice-list { display: grid; }
.choice-list button {
  display: flex;
  align-items: center;
  justify-content: space-between;
  gap: 12px;
  min-height: 52px;
  padding: 8px 12px;
  border: 0;
  border-radius: 14px;
  background: none;
  text-align: start;
  overflow-wrap: anywhere;
  cursor: pointer;
}
.choice-list [aria-selected='true'] { font-weight: 650; background: color-mix(in srgb, var(--main) 12%, transparent); }
.choice-list [aria-selected='true']::after { content: '✓'; color: color-mix(in srgb, var(--main) 82%, var(--ink)); }
.choice-none { color: color-mix(in srgb, var(--ink) 78%, transparent); }
.choice-rest { padding: 4px 12px; font-size: .875rem; line-height: 1.25rem; color: color-mix(in srgb, var(--ink) 78%, transparent); }
</style>
