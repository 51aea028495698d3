<script setup lang="ts">
import type { Control } from '.'

/** Yes or no. */
defineProps<Control>()
const emit = defineEmits<{ 'update:modelValue': [value: string] }>()
</script>

<template>
  <input
    :id="id"
    class="switch"
    type="checkbox"
    role="switch"
    :checked="modelValue === 'yes'"
    :aria-describedby="`${id}-wrong`"
    @change="emit('update:modelValue', ($event.target as HTMLInputElement).checked ? 'yes' : 'no')"
  />
</template>

<style>
@import './switch.css';

/* The whole line is its label, and stands beside it. */
.box.beside { flex-flow: row wrap; align-items: center; column-gap: 12px; }
.box.beside > label { flex: 1; min-width: 0; padding-block: 13px; }
.box.beside > p { flex: 1 0 100%; }
</style>
