<script setup lang="ts">
import { computed } from 'vue'
import type { FunnelState } from '../../contracts/studio'

/** How far those came who came from somewhere, or saw a revision of the app. */
const props = defineProps<{ funnel: FunnelState }>()
const kinds = [
  { what: 'source', head: 'Where they came from' },
  { what: 'revision', head: 'What they saw' },
] as const
const tables = computed(() =>
  kinds
    .map(({ what, head }) => ({ head, rows: props.funnel.by.filter((part) => part.what === what).map((part) => ({ ...part, name: named(part) })) }))
    .filter((table) => table.rows.length > 0),
)
const named = (part: FunnelState['by'][number]) => (part.what === 'revision' ? `Revision ${part.name}` : part.name)
const percent = (came: number[], n: number) => (came[0] ? `${Math.round((100 * Math.min(came[n], came[0])) / came[0])} %` : '–')
</script>

<template>
  <div v-for="table in tables" :key="table.head" class="parts">
    <table>
      <thead>
        <tr>
          <th scope="col">{{ table.head }}</th>
          <th v-for="(step, n) in funnel.steps" :key="n" scope="col">{{ step.words }}</th>
        </tr>
      </thead>
      <tbody>
        <tr v-for="row in table.rows" :key="row.name">
          <th scope="row">{{ row.name }}</th>
          <td v-for="(came, n) in row.came" :key="n">
            {{ n ? percent(row.came, n) : came.toLocaleString('en') }}
            <span class="parts-bar" aria-hidden="true" :style="{ width: row.came[0] ? `${Math.min(100, (100 * came) / row.came[0])}%` : 0 }" />
          </td>
        </tr>
      </tbody>
    </table>
  </div>
</template>

<style scoped>
.parts {
  overflow-x: auto;
  margin-block: 12px;
}

table {
  border-collapse: collapse;
  font-size: 0.875rem;
}

th,
td {
  padding: 4px 16px 6px 0;
  font-weight: 400;
  text-align: start;
  vertical-align: top;
}

thead th {
  font-weight: 600;
}

td {
  min-width: 96px;
}

.parts-bar {
  display: block;
  height: 4px;
  margin-top: 2px;
  border-radius: 2px;
  background: rgb(var(--v-theme-primary), 0.7);
}
</style>
