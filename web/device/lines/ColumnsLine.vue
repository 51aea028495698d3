<script setup lang="ts">
import type { ColumnsNode } from '../../contracts/view'
import NodeList from '../NodeList.vue'

defineProps<{ node: ColumnsNode }>()
</script>

<template>
  <div class="columns" :class="{ wraps: node.wraps }"><NodeList :nodes="node.nodes" /></div>
</template>

<style>
.columns { display: flex; gap: 12px; align-items: stretch; }
.columns > * { flex: 1 1 0; min-width: 0; }
.columns > .icon-button, .columns > .link, .columns > .picture.round { flex: none; }
.columns.wraps { flex-wrap: wrap; }
.columns.wraps > * { flex: 1 1 140px; }
.columns > .heading { margin-block: 0; }
.columns > .picture { align-self: flex-start; }
.large .columns { flex-direction: column; flex-wrap: nowrap; }
.large .columns > * { flex: none; }
.large .columns > .link, .large .columns > .icon-button { align-self: flex-start; }
</style>
