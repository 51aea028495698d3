<script setup lang="ts">
import { computed, ref, useId } from 'vue'
import type { Box } from '../../contracts/view'
import { controlOf } from '../controls'

const props = defineProps<{ box: Box; modelValue: string; at?: string; error?: string; disabled?: boolean }>()
const emit = defineEmits<{ 'update:modelValue': [value: string] }>()
const id = useId()
const trouble = ref('')
const wrong = computed(() => props.error || trouble.value)
/** What is on or off stands beside its name; what has no box of its own is named by itself. */
const beside = computed(() => props.box.control === 'switch')
</script>

<template>
  <div class="box" :class="{ wrong, beside }" :inert="disabled || undefined">
    <label :for="id">{{ box.label }}<span v-if="box.required" aria-hidden="true"> *</span></label>
    <component
      :is="controlOf(box.control)"
      :id="id"
      :box="box"
      :model-value="modelValue"
      :wrong="!!wrong"
      :searched="at ? `${at}?${box.name}` : ''"
      @update:model-value="emit('update:modelValue', $event)"
      @trouble="trouble = $event"
    />
    <p v-if="box.help" class="box-help">{{ box.help }}</p>
    <p v-if="wrong" :id="`${id}-wrong`" class="box-wrong">{{ wrong }}</p>
  </div>
</template>

<style>
.box { display: flex; flex-direction: column; gap: 4px; min-width: 0; }
.box[inert] { opacity: .5; }
.box label { font-size: .9375rem; line-height: 1.375rem; font-weight: 600; }
.box-help { font-size: .875rem; line-height: 1.25rem; color: color-mix(in srgb, var(--ink) 78%, transparent); }
.box-wrong { font-size: .875rem; line-height: 1.25rem; color: color-mix(in srgb, #c8382e 82%, var(--ink)); }
</style>
