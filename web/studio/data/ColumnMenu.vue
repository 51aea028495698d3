<script setup lang="ts">
import { mdiChevronDown } from '@mdi/js'
import { ref } from 'vue'
import type { FieldState, Summary } from '../../contracts/studio'
import { api } from '../api'
import { useStudio } from '../open/useStudio'
import type { Rows } from './useRows'

const props = defineProps<{ field: FieldState; rows: Rows; path: string; first: boolean; last: boolean }>()
const emit = defineEmits<{ sort: [way: 'upward' | 'downward']; move: [by: number]; hide: []; filter: [where: string] }>()
const studio = useStudio()
const summary = ref<Summary | null>(null)
const open = ref(false)
const names: Record<string, string> = { sum: 'Sum', average: 'Mean', min: 'Least', max: 'Most' }

async function look(shown: boolean) {
  if (!shown) return
  summary.value = null
  summary.value = await api.get<Summary>(`${props.path}/summary?field=${props.field.key}&${props.rows.query()}`).catch((error) => (studio.told(error), null))
}

function filter(where: string) {
  open.value = false
  emit('filter', where)
}
</script>

<template>
  <v-menu v-model="open" :close-on-content-click="false" min-width="230" max-width="320" @update:model-value="look">
    <template #activator="{ props: menu }"
      ><button v-bind="menu" class="grid-menu" :aria-label="`More about ${field.name}`" tabindex="-1"><v-icon :icon="mdiChevronDown" size="15" /></button
    ></template>
    <v-card class="column-menu">
      <div class="column-actions">
        <button class="link" @click="((open = false), emit('sort', 'upward'))">Sort upward</button>
        <button class="link" @click="((open = false), emit('sort', 'downward'))">Sort downward</button>
        <button v-if="!first" class="link" @click="emit('move', -1)">Move left</button>
        <button v-if="!last" class="link" @click="emit('move', 1)">Move right</button>
        <button class="link" @click="((open = false), emit('hide'))">Hide</button>
      </div>
      <v-progress-linear v-if="!summary" indeterminate color="primary" aria-label="Counting" />
      <template v-else>
        <p class="small">{{ summary.filled }} {{ summary.filled === 1 ? 'row has' : 'rows have' }} a value</p>
        <dl v-if="Object.keys(summary.totals).length" class="totals">
          <template v-for="(value, name) in summary.totals" :key="name"
            ><dt>{{ names[name] ?? name }}</dt>
            <dd>{{ value }}</dd></template
          >
        </dl>
        <p v-if="summary.most.length" class="small">Most frequent, click to filter</p>
        <ul class="picks">
          <li v-for="value in summary.most" :key="value.text" @click="value.where && filter(value.where)">
            <button class="link plain" :disabled="!value.where">{{ value.text || 'empty' }}</button><span class="small">{{ value.count }}</span>
          </li>
        </ul>
      </template>
    </v-card>
  </v-menu>
</template>
