<script setup lang="ts">
import { computed, watch } from 'vue'
import { useRoute, useRouter } from 'vue-router'
import StationFindings from '../findings/StationFindings.vue'
import { useStudio } from '../open/useStudio'
import ComingPage from './ComingPage.vue'
import FunnelsPage from './FunnelsPage.vue'
import LanguagesPage from './LanguagesPage.vue'
import MessagesPage from './MessagesPage.vue'
import WaysPage from './WaysPage.vue'

const studio = useStudio()
const route = useRoute()
const router = useRouter()
const part = computed(() => String(route.params.part || 'coming'))
const pages = [
  { key: 'coming', name: 'Who comes' },
  { key: 'funnels', name: 'How far they come' },
  { key: 'messages', name: 'Messages' },
  { key: 'languages', name: 'Languages' },
  { key: 'ways', name: 'Ways in' },
]
watch(part, () => document.querySelector('.surface')?.scrollTo(0, 0))
</script>

<template>
  <div class="screens">
    <nav class="side" aria-label="Reach">
      <h2 class="side-head">Reach</h2>
      <button
        v-for="p in pages"
        :key="p.key"
        class="side-entry"
        :aria-current="part === p.key ? 'page' : undefined"
        @click="router.push(`/apps/${studio.app}/reach/${p.key}`)"
      >
        {{ p.name }}
      </button>
      <StationFindings station="reach" />
    </nav>
    <section class="page page-wide">
      <FunnelsPage v-if="part === 'funnels'" />
      <MessagesPage v-else-if="part === 'messages'" />
      <LanguagesPage v-else-if="part === 'languages'" />
      <WaysPage v-else-if="part === 'ways'" />
      <ComingPage v-else />
    </section>
  </div>
</template>
