<script setup lang="ts">
import { computed } from 'vue'
import type { VideoNode } from '../../contracts/view'
import { media } from '../entry'
import { own } from '../own'

const props = defineProps<{ node: VideoNode }>()
/** An uploaded one has a picture of its own; one at an address shows its first. */
const poster = computed(() => (/^[0-9a-f]{64}\./.test(props.node.media) ? `${media(props.node.media)}?poster=1` : undefined))
</script>

<template>
  <div class="video">
    <video v-if="node.media" controls playsinline preload="metadata" :src="media(node.media)" :poster="poster" :aria-label="node.title" />
    <p v-else class="empty">{{ own('There is no video to show.') }}</p>
  </div>
</template>

<style>
.video video { display: block; width: 100%; aspect-ratio: 16 / 9; border-radius: var(--corner); background: #000; }
</style>
