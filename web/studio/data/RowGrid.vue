<script setup lang="ts">
import { mdiArrowDown, mdiArrowUp, mdiClose } from '@mdi/js'
import { computed, nextTick, onMounted, reactive, ref, watch } from 'vue'
import type { DataRow, FieldState, TableState } from '../../contracts/studio'
import { api, Declined } from '../api'
import { useStudio } from '../frame/useStudio'

const props = defineProps<{ table: TableState; set: 'sandbox' | 'live' }>()
const studio = useStudio()
const rows = ref<DataRow[] | null>(null)
const count = ref(0)
const labels = ref<Record<string, Record<string, string>>>({})
const sort = ref('')
const way = ref<'upward' | 'downward'>('upward')
const draft = reactive<Record<string, string>>({})
const draftErrors = ref<Record<string, string>>({})
const cellError = ref<{ id: number; key: string; sentence: string; typed: string } | null>(null)
const trouble = ref('')
const adding = ref(false)
const path = computed(() => `apps/${studio.app}/rows/${props.set}/${props.table.stored}`)

let asked = 0

/** Only the newest answer counts: an older one may arrive after it. */
async function load() {
  const mine = ++asked
  try {
    const answer = await api.get<{ rows: DataRow[]; count: number; labels: Record<string, Record<string, string>> }>(`${path.value}?sort=${sort.value}&way=${way.value}`)
    if (mine !== asked) return
    rows.value = answer.rows
    count.value = answer.count
    labels.value = answer.labels
    trouble.value = ''
  } catch (error) {
    trouble.value = error instanceof Declined ? error.message : String(error)
  }
}

onMounted(load)
watch(() => [studio.state.value?.revision.number, studio.changes.value], load)

function sortBy(field: FieldState) {
  way.value = sort.value === field.key && way.value === 'upward' ? 'downward' : 'upward'
  sort.value = field.key
  load()
}

async function change(row: DataRow, field: FieldState, value: string) {
  if (value === (row.values[field.key] ?? '')) return (cellError.value = null)
  try {
    const changed = await api.patch<DataRow>(`${path.value}/${row.id}`, { values: { [field.key]: value } })
    Object.assign(row, changed)
    cellError.value = null
    studio.changes.value++
  } catch (error) {
    if (error instanceof Declined && error.status === 422) cellError.value = { id: row.id, key: field.key, sentence: error.message, typed: value }
    else studio.told(error)
  }
}

async function add() {
  adding.value = true
  draftErrors.value = {}
  try {
    const row = await api.post<DataRow>(path.value, { values: { ...draft } })
    rows.value?.push(row)
    count.value++
    for (const key of Object.keys(draft)) delete draft[key]
    studio.changes.value++
    await nextTick()
    document.querySelector<HTMLElement>('.grid-new input, .grid-new select')?.focus()
  } catch (error) {
    if (error instanceof Declined && error.answer.errors) draftErrors.value = error.answer.errors as Record<string, string>
    else studio.told(error)
  } finally {
    adding.value = false
  }
}

async function remove(row: DataRow) {
  try {
    await api.remove(`${path.value}/${row.id}`)
    rows.value = rows.value?.filter((r) => r.id !== row.id) ?? null
    count.value--
    studio.changes.value++
  } catch (error) {
    studio.told(error)
  }
}

function press(event: KeyboardEvent, row: DataRow, field: FieldState) {
  const cell = event.target as HTMLInputElement
  if (event.key === 'Escape') {
    cell.value = row.values[field.key] ?? ''
    cellError.value = null
    cell.blur()
  }
  const down = event.key === 'Enter' || event.key === 'ArrowDown'
  if (down || event.key === 'ArrowUp') {
    if (cell instanceof HTMLSelectElement && event.key !== 'Enter') return
    event.preventDefault()
    const ids = rows.value?.map((r) => r.id) ?? []
    const next = ids[ids.indexOf(row.id) + (down ? 1 : -1)]
    const other = document.querySelector<HTMLInputElement>(`[data-cell="${next}:${field.key}"]`)
    if (other) other.focus()
    else cell.blur()
  }
}

async function picture(event: Event, apply: (name: string) => void) {
  const file = (event.target as HTMLInputElement).files?.[0]
  if (!file) return
  const form = new FormData()
  form.append('picture', file)
  try {
    apply((await api.post<{ name: string }>(`apps/${studio.app}/assets`, form)).name)
  } catch (error) {
    studio.told(error)
  }
}

const wrong = (row: DataRow, field: FieldState) => (cellError.value?.id === row.id && cellError.value.key === field.key ? cellError.value.sentence : '')
/** What was typed stays in the cell until it is right. */
const written = (row: DataRow, field: FieldState) => (wrong(row, field) ? (cellError.value?.typed ?? '') : (row.values[field.key] ?? ''))
const media = (name: string) => `/media/${studio.app}/${name}`
const hint = (field: FieldState) => ({ moment: '2026-12-24 07:30', switch: 'yes or no', number: '0' })[field.control] ?? field.name
</script>

<template>
  <div class="grid-place">
    <p v-if="set === 'live'" class="live-note">These are the live rows. What you change here changes for everybody at once.</p>
    <p v-if="trouble" class="fault" role="alert">{{ trouble }} <button class="link" @click="load">Try again</button></p>
    <v-progress-linear v-if="!rows && !trouble" indeterminate color="primary" aria-label="Loading rows" />
    <div v-if="rows" class="grid-scroll">
      <table class="grid">
        <thead>
          <tr>
            <th class="grid-id">#</th>
            <th v-for="field in table.fields" :key="field.key" scope="col" :class="{ num: field.control === 'number' }" :aria-sort="sort === field.key ? (way === 'upward' ? 'ascending' : 'descending') : 'none'">
              <button class="grid-sort" @click="sortBy(field)">{{ field.name }}<v-icon v-if="sort === field.key" :icon="way === 'upward' ? mdiArrowUp : mdiArrowDown" size="14" /></button>
            </th>
            <th><span class="sr">Remove</span></th>
          </tr>
        </thead>
        <tbody>
          <tr v-for="row in rows" :key="row.id">
            <td class="grid-id">{{ row.id }}</td>
            <td v-for="field in table.fields" :key="field.key" :class="{ wrong: wrong(row, field) }">
              <select v-if="field.control === 'row'" :data-cell="`${row.id}:${field.key}`" :value="row.values[field.key]" :aria-label="`${field.name} of row ${row.id}`" @change="change(row, field, ($event.target as HTMLSelectElement).value)" @keydown="press($event, row, field)">
                <option value="" />
                <option v-for="(label, id) in labels[field.key]" :key="id" :value="id">{{ label }}</option>
              </select>
              <label v-else-if="field.control === 'picture'" class="grid-picture">
                <img v-if="row.values[field.key]" :src="media(row.values[field.key])" alt=""><span v-else class="small">add</span>
                <input type="file" class="sr" accept="image/png,image/jpeg,image/webp" :aria-label="`${field.name} of row ${row.id}`" @change="picture($event, (name) => change(row, field, name))">
              </label>
              <input v-else :data-cell="`${row.id}:${field.key}`" :value="written(row, field)" :class="{ num: field.control === 'number' }" :aria-label="`${field.name} of row ${row.id}`" :aria-invalid="!!wrong(row, field)" spellcheck="false" @change="change(row, field, ($event.target as HTMLInputElement).value)" @keydown="press($event, row, field)">
              <p v-if="wrong(row, field)" class="grid-wrong" role="alert">{{ wrong(row, field) }}</p>
            </td>
            <td><v-btn :icon="mdiClose" size="x-small" variant="text" :aria-label="`Remove row ${row.id}`" @click="remove(row)" /></td>
          </tr>
          <tr v-if="!rows.length"><td :colspan="table.fields.length + 2" class="grid-empty">No {{ table.name.toLowerCase() }} yet. Write the first one below.</td></tr>
        </tbody>
        <tfoot v-if="table.fields.length">
          <tr class="grid-new">
            <td class="grid-id">+</td>
            <td v-for="field in table.fields" :key="field.key" :class="{ wrong: draftErrors[field.key] }">
              <select v-if="field.control === 'row'" v-model="draft[field.key]" :aria-label="`New ${field.name}`" @keydown.enter="add">
                <option value="" />
                <option v-for="(label, id) in labels[field.key]" :key="id" :value="id">{{ label }}</option>
              </select>
              <label v-else-if="field.control === 'picture'" class="grid-picture">
                <img v-if="draft[field.key]" :src="media(draft[field.key])" alt=""><span v-else class="small">add</span>
                <input type="file" class="sr" accept="image/png,image/jpeg,image/webp" :aria-label="`New ${field.name}`" @change="picture($event, (name) => (draft[field.key] = name))">
              </label>
              <input v-else v-model="draft[field.key]" :class="{ num: field.control === 'number' }" :placeholder="hint(field)" :aria-label="`New ${field.name}`" spellcheck="false" @keydown.enter="add">
              <p v-if="draftErrors[field.key]" class="grid-wrong" role="alert">{{ draftErrors[field.key] }}</p>
            </td>
            <td><v-btn size="x-small" color="primary" :loading="adding" @click="add">Add</v-btn></td>
          </tr>
        </tfoot>
      </table>
    </div>
    <p v-if="rows" class="small">{{ count }} {{ count === 1 ? 'row' : 'rows' }}<template v-if="rows.length < count">, the first {{ rows.length }} are shown</template>. Times are UTC.</p>
  </div>
</template>
