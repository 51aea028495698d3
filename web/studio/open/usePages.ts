import { shallowRef } from 'vue'
import type { Delta, Page, ProseLine } from '../../contracts/studio'
import { api } from '../api'
import { linesAfter } from './delta'

/** The sentences of screens, fetched as they are looked at. */
export function usePages(app: string, told: (error: unknown) => void) {
  const pages = shallowRef<Record<string, ProseLine[]>>({})
  /** The screen whose sentences are shown. */
  const shown = shallowRef('')
  const asked = new Map<string, Promise<void>>()
  let turn = 0

  /** Those that an edit has changed since they were fetched. */
  const outdated = new Set<string>()

  /** Done once the sentences of a screen are there, or could not be fetched. */
  function fetch(at: string): Promise<void> {
    if (!at || (pages.value[at] && !outdated.has(at))) return Promise.resolve()
    const under = asked.get(at) ?? read(at).finally(() => asked.delete(at))
    asked.set(at, under)
    return under
  }

  async function read(at: string) {
    for (let mine = -1; mine !== turn;) {
      mine = turn
      try {
        const page = await api.get<Page>(`apps/${app}/page?at=${encodeURIComponent(at)}`)
        // What was asked for before an edit may be out of date, and is asked for again.
        if (mine !== turn) continue
        outdated.delete(at)
        pages.value = { ...pages.value, [at]: page.lines }
      } catch (error) {
        return told(error)
      }
    }
  }

  function show(at: string) {
    shown.value = at
    void fetch(at)
  }

  /**
   * Takes over what an edit changed, together with the rest. What is out of date is fetched anew when it is looked at;
   * the page that is shown stays until its new sentences are there, so that nothing that is being written in it is lost.
   */
  async function take(delta: Delta, rest: () => void) {
    turn++
    const before = delta.page && !delta.whole ? pages.value[delta.page.at] : undefined
    const changed = delta.page && before ? { [delta.page.at]: linesAfter(before, delta.page) } : {}
    for (const at of delta.stale.includes('*') ? Object.keys(pages.value) : delta.stale) if (!changed[at]) outdated.add(at)
    if (pages.value[shown.value]) await fetch(shown.value)
    const kept = Object.entries(pages.value).filter(([at]) => !outdated.has(at))
    outdated.clear()
    pages.value = { ...Object.fromEntries(kept), ...changed }
    rest()
    void fetch(shown.value)
  }

  /** Everything is out of date: the page that is shown is replaced once it is there, together with the rest. */
  async function anew(rest: () => void) {
    turn++
    const at = shown.value
    const page = at ? await api.get<Page>(`apps/${app}/page?at=${encodeURIComponent(at)}`).catch(() => null) : null
    outdated.clear()
    pages.value = page && shown.value === at ? { [at]: page.lines } : {}
    rest()
    void fetch(shown.value)
  }

  return { pages, shown, show, fetch, take, anew }
}
