<script setup lang="ts">
import type { ProgressNode } from '../../contracts/view'

defineProps<{ node: ProgressNode }>()
</script>

<template>
  <div class="progress">
    <div role="progressbar" :aria-valuenow="Math.round(node.share * 100)" aria-valuemin="0" aria-valuemax="100" :aria-label="node.text || 'Progress'"><i :style="{ width: `${node.share * 100}%` }" /></div>
    <p v-if="node.text">{{ node.text }}</p>
  </div>
</template>
