import { ref, watch } from 'vue'
import type { ServiceBook } from '../../contracts/studio'
import { api } from '../api'
import { useStudio } from '../open/useStudio'
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

  const choose = (other: 'sandbox' | 'live') => {
    set.value = other
  }
  /** What a change of keys in one of the sets has answered: newer than what is still being asked for of it. */
  const take = (newer: ServiceBook, of: 'sandbox' | 'live') => {
    if (of !== set.value) return
    begin()
    book.value = newer
  }

  return { set, book, choose, take, path, load, of: (at: string) => book.value?.services.find((s) => s.at === at) }
}

export type ServicesKept = ReturnType<typeof useServices>
