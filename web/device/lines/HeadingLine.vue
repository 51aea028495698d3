<script setup lang="ts">
import type { HeadingNode } from '../../contracts/view'
import { hanging } from '../placing'

defineProps<{ node: HeadingNode }>()
</script>

<template>
  <h2 class="heading" :style="hanging(node)">{{ node.text }}</h2>
</template>

<style>
.heading { margin-block: 8px -4px; font-size: var(--heading); line-height: var(--heading-line); font-weight: 680; overflow-wrap: anywhere; }
</style>
