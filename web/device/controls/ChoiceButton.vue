<script setup lang="ts">
import PickButton from './PickButton.vue'

/** What is chosen, and a tap on it for the sheet with all that can be. */
defineProps<{ id: string; label: string; chosen: string[]; open: boolean }>()
</script>

<template>
  <PickButton :id="id" :label="label" :words="chosen.join(', ')" :open="open" icon="down" of="listbox" />
</template>
