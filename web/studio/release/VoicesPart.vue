<script setup lang="ts">
import { ref } from 'vue'
import type { VoicesState } from '../../contracts/studio'
import { api } from '../api'
import { useStudio } from '../open/useStudio'

/** What people say of it on the pages of the stores, and what is answered there. */
const props = defineProps<{ voices: VoicesState; act: (call: () => Promise<unknown>) => Promise<void> }>()
const studio = useStudio()
/** Which one is being answered; 0 for none. */
const answering = ref(0)
const words = ref('')
const day = (at: string) => new Date(at).toLocaleDateString('en-GB', { day: 'numeric', month: 'long', year: 'numeric' })

function begin(id: number, so: string) {
  answering.value = answering.value === id ? 0 : id
  words.value = so
}
async function answer() {
  const id = answering.value
  await props.act(() => api.post(`apps/${studio.app}/voices/${id}`, { words: words.value }))
  if (props.voices.newest.find((one) => one.id === id)?.answer === words.value.trim()) answering.value = 0
}
</script>

<template>
  <section class="voices" aria-label="What people say in the stores">
    <h3>What people say in the stores</h3>
    <p v-for="one in voices.versions.slice(0, 6)" :key="`${one.store} ${one.version}`" :class="{ fault: one.fell }">
      {{ one.store }}, {{ one.version }}: {{ one.mean.toFixed(1) }} of 5 stars, by {{ one.count === 1 ? 'one person' : `${one.count} people` }}.
      <template v-if="one.fell">The version before had more, and chance does not explain it.</template>
    </p>
    <article v-for="one in voices.newest" :key="one.id">
      <p>
        <strong>{{ one.stars }} of 5 stars</strong> <span class="small">{{ one.by }}, {{ day(one.at) }}, {{ one.store }}, version {{ one.version }}</span>
      </p>
      <p v-if="one.words" class="said">{{ one.words }}</p>
      <p v-if="one.answer" class="small">You have answered: <q>{{ one.answer }}</q></p>
      <button class="link" :aria-expanded="answering === one.id" @click="begin(one.id, one.answer)">{{ one.answer ? 'Answer otherwise' : 'Answer' }}</button>
      <form v-if="answering === one.id" @submit.prevent="answer">
        <label :for="`voice-${one.id}`">Everybody can read it on the page in {{ one.store }}.</label>
        <textarea :id="`voice-${one.id}`" v-model="words" class="filler-field" rows="3" maxlength="1000" required />
        <v-btn size="small" color="primary" type="submit">Answer there</v-btn>
      </form>
    </article>
  </section>
</template>

<style scoped>
.voices {
  display: grid;
  gap: 8px;
}

.voices h3 {
  font-size: 1rem;
  font-weight: 600;
  margin: 0;
}

.voices p {
  margin: 0;
}

article {
  background: rgb(var(--v-theme-surface));
  border-radius: 14px;
  display: grid;
  gap: 4px;
  justify-items: start;
  padding: 10px 16px;
}

.said {
  white-space: pre-line;
}

form {
  display: grid;
  gap: 6px;
  inline-size: 100%;
  justify-items: start;
}

form textarea {
  inline-size: 100%;
}
</style>
