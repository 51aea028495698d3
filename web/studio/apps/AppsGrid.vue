<script setup lang="ts">
import type { AppEntry, AppsOfFounder } from '../../contracts/studio'
import AppCard from './AppCard.vue'

/** Apps side by side. */
defineProps<{ apps: AppEntry[] }>()
const emit = defineEmits<{ changed: [AppsOfFounder]; twin: [id: number]; trouble: [sentence: string] }>()
const card = (app: AppEntry) => `${app.id} ${app.revision} ${app.archived}`
</script>

<template>
  <div class="apps-grid">
    <AppCard
      v-for="app in apps"
      :key="card(app)"
      :app="app"
      @changed="emit('changed', $event)"
      @twin="emit('twin', $event)"
      @trouble="emit('trouble', $event)"
    />
  </div>
</template>
