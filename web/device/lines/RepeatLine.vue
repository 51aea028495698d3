<script setup lang="ts">
import type { RepeatNode } from '../../contracts/view'
import NodeList from '../NodeList.vue'

defineProps<{ node: RepeatNode }>()
</script>

<template>
  <div class="group">
    <div v-for="(item, i) in node.items" :key="item.nodes[0]?.at ?? i" class="group"><NodeList :nodes="item.nodes" /></div>
    <p v-if="node.rest" class="list-more">{{ node.rest }}</p>
  </div>
</template>
