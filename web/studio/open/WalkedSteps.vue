<script setup lang="ts">
import { mdiClose } from '@mdi/js'

/** The steps that were gone in the deck so far, each of which can be left out. */
defineProps<{ steps: string[] }>()
const emit = defineEmits<{ drop: [step: number] }>()
</script>

<template>
  <ol class="walked" aria-live="polite">
    <li v-for="(words, i) in steps" :key="i">
      {{ words }}
      <v-btn :icon="mdiClose" size="x-small" variant="text" :aria-label="`Leave step ${i + 1} out`" title="Leave it out" @click="emit('drop', i)" />
    </li>
  </ol>
</template>

<style scoped>
.walked {
  padding-inline-start: 22px;
}
</style>
