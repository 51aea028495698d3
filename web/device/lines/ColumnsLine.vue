<script setup lang="ts">
import type { ColumnsNode } from '../../contracts/view'
import NodeList from '../NodeList.vue'

defineProps<{ node: ColumnsNode }>()
</script>

<template>
  <div class="columns" :class="{ wraps: node.wraps }"><NodeList :nodes="node.nodes" /></div>
</template>
