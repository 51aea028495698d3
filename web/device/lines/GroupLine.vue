<script setup lang="ts">
import type { GroupNode, PieceNode } from '../../contracts/view'
import NodeList from '../NodeList.vue'

defineProps<{ node: GroupNode | PieceNode }>()
</script>

<template>
  <div class="group"><NodeList :nodes="node.nodes" /></div>
</template>
