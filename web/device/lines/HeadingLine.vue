<script setup lang="ts">
import type { HeadingNode } from '../../contracts/view'

defineProps<{ node: HeadingNode }>()
</script>

<template>
  <h2 class="heading">{{ node.text }}</h2>
</template>

<style>
.heading { margin-block: 8px -4px; font-size: var(--heading); line-height: var(--heading-line); font-weight: 680; overflow-wrap: anywhere; }
</style>
