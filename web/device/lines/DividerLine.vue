<script setup lang="ts">
import type { DividerNode } from '../../contracts/view'

defineProps<{ node: DividerNode }>()
</script>

<template>
  <hr class="divider">
</template>

<style>
.divider { width: 100%; margin-block: 4px; border: 0; border-top: 1px solid color-mix(in srgb, var(--ink) 20%, transparent); }
</style>
