import { shallowRef, watch } from 'vue'
import type { LineCounts } from '../../contracts/studio'
import { api } from '../api'
import { latest } from '../latest'
import { useStudio } from '../open/useStudio'

/** How often a screen was looked at and its lines tapped: of what is live, and of the sandbox as long as nothing is. @param at its place, or '' */
export function useLineCounts(at: () => string) {
  const studio = useStudio()
  const counts = shallowRef<LineCounts & { set: string }>({ views: 0, lines: {}, set: '' })
  const begin = latest()

  async function load() {
    const isLatest = begin()
    const screen = /^\/screens\/(\d+)$/.exec(at())?.[1]
    counts.value = { views: 0, lines: {}, set: '' }
    if (screen === undefined) return
    const set = studio.state.value?.app.liveRevision ? 'live' : 'sandbox'
    try {
      const found = await api.get<LineCounts>(`apps/${studio.app}/reach/${set}/lines/${screen}`)
      if (isLatest()) counts.value = { ...found, set }
    } catch {
      // The figures are beside the matter: the sentences are there without them.
    }
  }
  watch([at, () => studio.state.value?.revision.number], load, { immediate: true })

  return counts
}
