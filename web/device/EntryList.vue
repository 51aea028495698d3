<script setup lang="ts">
import { nextTick, onMounted, ref } from 'vue'
import type { MenuChoice } from '../contracts/view'

defineProps<{ entries: MenuChoice[]; label: string }>()
const emit = defineEmits<{ choose: [index: number]; close: [] }>()
const list = ref<HTMLElement>()
const before = document.activeElement as HTMLElement | null

onMounted(() => nextTick(() => list.value?.querySelector('button')?.focus()))

function close() {
  emit('close')
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
        <button v-for="(entry, i) in entries" :key="i" role="menuitem" :class="{ dangerous: entry.dangerous }" @click="emit('choose', i)">{{ entry.label }}</button>
      </div>
    </div>
  </Teleport>
</template>
