<script setup lang="ts">
import { defineAsyncComponent, shallowRef } from 'vue'
import type { Control } from '.'
import DeviceIcon from '../DeviceIcon.vue'
import { media } from '../entry'
import { smaller } from '../smaller'
import { practised } from '../system'
import { useSending } from './useSending'
import { own } from '../own'

/** A picture, as it will be seen: taken or chosen by a tap on it, cut to what one wants of it, and taken away again. */
const props = defineProps<Control>()
const emit = defineEmits<{ 'update:modelValue': [value: string]; trouble: [text: string] }>()
const CropSheet = defineAsyncComponent(() => import('./CropSheet.vue'))
/** What was chosen here, whole, so that it can be cut again. */
const whole = shallowRef<File | null>(null)
const cutting = shallowRef(false)
const { sending, went, send, sendFile, cancel } = useSending(
  (name) => emit('update:modelValue', name),
  (text) => emit('trouble', text),
  async (file) => [await smaller(file)],
)

function chosen(event: Event) {
  whole.value = (event.target as HTMLInputElement).files?.[0] ?? null
  return send(event)
}

/** In the deck its own phone is asked. */
async function tapped(event: Event) {
  if (!practised.picture) return
  event.preventDefault()
  const picture = await practised.picture(props.box.label)
  if (!picture) return
  whole.value = picture
  await sendFile(picture)
}

function cut(picture: File) {
  cutting.value = false
  void sendFile(picture)
}

function away() {
  whole.value = null
  emit('update:modelValue', '')
}
</script>

<template>
  <span class="box-pictured">
    <span class="box-picture" :class="{ filled: modelValue }">
      <img v-if="modelValue" :src="media(modelValue)" alt="" />
      <DeviceIcon v-else name="plus" />
      <input
        :id="id"
        type="file"
        accept="image/png,image/jpeg,image/webp"
        :aria-label="modelValue ? own('{0}: another picture', box.label) : own('{0}: a picture', box.label)"
        :aria-busy="sending"
        :aria-describedby="`${id}-wrong`"
        @click="tapped"
        @change="chosen"
      />
      <span
        v-if="sending"
        class="box-sending"
        role="progressbar"
        :aria-label="own('Sending')"
        :aria-valuenow="Math.round(went * 100)"
        :style="{ '--went': went }"
      />
      <button v-if="sending" type="button" :aria-label="own('Do not send {0}', box.label)" @click="cancel()">×</button>
      <button v-else-if="modelValue && !box.required" type="button" :aria-label="own('Take {0} away', box.label)" @click="away()">×</button>
    </span>
    <button v-if="whole && modelValue && !sending" type="button" class="box-cut" aria-haspopup="dialog" @click="cutting = true">{{ own('Cut it') }}</button>
    <CropSheet v-if="cutting && whole" :picture="whole" :label="box.label" @done="cut" @close="cutting = false" />
  </span>
</template>

<style>
.box-pictured { display: flex; align-items: end; gap: 8px; }
.box-cut {
  min-height: 48px;
  padding: 0 16px;
  border: 1px solid currentColor;
  border-radius: calc(var(--corner) * .75);
  background: none;
  cursor: pointer;
}
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
  border-radius: 50%;
  background: conic-gradient(var(--main) calc(var(--went) * 1turn), color-mix(in srgb, var(--main) 25%, transparent) 0);
  mask: radial-gradient(circle, transparent 12px, #000 12.5px);
}
</style>
