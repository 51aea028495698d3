<script setup lang="ts">
import type { RatingNode } from '../../contracts/view'
import { own } from '../own'

defineProps<{ node: RatingNode }>()
</script>

<template>
  <p class="stars" role="img" :aria-label="own('{0} of {1} stars', node.stars, node.most)">
    <span v-for="n in node.most" :key="n" aria-hidden="true" :style="{ '--full': `${Math.max(0, Math.min(1, node.stars - n + 1)) * 100}%` }">★</span>
  </p>
</template>

<style>
.stars { font-size: 1.5rem; line-height: 2rem; letter-spacing: 2px; }
.stars span {
  background: linear-gradient(90deg, var(--main) var(--full), color-mix(in srgb, var(--ink) 25%, transparent) var(--full));
  background-clip: text;
  -webkit-background-clip: text;
  color: transparent;
}
</style>
