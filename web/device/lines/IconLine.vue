<script setup lang="ts">
import type { IconNode } from '../../contracts/view'
import DeviceIcon from '../DeviceIcon.vue'

defineProps<{ node: IconNode }>()
</script>

<template>
  <div class="icon-line" :role="node.alt ? 'img' : undefined" :aria-label="node.alt || undefined"><DeviceIcon :name="node.icon" /></div>
</template>
