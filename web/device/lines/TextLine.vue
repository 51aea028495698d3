<script setup lang="ts">
import type { TextNode } from '../../contracts/view'

defineProps<{ node: TextNode }>()
</script>

<template>
  <p class="text">{{ node.text }}</p>
</template>
