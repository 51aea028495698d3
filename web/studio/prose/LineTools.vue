<script setup lang="ts">
import { mdiArrowDown, mdiArrowUp, mdiClose, mdiLinkVariant, mdiPlus } from '@mdi/js'
import { computed } from 'vue'
import type { ProseLine } from '../../contracts/studio'
import { count, indexOf, isMovable, listOf } from './places'
import type { Adding } from './useAdding'
import type { Moving } from './useMoving'

const props = defineProps<{ line: ProseLine; i: number; lines: ProseLine[]; root: string; adding: Adding; moving: Moving }>()
const emit = defineEmits<{ used: [at: string] }>()
const usable = computed(() => props.line.role === 'node' && /^\/(tables|screens|pieces|routines|values)\/\d+(\/fields\/\d+)?$/.test(props.line.at))
const movable = computed(() => isMovable(props.line, props.root))
const index = computed(() => indexOf(props.line.at))
const isLast = computed(() => index.value >= count(props.lines, listOf(props.line.at)) - 1)
const offers = computed(() => props.adding.offers.value)
</script>

<template>
  <span class="line-tools">
    <v-btn
      v-if="line.grows"
      :icon="mdiPlus"
      size="x-small"
      variant="text"
      aria-label="Add to this sentence"
      title="Add a line here"
      @click="adding.into(line.grows, line, i)"
    />
    <v-menu v-else-if="line.offers" @update:model-value="(open) => open && adding.openOffers(line)">
      <template #activator="{ props: menu }"
        ><v-btn v-bind="menu" :icon="mdiPlus" size="x-small" variant="text" aria-label="Add to this sentence" title="Add to this sentence"
      /></template>
      <v-list density="compact">
        <v-list-item v-if="!offers" title="One moment …" disabled />
        <v-list-item v-for="offered in offers" :key="offered.label" :title="offered.label" @click="adding.offer(line, i, offered)" />
      </v-list>
    </v-menu>
    <v-btn
      v-if="usable"
      :icon="mdiLinkVariant"
      size="x-small"
      variant="text"
      aria-label="Used in"
      title="Where this is used"
      @click="emit('used', line.at)"
    />
    <template v-if="movable">
      <v-btn
        :icon="mdiArrowUp"
        size="x-small"
        variant="text"
        aria-label="Move up"
        title="Move up (Alt+Up)"
        :disabled="index === 0"
        @click="moving.move(line, -1)"
      />
      <v-btn
        :icon="mdiArrowDown"
        size="x-small"
        variant="text"
        aria-label="Move down"
        title="Move down (Alt+Down)"
        :disabled="isLast"
        @click="moving.move(line, 1)"
      />
      <v-btn :icon="mdiClose" size="x-small" variant="text" aria-label="Remove this line" title="Remove (Delete)" @click="moving.remove(line)" />
    </template>
  </span>
</template>
