<script setup lang="ts">
import { computed } from 'vue'
import { useRoute, useRouter } from 'vue-router'
import StationFindings from '../findings/StationFindings.vue'
import { useStudio } from '../open/useStudio'
import AccessPage from './AccessPage.vue'
import PublicPages from './PublicPages.vue'
import RollPage from './RollPage.vue'
import SightsPage from './SightsPage.vue'
import WaysPage from './WaysPage.vue'

const studio = useStudio()
const route = useRoute()
const router = useRouter()
const pages = [
  { key: 'ways', name: 'Ways in', page: WaysPage, about: ['/signIn', '/roles'] },
  { key: 'access', name: 'Who may do what', page: AccessPage, about: ['/tables'] },
  { key: 'sights', name: 'What each one sees', page: SightsPage, about: [] },
  { key: 'list', name: 'People', page: RollPage, about: [] },
  { key: 'pages', name: 'Public pages', page: PublicPages, about: [] },
]
const there = computed(() => !!studio.state.value?.signIn.length)
const shown = computed(() => (there.value ? pages : pages.slice(0, 2)))
const part = computed(() => shown.value.find((p) => p.key === route.params.part) ?? shown.value[0])
const open = (key: string) => router.push(`/apps/${studio.app}/people/${key}`)
const found = (about: string[]) => studio.findings.value.some((f) => f.station === 'people' && about.some((at) => f.at.startsWith(at)))
</script>

<template>
  <div class="screens">
    <nav class="side" aria-label="People">
      <h2 class="side-head">People</h2>
      <button v-for="p in shown" :key="p.key" class="side-entry" :aria-current="p.key === part.key ? 'page' : undefined" @click="open(p.key)">
        {{ p.name }}<i v-if="found(p.about)" class="dot" role="img" aria-label="has findings" />
      </button>
      <StationFindings station="people" />
    </nav>
    <section class="page page-wide">
      <component :is="part.page" :key="part.key" />
    </section>
  </div>
</template>
