<script setup lang="ts">
import { computed, ref, watch } from 'vue'
import type { ListingState } from '../../contracts/studio'
import { api } from '../api'
import { latest } from '../latest'
import PicturesPart from './PicturesPart.vue'
import { useStudio } from '../open/useStudio'

/** The app's page in a store, as people read it in each language. */
const studio = useStudio()
const pages = ref<ListingState[]>([])
const trouble = ref('')
const at = ref(0)
const page = computed(() => pages.value[at.value] ?? pages.value[0])
const begin = latest()

async function load() {
  const isLatest = begin()
  try {
    const found = await api.get<{ pages: ListingState[] }>(`apps/${studio.app}/listing`)
    if (!isLatest()) return
    pages.value = found.pages
    trouble.value = ''
  } catch (error) {
    if (isLatest()) trouble.value = error instanceof Error ? error.message : String(error)
  }
}
watch(() => studio.state.value?.revision.number, load, { immediate: true })
</script>

<template>
  <p v-if="trouble" class="fault" role="alert">{{ trouble }}</p>
  <v-progress-linear v-else-if="!page" indeterminate color="primary" aria-label="Loading the page" />
  <template v-else>
    <div v-if="pages.length > 1" class="choices" role="group" aria-label="Language of the page">
      <button v-for="(one, i) in pages" :key="one.tongue" class="choice" :aria-pressed="i === at" @click="at = i">{{ one.name }}</button>
    </div>
    <article class="store-page" :lang="page.tongue" :dir="page.direction">
      <img :src="`/api/apps/${studio.app}/icon.png?r=${studio.state.value?.revision.number}`" width="64" height="64" alt="" />
      <div>
        <h3>{{ page.title || 'No title yet' }}</h3>
        <p>{{ page.summary }}</p>
      </div>
      <p class="store-long">{{ page.description }}</p>
    </article>
    <p v-if="page.missing.length" class="small">In {{ page.name }} these are still in the app’s own language: {{ page.missing.join(', ') }}.</p>
    <PicturesPart :tongue="page.tongue" />
  </template>
</template>

<style scoped>
.store-page {
  align-items: center;
  background: rgb(var(--v-theme-surface));
  border-radius: 14px;
  column-gap: 16px;
  display: grid;
  grid-template-columns: 64px 1fr;
  max-inline-size: 560px;
  padding: 18px 20px;
  row-gap: 12px;
}

.store-page img {
  border-radius: 16px;
}

.store-page h3 {
  font-size: 1.1rem;
  font-weight: 600;
}

.store-page p {
  margin: 0;
}

.store-long {
  grid-column: 1 / -1;
  white-space: pre-line;
}
</style>
