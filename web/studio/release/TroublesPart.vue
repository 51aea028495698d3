<script setup lang="ts">
import { ref } from 'vue'
import type { ReleaseState } from '../../contracts/studio'
import { api } from '../api'
import { useStudio } from '../open/useStudio'
import PutRight from '../findings/PutRight.vue'
import VoicesPart from './VoicesPart.vue'

/** How each version does, what people have reported, and what went wrong on their phones. */
defineProps<{ release: ReleaseState; act: (call: () => Promise<unknown>) => Promise<void> }>()
const studio = useStudio()
/** The fault that is being put right. */
const mending = ref(0)
const percent = (share: number) => `${Math.round(share * 100)} %`
const halt = (id: number) => api.post(`apps/${studio.app}/submissions/${id}/halt`)
</script>

<template>
  <table v-if="release.health.length" class="health">
    <caption class="small">The last seven days, as the app counts by itself. Whoever does not want to be counted is not in it.</caption>
    <thead>
      <tr>
        <th scope="col">Version</th>
        <th scope="col">Visits</th>
        <th scope="col">Of all</th>
        <th scope="col">Faults</th>
        <th scope="col">Slow screens</th>
        <th scope="col">No answer</th>
        <th><span class="sr">What can be done</span></th>
      </tr>
    </thead>
    <tbody>
      <tr v-for="one in release.health" :key="one.version" :class="{ worse: one.worse }">
        <th scope="row">{{ one.version }}</th>
        <td>{{ one.visits.toLocaleString('en') }}</td>
        <td>{{ percent(one.share) }}</td>
        <td>{{ one.faults.toLocaleString('en') }}</td>
        <td>{{ one.shown ? percent(one.slow / one.shown) : '–' }}</td>
        <td>{{ one.unanswered.toLocaleString('en') }}</td>
        <td>
          <template v-if="one.worse">More goes wrong than in the one before. </template>
          <template v-if="one.lacks.length">It still runs, but cannot {{ one.lacks.join(', ') }}. </template>
          <v-btn v-if="one.worse && one.submission" size="small" color="secondary" @click="act(() => halt(one.submission!))">Halt it</v-btn>
        </td>
      </tr>
    </tbody>
  </table>
  <p v-if="release.health.length" class="small">
    A screen is slow where somebody waits for it longer than two and a half seconds.
    <template v-if="release.slow.length">
      Most often it is
      <template v-for="(one, i) in release.slow" :key="one.at"
        ><template v-if="i">, </template><button class="link" @click="studio.goTo(one.at)">{{ one.screen }}</button>
        ({{ one.slow }} of {{ one.seen }} times)</template
      >.
    </template>
    No answer: so often the app asked your server in vain although the phone had a network.
  </p>
  <VoicesPart v-if="release.voices.newest.length" :voices="release.voices" :act="act" />
  <section v-if="release.reported.length" class="reported" aria-label="What people have reported">
    <article v-for="one in release.reported" :key="`${one.set} ${one.table} ${one.row}`">
      <p>
        <strong>{{ one.label || `${one.table} ${one.row}` }}</strong> was reported by {{ one.people === 1 ? 'one person' : `${one.people} people` }}<template
          v-if="one.set === 'sandbox'"
        >, in the practice data</template
        >.
      </p>
      <p v-for="why in one.why" :key="why" class="small"><q>{{ why }}</q></p>
      <button v-if="one.at" class="link" @click="studio.goTo(one.at)">Go to {{ one.table }}, row {{ one.row }}</button>
      <button class="link" @click="act(() => api.post(`apps/${studio.app}/reported/seen`, { set: one.set, table: one.table, row: one.row }))">
        I have seen to it
      </button>
    </article>
  </section>
  <p v-if="!release.troubles.length" class="quiet-note">Nothing has gone wrong on people’s phones, or they have not told.</p>
  <details v-for="trouble in release.troubles" :key="trouble.id" class="trouble">
    <summary>
      {{ trouble.said }}
      <span class="small">
        {{ trouble.times === 1 ? 'once' : `${trouble.times} times` }}, last on {{ trouble.on }}, version {{ trouble.version }},
        {{ new Date(trouble.last).toLocaleString() }}
      </span>
    </summary>
    <p v-if="trouble.steps.length">
      So one comes there again in the deck:
      <template v-for="(step, i) in trouble.steps" :key="i"
        ><template v-if="i">, then </template><button class="link" @click="studio.goTo(step.at)">{{ step.words }}</button></template
      >.
    </p>
    <p><button class="link" :aria-expanded="mending === trouble.id" @click="mending = mending === trouble.id ? 0 : trouble.id">Put it right</button></p>
    <PutRight v-if="mending === trouble.id" :said="trouble.said" :at="trouble.steps.at(-1)?.at ?? ''" person="" :way="null" phone />
    <pre class="code">{{ trouble.where }}</pre>
    <v-btn size="small" variant="tonal" @click="act(() => api.remove(`apps/${studio.app}/troubles/${trouble.id}`))">I have seen to it</v-btn>
  </details>
</template>

<style scoped>
.health {
  border-collapse: collapse;
  inline-size: 100%;
}

article {
  background: rgb(var(--v-theme-surface));
  border-radius: 14px;
  margin-block-end: 10px;
  padding: 10px 16px;
}

article p {
  margin: 0 0 4px;
}

article .link + .link {
  margin-inline-start: 14px;
}

caption {
  padding-block-end: 8px;
  text-align: start;
}

th,
td {
  border-block-end: 1px solid var(--line);
  font-weight: 400;
  padding: 6px 12px 6px 0;
  text-align: start;
}

thead th {
  color: var(--soft);
  font-size: 0.85rem;
}

.worse th,
.worse td {
  color: var(--fault);
}
</style>
