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
.switch {
  appearance: none;
  flex: none;
  position: relative;
  width: 52px;
  height: 32px;
  margin: 0;
  border-radius: 16px;
  background: color-mix(in srgb, var(--ink) 44%, var(--surface));
  cursor: pointer;
  transition: background-color .16s;
}
.switch::before {
  content: '';
  position: absolute;
  inset-block-start: 3px;
  inset-inline-start: 3px;
  width: 26px;
  height: 26px;
  border-radius: 50%;
  background: #fff;
  box-shadow: 0 1px 3px rgb(0 0 0 / .3);
  transition: transform .16s cubic-bezier(.2, .8, .2, 1);
}
.switch:checked { background: var(--main); }
.switch:checked::before { transform: translateX(calc(20px * var(--side))); background: var(--on-main); }
/* The whole line is its label, and stands beside it. */
.box.beside { flex-flow: row wrap; align-items: center; column-gap: 12px; }
.box.beside > label { flex: 1; min-width: 0; padding-block: 13px; }
.box.beside > p { flex: 1 0 100%; }
</style>
