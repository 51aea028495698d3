import { ref, shallowRef, watch } from 'vue'
import type { TideState } from '../../contracts/studio'
import { api, Declined } from '../api'
import { useStudio } from '../open/useStudio'

/** The purchases of the sandbox as they stand by the deck's clock. */
export function useTide() {
  const studio = useStudio()
  const tide = shallowRef<TideState | null>(null)
  const trouble = ref('')
  const busy = ref(false)
  /** So many of the newest are not drawn. */
  const before = ref(0)
  let again = false
  const path = `apps/${studio.app}/tide`
  const now = () => studio.clock.moment.value

  /** One question at a time; where the clock has moved meanwhile it is asked once more. */
  async function load() {
    again = true
    if (busy.value) return
    busy.value = true
    try {
      while (again) {
        again = false
        const query = new URLSearchParams({ before: String(before.value), ...(now() ? { now: now() ?? '' } : {}) })
        tide.value = await api.get<TideState>(`${path}?${query}`)
        trouble.value = ''
      }
    } catch (error) {
      trouble.value = error instanceof Declined ? error.message : String(error)
    } finally {
      busy.value = false
    }
  }
  watch([before, studio.clock.ahead, () => studio.state.value?.revision.number, () => studio.changes.value], load, { immediate: true })

  async function does(call: () => Promise<TideState>) {
    try {
      tide.value = await call()
      trouble.value = ''
      studio.changed()
      return true
    } catch (error) {
      trouble.value = error instanceof Declined ? error.message : String(error)
      return false
    }
  }
  const tell = (customer: object) => {
    before.value = 0
    return does(() => api.post<TideState>(path, { ...customer, now: now() }))
  }
  const forget = (id: number) => does(() => api.remove<TideState>(`${path}/${id}`))

  return { tide, trouble, busy, before, load, tell, forget }
}
