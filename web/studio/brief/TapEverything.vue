<script setup lang="ts">
import { computed, ref } from 'vue'
import type { Roam } from '../../contracts/studio'
import { api, Declined } from '../api'
import BusyButton from '../BusyButton.vue'
import { errandText } from '../open/errand'
import { useStudio } from '../open/useStudio'

/** Everything is tapped once, as somebody of the sandbox: what does not go is told with the steps that lead there. */
const studio = useStudio()
const NOBODY = 'nobody who has signed in'
const person = ref('')
const came = ref<Roam | null>(null)
const trouble = ref('')
const busy = ref(false)
const people = computed(() => studio.state.value?.people ?? [])
const isOld = computed(() => came.value !== null && came.value.revision !== studio.state.value?.revision.number)

async function roam() {
  busy.value = true
  trouble.value = ''
  try {
    came.value = await api.post<Roam>(`apps/${studio.app}/errands/roam`, { person: person.value })
    trouble.value = came.value.trouble
  } catch (error) {
    came.value = null
    trouble.value = error instanceof Declined ? error.message : String(error)
  } finally {
    busy.value = false
  }
}

/** Keeps the way there as an errand, so that it is done again after every edit. */
async function keep(one: Roam['broken'][number]) {
  trouble.value = await studio.tryEdit({ do: 'write', list: '/errands', text: errandText(one.label, person.value, one.steps) })
}
</script>

<template>
  <form class="tap-everything" aria-label="Tap everything once" @submit.prevent="roam">
    <label>
      Tap everything once, as
      <select v-model="person" class="filler-field">
        <option value="">{{ NOBODY }}</option>
        <option v-for="one in people" :key="one.id" :value="one.label">{{ one.label }}</option>
      </select>
    </label>
    <BusyButton type="submit" size="small" variant="tonal" color="primary" :busy="busy">Tap</BusyButton>
  </form>
  <p v-if="trouble" class="fault" role="alert">{{ trouble }}</p>
  <div v-else-if="came" role="status">
    <p class="small">
      {{ came.taps === 1 ? 'One thing was' : `${came.taps} things were` }} tapped in a copy of the practice data;
      {{ came.broken.length ? `${came.broken.length} of them did not go.` : 'all of it went.' }}
      <template v-if="!came.whole">There was no time for the rest.</template>
      <template v-if="isOld">The app has changed since.</template>
    </p>
    <ul v-if="came.broken.length" class="broken">
      <li v-for="one in came.broken" :key="`${one.screen} ${one.label}`">
        <strong>{{ one.label }}</strong> on {{ one.screen }}: {{ one.wrong }}
        <v-btn size="small" variant="text" color="primary" :aria-label="`Keep the way to ${one.label} as an errand`" @click="keep(one)"
          >Keep it as an errand</v-btn
        >
      </li>
    </ul>
  </div>
</template>

<style scoped>
.tap-everything {
  align-items: end;
  display: flex;
  flex-wrap: wrap;
  gap: 10px;
  margin-block-end: 8px;
}

.broken {
  margin: 0 0 16px;
  padding: 0;
  list-style: none;
}

.broken li {
  padding-block: 6px;
  border-block-end: 1px solid var(--line);
}
</style>
