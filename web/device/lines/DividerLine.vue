<script setup lang="ts">
import type { DividerNode } from '../../contracts/view'

defineProps<{ node: DividerNode }>()
</script>

<template>
  <hr class="divider">
</template>
