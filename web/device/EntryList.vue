<script setup lang="ts">
import { inject, nextTick, onMounted, ref } from 'vue'
import type { MenuChoice } from '../contracts/view'
import type { Device } from './useDevice'
import { useOver } from './useOver'

/** @param chosen which of them holds now, where they are of one another's place */
defineProps<{ entries: MenuChoice[]; label: string; chosen?: number }>()
const emit = defineEmits<{ choose: [index: number]; close: [] }>()
const list = ref<HTMLElement>()
useOver(inject('device') as Device, () => true, close)
const before = document.activeElement as HTMLElement | null

onMounted(() => nextTick(() => list.value?.querySelector('button')?.focus()))

function close() {
  emit('close')
  before?.focus()
}

function choose(index: number) {
  emit('choose', index)
  before?.focus()
}

function press(event: KeyboardEvent) {
  const buttons = [...(list.value?.querySelectorAll('button') ?? [])]
  const step = { ArrowDown: 1, ArrowUp: -1 }[event.key]
  if (event.key === 'Escape') close()
  if (!step) return
  event.preventDefault()
  buttons[(buttons.indexOf(document.activeElement as HTMLButtonElement) + step + buttons.length) % buttons.length]?.focus()
}
</script>

<template>
  <Teleport to=".device">
    <div class="veil" @click.self="close()">
      <div ref="list" class="entries" role="menu" :aria-label="label" @keydown="press">
        <button
          v-for="(entry, i) in entries"
          :key="i"
          :role="chosen === undefined ? 'menuitem' : 'menuitemradio'"
          :aria-checked="chosen === undefined ? undefined : i === chosen"
          :class="{ dangerous: entry.dangerous }"
          @click="choose(i)"
        >
          {{ entry.label }}
        </button>
      </div>
    </div>
  </Teleport>
</template>

<style>
.entries [aria-checked='true'] { display: flex; justify-content: space-between; font-weight: 650; }
.entries [aria-checked='true']::after { content: '✓'; color: color-mix(in srgb, var(--main) 82%, var(--ink)); }
.entries { width: 100%; max-width: 420px; display: grid; padding: 8px; border-radius: 22px; background: var(--surface); }
.entries button {
  min-height: 52px;
  padding: 8px 16px;
  border: 0;
  border-radius: 14px;
  background: none;
  text-align: start;
  cursor: pointer;
}
.entries .dangerous { color: color-mix(in srgb, #c8382e 82%, var(--ink)); }
</style>
