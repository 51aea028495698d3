<script setup lang="ts">
import type { VideoNode } from '../../contracts/view'
import { media } from '../entry'

defineProps<{ node: VideoNode }>()
</script>

<template>
  <div class="video">
    <video v-if="node.media" controls playsinline preload="metadata" :src="media(node.media)" :aria-label="node.title" />
    <p v-else class="empty">There is no video to show.</p>
  </div>
</template>

<style>
.video video { display: block; width: 100%; aspect-ratio: 16 / 9; border-radius: var(--corner); background: #000; }
</style>
