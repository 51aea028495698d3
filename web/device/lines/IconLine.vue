<script setup lang="ts">
import type { IconNode } from '../../contracts/view'
import DeviceIcon from '../DeviceIcon.vue'

defineProps<{ node: IconNode }>()
</script>

<template>
  <div class="icon-line" :role="node.alt ? 'img' : undefined" :aria-label="node.alt || undefined"><DeviceIcon :name="node.icon" /></div>
</template>

<style>
.icon-line { height: 40px; }
.icon-line[style*="text-align"] svg, .ends .icon-line svg { margin-inline: auto; }
.icon-line svg { display: block; width: 40px; height: 40px; color: var(--main); }
</style>
