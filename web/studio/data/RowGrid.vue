<script setup lang="ts">
import { mdiArrowDown, mdiArrowUp, mdiClose, mdiOpenInNew } from '@mdi/js'
import { useDebounceFn, useElementSize, useScroll } from '@vueuse/core'
import { computed, nextTick, onMounted, ref, watch } from 'vue'
import type { DataRow, FieldState, LinkChoice, TableState } from '../../contracts/studio'
import { useStudio } from '../open/useStudio'
import BulkBar from './BulkBar.vue'
import { cellsIn, cellsOut } from './cells'
import ColumnMenu from './ColumnMenu.vue'
import { hint } from './hint'
import LinkPicker from './LinkPicker.vue'
import NewRow from './NewRow.vue'
import { useColumns } from './useColumns'
import { isUpload, useFiles } from './useFiles'
import { useMark } from './useMark'
import { useRows, type Change } from './useRows'
import { useWriting, type Written } from './useWriting'

const props = defineProps<{ table: TableState; set: 'sandbox' | 'live' }>()
const emit = defineEmits<{ detail: [id: number]; copy: [ids: number[]] }>()
const studio = useStudio()
const HEIGHT = 34
const path = computed(() => `apps/${studio.app}/rows/${props.set}/${props.table.stored}`)
const rows = useRows(() => path.value)

const { fields, hidden, moveColumn, columns, least } = useColumns(studio.app, () => props.table)

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
const search = useDebounceFn(() => ((y.value = 0), reload()), 200)

onMounted(reload)
const { wrong, forget, inTurn, save, add: addRows, remove: removeRows, undo } = useWriting(rows, () => path.value, reload)

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
const { at, box, marked, here, mark } = useMark()
const editing = ref(false)
const typed = ref('')
const picked = ref(new Set<number>())
const allPicked = ref(false)
const cellId = (row: number, col: number) => `cell-${props.table.stored}-${row}-${col}`
const field = computed(() => fields.value[at.col])

function text(row: DataRow, f: FieldState): string {
  const value = row.values[f.key] ?? ''
  if (!f.linksTo) return value
  return value
    .split(/,\s*/)
    .filter(Boolean)
    .map((id) => rows.labels.value[f.key]?.[id] ?? `#${id}`)
    .join(', ')
}

async function go(row: number, col: number, extend = false) {
  mark(Math.max(0, Math.min(rows.count.value - 1, row)), Math.max(0, Math.min(fields.value.length - 1, col)), extend)
  const top = at.row * HEIGHT
  const view = scroller.value
  if (view) {
    const room = view.clientHeight - 38 - 40
    if (top < view.scrollTop) view.scrollTop = top
    else if (top + HEIGHT > view.scrollTop + room) view.scrollTop = top + HEIGHT - room
  }
  await nextTick()
  document.getElementById(cellId(at.row, at.col))?.focus({ preventScroll: true })
}

async function edit(start?: string) {
  const row = rows.at(at.row)
  const f = field.value
  if (!row || !f?.asked) return
  if (isUpload(f.control)) return document.getElementById(`${cellId(at.row, at.col)}-file`)?.click()
  typed.value = start ?? wrong(row, f)?.typed ?? row.values[f.key] ?? ''
  editing.value = true
  await nextTick()
  const input = document.querySelector<HTMLInputElement>('.grid-edit')
  input?.focus()
  if (start === undefined) input?.select?.()
}

async function leave(way: 'down' | 'right' | 'left' | 'stay', value = typed.value) {
  if (!editing.value) return
  editing.value = false
  if (field.value) setCell(at.row, field.value, value)
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

// --- what is done with the cells that are marked
/** Of every cell in a rectangle that is there, with what `value` makes of it. */
function written(marks: typeof box.value, value: (field: FieldState) => string): Written[] {
  const cells: Written[] = []
  for (let r = marks.top; r <= marks.bottom; r++) {
    const row = rows.at(r)
    if (row) for (const f of fields.value.slice(marks.left, marks.right + 1)) cells.push({ row, field: f, value: value(f) })
  }
  return cells
}

function fillDown() {
  const marks = box.value
  void inTurn(async () => {
    const top = rows.at(marks.top)
    if (top) await save(written({ ...marks, top: marks.top + 1 }, (f) => top.values[f.key] ?? ''))
  })
}

function clear() {
  const marks = box.value
  void inTurn(() => save(written(marks, () => '')))
}

/** Writes one cell, of the row that stands there now. */
function setCell(index: number, f: FieldState, value: string) {
  const seen = rows.at(index)
  if (!seen) return
  void inTurn(() => {
    const now = rows.at(index)
    return save([{ row: now?.id === seen.id ? now : seen, field: f, value }])
  })
}

function copy(event: ClipboardEvent) {
  if (editing.value) return
  event.preventDefault()
  const lines: string[][] = []
  for (let r = box.value.top; r <= box.value.bottom; r++) {
    const row = rows.at(r)
    if (row) lines.push(fields.value.slice(box.value.left, box.value.right + 1).map((f) => row.values[f.key] ?? ''))
  }
  event.clipboardData?.setData('text/plain', cellsOut(lines))
}

function paste(event: ClipboardEvent) {
  if (editing.value) return
  event.preventDefault()
  const lines = cellsIn(event.clipboardData?.getData('text/plain') ?? '')
  const { top, left } = box.value
  void inTurn(() => put(lines, top, left))
}

/** Writes cells from a place on: over the rows that are there, and as new ones below the last. */
async function put(lines: string[][], top: number, left: number) {
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
  const bad = added.length ? await addRows(added) : []
  if (bad?.length) studio.told(`Nothing was added: row ${bad[0].index + 1} of what was pasted: ${bad[0].sentence}`)
  await save(cells)
}

async function remove(ids: number[], all = false) {
  if (!ids.length && !all) return
  if (all && !window.confirm(`Remove all ${rows.count.value} rows that are found?`)) return
  const removed = await inTurn(() => removeRows(all ? { all: true } : { ids }))
  if (removed === null) return
  unmark()
  said.value = `${removed} ${removed === 1 ? 'row' : 'rows'} removed.`
}
const said = ref('')

function press(event: KeyboardEvent) {
  if (editing.value || (event.target as HTMLElement).closest('.grid-new, .grid-bar, .v-overlay__content')) return
  const key = event.key
  const moves: Record<string, [number, number]> = {
    ArrowUp: [-1, 0],
    ArrowDown: [1, 0],
    ArrowLeft: [0, -1],
    ArrowRight: [0, 1],
    PageDown: [Math.floor(height.value / HEIGHT) - 2, 0],
    PageUp: [-(Math.floor(height.value / HEIGHT) - 2), 0],
  }
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
    if (!undo()) return
  } else if (key === 'Delete' || key === 'Backspace') clear()
  else if (key === ' ' && rows.at(at.row)) toggle(rows.at(at.row)!.id)
  else if (key.length === 1 && !ctrl && !event.altKey) edit(['row', 'rows', 'choice', 'switch'].includes(field.value?.control ?? '') ? undefined : key)
  else return
  event.preventDefault()
  event.stopPropagation()
}

function editKey(event: KeyboardEvent) {
  event.stopPropagation()
  if (event.key === 'Escape') {
    editing.value = false
    const row = rows.at(at.row)
    if (row && field.value) forget(row, field.value)
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

/** One value for many rows. */
function setMany(key: string, value: string) {
  const f = props.table.fields.find((one) => one.key === key)
  if (!f) return
  void inTurn(() => {
    const there = [...rows.pages.value.values()].flat().filter((row) => picked.value.has(row.id))
    if (there.length < picked.value.size) {
      studio.told('Nothing was set: some of the marked rows are too far from those in sight. Mark fewer at once.')
      return Promise.resolve()
    }
    return save(there.map((row) => ({ row, field: f, value })))
  })
}

function unmark() {
  picked.value = new Set()
  allPicked.value = false
}

const { upload, media } = useFiles()
const writeNew = (changes: Change[]) => inTurn(() => addRows(changes))
const toEnd = () => scroller.value && (scroller.value.scrollTop = scroller.value.scrollHeight)

defineExpose({ reload })
</script>

<template>
  <div class="grid-place" @keydown="press" @copy="copy" @paste="paste">
    <p v-if="set === 'live'" class="live-note">These are the live rows. What you change here changes for everybody at once.</p>
    <div class="grid-bar">
      <input
        v-model="rows.asked.search"
        class="grid-search"
        type="search"
        :placeholder="`Search ${table.name.toLowerCase()}`"
        :aria-label="`Search ${table.name}`"
        @input="search"
      />
      <input
        v-model="rows.asked.where"
        class="grid-filter"
        placeholder="Only where…"
        aria-label="Only rows where"
        :aria-invalid="!!rows.wrongFilter.value"
        spellcheck="false"
        @change="filter(rows.asked.where)"
        @keydown.enter="filter(rows.asked.where)"
      />
      <v-btn v-if="rows.asked.where" :icon="mdiClose" size="x-small" variant="text" aria-label="Show all rows" @click="filter('')" />
      <v-btn v-if="hidden.length" size="x-small" variant="text" @click="hidden = []">Show {{ hidden.length }} hidden</v-btn>
      <slot />
    </div>
    <p v-if="rows.wrongFilter.value" class="fault" role="alert">{{ rows.wrongFilter.value }}</p>
    <p v-if="rows.trouble.value" class="fault" role="alert">{{ rows.trouble.value }} <button class="link" @click="reload">Try again</button></p>
    <BulkBar
      v-if="picked.size || allPicked"
      :table="table"
      :set="set"
      :marked="picked.size"
      :all="allPicked"
      :count="rows.count.value"
      @remove="remove([...picked], allPicked)"
      @copy="emit('copy', [...picked])"
      @mark-all="allPicked = true"
      @none="unmark"
      @put="setMany"
    />
    <v-progress-linear v-if="!rows.anchors.value && !rows.trouble.value" indeterminate color="primary" aria-label="Loading rows" />
    <div
      v-else
      ref="scroller"
      class="grid-scroll"
      role="grid"
      :aria-label="table.name"
      :aria-rowcount="rows.count.value"
      :aria-colcount="fields.length + 1"
      :style="{ '--grid-least': least }"
    >
      <div class="grid-head" role="row" :style="{ gridTemplateColumns: columns }">
        <div class="grid-id" role="columnheader">#</div>
        <div
          v-for="(f, c) in fields"
          :key="f.key"
          class="grid-th"
          role="columnheader"
          :class="{ num: f.numeric }"
          :aria-sort="rows.asked.sort === f.key ? (rows.asked.way === 'upward' ? 'ascending' : 'descending') : 'none'"
        >
          <button class="grid-sort" @click="sortBy(f)">
            {{ f.name }}<v-icon v-if="rows.asked.sort === f.key" :icon="rows.asked.way === 'upward' ? mdiArrowUp : mdiArrowDown" size="14" />
          </button>
          <ColumnMenu
            :field="f"
            :rows="rows"
            :path="path"
            :first="c === 0"
            :last="c === fields.length - 1"
            @sort="(way) => sortBy(f, way)"
            @move="(by) => moveColumn(f, by)"
            @hide="hidden.push(f.key)"
            @filter="filter"
          />
        </div>
        <div role="columnheader"><span class="sr">Open</span></div>
      </div>
      <div class="grid-body" role="rowgroup" :style="{ height: `${Math.max(rows.count.value, 1) * HEIGHT}px` }">
        <p v-if="rows.anchors.value && !rows.count.value" class="grid-empty">
          {{ rows.asked.search || rows.asked.where ? 'No row is found.' : `No ${table.name.toLowerCase()} yet. Write the first one below.` }}
        </p>
        <div
          v-for="{ index, row } in shown"
          :key="row?.id ?? `-${index}`"
          class="grid-row"
          role="row"
          :aria-rowindex="index + 1"
          :class="{ picked: row && (allPicked || picked.has(row.id)), sample: row && rows.samples.value.has(row.id) }"
          :style="{ transform: `translateY(${index * HEIGHT}px)`, gridTemplateColumns: columns }"
        >
          <div class="grid-id" role="rowheader">
            <input
              v-if="row"
              type="checkbox"
              tabindex="-1"
              :checked="allPicked || picked.has(row.id)"
              :aria-label="`Mark row ${row.id}`"
              @change="toggle(row.id)"
            />
            <span :title="row && rows.samples.value.has(row.id) ? 'A sample row' : undefined">{{ row?.id ?? '' }}</span>
          </div>
          <div
            v-for="(f, c) in fields"
            :id="cellId(index, c)"
            :key="f.key"
            class="grid-cell"
            role="gridcell"
            :tabindex="here(index, c) ? 0 : -1"
            :aria-colindex="c + 1"
            :aria-label="row ? `${f.name} of row ${row.id}` : undefined"
            :aria-selected="marked(index, c)"
            :aria-readonly="!f.asked"
            :class="{ here: here(index, c), marked: marked(index, c), num: f.numeric, wrong: wrong(row, f), computed: !f.asked }"
            @mousedown="!(editing && here(index, c)) && go(index, c, $event.shiftKey)"
            @dblclick="edit()"
          >
            <template v-if="!row"><span class="grid-waiting" /></template>
            <template v-else-if="editing && here(index, c)">
              <LinkPicker
                v-if="f.linksTo"
                :path="path"
                :field="f"
                :value="row.values[f.key] ?? ''"
                :labels="rows.labels.value[f.key] ?? {}"
                :name="`${f.name} of row ${row.id}`"
                @take="take"
                @cancel="((editing = false), go(at.row, at.col))"
              />
              <select
                v-else-if="f.control === 'choice' || f.control === 'switch'"
                v-model="typed"
                class="grid-edit"
                :aria-label="`${f.name} of row ${row.id}, editing`"
                @keydown="editKey"
                @change="leave('stay')"
                @blur="leave('stay')"
              >
                <option value="" />
                <option v-for="option in f.control === 'switch' ? ['yes', 'no'] : f.options" :key="option" :value="option">{{ option }}</option>
              </select>
              <textarea
                v-else-if="f.control === 'longText'"
                v-model="typed"
                class="grid-edit grid-long"
                rows="4"
                :aria-label="`${f.name} of row ${row.id}, editing`"
                @keydown="editKey"
                @blur="leave('stay')"
              />
              <input
                v-else
                v-model="typed"
                class="grid-edit"
                :placeholder="hint(f)"
                :aria-label="`${f.name} of row ${row.id}, editing`"
                :aria-invalid="!!wrong(row, f)"
                spellcheck="false"
                @keydown="editKey"
                @blur="leave('stay')"
              />
            </template>
            <label v-else-if="isUpload(f.control)" class="grid-picture">
              <img v-if="f.control === 'picture' && row.values[f.key]" :src="media(row.values[f.key])" alt="" loading="lazy" /><a
                v-else-if="row.values[f.key]"
                :href="media(row.values[f.key])"
                @click.stop
                >file</a
              ><span v-else class="small">add</span>
              <input
                :id="`${cellId(index, c)}-file`"
                type="file"
                class="sr"
                tabindex="-1"
                :accept="f.control === 'picture' ? 'image/png,image/jpeg,image/webp' : undefined"
                :aria-label="`${f.name} of row ${row.id}, upload`"
                @change="upload($event, (name) => setCell(index, f, name))"
              />
            </label>
            <template v-else>
              <i v-if="f.control === 'colour' && row.values[f.key]" class="swatch" :style="{ background: row.values[f.key] }" /><span class="grid-text">{{
                wrong(row, f)?.typed ?? text(row, f)
              }}</span>
            </template>
            <p v-if="wrong(row, f)" class="grid-wrong" role="alert">{{ wrong(row, f)?.sentence }}</p>
          </div>
          <div role="gridcell">
            <v-btn
              v-if="row"
              :icon="mdiOpenInNew"
              size="x-small"
              variant="text"
              tabindex="-1"
              :aria-label="`Open row ${row.id}`"
              @click="emit('detail', row.id)"
            />
          </div>
        </div>
      </div>
      <NewRow v-if="table.fields.length" :fields="fields" :columns="columns" :rows="rows" :path="path" :write="writeNew" @added="toEnd" />
    </div>
    <p v-if="rows.anchors.value" class="small grid-foot">
      {{ rows.count.value.toLocaleString('en-GB') }} {{ rows.count.value === 1 ? 'row' : 'rows' }}{{ rows.asked.search || rows.asked.where ? ' found' : '' }}.
      Times are UTC.
      <template v-if="said">{{ said }} <button class="link" @click="((said = ''), undo())">Put them back</button></template>
    </p>
  </div>
</template>
