import { ref, watch } from 'vue'
import type { BadCell, DataRow, FieldState } from '../../contracts/studio'
import { api, Declined } from '../api'
import { useStudio } from '../open/useStudio'
import type { Change, Rows } from './useRows'

export interface Written {
  row: DataRow
  field: FieldState
  value: string
}

/** Writes cells, adds and removes rows, and knows the way back from each; what cannot be written stays with the sentence why. */
export function useWriting(rows: Rows, path: () => string, reload: () => Promise<void>) {
  const studio = useStudio()
  const wrongs = ref(new Map<string, { sentence: string; typed: string }>())
  const back: (() => Promise<void>)[] = []

  const now = () => `${studio.state.value?.revision.number} ${studio.changes.value}`
  let known = now()
  watch(now, (is) => {
    if (is !== known) void reload()
    known = is
  })
  /** The deck shows what was written at once; the grid has it already, unless somebody else was before it. */
  function wrote() {
    const alone = now() === known
    studio.changed()
    if (alone) known = now()
  }

  /** One piece of work after the other: what is done next looks at rows as the one before has left them. */
  let before: Promise<unknown> = Promise.resolve()
  let pending = 0
  function inTurn<T>(work: () => Promise<T>): Promise<T> {
    pending++
    const mine = before.then(work).finally(() => pending--)
    before = mine.catch(() => undefined)
    return mine
  }

  const key = (id: number | null | undefined, field: string) => `${id}:${field}`
  const wrong = (row: DataRow | undefined, f: FieldState) => (row ? wrongs.value.get(key(row.id, f.key)) : undefined)
  const forget = (row: DataRow, f: FieldState) => wrongs.value.delete(key(row.id, f.key))

  /** One change for each row; what was there before is sent along, so that nobody's newer value is written over. */
  function byRow(cells: Written[]): Change[] {
    const found = new Map<number, Change & { was: Record<string, string> }>()
    for (const { row, field, value } of cells) {
      const change = found.get(row.id) ?? { id: row.id, values: {}, was: {} }
      change.values[field.key] = value
      change.was[field.key] = row.values[field.key] ?? ''
      found.set(row.id, change)
    }
    return [...found.values()]
  }

  async function save(cells: Written[], undoing = false) {
    const changed = cells.filter((c) => c.field.asked && c.value !== (c.row.values[c.field.key] ?? ''))
    for (const c of cells) forget(c.row, c.field)
    if (!changed.length) return
    const changes = byRow(changed)
    const old = changed.map((c) => ({ id: c.row.id, field: c.field, value: c.row.values[c.field.key] ?? '' }))
    try {
      const { rows: after, cells: bad } = await rows.write(changes)
      for (const cell of bad) {
        const change = changes[cell.index]
        wrongs.value.set(key(change?.id, cell.field), { sentence: cell.sentence, typed: change?.values[cell.field] ?? '' })
      }
      if (bad.length) {
        if (changed.length > 1) studio.told(`Nothing was written: ${bad[0].sentence}`)
        return
      }
      if (!undoing) {
        back.push(async () => {
          const there = new Map(after.map((r) => [r.id, r]))
          await save(
            old.flatMap((b) => (there.has(b.id) ? [{ row: there.get(b.id) as DataRow, field: b.field, value: b.value }] : [])),
            true,
          )
        })
      }
      wrote()
    } catch (error) {
      studio.told(error)
      if (error instanceof Declined && error.status === 409) void reload()
    }
  }

  /** Adds rows together; answers the cells that are wrong, [] where all are added, null where the studio has said what went wrong. */
  async function add(changes: Change[]): Promise<BadCell[] | null> {
    try {
      const { rows: added, cells } = await rows.write(changes)
      if (cells.length) return cells
      back.push(async () => {
        await api.post(`${path()}/remove`, { ids: added.map((r) => r.id) })
        wrote()
        void reload()
      })
      wrote()
      await reload()
      return []
    } catch (error) {
      studio.told(error)
      return null
    }
  }

  /** Removes these rows, or all that are found; answers how many went, or null where the studio has said what went wrong. */
  async function remove(what: { ids: number[] } | { all: true }): Promise<number | null> {
    try {
      const done = await api.post<{ removed: number; token: string }>(`${path()}/remove?${rows.query()}`, what)
      back.push(async () => {
        await api.post(`${path()}/restore`, { token: done.token })
        wrote()
        void reload()
      })
      wrote()
      await reload()
      return done.removed
    } catch (error) {
      studio.told(error)
      return null
    }
  }

  /** Takes back the last change of rows, also one that is still being written; false where there is none. */
  function undo(): boolean {
    if (!back.length && !pending) return false
    inTurn(async () => back.pop()?.()).catch(studio.told)
    return true
  }

  return { wrong, forget, inTurn, save, add, remove, undo }
}
