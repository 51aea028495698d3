import { computed, ref } from 'vue'
import type { FieldState, TableState } from '../../contracts/studio'

/** Pixels that a column has at least, by what its cells hold. */
const WIDTHS: Record<string, number> = { moment: 140, date: 104, time: 76, switch: 74, picture: 74, longText: 220, row: 122, rows: 170, colour: 96 }

function width(field: FieldState): number {
  if (WIDTHS[field.control]) return WIDTHS[field.control]
  if (field.formula) return 108
  return field.numeric ? 88 : 146
}

function read(key: string): string[] {
  try {
    return JSON.parse(localStorage.getItem(key) ?? '[]')
  } catch {
    return []
  }
}

/** Which columns a grid has, how wide and in which order; the order is kept in this browser for each table. */
export function useColumns(app: string, table: () => TableState) {
  const key = () => `lanai.columns.${app}.${table().stored}`
  const order = ref<string[]>(read(key()))
  const hidden = ref<string[]>([])

  const fields = computed(() => {
    const all = table().fields
    const place = (f: FieldState) => (order.value.includes(f.key) ? order.value.indexOf(f.key) : order.value.length + all.indexOf(f))
    return all.filter((f) => !hidden.value.includes(f.key)).sort((a, b) => place(a) - place(b))
  })

  function moveColumn(field: FieldState, by: number) {
    const keys = fields.value.map((f) => f.key)
    const from = keys.indexOf(field.key)
    keys.splice(from, 1)
    keys.splice(from + by, 0, field.key)
    order.value = keys
    localStorage.setItem(key(), JSON.stringify(keys))
  }

  /** As CSS has them: the mark of the row, the fields, the way to open it. */
  const columns = computed(() => `66px ${fields.value.map((f) => `minmax(${width(f)}px, ${width(f)}fr)`).join(' ')} 40px`)
  const least = computed(() => `${fields.value.reduce((sum, f) => sum + width(f), 106)}px`)

  return { fields, hidden, moveColumn, columns, least }
}
