import { ref, watch } from 'vue'
import type { MessagesState } from '../../contracts/studio'
import { api, Declined } from '../api'
import { latest } from '../latest'
import { useStudio } from '../open/useStudio'

/** What became of the messages of one data set. */
export function useMessages() {
  const studio = useStudio()
  const set = ref<'sandbox' | 'live'>('sandbox')
  const state = ref<MessagesState | null>(null)
  const trouble = ref('')
  const begin = latest()

  async function load() {
    const isLatest = begin()
    try {
      const found = await api.get<MessagesState>(`apps/${studio.app}/messages/${set.value}`)
      if (isLatest()) [state.value, trouble.value] = [found, '']
    } catch (error) {
      if (isLatest()) trouble.value = error instanceof Declined ? error.message : String(error)
    }
  }
  watch([set, () => studio.state.value?.revision.number, () => studio.changes.value], load, { immediate: true })

  return { set, state, trouble, load }
}
