<script setup lang="ts">
import { computed } from 'vue'
import type { Control } from '.'
import DeviceIcon from '../DeviceIcon.vue'
import { hand } from '../hand'
import { own } from '../own'

/** A number: with a step down and one up where it counts things, with a slider where it lies in a wide range, with what it counts beside it. */
const props = defineProps<Control>()
const emit = defineEmits<{ 'update:modelValue': [value: string] }>()

/** A range that is stepped through; a wider one is slid over, up to where sliding would be guessing. */
const STEPPED = 40
const SLID = 1000
const range = computed(() => (props.box.most ?? Infinity) - (props.box.least ?? -Infinity))
const steps = computed(() => props.box.whole === true && (props.box.least !== undefined || props.box.most !== undefined) && !slides.value)
const slides = computed(() => (props.box.whole ? range.value > STEPPED : range.value > 0) && range.value <= SLID)
/** Of at least a hundred steps. */
const grain = computed(() => (props.box.whole ? 1 : [1, 0.5, 0.1].find((one) => range.value >= one * 100)) ?? 0.01)
const number = computed(() => (props.modelValue.trim() === '' ? null : Number(props.modelValue.replace(',', '.'))))
const hold = (value: number) => Math.max(props.box.least ?? -Infinity, Math.min(props.box.most ?? Infinity, value))

function step(by: number) {
  const now = number.value
  const begin = props.box.least ?? Math.min(0, props.box.most ?? 0)
  emit('update:modelValue', String(hold(now === null || Number.isNaN(now) ? begin : Math.round(now) + by)))
  hand.tick()
}
const may = (by: number) => number.value === null || Number.isNaN(number.value) || hold(number.value + by) !== number.value
const set = (value: string) => emit('update:modelValue', value)
</script>

<template>
  <span class="number" :class="{ steps, slides }">
    <button v-if="steps" type="button" class="number-step" :aria-label="own('{0}: one less', box.label)" :disabled="!may(-1)" @click="step(-1)">
      <DeviceIcon name="minus" />
    </button>
    <input
      v-if="slides"
      class="slider"
      type="range"
      :min="box.least"
      :max="box.most"
      :step="grain"
      :value="number ?? box.least"
      :style="{ '--part': ((number ?? box.least ?? 0) - (box.least ?? 0)) / range }"
      :aria-label="own('{0}, slider', box.label)"
      @input="set(($event.target as HTMLInputElement).value)"
    />
    <span class="number-line">
      <input
        :id="id"
        class="line-control"
        type="text"
        :inputmode="box.whole && (box.least ?? -1) >= 0 ? 'numeric' : 'decimal'"
        autocomplete="off"
        autocapitalize="none"
        spellcheck="false"
        :value="modelValue"
        :placeholder="box.hint"
        :required="box.required"
        :aria-invalid="wrong"
        :aria-describedby="box.unit ? `${id}-unit ${id}-wrong` : `${id}-wrong`"
        @input="set(($event.target as HTMLInputElement).value)"
        @keydown.up.prevent="box.whole && step(1)"
        @keydown.down.prevent="box.whole && step(-1)"
      />
      <span v-if="box.unit" :id="`${id}-unit`" class="number-unit">{{ box.unit }}</span>
    </span>
    <button v-if="steps" type="button" class="number-step" :aria-label="own('{0}: one more', box.label)" :disabled="!may(1)" @click="step(1)">
      <DeviceIcon name="plus" />
    </button>
  </span>
</template>

<style>
.number { display: flex; align-items: center; gap: 8px; min-width: 0; }
.number-line { position: relative; flex: 1; min-width: 0; }
.number .line-control { font-variant-numeric: tabular-nums; }
.number.steps .line-control { text-align: center; }
.number.slides .number-line { flex: 0 0 5.5rem; }
.number.slides .line-control { padding-inline: 8px; text-align: center; }
.number-line:has(.number-unit) .line-control { padding-inline-end: 4.25rem; }
.number-unit {
  position: absolute;
  inset-block: 0;
  inset-inline-end: 14px;
  display: grid;
  align-items: center;
  font-weight: 600;
  pointer-events: none;
  color: color-mix(in srgb, var(--ink) 72%, transparent);
}
.number-step {
  flex: none;
  display: grid;
  place-items: center;
  width: 48px;
  min-height: max(48px, calc(1.5rem + 24px));
  border: 0;
  border-radius: calc(var(--corner) * .75);
  background: color-mix(in srgb, var(--main) 14%, var(--surface));
  color: color-mix(in srgb, var(--main) 82%, var(--ink));
  cursor: pointer;
}
.number-step:disabled { opacity: .45; cursor: default; }
.slider {
  --rest: color-mix(in srgb, var(--ink) 22%, transparent);
  --track: linear-gradient(to right, var(--main) calc(var(--part) * 100%), var(--rest) 0);

  flex: 1;
  min-width: 0;
  height: 48px;
  margin: 0;
  appearance: none;
  background: none;
  cursor: pointer;
  touch-action: pan-y;
}
[dir='rtl'] .slider { --track: linear-gradient(to left, var(--main) calc(var(--part) * 100%), var(--rest) 0); }
.slider::-webkit-slider-runnable-track { height: 6px; border-radius: 3px; background: var(--track); }
.slider::-moz-range-track { height: 6px; border-radius: 3px; background: var(--track); }
.slider::-webkit-slider-thumb {
  appearance: none;
  margin-block-start: -11px;
  width: 28px;
  height: 28px;
  border: 0;
  border-radius: 50%;
  background: var(--main);
  box-shadow: 0 0 0 4px var(--surface), 0 2px 6px rgb(0 0 0 / .3);
}
.slider::-moz-range-thumb {
  width: 28px;
  height: 28px;
  border: 0;
  border-radius: 50%;
  background: var(--main);
  box-shadow: 0 0 0 4px var(--surface), 0 2px 6px rgb(0 0 0 / .3);
}
.slider:focus-visible { outline-offset: 4px; border-radius: 12px; }
</style>
