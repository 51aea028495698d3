<script setup lang="ts">
import { onMounted, ref, watch } from 'vue'
import type { PublicPage, PublicPages } from '../../contracts/studio'
import { api } from '../api'
import BusyButton from '../BusyButton.vue'
import { useStudio } from '../open/useStudio'

const studio = useStudio()
const pages = ref<PublicPage[]>([])
const open = ref('privacy')
const busy = ref(false)

async function load(visit = false) {
  busy.value = visit
  try {
    pages.value = (visit ? await api.post<PublicPages>(`apps/${studio.app}/pages`) : await api.get<PublicPages>(`apps/${studio.app}/pages`)).pages
  } catch (error) {
    studio.told(error)
  } finally {
    busy.value = false
  }
}

onMounted(() => load(true))
watch(
  () => studio.state.value?.revision.number,
  () => load(false),
)
</script>

<template>
  <h1>Public pages</h1>
  <p class="small">
    Stores and providers ask for these. They are written from what the app keeps and calls, change with it, and open for everybody without signing in. Live
    people read what is live.
  </p>
  <ul class="public-pages">
    <li v-for="p in pages" :key="p.key">
      <button class="access-name" :aria-expanded="open === p.key" @click="open = open === p.key ? '' : p.key">{{ p.title }}</button>
      <a :href="p.address" target="_blank" rel="noopener"
        ><code>{{ p.address }}</code></a
      >
      <span v-if="p.opens !== null" class="small" :class="{ fault: !p.opens }">{{
        p.opens ? 'opens from the outside' : 'does not open from the outside'
      }}</span>
      <article v-if="open === p.key" class="public-page reading">
        <template v-for="(part, i) in p.paragraphs" :key="i">
          <p v-if="typeof part === 'string'">{{ part }}</p>
          <template v-else
            ><h3>{{ part[0] }}</h3>
            <ul>
              <li v-for="item in part.slice(1)" :key="item">{{ item }}</li>
            </ul></template
          >
        </template>
      </article>
    </li>
  </ul>
  <div class="page-end">
    <BusyButton size="small" variant="tonal" color="primary" :busy="busy" @click="load(true)">Open them from the outside again</BusyButton>
  </div>
</template>
