<script setup lang="ts">
import type { BadgeNode } from '../../contracts/view'

defineProps<{ node: BadgeNode }>()
</script>

<template>
  <p class="badge-line"><span class="badge" :class="node.tone">{{ node.text }}</span></p>
</template>
