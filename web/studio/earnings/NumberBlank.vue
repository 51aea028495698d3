<script setup lang="ts">
import { computed } from 'vue'

/** A number in a sentence: typed, or moved by the slider under the paragraph while it is in hand. */
const props = defineProps<{ label: string; min: number; max: number; step: number; unit?: string }>()
const emit = defineEmits<{ hand: []; change: [] }>()
const value = defineModel<number>({ required: true })
const wide = computed(() => `${Math.max(1, String(value.value).length) + 0.8}ch`)

function type(event: Event) {
  const typed = Number((event.target as HTMLInputElement).value)
  if (!Number.isFinite(typed)) return
  value.value = Math.min(props.max, Math.max(props.min, typed))
  emit('change')
}
</script>

<template>
  <span class="number-blank"
    ><input
      type="number"
      :aria-label="label"
      :value="value"
      :min="min"
      :max="max"
      :step="step"
      :style="{ width: wide }"
      inputmode="decimal"
      @focus="emit('hand')"
      @change="type"
    />{{ unit }}</span
  >
</template>
