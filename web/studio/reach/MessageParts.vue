<script setup lang="ts">
import { computed } from 'vue'
import type { MessagePart } from '../../contracts/studio'

/** How often a message was opened, and its channel turned off after it, by language, by hour where people are, and by revision. */
const props = defineProps<{ parts: MessagePart[] }>()
const kinds = [
  { what: 'language', head: 'Language' },
  { what: 'hour', head: 'Where it was' },
  { what: 'revision', head: 'Revision' },
] as const
/** What is the same for all says nothing. */
const tables = computed(() =>
  kinds.map(({ what, head }) => ({ head, what, rows: props.parts.filter((part) => part.what === what).slice(0, 8) })).filter((table) => table.rows.length > 1),
)
const named = (part: MessagePart) => (part.what === 'hour' ? `${part.name.padStart(2, '0')}:00` : part.name)
const percent = (part: number, of: number) => (of ? `${Math.round((100 * part) / of)} %` : '–')
</script>

<template>
  <details v-if="tables.length" class="message-parts">
    <summary class="small">By language, hour and revision</summary>
    <table v-for="table in tables" :key="table.what">
      <thead>
        <tr>
          <th scope="col">{{ table.head }}</th>
          <th scope="col">sent</th>
          <th scope="col">opened</th>
          <th scope="col">turned off</th>
        </tr>
      </thead>
      <tbody>
        <tr v-for="row in table.rows" :key="row.name">
          <th scope="row">{{ named(row) }}</th>
          <td>{{ row.sent.toLocaleString('en') }}</td>
          <td>{{ percent(row.opened, row.sent) }}</td>
          <td>{{ row.off.toLocaleString('en') }}</td>
        </tr>
      </tbody>
    </table>
  </details>
</template>

<style scoped>
.message-parts {
  margin-block: 8px;
}

.message-parts summary {
  cursor: pointer;
}

table {
  margin-top: 6px;
  border-collapse: collapse;
  font-size: 0.8125rem;
  font-variant-numeric: tabular-nums;
}

th,
td {
  padding: 2px 14px 2px 0;
  font-weight: 400;
  text-align: start;
}

thead th {
  font-weight: 600;
}
</style>
