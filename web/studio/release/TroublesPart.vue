<script setup lang="ts">
import type { ReleaseState } from '../../contracts/studio'
import { api } from '../api'
import { useStudio } from '../open/useStudio'

/** What went wrong on people's phones. */
defineProps<{ troubles: ReleaseState['troubles']; act: (call: () => Promise<unknown>) => Promise<void> }>()
const studio = useStudio()
</script>

<template>
  <p v-if="!troubles.length" class="quiet-note">Nothing has gone wrong on people’s phones, or they have not told.</p>
  <details v-for="trouble in troubles" :key="trouble.id" class="trouble">
    <summary>
      {{ trouble.said }}
      <span class="small">
        {{ trouble.times === 1 ? 'once' : `${trouble.times} times` }}, last on {{ trouble.on }}, version {{ trouble.version }},
        {{ new Date(trouble.last).toLocaleString() }}
      </span>
    </summary>
    <pre class="code">{{ trouble.where }}</pre>
    <v-btn size="small" variant="tonal" @click="act(() => api.remove(`apps/${studio.app}/troubles/${trouble.id}`))">I have seen to it</v-btn>
  </details>
</template>
