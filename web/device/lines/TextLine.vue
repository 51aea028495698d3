<script setup lang="ts">
import type { TextNode } from '../../contracts/view'

defineProps<{ node: TextNode }>()
</script>

<template>
  <p class="text" :class="{ small: node.small }"><template v-if="node.runs"><component :is="run.strong ? 'strong' : run.slanted ? 'em' : 'span'" v-for="(run, i) in node.runs" :key="i">{{ run.text }}</component></template><template v-else>{{ node.text }}</template></p>
</template>
