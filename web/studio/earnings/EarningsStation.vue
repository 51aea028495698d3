<script setup lang="ts">
import { computed, watch } from 'vue'
import { useRoute, useRouter } from 'vue-router'
import StationFindings from '../findings/StationFindings.vue'
import { useStudio } from '../open/useStudio'
import AdvertsPage from './AdvertsPage.vue'
import BooksPage from './BooksPage.vue'
import HoldersPage from './HoldersPage.vue'
import PayoutsPage from './PayoutsPage.vue'
import ProductsPage from './ProductsPage.vue'
import RehearsalPage from './RehearsalPage.vue'
import TillsPage from './TillsPage.vue'

const studio = useStudio()
const route = useRoute()
const router = useRouter()
const part = computed(() => String(route.params.part || 'products'))
const pages = [
  { key: 'products', name: 'What is sold' },
  { key: 'rehearsal', name: 'Rehearsal' },
  { key: 'adverts', name: 'Adverts' },
  { key: 'people', name: 'Who has what' },
  { key: 'books', name: 'Books' },
  { key: 'payouts', name: 'Paid to you' },
  { key: 'tills', name: 'Tills' },
]
const open = (key: string) => router.push(`/apps/${studio.app}/earnings/${key}`)

watch(part, () => document.querySelector('.surface')?.scrollTo(0, 0))
</script>

<template>
  <div class="screens">
    <nav class="side" aria-label="Earnings">
      <h2 class="side-head">Earnings</h2>
      <button v-for="p in pages" :key="p.key" class="side-entry" :aria-current="part === p.key ? 'page' : undefined" @click="open(p.key)">{{ p.name }}</button>
      <StationFindings station="earnings" />
    </nav>
    <section class="page page-wide earnings">
      <RehearsalPage v-if="part === 'rehearsal'" @open="open" />
      <HoldersPage v-else-if="part === 'people'" @open="open" />
      <AdvertsPage v-else-if="part === 'adverts'" />
      <BooksPage v-else-if="part === 'books'" />
      <PayoutsPage v-else-if="part === 'payouts'" />
      <TillsPage v-else-if="part === 'tills'" @open="open" />
      <ProductsPage v-else @open="open" />
    </section>
  </div>
</template>
