<script setup lang="ts">
import type { SoundNode } from '../../contracts/view'
import { media } from '../entry'
import { own } from '../own'

defineProps<{ node: SoundNode }>()
</script>

<template>
  <div class="sound">
    <span class="sound-title">{{ node.title }}</span>
    <audio v-if="node.media" controls preload="none" :src="media(node.media)" :aria-label="node.title" />
    <p v-else class="empty">{{ own('There is no sound to play.') }}</p>
  </div>
</template>

<style>
.sound { display: flex; flex-direction: column; gap: 4px; }
.sound audio { width: 100%; height: 54px; }
</style>
