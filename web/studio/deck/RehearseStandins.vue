<script setup lang="ts">
import { onMounted, ref } from 'vue'
import type { Rehearsal } from '../../contracts/studio'
import { api } from '../api'
import { useStudio } from '../open/useStudio'

/** How the services that ship with Lanai answer: as they should, or wrong in one of several ways. */
defineProps<{ about?: Record<string, string> }>()
const studio = useStudio()
const state = ref<Rehearsal | null>(null)
const modes = [
  ['', 'as it should'],
  ['slow', 'slowly, after six seconds'],
  ['401', 'that it does not know the key'],
  ['429', 'that it was asked too often'],
  ['500', 'with a fault of its own'],
  ['cut', 'and breaks off half-way'],
  ['malformed', 'with broken JSON'],
  ['html', 'with a page instead of JSON'],
]
const named = (name: string) => name[0].toUpperCase() + name.slice(1)

async function ask(body?: object) {
  try {
    state.value = body
      ? await api.post<Rehearsal>(`apps/${studio.app}/services/rehearse`, body)
      : await api.get<Rehearsal>(`apps/${studio.app}/services/rehearse`)
    if (body) studio.changed()
  } catch (error) {
    studio.told(error)
  }
}
onMounted(() => ask())
</script>

<template>
  <section v-for="s in state?.standins ?? []" :key="s.name" class="service-card" :aria-label="named(s.name)">
    <h3>{{ named(s.name) }}</h3>
    <p v-if="about" class="small">{{ about[s.name] }}</p>
    <label class="service-ask"
      ><span class="small">It answers</span
      ><select class="roll-only" :value="s.mode" @change="ask({ service: s.name, mode: ($event.target as HTMLSelectElement).value })">
        <option v-for="[key, words] in modes" :key="key" :value="key">{{ words }}</option>
      </select></label
    >
    <p class="small">It has been asked {{ s.calls }} times.</p>
  </section>
</template>
