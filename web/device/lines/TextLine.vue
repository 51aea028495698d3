<script setup lang="ts">
import type { TextNode } from '../../contracts/view'
import { hanging } from '../placing'

defineProps<{ node: TextNode }>()
</script>

<template>
  <p class="text" :class="{ small: node.small }" :style="hanging(node)">
    <template v-if="node.runs"
      ><component :is="run.strong ? 'strong' : run.slanted ? 'em' : 'span'" v-for="(run, i) in node.runs" :key="i">{{ run.text }}</component></template
    ><template v-else>{{ node.text }}</template>
  </p>
</template>

<style>
.text { white-space: pre-line; overflow-wrap: anywhere; }
.text.small { font-size: .875rem; line-height: 1.25rem; color: color-mix(in srgb, var(--ink) 78%, transparent); }
.text strong { font-weight: 680; }
</style>
