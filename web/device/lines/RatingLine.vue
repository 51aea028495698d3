<script setup lang="ts">
import type { RatingNode } from '../../contracts/view'

defineProps<{ node: RatingNode }>()
</script>

<template>
  <p class="stars" role="img" :aria-label="`${node.stars} of ${node.most} stars`">
    <span v-for="n in node.most" :key="n" aria-hidden="true" :style="{ '--full': `${Math.max(0, Math.min(1, node.stars - n + 1)) * 100}%` }">★</span>
  </p>
</template>
