<script setup lang="ts">
import type { NewerVersionNode } from '../../contracts/view'
import { hand } from '../hand'
import { own } from '../own'

defineProps<{ node: NewerVersionNode }>()
</script>

<template>
  <section class="newer" :aria-label="own('A newer version')">
    <p class="newer-name">Version {{ node.version }} is here</p>
    <p v-if="node.news">{{ node.news }}</p>
    <button type="button" class="button" :disabled="!node.address" @click="hand.open(node.address)">{{ own('Get it') }}</button>
  </section>
</template>

<style>
.newer { display: flex; flex-direction: column; gap: 10px; padding: 16px; border-radius: var(--corner); background: var(--surface); overflow-wrap: anywhere; }
.newer-name { font-weight: 650; }
</style>
