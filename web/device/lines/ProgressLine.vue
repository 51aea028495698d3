<script setup lang="ts">
import type { ProgressNode } from '../../contracts/view'
import { own } from '../own'

defineProps<{ node: ProgressNode }>()
</script>

<template>
  <div class="progress">
    <div role="progressbar" :aria-valuenow="Math.round(node.share * 100)" aria-valuemin="0" aria-valuemax="100" :aria-label="node.text || own('Progress')">
      <i :style="{ width: `${node.share * 100}%` }" />
    </div>
    <p v-if="node.text">{{ node.text }}</p>
  </div>
</template>

<style>
.progress { display: flex; flex-direction: column; gap: 4px; }
.progress [role='progressbar'] {
  height: 12px;
  border-radius: 6px;
  overflow: hidden;
  background: color-mix(in srgb, var(--ink) 16%, transparent);
}
.progress i { display: block; height: 100%; border-radius: 6px; background: var(--main); transition: width .15s; }
.progress p { font-size: .9375rem; line-height: 1.375rem; }
</style>
