import { ref, watch } from 'vue'
import type { ServiceBook } from '../../contracts/studio'
import { api } from '../api'
import { useStudio } from '../frame/useStudio'
import { latest } from '../latest'

/** Keys, calls and costs of one of the two data sets. */
export function useServices() {
  const studio = useStudio()
  const set = ref<'sandbox' | 'live'>('sandbox')
  const book = ref<ServiceBook | null>(null)
  const path = (rest = '') => `apps/${studio.app}/services/${set.value}${rest}`

  const begin = latest()

  async function load() {
    const isLatest = begin()
    try {
      const told = await api.get<ServiceBook>(path())
      if (isLatest()) book.value = told
    } catch (error) {
      studio.told(error)
    }
  }
  watch([set, () => studio.state.value?.revision.number], load, { immediate: true })

  return { set, book, path, load, of: (at: string) => book.value?.services.find((s) => s.at === at) }
}

export type ServicesKept = ReturnType<typeof useServices>
