<script setup lang="ts">
import { mdiApi, mdiDotsHorizontal, mdiGraphOutline, mdiPlus } from '@mdi/js'
import { computed, ref, watch } from 'vue'
import { useRoute, useRouter } from 'vue-router'
import StationFindings from '../findings/StationFindings.vue'
import { useStudio } from '../open/useStudio'
import ProseLines from '../prose/ProseLines.vue'
import { api } from '../api'
import ApiPage from './ApiPage.vue'
import CompareDialog from './CompareDialog.vue'
import ImportDialog from './ImportDialog.vue'
import RowDetail from './RowDetail.vue'
import RowGrid from './RowGrid.vue'
import TableMap from './TableMap.vue'

const studio = useStudio()
const route = useRoute()
const router = useRouter()
const prose = ref<InstanceType<typeof ProseLines>>()
const set = ref<'sandbox' | 'live'>('sandbox')
const tables = computed(() => studio.state.value?.tables ?? [])
const part = computed(() => String(route.params.part || tables.value[0]?.stored || ''))
const table = computed(() => tables.value.find((t) => t.stored === part.value) ?? tables.value[0])
const grid = ref<InstanceType<typeof RowGrid>>()
const onMap = computed(() => part.value === '-map')
const onApi = computed(() => part.value === '-api')
const importing = ref(false)
const comparing = ref(false)
const copied = ref<number[]>([])
const detail = ref<number | null>(null)
const hasFindings = (at: string) => studio.state.value?.findings.some((f) => f.at === at || f.at.startsWith(`${at}/`))
const open = (stored: string) => router.push(`/apps/${studio.app}/data/${stored}`)

watch(
  () => studio.state.value?.app.liveRevision,
  (live) => {
    if (!live) set.value = 'sandbox'
  },
)

const out = (as: string) => `/api/apps/${studio.app}/rows/${set.value}/${table.value?.stored}/export?as=${as}`

async function samples() {
  try {
    await api.post(`apps/${studio.app}/samples/${table.value?.stored}`, { count: 10, seed: Math.floor(Math.random() * 1e6) })
    studio.changed()
  } catch (error) {
    studio.told(error)
  }
}

async function dropSamples() {
  try {
    await api.remove(`apps/${studio.app}/samples/${table.value?.stored}`)
    studio.changed()
  } catch (error) {
    studio.told(error)
  }
}

async function openRow(stored: string, id: number) {
  detail.value = null
  if (stored !== table.value?.stored) await open(stored)
  detail.value = id
}

function compare(ids: number[]) {
  copied.value = ids
  comparing.value = true
}

async function addTable() {
  const edited = await studio.edit({ do: 'begin', list: '/tables' })
  const made = tables.value.find((t) => t.at === edited?.made)
  if (!edited || !made) return
  await open(made.stored)
  studio.startFilling(edited.next)
}
</script>

<template>
  <div class="screens">
    <nav class="side" aria-label="Tables">
      <h2 class="side-head">Tables</h2>
      <button
        v-for="t in tables"
        :key="t.at"
        class="side-entry"
        :aria-current="!onMap && !onApi && t.stored === table?.stored ? 'page' : undefined"
        @click="open(t.stored)"
      >
        <span>{{ t.name }}</span>
        <span v-if="t.people" class="small">who sign in</span>
        <i v-if="hasFindings(t.at)" class="dot" aria-label="has findings" />
      </button>
      <v-btn variant="text" size="small" :prepend-icon="mdiPlus" @click="addTable">New table</v-btn>
      <v-btn v-if="tables.length" variant="text" size="small" :prepend-icon="mdiGraphOutline" :aria-current="onMap ? 'page' : undefined" @click="open('-map')"
        >Map</v-btn
      >
      <v-btn v-if="tables.length" variant="text" size="small" :prepend-icon="mdiApi" :aria-current="onApi ? 'page' : undefined" @click="open('-api')"
        >For programs</v-btn
      >
      <StationFindings station="data" />
    </nav>
    <section class="page page-wide">
      <TableMap v-if="onMap" @open="open" />
      <ApiPage v-else-if="onApi" />
      <template v-else-if="table">
        <ProseLines ref="prose" :key="table.at" :lines="table.lines" :root="table.at" />
        <div class="page-end">
          <v-btn variant="tonal" color="primary" size="small" :prepend-icon="mdiPlus" @click="prose?.addAtEnd(`${table.at}/fields`)">Add a field</v-btn>
          <v-btn variant="text" size="small" @click="studio.edit({ do: 'remove', places: [table.at] })">Remove this table</v-btn>
        </div>
        <RowGrid ref="grid" :key="`${table.stored}:${set}`" :table="table" :set="set" @detail="(id) => (detail = id)" @copy="compare">
          <span class="grow" />
          <v-btn-toggle v-model="set" mandatory density="compact" rounded="pill" color="primary" variant="outlined" aria-label="Data set">
            <v-btn value="sandbox" size="small">Sandbox</v-btn>
            <v-btn value="live" size="small" :disabled="!studio.state.value?.app.liveRevision">Live</v-btn>
          </v-btn-toggle>
          <v-menu>
            <template #activator="{ props: menu }"
              ><v-btn v-bind="menu" :icon="mdiDotsHorizontal" size="small" variant="text" aria-label="Rows in and out" title="Rows in and out"
            /></template>
            <v-list density="compact">
              <v-list-item title="Bring rows in…" @click="importing = true" />
              <v-list-item title="Export as CSV" :href="out('csv')" />
              <v-list-item title="Export as JSON" :href="out('json')" />
              <v-list-item title="Export as SQLite" :href="out('sqlite')" />
              <template v-if="set === 'sandbox'">
                <v-list-item title="Make up 10 sample rows" @click="samples" />
                <v-list-item title="Remove the sample rows" @click="dropSamples" />
              </template>
              <v-list-item v-if="studio.state.value?.app.liveRevision" title="Compare with the other set…" @click="compare([])" />
            </v-list>
          </v-menu>
        </RowGrid>
        <ImportDialog v-model="importing" :table="table" :set="set" @done="grid?.reload()" />
        <CompareDialog v-model="comparing" :table="table" :set="set" :ids="copied" @done="studio.changed()" />
        <RowDetail v-model="detail" :table="table" :set="set" @open="openRow" />
      </template>
      <div v-else class="quiet-note">
        <p>Nothing is stored yet. A table holds rows of one kind, such as Swims or Recipes; each of its fields is one sentence.</p>
        <v-btn color="primary" :prepend-icon="mdiPlus" @click="addTable">Begin the first table</v-btn>
      </div>
    </section>
  </div>
</template>
