<script setup lang="ts">
import type { Control } from '.'

/** A line of text, with the keyboard and the help of the phone that fit what is asked for. */
defineProps<Control>()
const emit = defineEmits<{ 'update:modelValue': [value: string] }>()

const types: Record<string, string> = { email: 'email', password: 'password', web: 'url' }
/** What the phone's own store of addresses and passwords can fill in. */
const fills: Record<string, string> = { email: 'username', password: 'current-password', web: 'url' }
const keyboards: Record<string, 'email' | 'url'> = { email: 'email', web: 'url' }
/** What is written as it is: nothing is made large, put right or divided by the phone. */
const plain = ['email', 'password', 'web', 'duration']
/** A code that was sent is offered above the keyboard by the phone. */
const isCode = (name: string) => /^(code|pin|otp)$/i.test(name)
</script>

<template>
  <input
    :id="id"
    class="line-control"
    :type="types[box.control] ?? 'text'"
    :inputmode="isCode(box.name) ? 'numeric' : keyboards[box.control]"
    :autocomplete="isCode(box.name) ? 'one-time-code' : fills[box.control]"
    :autocapitalize="plain.includes(box.control) ? 'none' : 'sentences'"
    :spellcheck="!plain.includes(box.control)"
    :value="modelValue"
    :placeholder="box.hint"
    :required="box.required"
    :aria-invalid="wrong"
    :aria-describedby="`${id}-wrong`"
    @input="emit('update:modelValue', ($event.target as HTMLInputElement).value)"
  />
</template>

<style>
.line-control {
  width: 100%;
  min-height: 48px;
  height: calc(1.5rem + 24px);
  padding: 11px 14px;
  border: 1px solid color-mix(in srgb, var(--ink) 52%, transparent);
  border-radius: calc(var(--corner) * .75);
  background: var(--surface);
}
span.line-control { display: block; }
.line-control::placeholder { color: color-mix(in srgb, var(--ink) 62%, transparent); }
.box.wrong .line-control { border-color: #b8322a; }
</style>
