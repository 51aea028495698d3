<script setup lang="ts">
import { computed } from 'vue'
import type { ServiceState } from '../../contracts/studio'
import { useStudio } from '../open/useStudio'
import ProseLines from '../prose/ProseLines.vue'
import SecretForm from './SecretForm.vue'
import type { ServicesKept } from './useServices'

const props = defineProps<{ service: ServiceState; kept: ServicesKept }>()
const emit = defineEmits<{ open: [key: string] }>()
const studio = useStudio()
const known = computed(() => props.kept.of(props.service.at))
const index = computed(() => Number(props.service.at.split('/').pop()))

async function remove() {
  if (await studio.edit({ do: 'remove', places: [props.service.at] })) emit('open', 'begin')
}
</script>

<template>
  <h1>{{ service.name }}</h1>
  <ProseLines :lines="service.lines" :root="service.at" />
  <div v-if="known" class="service-cards">
    <SecretForm :service="known" :kept="kept" />
    <div class="service-card">
      <h3>In the last thirty days</h3>
      <p>{{ known.calls === 1 ? 'One call' : `${known.calls} calls` }} went out{{ known.cost ? `, for ${known.cost}` : '' }}.</p>
      <p class="small">
        {{ known.practice ? 'It ships with Lanai, for practice: ' : 'It is at ' }}<code>{{ known.address }}</code>
      </p>
    </div>
  </div>
  <h2 class="people-head">What can be asked</h2>
  <ul class="service-requests">
    <li v-for="(r, i) in service.requests" :key="r.at">
      <button class="link" @click="emit('open', `s${index}r${i}`)">{{ r.name }}</button>{{ ' ' }}
      <span class="small">{{
        {
          rest: r.many ? 'gives a list' : 'gives one thing',
          answer: 'answers in words',
          translation: 'translates',
          picture: 'draws pictures',
          speech: 'reads aloud',
          filling: 'fills a form',
        }[r.kind]
      }}</span>
    </li>
  </ul>
  <p v-if="service.drawsMaps" class="small">The maps of this app are drawn with it.</p>
  <p v-else-if="!service.requests.length" class="small">Nothing yet. Add a request above.</p>
  <p class="page-end"><v-btn variant="text" size="small" color="error" @click="remove">Remove this service</v-btn></p>
</template>
