<script setup lang="ts">
import { mdiArrowDown, mdiArrowUp, mdiClose, mdiOpenInNew } from '@mdi/js'
import { useDebounceFn, useElementSize, useScroll } from '@vueuse/core'
import { computed, nextTick, onMounted, reactive, ref, watch } from 'vue'
import type { DataRow, FieldState, LinkChoice, TableState } from '../../contracts/studio'
import { api, Declined } from '../api'
import BusyButton from '../BusyButton.vue'
import { useStudio } from '../frame/useStudio'
import ColumnMenu from './ColumnMenu.vue'
import LinkPicker from './LinkPicker.vue'
import { useRows, type Change } from './useRows'

const props = defineProps<{ table: TableState; set: 'sandbox' | 'live' }>()
const emit = defineEmits<{ detail: [id: number]; copy: [ids: number[]] }>()
const studio = useStudio()
const HEIGHT = 34
const path = computed(() => `apps/${studio.app}/rows/${props.set}/${props.table.stored}`)
const rows = useRows(() => path.value)

// --- which columns, in which order; kept in this browser for each table
const kept = computed(() => `lanai.columns.${studio.app}.${props.table.stored}`)
const order = ref<string[]>(readOrder())
const hidden = ref<string[]>([])
function readOrder(): string[] {
  try {
    return JSON.parse(localStorage.getItem(`lanai.columns.${studio.app}.${props.table.stored}`) ?? '[]')
  } catch {
    return []
  }
}
const fields = computed(() => {
  const place = (f: FieldState) => (order.value.includes(f.key) ? order.value.indexOf(f.key) : order.value.length + props.table.fields.indexOf(f))
  return [...props.table.fields].filter((f) => !hidden.value.includes(f.key)).sort((a, b) => place(a) - place(b))
})
function moveColumn(field: FieldState, by: number) {
  const keys = fields.value.map((f) => f.key)
  const from = keys.indexOf(field.key)
  keys.splice(from, 1)
  keys.splice(from + by, 0, field.key)
  order.value = keys
  localStorage.setItem(kept.value, JSON.stringify(keys))
}
const widths: Record<string, number> = { moment: 140, date: 104, time: 76, number: 88, rating: 74, switch: 74, picture: 74, longText: 220, row: 122, rows: 170, colour: 96 }
const width = (f: FieldState) => widths[f.control] ?? (f.formula ? 108 : 146)
const columns = computed(() => `66px ${fields.value.map((f) => `minmax(${width(f)}px, ${width(f)}fr)`).join(' ')} 40px`)
const least = computed(() => `${fields.value.reduce((sum, f) => sum + width(f), 106)}px`)
const numeric = (f: FieldState) => ['number', 'rating'].includes(f.control) || (f.formula && /number|money/.test(f.type))

// --- what is in sight
const scroller = ref<HTMLElement | null>(null)
const { y } = useScroll(scroller)
const { height } = useElementSize(scroller)
const first = computed(() => Math.max(0, Math.floor(y.value / HEIGHT) - 6))
const last = computed(() => Math.min(rows.count.value - 1, Math.ceil((y.value + (height.value || 400)) / HEIGHT) + 6))
const shown = computed(() => {
  const list: { index: number; row: DataRow | undefined }[] = []
  for (let i = first.value; i <= last.value; i++) list.push({ index: i, row: rows.at(i) })
  return list
})
const firstPage = () => Math.floor(first.value / rows.pageSize.value)
const lastPage = () => Math.floor(Math.max(0, last.value) / rows.pageSize.value)
const look = useDebounceFn(() => rows.see(firstPage(), lastPage()), 60)
watch([first, last], look)
const reload = () => rows.reload(firstPage(), Math.max(firstPage(), lastPage()))
const search = useDebounceFn(() => (y.value = 0, reload()), 200)

let mine = 0
onMounted(reload)
watch(() => [studio.state.value?.revision.number, studio.changes.value], () => (mine > 0 ? mine-- : reload()))
/** The deck shows what was written at once; the grid has it already. */
function wrote() {
  mine++
  studio.changes.value++
}

function sortBy(field: FieldState, way?: 'upward' | 'downward') {
  rows.asked.way = way ?? (rows.asked.sort === field.key && rows.asked.way === 'upward' ? 'downward' : 'upward')
  rows.asked.sort = field.key
  reload()
}
function filter(where: string) {
  rows.asked.where = where
  y.value = 0
  reload()
}

// --- the cell at hand, and what is marked
const at = reactive({ row: 0, col: 0 })
const anchor = reactive({ row: 0, col: 0 })
const editing = ref(false)
const typed = ref('')
const wrongs = ref(new Map<string, { sentence: string; typed: string }>())
const picked = ref(new Set<number>())
const allPicked = ref(false)
const marked = (row: number, col: number) => row >= Math.min(at.row, anchor.row) && row <= Math.max(at.row, anchor.row) && col >= Math.min(at.col, anchor.col) && col <= Math.max(at.col, anchor.col)
const here = (row: number, col: number) => at.row === row && at.col === col
const cellId = (row: number, col: number) => `cell-${props.table.stored}-${row}-${col}`
const field = computed(() => fields.value[at.col])

function text(row: DataRow, f: FieldState): string {
  const value = row.values[f.key] ?? ''
  if (!f.linksTo) return value
  return value.split(/,\s*/).filter(Boolean).map((id) => rows.labels.value[f.key]?.[id] ?? `#${id}`).join(', ')
}
const wrong = (row: DataRow | undefined, f: FieldState) => (row ? wrongs.value.get(`${row.id}:${f.key}`) : undefined)

async function go(row: number, col: number, extend = false) {
  at.row = Math.max(0, Math.min(rows.count.value - 1, row))
  at.col = Math.max(0, Math.min(fields.value.length - 1, col))
  if (!extend) Object.assign(anchor, at)
  const top = at.row * HEIGHT
  const box = scroller.value
  if (box) {
    const room = box.clientHeight - 38 - 40
    if (top < box.scrollTop) box.scrollTop = top
    else if (top + HEIGHT > box.scrollTop + room) box.scrollTop = top + HEIGHT - room
  }
  await nextTick()
  document.getElementById(cellId(at.row, at.col))?.focus({ preventScroll: true })
}

async function edit(start?: string) {
  const row = rows.at(at.row)
  const f = field.value
  if (!row || !f?.asked) return
  if (f.control === 'picture' || f.control === 'file') return document.getElementById(`${cellId(at.row, at.col)}-file`)?.click()
  typed.value = start ?? wrong(row, f)?.typed ?? row.values[f.key] ?? ''
  editing.value = true
  await nextTick()
  const box = document.querySelector<HTMLInputElement>('.grid-edit')
  box?.focus()
  if (start === undefined) box?.select?.()
}

async function leave(way: 'down' | 'right' | 'left' | 'stay', value = typed.value) {
  if (!editing.value) return
  editing.value = false
  const row = rows.at(at.row)
  const f = field.value
  if (row && f) save([{ row, field: f, value }])
  if (way === 'down') go(at.row + 1, at.col)
  else if (way === 'right') step(1)
  else if (way === 'left') step(-1)
  else go(at.row, at.col)
}

function step(by: number) {
  const cells = fields.value.length
  const next = at.row * cells + at.col + by
  go(Math.floor(next / cells), ((next % cells) + cells) % cells)
}

// --- writing, and the way back
interface Written { row: DataRow; field: FieldState; value: string }
const back: (() => Promise<void>)[] = []

async function save(cells: Written[], undoing = false) {
  const changed = cells.filter((c) => c.field.asked && c.value !== (c.row.values[c.field.key] ?? ''))
  for (const c of cells) wrongs.value.delete(`${c.row.id}:${c.field.key}`)
  if (!changed.length) return
  const byRow = new Map<number, Change>()
  for (const c of changed) {
    const change = byRow.get(c.row.id) ?? { id: c.row.id, values: {}, was: {} }
    change.values[c.field.key] = c.value
    if (!undoing) (change.was ??= {})[c.field.key] = c.row.values[c.field.key] ?? ''
    byRow.set(c.row.id, change)
  }
  const changes = [...byRow.values()]
  try {
    const { rows: now, cells: bad } = await rows.write(changes)
    for (const cell of bad) wrongs.value.set(`${changes[cell.index]?.id}:${cell.field}`, { sentence: cell.sentence, typed: changes[cell.index]?.values[cell.field] ?? '' })
    if (bad.length) {
      if (changed.length > 1) studio.trouble.value = `Nothing was written: ${bad[0].sentence}`
      return
    }
    if (!undoing) {
      const before = changed.map((c) => ({ id: c.row.id, field: c.field, value: c.row.values[c.field.key] ?? '' }))
      back.push(async () => {
        const there = new Map(now.map((r) => [r.id, r]))
        await save(before.flatMap((b) => (there.has(b.id) ? [{ row: there.get(b.id) as DataRow, field: b.field, value: b.value }] : [])), true)
      })
    }
    wrote()
  } catch (error) {
    studio.told(error)
    if (error instanceof Declined && error.status === 409) reload()
  }
}

async function undo() {
  await back.pop()?.()
}

async function fillDown() {
  const top = rows.at(Math.min(at.row, anchor.row))
  if (!top) return
  const cells: Written[] = []
  for (let r = Math.min(at.row, anchor.row) + 1; r <= Math.max(at.row, anchor.row); r++) {
    for (let c = Math.min(at.col, anchor.col); c <= Math.max(at.col, anchor.col); c++) {
      const row = rows.at(r)
      const f = fields.value[c]
      if (row && f) cells.push({ row, field: f, value: top.values[f.key] ?? '' })
    }
  }
  await save(cells)
}

function copy(event: ClipboardEvent) {
  if (editing.value) return
  event.preventDefault()
  const lines: string[] = []
  for (let r = Math.min(at.row, anchor.row); r <= Math.max(at.row, anchor.row); r++) {
    const row = rows.at(r)
    if (row) lines.push(fields.value.slice(Math.min(at.col, anchor.col), Math.max(at.col, anchor.col) + 1).map((f) => cellOut(row.values[f.key] ?? '')).join('\t'))
  }
  event.clipboardData?.setData('text/plain', lines.join('\n'))
}
const cellOut = (value: string) => (/[\t\n"]/.test(value) ? `"${value.replaceAll('"', '""')}"` : value)

/** Cells as a spreadsheet copies them: tabs between, quotes around what holds tabs or lines. */
function cellsIn(text: string): string[][] {
  const lines: string[][] = [[]]
  for (const [, quoted, bare, end] of text.replace(/\r\n?/g, '\n').replace(/\n$/, '').matchAll(/(?:"((?:[^"]|"")*)"|([^\t\n]*))(\t|\n|$)/g)) {
    lines[lines.length - 1].push(quoted === undefined ? bare : quoted.replaceAll('""', '"'))
    if (end === '\n') lines.push([])
    if (end === '') break
  }
  return lines
}

async function paste(event: ClipboardEvent) {
  if (editing.value) return
  event.preventDefault()
  const lines = cellsIn(event.clipboardData?.getData('text/plain') ?? '')
  const top = Math.min(at.row, anchor.row)
  const left = Math.min(at.col, anchor.col)
  const cells: Written[] = []
  const added: Change[] = []
  lines.forEach((line, i) => {
    const row = rows.at(top + i)
    const values: Record<string, string> = {}
    line.forEach((value, j) => {
      const f = fields.value[left + j]
      if (!f?.asked) return
      if (row) cells.push({ row, field: f, value })
      else values[f.key] = value
    })
    if (!row && top + i >= rows.count.value && Object.keys(values).length) added.push({ id: null, values })
  })
  if (added.length) await addRows(added)
  await save(cells)
}

async function addRows(changes: Change[]): Promise<boolean> {
  try {
    const { rows: now, cells } = await rows.write(changes)
    if (cells.length) {
      if (changes.length === 1) draftErrors.value = Object.fromEntries(cells.map((c) => [c.field, c.sentence]))
      else studio.trouble.value = `Nothing was added: row ${cells[0].index + 1} of what was pasted: ${cells[0].sentence}`
      return false
    }
    back.push(async () => {
      await api.post(`${path.value}/remove`, { ids: now.map((r) => r.id) })
      wrote()
      reload()
    })
    wrote()
    await reload()
    return true
  } catch (error) {
    studio.told(error)
    return false
  }
}

async function remove(ids: number[], all = false) {
  if (!ids.length && !all) return
  if (all && !window.confirm(`Remove all ${rows.count.value} rows that are found?`)) return
  try {
    const done = await api.post<{ removed: number; token: string }>(`${path.value}/remove?${rows.query()}`, all ? { all: true } : { ids })
    back.push(async () => {
      await api.post(`${path.value}/restore`, { token: done.token })
      wrote()
      reload()
    })
    picked.value = new Set()
    allPicked.value = false
    said.value = `${done.removed} ${done.removed === 1 ? 'row' : 'rows'} removed.`
    wrote()
    await reload()
  } catch (error) {
    studio.told(error)
  }
}
const said = ref('')

function press(event: KeyboardEvent) {
  if (editing.value || (event.target as HTMLElement).closest('.grid-new, .grid-bar, .v-overlay__content')) return
  const key = event.key
  const moves: Record<string, [number, number]> = { ArrowUp: [-1, 0], ArrowDown: [1, 0], ArrowLeft: [0, -1], ArrowRight: [0, 1], PageDown: [Math.floor(height.value / HEIGHT) - 2, 0], PageUp: [-(Math.floor(height.value / HEIGHT) - 2), 0] }
  const ctrl = event.ctrlKey || event.metaKey
  if (moves[key]) go(at.row + moves[key][0] * (ctrl ? rows.count.value : 1), at.col + moves[key][1] * (ctrl ? fields.value.length : 1), event.shiftKey)
  else if (key === 'Home') go(ctrl ? 0 : at.row, 0, event.shiftKey)
  else if (key === 'End') go(ctrl ? rows.count.value - 1 : at.row, fields.value.length - 1, event.shiftKey)
  else if (key === 'Tab') {
    const end = event.shiftKey ? at.row === 0 && at.col === 0 : at.row === rows.count.value - 1 && at.col === fields.value.length - 1
    if (end) return
    step(event.shiftKey ? -1 : 1)
  } else if (key === 'Enter' || key === 'F2') edit()
  else if (ctrl && key.toLowerCase() === 'd') fillDown()
  else if (ctrl && key.toLowerCase() === 'z') {
    if (!back.length) return
    undo()
  } else if (key === 'Delete' || key === 'Backspace') clear()
  else if (key === ' ' && rows.at(at.row)) toggle(rows.at(at.row)!.id)
  else if (key.length === 1 && !ctrl && !event.altKey) edit(['row', 'rows', 'choice', 'switch'].includes(field.value?.control ?? '') ? undefined : key)
  else return
  event.preventDefault()
  event.stopPropagation()
}

function clear() {
  const cells: Written[] = []
  for (let r = Math.min(at.row, anchor.row); r <= Math.max(at.row, anchor.row); r++) {
    for (let c = Math.min(at.col, anchor.col); c <= Math.max(at.col, anchor.col); c++) {
      const row = rows.at(r)
      if (row && fields.value[c]) cells.push({ row, field: fields.value[c], value: '' })
    }
  }
  save(cells)
}

function editKey(event: KeyboardEvent) {
  event.stopPropagation()
  if (event.key === 'Escape') {
    editing.value = false
    const row = rows.at(at.row)
    if (row && field.value) wrongs.value.delete(`${row.id}:${field.value.key}`)
    go(at.row, at.col)
  } else if (event.key === 'Enter' && !(event.shiftKey && field.value?.control === 'longText')) {
    event.preventDefault()
    leave('down')
  } else if (event.key === 'Tab') {
    event.preventDefault()
    leave(event.shiftKey ? 'left' : 'right')
  }
}

function take(value: string, chosen: LinkChoice[]) {
  const f = field.value
  if (f) rows.mergeLabels({ [f.key]: Object.fromEntries(chosen.map((c) => [c.id, c.label])) })
  leave('stay', value)
}

function toggle(id: number) {
  allPicked.value = false
  const next = new Set(picked.value)
  if (!next.delete(id)) next.add(id)
  picked.value = next
}

// --- one value for many rows
const bulkField = ref('')
const bulkValue = ref('')
async function setMany() {
  const f = props.table.fields.find((one) => one.key === bulkField.value)
  if (!f) return
  const cells: Written[] = []
  for (const page of rows.pages.value.values()) for (const row of page) if (picked.value.has(row.id)) cells.push({ row, field: f, value: bulkValue.value })
  await save(cells)
}

// --- the row that is written next
const draft = reactive<Record<string, string>>({})
const draftErrors = ref<Record<string, string>>({})
const adding = ref(false)
const drafting = ref('')
async function add() {
  adding.value = true
  draftErrors.value = {}
  if (await addRows([{ id: null, values: { ...draft } }])) {
    for (const key of Object.keys(draft)) delete draft[key]
    await nextTick()
    if (scroller.value) scroller.value.scrollTop = scroller.value.scrollHeight
    document.querySelector<HTMLElement>('.grid-new input:not([type=file]), .grid-new select')?.focus()
  }
  adding.value = false
}

async function upload(event: Event, apply: (name: string) => void) {
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
const media = (name: string) => `/media/${studio.app}/${name}`
const hint = (f: FieldState) => ({ moment: '2026-12-24 07:30', date: '2026-12-24', time: '07:30', duration: '1 h 30 min', switch: 'yes or no', number: '0', place: '50.12, -5.56', colour: '#0B6E5F', phone: '+44…', email: 'name@example.org', web: 'https://', choices: f.options.join('; ') })[f.control] ?? f.name

defineExpose({ reload })
</script>

<template>
  <div class="grid-place" @keydown="press" @copy="copy" @paste="paste">
    <p v-if="set === 'live'" class="live-note">These are the live rows. What you change here changes for everybody at once.</p>
    <div class="grid-bar">
      <input v-model="rows.asked.search" class="grid-search" type="search" :placeholder="`Search ${table.name.toLowerCase()}`" :aria-label="`Search ${table.name}`" @input="search">
      <input v-model="rows.asked.where" class="grid-filter" placeholder="Only where…" aria-label="Only rows where" :aria-invalid="!!rows.wrongFilter.value" spellcheck="false" @change="filter(rows.asked.where)" @keydown.enter="filter(rows.asked.where)">
      <v-btn v-if="rows.asked.where" :icon="mdiClose" size="x-small" variant="text" aria-label="Show all rows" @click="filter('')" />
      <v-btn v-if="hidden.length" size="x-small" variant="text" @click="hidden = []">Show {{ hidden.length }} hidden</v-btn>
      <slot />
    </div>
    <p v-if="rows.wrongFilter.value" class="fault" role="alert">{{ rows.wrongFilter.value }}</p>
    <p v-if="rows.trouble.value" class="fault" role="alert">{{ rows.trouble.value }} <button class="link" @click="reload">Try again</button></p>
    <div v-if="picked.size || allPicked" class="grid-bulk" role="toolbar" aria-label="Marked rows">
      <strong>{{ allPicked ? `All ${rows.count.value} rows` : `${picked.size} marked` }}</strong>
      <button v-if="!allPicked && rows.count.value > picked.size" class="link" @click="allPicked = true">Mark all {{ rows.count.value }}</button>
      <button class="link" @click="remove([...picked], allPicked)">Remove</button>
      <button v-if="!allPicked" class="link" @click="emit('copy', [...picked])">Copy to {{ set === 'live' ? 'sandbox' : 'live' }}</button>
      <template v-if="!allPicked">
        <select v-model="bulkField" aria-label="Field to set"><option value="">Set a field…</option><option v-for="f in table.fields.filter((x) => x.asked)" :key="f.key" :value="f.key">{{ f.name }}</option></select>
        <template v-if="bulkField"><input v-model="bulkValue" aria-label="Value to set" @keydown.enter="setMany"><button class="link" @click="setMany">Set</button></template>
      </template>
      <button class="link" @click="(picked = new Set()), (allPicked = false)">Nothing</button>
    </div>
    <v-progress-linear v-if="!rows.anchors.value && !rows.trouble.value" indeterminate color="primary" aria-label="Loading rows" />
    <div v-else ref="scroller" class="grid-scroll" role="grid" :aria-label="table.name" :aria-rowcount="rows.count.value" :aria-colcount="fields.length + 1" :style="{ '--grid-least': least }">
      <div class="grid-head" role="row" :style="{ gridTemplateColumns: columns }">
        <div class="grid-id" role="columnheader">#</div>
        <div v-for="(f, c) in fields" :key="f.key" class="grid-th" role="columnheader" :class="{ num: numeric(f) }" :aria-sort="rows.asked.sort === f.key ? (rows.asked.way === 'upward' ? 'ascending' : 'descending') : 'none'">
          <button class="grid-sort" @click="sortBy(f)">{{ f.name }}<v-icon v-if="rows.asked.sort === f.key" :icon="rows.asked.way === 'upward' ? mdiArrowUp : mdiArrowDown" size="14" /></button>
          <ColumnMenu :field="f" :rows="rows" :path="path" :first="c === 0" :last="c === fields.length - 1" @sort="(way) => sortBy(f, way)" @move="(by) => moveColumn(f, by)" @hide="hidden.push(f.key)" @filter="filter" />
        </div>
        <div role="columnheader"><span class="sr">Open</span></div>
      </div>
      <div class="grid-body" role="rowgroup" :style="{ height: `${Math.max(rows.count.value, 1) * HEIGHT}px` }">
        <p v-if="rows.anchors.value && !rows.count.value" class="grid-empty">{{ rows.asked.search || rows.asked.where ? 'No row is found.' : `No ${table.name.toLowerCase()} yet. Write the first one below.` }}</p>
        <div v-for="{ index, row } in shown" :key="row?.id ?? `-${index}`" class="grid-row" role="row" :aria-rowindex="index + 1" :class="{ picked: row && (allPicked || picked.has(row.id)), sample: row && rows.samples.value.has(row.id) }" :style="{ transform: `translateY(${index * HEIGHT}px)`, gridTemplateColumns: columns }">
          <div class="grid-id" role="rowheader">
            <input v-if="row" type="checkbox" tabindex="-1" :checked="allPicked || picked.has(row.id)" :aria-label="`Mark row ${row.id}`" @change="toggle(row.id)">
            <span :title="row && rows.samples.value.has(row.id) ? 'A sample row' : undefined">{{ row?.id ?? '' }}</span>
          </div>
          <div
            v-for="(f, c) in fields" :id="cellId(index, c)" :key="f.key" class="grid-cell" role="gridcell" :tabindex="here(index, c) ? 0 : -1" :aria-colindex="c + 1" :aria-label="row ? `${f.name} of row ${row.id}` : undefined" :aria-selected="marked(index, c)" :aria-readonly="!f.asked"
            :class="{ here: here(index, c), marked: marked(index, c), num: numeric(f), wrong: wrong(row, f), computed: !f.asked }" @mousedown="!(editing && here(index, c)) && go(index, c, $event.shiftKey)" @dblclick="edit()"
          >
            <template v-if="!row"><span class="grid-waiting" /></template>
            <template v-else-if="editing && here(index, c)">
              <LinkPicker v-if="f.linksTo" :path="path" :field="f" :value="row.values[f.key] ?? ''" :labels="rows.labels.value[f.key] ?? {}" :name="`${f.name} of row ${row.id}`" @take="take" @cancel="(editing = false), go(at.row, at.col)" />
              <select v-else-if="f.control === 'choice' || f.control === 'switch'" v-model="typed" class="grid-edit" :aria-label="`${f.name} of row ${row.id}, editing`" @keydown="editKey" @change="leave('stay')" @blur="leave('stay')">
                <option value="" />
                <option v-for="option in f.control === 'switch' ? ['yes', 'no'] : f.options" :key="option" :value="option">{{ option }}</option>
              </select>
              <textarea v-else-if="f.control === 'longText'" v-model="typed" class="grid-edit grid-long" rows="4" :aria-label="`${f.name} of row ${row.id}, editing`" @keydown="editKey" @blur="leave('stay')" />
              <input v-else v-model="typed" class="grid-edit" :placeholder="hint(f)" :aria-label="`${f.name} of row ${row.id}, editing`" :aria-invalid="!!wrong(row, f)" spellcheck="false" @keydown="editKey" @blur="leave('stay')">
            </template>
            <label v-else-if="f.control === 'picture' || f.control === 'file'" class="grid-picture">
              <img v-if="f.control === 'picture' && row.values[f.key]" :src="media(row.values[f.key])" alt="" loading="lazy"><a v-else-if="row.values[f.key]" :href="media(row.values[f.key])" @click.stop>file</a><span v-else class="small">add</span>
              <input :id="`${cellId(index, c)}-file`" type="file" class="sr" tabindex="-1" :accept="f.control === 'picture' ? 'image/png,image/jpeg,image/webp' : undefined" :aria-label="`${f.name} of row ${row.id}, upload`" @change="upload($event, (name) => save([{ row, field: f, value: name }]))">
            </label>
            <template v-else>
              <i v-if="f.control === 'colour' && row.values[f.key]" class="swatch" :style="{ background: row.values[f.key] }" /><span class="grid-text">{{ wrong(row, f)?.typed ?? text(row, f) }}</span>
            </template>
            <p v-if="wrong(row, f)" class="grid-wrong" role="alert">{{ wrong(row, f)?.sentence }}</p>
          </div>
          <div role="gridcell"><v-btn v-if="row" :icon="mdiOpenInNew" size="x-small" variant="text" tabindex="-1" :aria-label="`Open row ${row.id}`" @click="emit('detail', row.id)" /></div>
        </div>
      </div>
      <div v-if="table.fields.length" class="grid-new" role="row" :style="{ gridTemplateColumns: columns }">
        <div class="grid-id" role="rowheader">+</div>
        <div v-for="f in fields" :key="f.key" class="grid-draft" role="gridcell" :class="{ wrong: draftErrors[f.key], num: numeric(f) }">
          <span v-if="!f.asked" class="small">{{ f.formula ? 'computed' : 'by itself' }}</span>
          <template v-else-if="f.linksTo">
            <button class="grid-link" :aria-label="`New ${f.name}`" @click="drafting = f.key">{{ (draft[f.key] ?? '').split(/,\s*/).filter(Boolean).map((id) => rows.labels.value[f.key]?.[id] ?? id).join(', ') || 'choose' }}</button>
            <LinkPicker v-if="drafting === f.key" :path="path" :field="f" :value="draft[f.key] ?? ''" :labels="rows.labels.value[f.key] ?? {}" :name="`New ${f.name}`" @take="(value, chosen) => { draft[f.key] = value; rows.mergeLabels({ [f.key]: Object.fromEntries(chosen.map((x) => [x.id, x.label])) }); drafting = '' }" @cancel="drafting = ''" />
          </template>
          <label v-else-if="f.control === 'picture' || f.control === 'file'" class="grid-picture">
            <img v-if="f.control === 'picture' && draft[f.key]" :src="media(draft[f.key])" alt=""><span v-else class="small">{{ draft[f.key] ? 'file' : 'add' }}</span>
            <input type="file" class="sr" :aria-label="`New ${f.name}`" @change="upload($event, (name) => (draft[f.key] = name))">
          </label>
          <select v-else-if="f.control === 'choice' || f.control === 'switch'" v-model="draft[f.key]" :aria-label="`New ${f.name}`" @keydown.enter="add">
            <option value="" />
            <option v-for="option in f.control === 'switch' ? ['yes', 'no'] : f.options" :key="option" :value="option">{{ option }}</option>
          </select>
          <input v-else v-model="draft[f.key]" :placeholder="hint(f)" :aria-label="`New ${f.name}`" spellcheck="false" @keydown.enter="add">
          <p v-if="draftErrors[f.key]" class="grid-wrong" role="alert">{{ draftErrors[f.key] }}</p>
        </div>
        <div role="gridcell"><BusyButton size="x-small" color="primary" :busy="adding" @click="add">Add</BusyButton></div>
      </div>
    </div>
    <p v-if="rows.anchors.value" class="small grid-foot">
      {{ rows.count.value.toLocaleString('en-GB') }} {{ rows.count.value === 1 ? 'row' : 'rows' }}{{ rows.asked.search || rows.asked.where ? ' found' : '' }}. Times are UTC.
      <template v-if="said">{{ said }} <button class="link" @click="(said = ''), undo()">Put them back</button></template>
    </p>
  </div>
</template>
