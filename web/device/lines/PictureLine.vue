<script setup lang="ts">
import { ref, watch } from 'vue'
import type { PictureNode } from '../../contracts/view'
import { media } from '../entry'

const props = defineProps<{ node: PictureNode }>()
const missing = ref(false)
watch(() => props.node.picture, () => (missing.value = false))
</script>

<template>
  <div class="picture" :class="[node.shape, { none: missing || !node.picture, whole: node.whole }]">
    <img v-if="node.picture && !missing" :src="media(node.picture)" :alt="node.alt" @error="missing = true">
    <span v-else-if="node.alt" role="img" :aria-label="node.alt" />
  </div>
</template>
