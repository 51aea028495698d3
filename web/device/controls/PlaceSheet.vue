<script setup lang="ts">
import { ref } from 'vue'
import type { Box } from '../../contracts/view'
import TileMap from '../TileMap.vue'
import { placeOf, written } from '../here'
import PickSheet from './PickSheet.vue'
import { own } from '../own'

/** A place is chosen on a map: the map is drawn along under a pin that stands still. */
const props = defineProps<{ box: Box; place: string }>()
const emit = defineEmits<{ done: [place: string]; close: [] }>()
const begins = placeOf(props.place)
const middle = ref(begins)
/** Whoever has not moved the map has chosen no place yet. */
let moves = 0
const moved = (at: { latitude: number; longitude: number }) => moves++ > 0 && (middle.value = at)
</script>

<template>
  <PickSheet
    :label="box.label"
    :clears="!box.required && place !== ''"
    :ready="middle !== null"
    @done="middle && emit('done', written(middle))"
    @clear="emit('done', '')"
    @close="emit('close')"
  >
    <p class="days-said" role="status">{{ middle ? written(middle) : own('Move the map until the pin stands on the place.') }}</p>
    <TileMap
      class="place-map"
      :at="box.name"
      :spots="[]"
      :tiles="box.tiles"
      :label="own('Map to choose {0} on', box.label)"
      locates
      :aims="begins"
      @middle="moved"
    />
  </PickSheet>
</template>

<style>
.place-map { height: min(52vh, 420px); }
.days-said { text-align: center; color: color-mix(in srgb, var(--ink) 78%, transparent); font-variant-numeric: tabular-nums; }
</style>
