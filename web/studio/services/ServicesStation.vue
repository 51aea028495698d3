<script setup lang="ts">
import { mdiPlus } from '@mdi/js'
import { computed, watch } from 'vue'
import { useRoute, useRouter } from 'vue-router'
import StationFindings from '../findings/StationFindings.vue'
import { useStudio } from '../open/useStudio'
import BeginService from './BeginService.vue'
import CallsPage from './CallsPage.vue'
import RehearsePage from './RehearsePage.vue'
import RequestPage from './RequestPage.vue'
import RunsPage from './RunsPage.vue'
import ServicePage from './ServicePage.vue'
import { useServices } from './useServices'

const studio = useStudio()
const route = useRoute()
const router = useRouter()
const kept = useServices()
const services = computed(() => studio.state.value?.services ?? [])
const part = computed(() => String(route.params.part || (services.value.length ? 's0' : 'begin')))
const open = (key: string) => router.push(`/apps/${studio.app}/services/${key}`)
const service = computed(() => services.value[Number(/^s(\d+)/.exec(part.value)?.[1] ?? -1)])
const request = computed(() => service.value?.requests[Number(/^s\d+r(\d+)$/.exec(part.value)?.[1] ?? -1)])
const found = (at: string) => studio.findings.value.some((f) => f.at === at || f.at.startsWith(`${at}/`))

watch(part, () => document.querySelector('.surface')?.scrollTo(0, 0))
</script>

<template>
  <div class="screens">
    <nav class="side" aria-label="Services">
      <h2 class="side-head">Services</h2>
      <template v-for="(s, i) in services" :key="s.at">
        <button class="side-entry" :aria-current="part === `s${i}` ? 'page' : undefined" @click="open(`s${i}`)">
          {{ s.name || 'A service' }}<i v-if="found(s.at)" class="dot" role="img" aria-label="has findings" />
        </button>
        <button
          v-for="(r, j) in s.requests"
          :key="r.at"
          class="side-entry side-under"
          :aria-current="part === `s${i}r${j}` ? 'page' : undefined"
          @click="open(`s${i}r${j}`)"
        >
          {{ r.name || 'A request' }}<i v-if="found(r.at)" class="dot" role="img" aria-label="has findings" />
        </button>
      </template>
      <button class="side-entry" :aria-current="part === 'begin' ? 'page' : undefined" @click="open('begin')">
        <span class="side-new"><v-icon :icon="mdiPlus" size="16" />New service</span>
      </button>
      <h2 class="side-head">Around them</h2>
      <button class="side-entry" :aria-current="part === 'calls' ? 'page' : undefined" @click="open('calls')">Calls and costs</button>
      <button class="side-entry" :aria-current="part === 'runs' ? 'page' : undefined" @click="open('runs')">By itself</button>
      <button class="side-entry" :aria-current="part === 'rehearse' ? 'page' : undefined" @click="open('rehearse')">Rehearse failure</button>
      <StationFindings station="services" />
    </nav>
    <section class="page page-wide services">
      <RequestPage v-if="service && request" :key="request.at" :service="service" :request="request" :kept="kept" />
      <ServicePage v-else-if="service" :key="service.at" :service="service" :kept="kept" @open="open" />
      <CallsPage v-else-if="part === 'calls'" :kept="kept" />
      <RunsPage v-else-if="part === 'runs'" />
      <RehearsePage v-else-if="part === 'rehearse'" />
      <BeginService v-else />
    </section>
  </div>
</template>
