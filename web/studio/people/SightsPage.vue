<script setup lang="ts">
import { ref, watch } from 'vue'
import type { SightCell, SightsState } from '../../contracts/studio'
import { api } from '../api'
import { useStudio } from '../open/useStudio'
import { latest } from '../latest'

const studio = useStudio()
const sights = ref<SightsState | null>(null)
const trouble = ref('')

const begin = latest()
watch(
  () => studio.state.value?.revision.number,
  async () => {
    const isLatest = begin()
    try {
      const told = await api.get<SightsState>(`apps/${studio.app}/sights`)
      if (!isLatest()) return
      sights.value = told
      trouble.value = ''
    } catch (error) {
      trouble.value = error instanceof Error ? error.message : String(error)
    }
  },
  { immediate: true },
)

const told = (cell: SightCell) =>
  cell.problem ||
  (cell.lines === 0
    ? 'an empty page'
    : `${cell.lines} ${cell.lines === 1 ? 'line' : 'lines'}${cell.rows ? `, ${cell.rows} ${cell.rows === 1 ? 'row' : 'rows'}` : ''}`)
</script>

<template>
  <h1>What each one sees</h1>
  <p class="small">Every screen, run in the sandbox as every sample person. A screen about a row is run with the first row that the person may see.</p>
  <p v-if="trouble" class="fault" role="alert">{{ trouble }}</p>
  <p v-else-if="!sights" class="small" role="status">Running every screen…</p>
  <div v-else class="sights-place">
    <table class="access sights">
      <thead>
        <tr>
          <th scope="col">Screen</th>
          <th v-for="p in sights.people" :key="p.id ?? 0" scope="col">{{ p.label }}</th>
        </tr>
      </thead>
      <tbody>
        <tr v-for="s in sights.screens" :key="s.slug">
          <th scope="row">
            <button class="access-name" @click="studio.open(s.slug)">{{ s.name }}</button>
          </th>
          <td v-for="(cell, i) in s.cells" :key="i" :class="{ closed: cell.problem, bare: !cell.problem && !cell.lines }">{{ told(cell) }}</td>
        </tr>
      </tbody>
    </table>
  </div>
</template>
