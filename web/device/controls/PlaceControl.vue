<script setup lang="ts">
import type { Control } from '.'

/** Latitude and longitude, written or where the device is. */
defineProps<Control>()
const emit = defineEmits<{ 'update:modelValue': [value: string]; trouble: [text: string] }>()
const located = 'geolocation' in navigator

function here() {
  emit('trouble', '')
  navigator.geolocation.getCurrentPosition(
    (at) => emit('update:modelValue', `${at.coords.latitude.toFixed(5)}, ${at.coords.longitude.toFixed(5)}`),
    () => emit('trouble', 'This device does not tell where it is. Please write latitude and longitude.'),
  )
}
</script>

<template>
  <span class="box-place">
    <input
      :id="id"
      class="line-control"
      type="text"
      :value="modelValue"
      :placeholder="box.hint || '50.1234, -5.5678'"
      :aria-invalid="wrong"
      :aria-describedby="`${id}-wrong`"
      @input="emit('update:modelValue', ($event.target as HTMLInputElement).value)"
    />
    <button v-if="located" type="button" @click="here">Here</button>
  </span>
</template>

<style>
.box-place { display: flex; gap: 8px; }
.box-place input { flex: 1; min-width: 0; }
.box-place button {
  min-height: 48px;
  padding: 0 16px;
  border: 1px solid currentColor;
  border-radius: calc(var(--corner) * .75);
  background: none;
  cursor: pointer;
}
</style>
