<script setup lang="ts">
import type { HeadingNode } from '../../contracts/view'

defineProps<{ node: HeadingNode }>()
</script>

<template>
  <h2 class="heading">{{ node.text }}</h2>
</template>
