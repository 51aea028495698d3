<script setup lang="ts">
import { computed, defineAsyncComponent, ref } from 'vue'
import type { Control } from '.'
import { SWATCHES, type Swatch } from '../colours'
import PickButton from './PickButton.vue'
import { usePicked } from './usePicked'
import { own } from '../own'

/** A colour: one of those there, or any by its figures. */
const props = defineProps<Control>()
const emit = defineEmits<{ 'update:modelValue': [value: string] }>()
const PickSheet = defineAsyncComponent(() => import('./PickSheet.vue'))

const { open, set } = usePicked((value) => emit('update:modelValue', value))
const picked = ref('')
const fits = computed(() => /^#[0-9a-f]{6}$/i.test(picked.value))
const named = (one: Swatch) => (one.tone ? own(`${one.tone} {0}`, own(one.name)) : own(one.name))
const name = (hex: string) => {
  const one = SWATCHES.find((swatch) => swatch.hex === hex.toUpperCase())
  return one ? named(one) : hex
}

function show() {
  picked.value = props.modelValue
  open.value = true
}

function type(text: string) {
  picked.value = text && !text.startsWith('#') ? `#${text}` : text
}
</script>

<template>
  <PickButton :id="id" :label="box.label" :words="modelValue && name(modelValue)" :open="open" :swatch="modelValue" @click="show()" />
  <PickSheet
    v-if="open"
    :label="box.label"
    :clears="!box.required && modelValue !== ''"
    :ready="fits"
    @done="set(picked)"
    @clear="set('')"
    @close="open = false"
  >
    <div class="swatches" role="group" :aria-label="box.label">
      <button
        v-for="one in SWATCHES"
        :key="one.hex"
        type="button"
        :aria-label="named(one)"
        :aria-pressed="picked.toUpperCase() === one.hex"
        :data-first="picked.toUpperCase() === one.hex || undefined"
        :style="{ background: one.hex }"
        @click="picked = one.hex"
      />
    </div>
    <label class="swatch-figures">
      <span>{{ own('As figures') }}</span>
      <input
        class="line-control"
        :value="picked"
        placeholder="#0B6E5F"
        maxlength="7"
        spellcheck="false"
        autocapitalize="none"
        @input="type(($event.target as HTMLInputElement).value)"
      />
      <i class="pick-swatch" :style="{ background: fits ? picked : 'none' }" />
    </label>
  </PickSheet>
</template>

<style>
.swatches { display: grid; grid-template-columns: repeat(5, 1fr); gap: 6px; justify-items: center; }
.swatches button {
  width: 44px;
  height: 44px;
  padding: 0;
  border: 1px solid color-mix(in srgb, var(--ink) 24%, transparent);
  border-radius: 50%;
  cursor: pointer;
}
.swatches [aria-pressed='true'] { box-shadow: 0 0 0 3px var(--surface), 0 0 0 6px var(--main); }
.swatch-figures { display: flex; align-items: center; gap: 12px; margin-block-start: 8px; font-weight: 600; }
.swatch-figures .line-control { flex: 1; min-width: 0; font-variant-numeric: tabular-nums; }
</style>
