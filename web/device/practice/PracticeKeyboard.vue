<script setup lang="ts">
import { computed, onMounted, onUnmounted, ref, watch } from 'vue'

/** A keyboard over the page while something is typed, as on a phone: the page has only the room above it. */
const TYPED = 'input:not([type=checkbox], [type=radio], [type=file], [type=range], [type=button]), textarea'
const into = ref<HTMLInputElement | HTMLTextAreaElement | null>(null)
const upper = ref(false)
const digits = computed(() => into.value !== null && /numeric|decimal|tel/.test(`${into.value.inputMode} ${into.value.type}`))
const rows = computed(() => (digits.value ? ['123', '456', '789', '.0-'] : ['qwertyuiop', 'asdfghjkl', 'zxcvbnm']))
const enter = computed(() => ({ next: 'Next', send: 'Send', search: 'Search', done: 'Done' })[into.value?.enterKeyHint ?? ''] ?? 'Enter')

function focused(event: FocusEvent) {
  if (event.target instanceof Element && event.target.matches(TYPED)) into.value = event.target as HTMLInputElement
}
/** While a finger is down nothing moves away from under it. */
let pressed = false
function left(event: FocusEvent) {
  if (event.relatedTarget instanceof Element && event.relatedTarget.matches(TYPED)) return
  if (!pressed) return void (into.value = null)
  addEventListener('pointerup', () => setTimeout(() => document.activeElement?.matches(TYPED) || (into.value = null)), { once: true })
}
const hold = (event: PointerEvent) => (pressed = event.type === 'pointerdown')
onMounted(() => {
  document.addEventListener('focusin', focused)
  document.addEventListener('focusout', left)
  for (const name of ['pointerdown', 'pointerup', 'pointercancel'] as const) addEventListener(name, hold, true)
})
onUnmounted(() => {
  document.removeEventListener('focusin', focused)
  document.removeEventListener('focusout', left)
  for (const name of ['pointerdown', 'pointerup', 'pointercancel'] as const) removeEventListener(name, hold, true)
  room(false)
})

/** What is typed into stays in sight. */
function room(open: boolean) {
  document.documentElement.classList.toggle('keyboard', open)
  if (open) requestAnimationFrame(() => into.value?.scrollIntoView({ block: 'nearest' }))
}
watch(into, (now) => room(now !== null), { flush: 'post' })

function type(text: string) {
  document.execCommand('insertText', false, upper.value ? text.toUpperCase() : text)
  upper.value = false
}
const takeBack = () => document.execCommand('delete')

function press() {
  const key = new KeyboardEvent('keydown', { key: 'Enter', bubbles: true, cancelable: true })
  if (into.value?.dispatchEvent(key) && into.value instanceof HTMLInputElement) into.value.form?.requestSubmit()
}
</script>

<template>
  <!-- What is pressed here does not take the focus away. -->
  <div v-if="into" class="keyboard-keys" aria-hidden="true" @mousedown.prevent>
    <div v-for="row in rows" :key="row" class="keyboard-row">
      <button v-for="key in row" :key="key" type="button" tabindex="-1" @click="type(key)">{{ upper ? key.toUpperCase() : key }}</button>
    </div>
    <div class="keyboard-row last">
      <button v-if="!digits" type="button" tabindex="-1" @click="upper = !upper">⇧</button>
      <button v-if="!digits" type="button" tabindex="-1" class="wide" @click="type(' ')">space</button>
      <button type="button" tabindex="-1" @click="takeBack()">⌫</button>
      <button type="button" tabindex="-1" @click="press()">{{ enter }}</button>
    </div>
  </div>
</template>

<style>
:root.keyboard #device { height: calc(100% - 280px); }
.keyboard-keys {
  position: fixed;
  inset: auto 0 0;
  z-index: 60;
  display: flex;
  flex-direction: column;
  justify-content: center;
  gap: 6px;
  height: 280px;
  padding: 8px 4px;
  background: #c9d2cf;
  color: #13292b;
}
.keyboard-row { display: flex; justify-content: center; gap: 4px; }
.keyboard-row button { flex: 0 1 34px; min-width: 0; height: 48px; padding: 0; border: 0; border-radius: 8px; background: #fff; cursor: pointer; }
.keyboard-row.last button { flex: 1 1 48px; background: #e9eeec; }
.keyboard-row.last .wide { flex: 3 1 120px; background: #fff; }
</style>
