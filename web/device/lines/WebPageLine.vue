<script setup lang="ts">
import type { WebPageNode } from '../../contracts/view'
import { own } from '../own'

defineProps<{ node: WebPageNode }>()
</script>

<template>
  <div class="web-page">
    <iframe
      v-if="node.address"
      :src="node.address"
      :title="node.title"
      sandbox="allow-scripts allow-forms allow-popups"
      referrerpolicy="no-referrer"
      loading="lazy"
    />
    <p v-else class="empty">{{ own('There is no page to show.') }}</p>
  </div>
</template>

<style>
.web-page { height: 320px; }
.web-page iframe { width: 100%; height: 100%; border: 0; border-radius: var(--corner); background: #fff; }
</style>
