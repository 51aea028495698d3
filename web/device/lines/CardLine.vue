<script setup lang="ts">
import type { CardNode } from '../../contracts/view'
import NodeList from '../NodeList.vue'

defineProps<{ node: CardNode }>()
</script>

<template>
  <div class="card"><NodeList :nodes="node.nodes" /></div>
</template>

<style>
.card {
  display: flex;
  flex-direction: column;
  gap: 10px;
  padding: 16px;
  border-radius: var(--corner);
  background: var(--surface);
  box-shadow: 0 1px 2px color-mix(in srgb, var(--ink) 14%, transparent);
}
.card > .heading { margin-block: 0; }
</style>
