<script setup lang="ts">
import { computed, ref, watch } from 'vue'
import type { ImportLook, ImportReport, ImportState, TableState } from '../../contracts/studio'
import { api, Declined } from '../api'
import BusyButton from '../BusyButton.vue'
import { useStudio } from '../open/useStudio'

const props = defineProps<{ table: TableState; set: string }>()
const model = defineModel<boolean>({ required: true })
const emit = defineEmits<{ done: [] }>()
const studio = useStudio()
const NEW = '+'
const text = ref('')
const look = ref<ImportLook | null>(null)
const to = ref<string[]>([])
const key = ref('')
const report = ref<ImportReport | null>(null)
const run = ref<ImportState | null>(null)
const onlyRight = ref(false)
const skip = ref(new Set<number>())
const trouble = ref('')
const busy = ref(false)
const over = ref(false)
const readings = ref<Record<number, string>>({})
const announced = ref(false)

const targets = computed(() => props.table.fields.filter((f) => !f.formula))
const fieldName = (k: string) => (k === '#' ? 'Number' : (props.table.fields.find((f) => f.key === k)?.name ?? k))
const keys = computed(() => to.value.filter((t) => t === '#' || (t && t !== NEW && !props.table.fields.find((f) => f.key === t)?.many)))
const running = computed(() => !!run.value && ['queued', 'running'].includes(run.value.state))
const bad = computed(() => (report.value?.bad ?? 0) > 0)

watch(model, (open) => {
  if (!open) return
  look.value = report.value = run.value = null
  text.value = trouble.value = ''
  skip.value = new Set()
  onlyRight.value = announced.value = false
  readings.value = {}
})

async function trying(work: () => Promise<void>) {
  busy.value = true
  trouble.value = ''
  try {
    await work()
  } catch (error) {
    trouble.value = error instanceof Declined ? error.message : String(error)
  } finally {
    busy.value = false
  }
}

function seen(answer: ImportLook) {
  look.value = answer
  // Where no column is known, the table is likely to be new as well.
  const strange = !props.table.fields.some((f) => f.asked && answer.to.includes(f.key))
  to.value = answer.to.map((t) => t || (strange && props.set === 'sandbox' ? NEW : ''))
  key.value = answer.key
  readings.value = {}
  skip.value = new Set()
  preview()
}

const begin = (form: FormData) =>
  trying(async () => seen(await api.post<ImportLook>(`apps/${studio.app}/rows/${props.set}/${props.table.stored}/imports`, form)))

function file(chosen: File | null | undefined) {
  if (!chosen) return
  const form = new FormData()
  form.append('file', chosen)
  begin(form)
}

function pasted() {
  const form = new FormData()
  form.append('text', text.value)
  begin(form)
}

const again = (what: { sheet?: string; header?: number }) =>
  trying(async () => seen(await api.post<ImportLook>(`apps/${studio.app}/imports/${look.value?.id}/sheet`, what)))

const reading = (column: number) => report.value?.readings?.find((r) => r.column === column)

function read(column: number, as: string) {
  readings.value = { ...readings.value, [column]: as }
  preview()
}

const plan = () => ({
  to: to.value.map((t) => (t === NEW ? '' : t)),
  key: key.value,
  new: Object.fromEntries(to.value.flatMap((t, i) => (t === NEW ? [[i, look.value?.columns[i].field]] : []))),
  names: Object.fromEntries(
    to.value.flatMap((t, i) => (t === NEW ? [[i, (look.value?.columns[i].field ?? '').replace(/ (is|are) .*$/s, '').replace(/^"(.*)"$/, '$1')]] : [])),
  ),
  onlyRight: onlyRight.value,
  skip: [...skip.value],
  readings: readings.value,
  announced: announced.value,
})

const preview = () =>
  trying(async () => {
    if (!to.value.some((t) => t && t !== NEW)) return void (report.value = null)
    report.value = await api.post<ImportReport>(`apps/${studio.app}/imports/${look.value?.id}/preview`, plan())
  })

const start = () =>
  trying(async () => {
    run.value = await api.post<ImportState>(`apps/${studio.app}/imports/${look.value?.id}/run`, { ...plan(), base: studio.state.value?.revision.number })
    while (running.value) {
      await new Promise((next) => setTimeout(next, 250))
      run.value = await api.get<ImportState>(`apps/${studio.app}/imports/${run.value?.id}`)
    }
    await studio.load()
    studio.changed()
    emit('done')
  })

const cancel = () => trying(async () => void (run.value = await api.remove<ImportState>(`apps/${studio.app}/imports/${run.value?.id ?? look.value?.id}`)))

function toggle(row: number) {
  const next = new Set(skip.value)
  if (!next.delete(row)) next.add(row)
  skip.value = next
}
</script>

<template>
  <v-dialog v-model="model" max-width="900" :persistent="running" :aria-label="`Bring rows into ${table.name}`">
    <v-card class="dialog import">
      <h2>Bring rows into {{ table.name }}</h2>
      <p v-if="set === 'live'" class="live-note">These rows go into the live data, for everybody at once.</p>
      <template v-if="!look">
        <label
          class="drop"
          :class="{ over }"
          @dragover.prevent="over = true"
          @dragleave="over = false"
          @drop.prevent="((over = false), file($event.dataTransfer?.files[0]))"
        >
          <input
            type="file"
            class="sr"
            accept=".csv,.tsv,.txt,.json,.jsonl,.ndjson,.xlsx,.ods,.sqlite,.sqlite3,.db"
            aria-label="A file with rows"
            @change="file(($event.target as HTMLInputElement).files?.[0])"
          />
          <strong>Choose a file, or drop one here</strong>
          <span class="small">CSV, a spreadsheet (.xlsx or .ods), JSON, or an SQLite file</span>
        </label>
        <label class="small" for="pasted">or paste cells from a spreadsheet</label>
        <textarea id="pasted" v-model="text" class="filler-field" rows="4" spellcheck="false" />
      </template>
      <template v-else-if="!run">
        <p class="small import-about">
          <span>{{ look.name }}: {{ look.total.toLocaleString('en-GB') }} {{ look.total === 1 ? 'row' : 'rows' }}</span>
          <select
            v-if="look.sheets.length > 1"
            class="import-sheet"
            :value="look.sheet"
            aria-label="Table in the file"
            @change="again({ sheet: ($event.target as HTMLSelectElement).value })"
          >
            <option v-for="s in look.sheets" :key="s">{{ s }}</option>
          </select>
          <label v-if="look.header >= 0" class="import-names"
            >The names of the columns stand in
            <select
              :value="look.header"
              aria-label="The names of the columns stand in"
              @change="again({ header: Number(($event.target as HTMLSelectElement).value) })"
            >
              <option :value="0">no row</option>
              <option v-for="n in Math.max(6, look.header)" :key="n" :value="n">row {{ n }}</option>
            </select>
          </label>
          <span v-if="look.repeats">{{ look.repeats === 1 ? 'One row repeats them and is' : `${look.repeats} rows repeat them and are` }} left out.</span>
        </p>
        <table class="import-map">
          <thead>
            <tr>
              <th>Column</th>
              <th>Fills</th>
              <th>Holds</th>
            </tr>
          </thead>
          <tbody>
            <tr v-for="(column, i) in look.columns" :key="column.name">
              <td>{{ column.name }}</td>
              <td>
                <select v-model="to[i]" :aria-label="`${column.name} fills`" @change="preview">
                  <option value="">nothing</option>
                  <option v-for="f in targets" :key="f.key" :value="f.key">{{ f.name }}</option>
                  <option value="#">the row’s number</option>
                  <option v-if="set === 'sandbox'" :value="NEW">a new field: {{ column.field }}</option>
                </select>
              </td>
              <td class="small">
                {{ column.samples.join(' · ') || 'nothing' }}
                <label v-if="reading(i)" class="import-reading"
                  >read as
                  <select :value="reading(i)?.taken" :aria-label="`${column.name} is read as`" @change="read(i, ($event.target as HTMLSelectElement).value)">
                    <option v-for="c in reading(i)?.choices" :key="c.value" :value="c.value">{{ c.words }}</option>
                  </select>
                </label>
                <span v-if="report?.links[to[i]]" class="import-reading">found by {{ report.links[to[i]] }}</span>
              </td>
            </tr>
          </tbody>
        </table>
        <label v-if="keys.length" class="import-key"
          >Rows that are there already are found by
          <select v-model="key" aria-label="Found by" @change="preview">
            <option value="">nothing: all are added</option>
            <option v-for="k in keys" :key="k" :value="k">{{ fieldName(k) }}</option>
          </select>
        </label>
        <template v-if="report">
          <p role="status">
            <strong>{{ report.added }}</strong> would be added, <strong>{{ report.changed }}</strong> changed<template v-if="bad"
              >, <strong class="fault">{{ report.bad }}</strong> cannot come in</template
            >{{ report.whole ? '.' : `, of the first ${report.rows.toLocaleString('en-GB')} rows.` }}
          </p>
          <ul v-if="bad" class="mistakes">
            <li v-for="m in report.mistakes.slice(0, 40)" :key="`${m.row}:${m.field}`">Row {{ m.row }}, {{ fieldName(m.field) }}: {{ m.sentence }}</li>
            <li v-if="report.mistakes.length > 40" class="small">and {{ report.mistakes.length - 40 }} more</li>
          </ul>
          <div class="import-rows">
            <table>
              <thead>
                <tr>
                  <th />
                  <th v-for="column in look.columns" :key="column.name">{{ column.name }}</th>
                </tr>
              </thead>
              <tbody>
                <tr v-for="row in report.shown" :key="row.row" :class="row.does">
                  <td>
                    <label
                      ><input
                        type="checkbox"
                        :checked="!skip.has(row.row) && row.does !== 'wrong'"
                        :disabled="row.does === 'wrong'"
                        :aria-label="`Bring in row ${row.row}`"
                        @change="toggle(row.row)"
                      />
                      {{ row.row }}</label
                    >
                  </td>
                  <td v-for="(cell, i) in row.cells" :key="i">{{ cell }}</td>
                </tr>
              </tbody>
            </table>
          </div>
          <label v-if="report.waited" class="import-key"
            ><input v-model="announced" type="checkbox" /> Begin the routines that wait for new rows, and tell programs of them</label
          >
          <label v-if="bad" class="import-key"><input v-model="onlyRight" type="checkbox" /> Bring in the rows that are right and leave out the others</label>
        </template>
      </template>
      <template v-else>
        <v-progress-linear
          :model-value="run.total ? (100 * run.done) / run.total : 0"
          :indeterminate="run.state === 'queued'"
          color="primary"
          height="8"
          rounded
          :aria-label="`${run.done} of ${run.total} rows`"
        />
        <p role="status">
          <template v-if="running">{{ run.done.toLocaleString('en-GB') }} of {{ run.total.toLocaleString('en-GB') }} rows</template>
          <template v-else-if="run.state === 'done'"
            >{{ run.report?.added }} added, {{ run.report?.changed }} changed{{ run.report?.bad ? `, ${run.report.bad} left out` : '' }}.</template
          >
          <template v-else-if="run.state === 'cancelled'">Cancelled. Nothing of it was kept.</template>
          <template v-else>{{ run.trouble }}</template>
        </p>
        <ul v-if="run.report?.bad" class="mistakes">
          <li v-for="m in run.report.mistakes.slice(0, 40)" :key="`${m.row}:${m.field}`">Row {{ m.row }}, {{ fieldName(m.field) }}: {{ m.sentence }}</li>
        </ul>
      </template>
      <p v-if="trouble" class="fault" role="alert">{{ trouble }}</p>
      <div class="dialog-end">
        <v-btn v-if="running" variant="text" @click="cancel">Cancel the import</v-btn>
        <v-btn v-else variant="text" @click="model = false">{{ run ? 'Close' : 'Never mind' }}</v-btn>
        <BusyButton v-if="!look" color="primary" :busy="busy" :disabled="!text.trim()" @click="pasted">Look at it</BusyButton>
        <BusyButton v-else-if="!run" color="primary" :busy="busy" :disabled="!to.some(Boolean) || (bad && !onlyRight)" @click="start"
          >Bring them in</BusyButton
        >
      </div>
    </v-card>
  </v-dialog>
</template>
