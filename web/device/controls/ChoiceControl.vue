<script setup lang="ts">
import { computed, defineAsyncComponent, ref } from 'vue'
import type { Control } from '.'
import ChoiceButton from './ChoiceButton.vue'
import { useNames } from './useNames'

/** One of several: side by side where they are few and short, on a sheet where they are not. */
const props = defineProps<Control>()
const emit = defineEmits<{ 'update:modelValue': [value: string] }>()
const ChoiceSheet = defineAsyncComponent(() => import('./ChoiceSheet.vue'))

const FEW = 4
const SHORT = 24
const open = ref(false)
const name = useNames(() => props.box.choices)
const beside = computed(() => {
  const letters = props.box.choices.reduce((all, choice) => all + choice.label.length, 0)
  return props.box.control === 'choice' && props.box.choices.length <= FEW && props.box.choices.length > 1 && letters <= SHORT
})

function choose(one: string) {
  open.value = false
  emit('update:modelValue', one)
}

function press(event: KeyboardEvent, i: number) {
  const step = { ArrowRight: 1, ArrowDown: 1, ArrowLeft: -1, ArrowUp: -1 }[event.key]
  if (!step) return
  event.preventDefault()
  const next = (i + step + props.box.choices.length) % props.box.choices.length
  choose(props.box.choices[next].id)
  ;((event.currentTarget as HTMLElement).parentElement?.children[next] as HTMLElement)?.focus()
}
</script>

<template>
  <span v-if="beside" :id="id" class="segments" role="radiogroup" :aria-label="box.label" :aria-describedby="`${id}-wrong`">
    <button
      v-for="(choice, i) in box.choices"
      :key="choice.id"
      type="button"
      role="radio"
      :aria-checked="modelValue === choice.id"
      :tabindex="modelValue === choice.id || (i === 0 && !box.choices.some((c) => c.id === modelValue)) ? 0 : -1"
      @click="choose(modelValue === choice.id && !box.required ? '' : choice.id)"
      @keydown="press($event, i)"
    >
      {{ choice.label }}
    </button>
  </span>
  <template v-else>
    <ChoiceButton :id="id" :label="box.label" :chosen="modelValue ? [name(modelValue)] : []" :open="open" @click="open = true" />
    <ChoiceSheet v-if="open" :box="box" :chosen="modelValue ? [modelValue] : []" :searched="searched" @choose="choose" @close="open = false" />
  </template>
</template>

<style>
.segments {
  display: flex;
  gap: 4px;
  min-height: max(48px, calc(1.5rem + 24px));
  padding: 4px;
  border-radius: calc(var(--corner) * .75);
  background: color-mix(in srgb, var(--ink) 9%, transparent);
}
.segments button {
  flex: 1 1 0;
  min-width: 0;
  min-height: 40px;
  padding: 4px 6px;
  border: 0;
  border-radius: calc(var(--corner) * .75 - 4px);
  background: none;
  font-weight: 600;
  cursor: pointer;
}
.segments [aria-checked='true'] {
  background: var(--surface);
  color: color-mix(in srgb, var(--main) 82%, var(--ink));
  box-shadow: 0 1px 2px color-mix(in srgb, var(--ink) 24%, transparent);
}
</style>
