<script setup lang="ts">
import { mdiClose, mdiPlus } from '@mdi/js'
import { ref, watch } from 'vue'
import type { AccessRow, AccessTable, EditData } from '../../contracts/studio'
import { api } from '../api'
import { useStudio } from '../open/useStudio'
import { latest } from '../latest'
import FindingNote from '../findings/FindingNote.vue'
import ProseLines from '../prose/ProseLines.vue'
import MayThey from './MayThey.vue'

const studio = useStudio()
const tables = ref<AccessRow[]>([])
const open = ref('')
const verbs = [
  { key: 'seen', name: 'see' },
  { key: 'added', name: 'add' },
  { key: 'changed', name: 'change' },
  { key: 'removed', name: 'remove' },
]
/** What is wrong with a table as a whole; what is wrong with one sentence stands under it once it is open. */
const findings = (row: AccessRow) =>
  studio.findings.value.filter((f) => f.at === `${row.at}/access` || (open.value !== row.at && f.at.startsWith(`${row.at}/access/`)))
const lines = (row: AccessRow) => (studio.state.value?.tables.find((t) => t.at === row.at)?.access ?? []).map((line) => ({ ...line, indent: 0 }))

const begin = latest()
watch(
  () => studio.state.value?.revision.number,
  async () => {
    const isLatest = begin()
    try {
      const told = (await api.get<AccessTable>(`apps/${studio.app}/access`)).tables
      if (isLatest()) tables.value = told
    } catch (error) {
      studio.told(error)
    }
  },
  { immediate: true },
)

async function add(row: AccessRow, edit: EditData) {
  const made = await studio.edit(edit)
  if (!made?.next) return
  open.value = row.at
  studio.startFilling(made.next)
}

/** A quarter of a circle for each step from nobody to everyone. */
const pie = (breadth: number) => `${(breadth * 25.13).toFixed(2)} 25.13`
</script>

<template>
  <h1>Who may do what</h1>
  <p class="small">These rules hold in every list, formula and tap, on every device. Grey is what holds while no sentence says otherwise.</p>
  <table class="access">
    <thead>
      <tr>
        <th scope="col">Rows of</th>
        <th v-for="v in verbs" :key="v.key" scope="col">{{ v.name }}</th>
      </tr>
    </thead>
    <tbody>
      <template v-for="row in tables" :key="row.at">
        <tr>
          <th scope="row">
            <button class="access-name" :aria-expanded="open === row.at" @click="open = open === row.at ? '' : row.at">{{ row.name }}</button>
          </th>
          <td v-for="cell in row.cells" :key="cell.verb" :class="{ unsaid: !cell.said && cell.whos.every((w) => !w.at) }">
            <div class="access-cell">
              <svg
                viewBox="0 0 16 16"
                width="16"
                height="16"
                class="access-pie"
                role="img"
                :aria-label="cell.breadth >= 1 ? 'open to everyone' : cell.breadth === 0 ? 'closed' : 'open to some'"
              >
                <circle cx="8" cy="8" r="7" class="pie-ground" />
                <circle cx="8" cy="8" r="4" class="pie" :stroke-dasharray="pie(cell.breadth)" transform="rotate(-90 8 8)" />
              </svg>
              <ul>
                <li v-for="who in cell.whos" :key="who.at + who.words" :class="{ unsaid: !who.at }">
                  <span
                    >{{ who.words }}<small v-if="who.fields">, as to {{ who.fields }}</small></span
                  >
                  <button v-if="who.at" class="access-less" :aria-label="`No longer ${who.words}`" @click="studio.edit({ do: 'remove', places: [who.at] })">
                    <v-icon :icon="mdiClose" size="14" />
                  </button>
                </li>
              </ul>
              <v-menu>
                <template #activator="{ props: menu }"
                  ><button v-bind="menu" class="access-more" :aria-label="`${row.name}: who else may ${verbs.find((v) => v.key === cell.verb)?.name}`">
                    <v-icon :icon="mdiPlus" size="16" /></button
                ></template>
                <v-list density="compact"><v-list-item v-for="one in cell.offers" :key="one.label" :title="one.label" @click="add(row, one.edit)" /></v-list>
              </v-menu>
            </div>
          </td>
        </tr>
        <tr v-if="findings(row).length" class="access-findings">
          <td colspan="5"><FindingNote v-for="finding in findings(row)" :key="finding.id" :finding="finding" /></td>
        </tr>
        <tr v-if="open === row.at" class="access-sentences">
          <td colspan="5">
            <ProseLines v-if="lines(row).length" :lines="lines(row)" :root="`${row.at}/access`" />
            <p v-else class="small">Nothing is said of {{ row.name }} yet.</p>
          </td>
        </tr>
      </template>
    </tbody>
  </table>
  <MayThey v-if="studio.state.value?.people.length" :tables="tables" />
</template>
