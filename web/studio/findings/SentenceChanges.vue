<script setup lang="ts">
import type { SentenceChange } from '../../contracts/studio'

defineProps<{ changes: SentenceChange[] }>()
</script>

<template>
  <div class="changes">
    <div v-for="(change, i) in changes" :key="i" class="change">
      <p v-for="line in change.was" :key="`-${line}`" class="was"><span class="sr">was: </span>{{ line }}</p>
      <p v-for="line in change.now" :key="`+${line}`" class="now"><span class="sr">now: </span>{{ line }}</p>
    </div>
  </div>
</template>
