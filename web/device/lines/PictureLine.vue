<script setup lang="ts">
import { ref } from 'vue'
import type { PictureNode } from '../../contracts/view'
import { media } from '../entry'

defineProps<{ node: PictureNode }>()
const missing = ref(false)
</script>

<template>
  <div class="picture" :class="{ none: missing || !node.picture }">
    <img v-if="node.picture && !missing" :src="media(node.picture)" :alt="node.alt" @error="missing = true">
    <span v-else-if="node.alt" role="img" :aria-label="node.alt" />
  </div>
</template>
