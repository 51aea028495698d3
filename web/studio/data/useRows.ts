import { computed, reactive, ref, shallowRef } from 'vue'
import type { Anchors, BadCell, DataRow, RowPage } from '../../contracts/studio'
import { api, Declined } from '../api'

export interface Asked {
  sort: string
  way: 'upward' | 'downward'
  search: string
  where: string
}

export interface Change {
  id: number | null
  values: Record<string, string>
  was?: Record<string, string>
}

const KEPT_PAGES = 40

/**
 * The rows of one table, page by page as they come into sight. A page begins after the key of the row before it, so that
 * the last one costs no more than the first.
 */
export function useRows(path: () => string) {
  const asked = reactive<Asked>({ sort: '', way: 'upward', search: '', where: '' })
  const anchors = shallowRef<Anchors | null>(null)
  const pages = shallowRef(new Map<number, DataRow[]>())
  const labels = ref<Record<string, Record<string, string>>>({})
  const samples = ref(new Set<number>())
  const trouble = ref('')
  const wrongFilter = ref('')
  const wanted = new Set<number>()
  let round = 0
  /** Counts what was written here: what was asked for before it may be older, and is asked for again. */
  let written = 0

  const query = () => new URLSearchParams({ ...asked }).toString()
  const count = computed(() => anchors.value?.count ?? 0)
  const pageSize = computed(() => anchors.value?.page ?? 200)

  function fail(error: unknown) {
    if (error instanceof Declined && error.status === 422) wrongFilter.value = error.message
    else trouble.value = error instanceof Declined ? error.message : String(error)
  }

  /** Asks anew how many rows there are and where their pages begin; what is in sight stays until it is replaced. */
  async function reload(first: number, last: number): Promise<void> {
    const mine = ++round
    const seen = written
    try {
      const found = await api.get<Anchors>(`${path()}/anchors?${query()}`)
      if (mine !== round) return
      wanted.clear()
      trouble.value = wrongFilter.value = ''
      const fresh = new Map<number, DataRow[]>()
      anchors.value = found
      for (let page = first; page <= Math.min(last, Math.floor(Math.max(0, found.count - 1) / found.page)); page++) {
        const rows = await fetchPage(page)
        if (mine !== round) return
        if (rows) fresh.set(page, rows)
      }
      if (seen !== written) return reload(first, last)
      pages.value = fresh
    } catch (error) {
      if (mine === round) fail(error)
    }
  }

  async function fetchPage(page: number): Promise<DataRow[] | null> {
    const after = page === 0 ? null : anchors.value?.anchors[page - 1]
    if (page > 0 && !after) return null
    const answer = await api.get<RowPage>(`${path()}?${query()}${after ? `&after=${encodeURIComponent(JSON.stringify(after))}` : ''}`)
    mergeLabels(answer.labels)
    for (const id of answer.samples ?? []) samples.value.add(id)
    return answer.rows
  }

  function mergeLabels(more: Record<string, Record<string, string>>) {
    for (const [key, known] of Object.entries(more)) labels.value[key] = { ...labels.value[key], ...known }
  }

  /** Fetches the pages in sight that are not there yet. */
  async function see(first: number, last: number) {
    const mine = round
    for (let page = first; page <= last; page++) {
      if (pages.value.has(page) || wanted.has(page)) continue
      wanted.add(page)
      try {
        const seen = written
        let rows = await fetchPage(page)
        if (seen !== written) rows = await fetchPage(page)
        if (mine !== round || !rows) continue
        const next = new Map(pages.value)
        next.delete(page)
        next.set(page, rows)
        for (const old of next.keys()) {
          if (next.size <= KEPT_PAGES) break
          if (old < first - 2 || old > last + 2) next.delete(old)
        }
        pages.value = next
      } catch (error) {
        if (mine === round) fail(error)
      } finally {
        wanted.delete(page)
      }
    }
  }

  const at = (index: number): DataRow | undefined => pages.value.get(Math.floor(index / pageSize.value))?.[index % pageSize.value]

  function put(changed: DataRow[]) {
    const byId = new Map(changed.map((row) => [row.id, row]))
    const next = new Map<number, DataRow[]>()
    for (const [page, rows] of pages.value) next.set(page, rows.map((row) => byId.get(row.id) ?? row))
    pages.value = next
  }

  /** Writes changes together; answers the cells that are wrong, or [] where all are written. */
  async function write(changes: Change[]): Promise<{ rows: DataRow[]; cells: BadCell[] }> {
    try {
      const answer = await api.post<RowPage>(path(), { changes })
      written++
      mergeLabels(answer.labels)
      put(answer.rows)
      return { rows: answer.rows, cells: [] }
    } catch (error) {
      if (error instanceof Declined && error.status === 422 && Array.isArray(error.answer.cells)) return { rows: [], cells: error.answer.cells as BadCell[] }
      throw error
    }
  }

  return { asked, anchors, pages, labels, samples, trouble, wrongFilter, count, pageSize, query, reload, see, at, write, mergeLabels }
}

export type Rows = ReturnType<typeof useRows>
