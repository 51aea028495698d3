<script setup lang="ts">
import type { Control } from '.'
import DeviceIcon from '../DeviceIcon.vue'
import { media } from '../entry'
import { smaller } from '../smaller'
import { useSending } from './useSending'

/** A picture, as it will be seen: taken or chosen by a tap on it, and taken away again. */
defineProps<Control>()
const emit = defineEmits<{ 'update:modelValue': [value: string]; trouble: [text: string] }>()
const { sending, send } = useSending((name) => emit('update:modelValue', name), (text) => emit('trouble', text), async (file) => [await smaller(file)])
</script>

<template>
  <span class="box-picture" :class="{ filled: modelValue }">
    <img v-if="modelValue" :src="media(modelValue)" alt="" />
    <DeviceIcon v-else name="plus" />
    <input
      :id="id"
      type="file"
      accept="image/png,image/jpeg,image/webp"
      :aria-label="`${box.label}: ${modelValue ? 'another picture' : 'a picture'}`"
      :aria-busy="sending"
      :aria-describedby="`${id}-wrong`"
      @change="send($event)"
    />
    <span v-if="sending" class="box-sending" role="status" aria-label="Sending" />
    <button v-if="modelValue && !box.required && !sending" type="button" :aria-label="`Take ${box.label} away`" @click="emit('update:modelValue', '')">
      ×
    </button>
  </span>
</template>

<style>
.box-picture {
  position: relative;
  display: grid;
  place-items: center;
  width: 112px;
  height: 112px;
  border: 2px dashed color-mix(in srgb, var(--ink) 40%, transparent);
  border-radius: calc(var(--corner) * .75);
  background: var(--surface);
  overflow: hidden;
}
.box-picture.filled { border-style: solid; border-color: transparent; }
.box-picture img { position: absolute; inset: 0; width: 100%; height: 100%; object-fit: cover; }
.box-picture input { position: absolute; inset: 0; opacity: 0; cursor: pointer; }
.box-picture:focus-within { outline: 3px solid var(--main); outline-offset: 2px; }
.box-picture button {
  position: absolute;
  inset-block-start: 0;
  inset-inline-end: 0;
  width: 48px;
  height: 48px;
  padding: 0;
  border: 0;
  background: radial-gradient(circle at center, rgb(0 0 0 / .62) 14px, transparent 15px);
  color: #fff;
  font-size: 18px;
  cursor: pointer;
}
.box-sending { position: absolute; inset: 0; background: color-mix(in srgb, var(--surface) 70%, transparent); }
.box-sending::after {
  content: '';
  position: absolute;
  inset: 0;
  width: 32px;
  height: 32px;
  margin: auto;
  border: 3px solid color-mix(in srgb, var(--main) 30%, transparent);
  border-block-start-color: var(--main);
  border-radius: 50%;
  animation: turn .8s linear infinite;
}
</style>
