<script setup lang="ts">
import { computed, ref, watch } from 'vue'
import type { AccessRow, Verdicts } from '../../contracts/studio'
import { api } from '../api'
import { useStudio } from '../open/useStudio'
import { latest } from '../latest'

const props = defineProps<{ tables: AccessRow[] }>()
const studio = useStudio()
const people = computed(() => [...(studio.state.value?.people ?? []), { id: null as number | null, label: 'nobody signed in' }])
const person = ref<number | null>(people.value[0]?.id ?? null)
const stored = ref('')
const rows = ref<{ id: number; label: string }[]>([])
const row = ref<number | null>(null)
const verdicts = ref<Verdicts['verdicts']>([])

const beginRows = latest()
const beginVerdicts = latest()

watch(
  () => props.tables,
  (tables) => {
    if (!tables.some((t) => t.stored === stored.value))
      stored.value = (tables.find((t) => t.cells[0]?.said && t.cells[0].breadth < 1) ?? tables[0])?.stored ?? ''
  },
  { immediate: true },
)

watch(
  [stored, () => studio.state.value?.revision.number],
  async () => {
    if (!stored.value) return
    const isLatest = beginRows()
    try {
      const page = await api.get<{ rows: { id: number; values: Record<string, string> }[] }>(`apps/${studio.app}/rows/sandbox/${stored.value}`)
      if (!isLatest()) return
      const label =
        studio.state.value?.tables.find((t) => t.stored === stored.value)?.fields.find((f) => f.control === 'text' || f.control === 'longText')?.key ?? ''
      rows.value = page.rows.slice(0, 100).map((r) => ({ id: r.id, label: `${(r.values[label] || stored.value).slice(0, 40)} (${r.id})` }))
      if (!rows.value.some((r) => r.id === row.value)) row.value = rows.value[0]?.id ?? null
    } catch (error) {
      studio.told(error)
    }
  },
  { immediate: true },
)

watch(
  [person, stored, row, () => studio.state.value?.revision.number],
  async () => {
    verdicts.value = []
    const isLatest = beginVerdicts()
    if (!stored.value || row.value === null) return
    try {
      const told = (
        await api.get<Verdicts>(`apps/${studio.app}/access/${stored.value}/${row.value}${person.value === null ? '' : `?person=${person.value}`}`)
      ).verdicts
      if (isLatest()) verdicts.value = told
    } catch {
      // The row has just gone; the list of rows is read anew.
    }
  },
  { immediate: true },
)
</script>

<template>
  <section class="may" aria-label="May they?">
    <h2 class="people-head">May they?</h2>
    <p class="may-ask">
      Ask for
      <select v-model="person" aria-label="Person">
        <option v-for="p in people" :key="p.id ?? 0" :value="p.id">{{ p.label }}</option>
      </select>
      about
      <select v-model="stored" aria-label="Table">
        <option v-for="t in tables" :key="t.stored" :value="t.stored">{{ t.name }}</option>
      </select>
      <select v-model="row" aria-label="Row">
        <option v-for="r in rows" :key="r.id" :value="r.id">{{ r.label }}</option>
      </select>
    </p>
    <div role="status">
      <ul class="verdicts">
        <li v-for="v in verdicts" :key="v.verb" :class="{ may: v.may }">
          <strong>{{ v.verb }}: {{ v.may ? 'yes' : 'no' }}</strong> {{ v.sentence }}
        </li>
      </ul>
    </div>
  </section>
</template>
