<script setup lang="ts">
import type { SpaceNode } from '../../contracts/view'

defineProps<{ node: SpaceNode }>()
</script>

<template>
  <div aria-hidden="true" :style="{ height: `${node.height}px` }" />
</template>
