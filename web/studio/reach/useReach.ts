import { ref, watch } from 'vue'
import type { ReachState } from '../../contracts/studio'
import { api, Declined } from '../api'
import { latest } from '../latest'
import { useStudio } from '../open/useStudio'

/** How many come, of one data set: the live one, where anything is live. */
export function useReach() {
  const studio = useStudio()
  const set = ref<'sandbox' | 'live'>(studio.state.value?.app.liveRevision ? 'live' : 'sandbox')
  const state = ref<ReachState | null>(null)
  const trouble = ref('')
  const begin = latest()

  async function load() {
    const isLatest = begin()
    try {
      const found = await api.get<ReachState>(`apps/${studio.app}/reach/${set.value}`)
      if (isLatest()) [state.value, trouble.value] = [found, '']
    } catch (error) {
      if (isLatest()) trouble.value = error instanceof Declined ? error.message : String(error)
    }
  }
  watch([set, () => studio.state.value?.revision.number], load, { immediate: true })

  return { set, state, trouble, load }
}
