<script setup lang="ts">
import type { Control } from '.'

/** Stars; the one that is set is taken away by a second tap. */
defineProps<Control>()
const emit = defineEmits<{ 'update:modelValue': [value: string] }>()
</script>

<template>
  <span :id="id" class="box-stars" role="radiogroup" :aria-label="box.label">
    <button
      v-for="choice in box.choices"
      :key="choice.id"
      type="button"
      role="radio"
      :aria-checked="modelValue === choice.id"
      :aria-label="choice.label"
      :class="{ on: Number(choice.id) <= Number(modelValue) }"
      @click="emit('update:modelValue', modelValue === choice.id ? '' : choice.id)"
    >
      ★
    </button>
  </span>
</template>

<style>
.box-stars { display: flex; gap: 2px; }
.box-stars button {
  min-width: 48px;
  min-height: max(48px, calc(1.5rem + 24px));
  padding: 0;
  border: 0;
  background: none;
  font-size: 30px;
  color: color-mix(in srgb, var(--ink) 35%, transparent);
  cursor: pointer;
}
.box-stars button.on { color: var(--main); }
</style>
