<script setup lang="ts">
import { own } from './own'
defineProps<{ count: number; at: number }>()

/** Beyond these a figure says it better. */
const MOST = 12
</script>

<template>
  <p class="dots" role="status" :aria-label="own('Page {0} of {1}', at + 1, count)">
    <template v-if="count <= MOST"><i v-for="n in count" :key="n" :class="{ on: n === at + 1 }" /></template>
    <span v-else aria-hidden="true">{{ at + 1 }} / {{ count }}</span>
  </p>
</template>

<style>
.dots { flex: none; display: flex; align-items: center; justify-content: center; gap: 8px; height: 24px; font-variant-numeric: tabular-nums; }
.dots i { width: 8px; height: 8px; border-radius: 4px; background: color-mix(in srgb, var(--ink) 32%, transparent); transition: width .2s, background .2s; }
.dots i.on { width: 22px; background: var(--main); }
</style>
