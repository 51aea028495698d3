<script setup lang="ts">
/** A button that shows what it has begun; the ring that turns in it has a name. */
defineProps<{ busy: boolean }>()
</script>

<template>
  <v-btn :loading="busy">
    <slot />
    <template #loader><v-progress-circular indeterminate width="2" size="20" aria-label="Under way" /></template>
  </v-btn>
</template>
