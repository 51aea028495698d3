<script setup lang="ts">
import type { CardNode } from '../../contracts/view'
import NodeList from '../NodeList.vue'

defineProps<{ node: CardNode }>()
</script>

<template>
  <div class="card"><NodeList :nodes="node.nodes" /></div>
</template>
