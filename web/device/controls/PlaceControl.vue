<script setup lang="ts">
import { defineAsyncComponent, ref } from 'vue'
import type { Control } from '.'
import DeviceIcon from '../DeviceIcon.vue'
import { here, written } from '../here'
import { own } from '../own'

/** Latitude and longitude: written, where the device is, or chosen on a map where a service draws one. */
defineProps<Control>()
const emit = defineEmits<{ 'update:modelValue': [value: string]; trouble: [text: string] }>()
const PlaceSheet = defineAsyncComponent(() => import('./PlaceSheet.vue'))
const located = 'geolocation' in navigator
const open = ref(false)
const seeking = ref(false)

async function toMe() {
  emit('trouble', '')
  seeking.value = true
  try {
    emit('update:modelValue', written(await here()))
  } catch (error) {
    emit('trouble', `${(error as Error).message} ${own('Please write latitude and longitude.')}`)
  } finally {
    seeking.value = false
  }
}

function choose(place: string) {
  open.value = false
  emit('trouble', '')
  emit('update:modelValue', place)
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
    <button v-if="box.tiles" type="button" :aria-label="own('Choose {0} on a map', box.label)" aria-haspopup="dialog" @click="open = true">
      <DeviceIcon name="place" />
    </button>
    <button v-if="located" type="button" :aria-busy="seeking" @click="toMe()">{{ own('Here') }}</button>
    <PlaceSheet v-if="open" :box="box" :place="modelValue" @done="choose" @close="open = false" />
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
