<script setup lang="ts">
import { onMounted } from 'vue'
import { useStudio } from '../open/useStudio'
import type { ServicesKept } from './useServices'
import WhichSet from './WhichSet.vue'

const props = defineProps<{ kept: ServicesKept }>()
const studio = useStudio()
onMounted(() => props.kept.load())
const at = (iso: string) => new Date(iso).toLocaleString([], { day: 'numeric', month: 'short', hour: '2-digit', minute: '2-digit', second: '2-digit' })
</script>

<template>
  <h1>Calls and costs</h1>
  <p class="small">What went out, newest first. A fresh answer that was kept is used without a call, costs nothing and is not listed. Keys are never listed.</p>
  <p class="service-acts">
    <WhichSet :set="kept.set.value" @choose="kept.choose" /><a :href="`/api/${kept.path('/calls.har')}`" download>As an HTTP archive (HAR 1.2)</a>
  </p>
  <table v-if="kept.book.value?.services.length" class="access roll">
    <thead>
      <tr>
        <th scope="col">Service</th>
        <th scope="col">Calls in thirty days</th>
        <th scope="col">Cost</th>
        <th scope="col">A month at last week’s pace</th>
      </tr>
    </thead>
    <tbody>
      <tr v-for="s in kept.book.value.services" :key="s.at">
        <th scope="row">{{ s.name }}</th>
        <td>{{ s.calls }}</td>
        <td>{{ s.cost ?? 'no prices' }}</td>
        <td>{{ s.forecast ?? '' }}</td>
      </tr>
    </tbody>
  </table>
  <table v-if="kept.book.value?.calls.length" class="access roll">
    <thead>
      <tr>
        <th scope="col">When</th>
        <th scope="col">Request</th>
        <th scope="col">Answer</th>
        <th scope="col">Took</th>
        <th scope="col">Cost</th>
      </tr>
    </thead>
    <tbody>
      <tr v-for="c in kept.book.value.calls" :key="c.id">
        <td>{{ at(c.at) }}</td>
        <th scope="row">
          {{ c.request }} <span class="small">{{ c.service }}</span>
        </th>
        <td>
          {{ c.status || 'none' }}<span v-if="c.trouble" class="small call-trouble">{{ c.trouble }}</span>
        </td>
        <td class="whole">{{ c.ms }} ms</td>
        <td class="whole">{{ c.cost ?? '' }}</td>
      </tr>
    </tbody>
  </table>
  <p v-else class="quiet-note">
    Nothing has been asked in {{ kept.set.value }} yet{{
      studio.state.value?.services.length ? '. Open a screen that asks, or try a request.' : ': there is no service.'
    }}
  </p>
</template>
