<script setup lang="ts">
import { ref, watch } from 'vue'
import type { DeclarationsState } from '../../contracts/studio'
import { api } from '../api'
import { latest } from '../latest'
import { useStudio } from '../open/useStudio'

/** What the app declares to the stores: it follows from its sentences, so that there is nothing to fill in. */
const studio = useStudio()
const declared = ref<DeclarationsState>()
const trouble = ref('')
const begin = latest()
const STORES = [
  { key: 'android', name: 'Android' },
  { key: 'ios', name: 'iPhone' },
] as const

async function load() {
  const isLatest = begin()
  try {
    const found = await api.get<DeclarationsState>(`apps/${studio.app}/declarations`)
    if (!isLatest()) return
    declared.value = found
    trouble.value = ''
  } catch (error) {
    if (isLatest()) trouble.value = error instanceof Error ? error.message : String(error)
  }
}
watch(() => studio.state.value?.revision.number, load, { immediate: true })
</script>

<template>
  <div class="release-part">
    <p class="quiet-note">Stores ask what you keep of people. This follows from the app’s sentences: change them, and it changes.</p>
    <p v-if="trouble" class="fault" role="alert">{{ trouble }}</p>
    <v-progress-linear v-else-if="!declared" indeterminate color="primary" aria-label="Loading what it declares" />
    <template v-else>
      <div v-for="one in declared.since" :key="one.store" class="since" role="note">
        <p>
          <strong>{{ one.store }} was told something else</strong> with version {{ one.version }} ({{ one.number }}). Since then:
        </p>
        <ul>
          <li v-for="sentence in one.says" :key="sentence">{{ sentence }}</li>
        </ul>
        <p class="small">It is handed in with the next package. Put this revision live for people once {{ one.store }} has taken it.</p>
      </div>
      <p class="small">{{ declared.usually }}</p>
      <details v-for="one in declared.data" :key="one.kind" class="declared">
        <summary>
          <strong>{{ one.called }}</strong>{{ one.says.slice(one.called.length) }}
        </summary>
        <p v-if="one.fields.length" class="small">From {{ one.fields.join(', ') }}.</p>
        <p v-for="store in STORES" :key="store.key" class="small">
          On the form for {{ store.name }}: <span class="code">{{ one[store.key].type }}</span> for
          <span class="code">{{ one[store.key].purposes.join(', ') }}</span
          >.
        </p>
      </details>
      <p v-if="declared.none.length" class="small">It keeps nothing of these: {{ declared.none.join(', ') }}.</p>
      <p class="small">
        {{ declared.deletion ? 'People can have their account deleted on a public page, also without the app.' : 'There are no accounts.' }}
      </p>
      <p class="small">
        For the question about export: it seals nothing by itself. What goes to and fro is sealed by the phone’s own https, and the packages say so.
      </p>
      <h3>For the questions about ages</h3>
      <dl class="contents">
        <template v-for="one in declared.contents" :key="one.key">
          <dt>{{ one.asks }}</dt>
          <dd>
            {{ one.yes ? 'Yes' : 'No' }}<span v-if="one.because" class="small">: {{ one.because }}</span>
          </dd>
        </template>
      </dl>
      <p class="small">What cannot be known from sentences, such as violence or bad language, the store asks you.</p>
    </template>
  </div>
</template>

<style scoped>
.declared {
  margin-block: 6px;
}

.declared summary {
  cursor: pointer;
}

.since {
  border-inline-start: 3px solid rgb(var(--v-theme-warning));
  margin-block: 12px;
  padding-inline-start: 14px;
}

.since ul {
  margin-block: 6px;
  padding-inline-start: 20px;
}

.contents {
  column-gap: 24px;
  display: grid;
  grid-template-columns: max-content 1fr;
  row-gap: 6px;
}

.contents dd {
  margin: 0;
}

h3 {
  font-size: 1rem;
  font-weight: 600;
  margin-block: 16px 8px;
}
</style>
