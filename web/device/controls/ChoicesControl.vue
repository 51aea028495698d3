<script setup lang="ts">
import { computed, ref } from 'vue'
import type { Control } from '.'
import ChoiceButton from './ChoiceButton.vue'
import ChoiceSheet from './ChoiceSheet.vue'
import { useNames } from './useNames'

/** Any of several: below each other where they are few, on a sheet where they are many. */
const props = defineProps<Control>()
const emit = defineEmits<{ 'update:modelValue': [value: string] }>()

const FEW = 6
const open = ref(false)
const name = useNames(() => props.box.choices)
const rows = computed(() => props.box.control === 'rows')
const parted = computed(() => (rows.value ? ', ' : '; '))
/** The longest first: a choice may hold the sign that stands between. Rows are known by their numbers. */
const chosen = computed(() => {
  if (rows.value) return props.modelValue.split(',').map((id) => id.trim()).filter(Boolean)
  const found: string[] = []
  const known = props.box.choices.map((c) => c.id).sort((a, b) => b.length - a.length)
  for (let left = props.modelValue; left; left = left.replace(/^[;\s]+/, '')) {
    const next = known.find((id) => left === id || left.startsWith(`${id};`))
    if (!next) break
    found.push(next)
    left = left.slice(next.length)
  }
  return found
})

function toggle(one: string) {
  const now = chosen.value.includes(one) ? chosen.value.filter((c) => c !== one) : [...chosen.value, one]
  emit('update:modelValue', now.join(parted.value))
}
</script>

<template>
  <span v-if="box.choices.length <= FEW && !box.rest" :id="id" class="box-many" role="group" :aria-label="box.label">
    <label v-for="choice in box.choices" :key="choice.id"
      ><input type="checkbox" class="tick" :checked="chosen.includes(choice.id)" @change="toggle(choice.id)" /> {{ choice.label }}</label
    >
  </span>
  <template v-else>
    <ChoiceButton :id="id" :label="box.label" :chosen="chosen.map(name)" :open="open" @click="open = true" />
    <ChoiceSheet v-if="open" :box="box" :chosen="chosen" :searched="searched" many @choose="toggle" @close="open = false" />
  </template>
</template>

<style>
.box-many { display: grid; gap: 4px; }
.box-many label { display: flex; align-items: center; gap: 10px; min-height: 48px; font-size: 1rem; line-height: 1.5rem; font-weight: 400; }
.tick {
  appearance: none;
  flex: none;
  display: grid;
  place-items: center;
  width: 24px;
  height: 24px;
  margin: 0;
  border: 2px solid color-mix(in srgb, var(--ink) 60%, transparent);
  border-radius: 7px;
  background: var(--surface);
  cursor: pointer;
}
.tick:checked { border-color: var(--main); background: var(--main); }
.tick:checked::before { content: '✓'; font-size: 16px; line-height: 1; font-weight: 700; color: var(--on-main); }
</style>
