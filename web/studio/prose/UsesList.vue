<script setup lang="ts">
import type { Use } from '../../contracts/studio'

defineProps<{ uses: Use[]; links?: boolean }>()
const emit = defineEmits<{ open: [at: string] }>()
</script>

<template>
  <ul class="uses">
    <li v-for="use in uses" :key="use.at">
      <span class="small">{{ use.place }}</span>
      <button v-if="links" class="uses-sentence link" @click="emit('open', use.at)">{{ use.sentence }}</button>
      <span v-else class="uses-sentence">{{ use.sentence }}</span>
    </li>
  </ul>
</template>
