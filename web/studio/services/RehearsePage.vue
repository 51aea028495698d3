<script setup lang="ts">
import { onMounted, ref } from 'vue'
import type { Rehearsal } from '../../contracts/studio'
import { api } from '../api'
import { useStudio } from '../frame/useStudio'

const studio = useStudio()
const state = ref<Rehearsal | null>(null)
const modes = [['', 'as it should'], ['slow', 'slowly, after six seconds'], ['401', 'that it does not know the key'], ['429', 'that it was asked too often'], ['500', 'with a fault of its own'], ['cut', 'and breaks off half-way'], ['malformed', 'with broken JSON'], ['html', 'with a page instead of JSON']]
const about: Record<string, string> = {
  almanac: 'Sea and weather. Its key is practice-key-of-the-sea, in the header X-Almanac-Key; its OpenAPI document is at stand-in:almanac/v1/openapi.json.',
  wordsmith: 'Words, pictures and speech. Its token is practice-key-of-words; its models are small-talker, painter and reader.',
}

async function ask(body?: object) {
  try {
    state.value = body ? await api.post<Rehearsal>(`apps/${studio.app}/services/rehearse`, body) : await api.get<Rehearsal>(`apps/${studio.app}/services/rehearse`)
    if (body) studio.changes.value++
  } catch (error) {
    studio.told(error)
  }
}
onMounted(() => ask())
</script>

<template>
  <h1>Rehearse failure</h1>
  <p class="small">The services that ship with Lanai can be told to go wrong. What is kept still answers until it is no longer fresh; ask for something new to see it fail.</p>
  <div class="service-cards">
    <section v-for="s in state?.standins ?? []" :key="s.name" class="service-card" :aria-label="s.name">
      <h3>{{ s.name[0].toUpperCase() + s.name.slice(1) }}</h3>
      <p class="small">{{ about[s.name] }}</p>
      <label class="service-ask"><span class="small">It answers</span><select class="roll-only" :value="s.mode" @change="ask({ service: s.name, mode: ($event.target as HTMLSelectElement).value })"><option v-for="[key, words] in modes" :key="key" :value="key">{{ words }}</option></select></label>
      <p class="small">It has been asked {{ s.calls }} times.</p>
    </section>
  </div>
</template>
