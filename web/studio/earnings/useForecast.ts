import { onUnmounted, ref, shallowRef, watch } from 'vue'
import type { AdvertForecastState, AssumedHabits } from '../../contracts/studio'
import { api, Declined } from '../api'
import { useStudio } from '../open/useStudio'

/** What adverts would bring by what is taken for likely; one question at a time, and the last one counts. */
export function useForecast() {
  const studio = useStudio()
  const told = shallowRef<AdvertForecastState | null>(null)
  const assumed = ref<AssumedHabits | null>(null)
  const busy = ref(false)
  const trouble = ref('')
  let wanted: { keep: boolean } | null = null
  let under: AbortController | null = null

  async function ask(keep = false) {
    wanted = { keep: keep || (wanted?.keep ?? false) }
    if (under) return
    while (wanted) {
      const now: { keep: boolean } = wanted
      wanted = null
      const mine = (under = new AbortController())
      busy.value = true
      try {
        const answer = await api.post<AdvertForecastState>(`apps/${studio.app}/adverts/forecast`, { ...assumed.value, keep: now.keep }, mine.signal)
        told.value = answer
        if (!wanted) assumed.value = answer.assumed
        trouble.value = ''
      } catch (error) {
        if (!mine.signal.aborted) trouble.value = error instanceof Declined ? error.message : String(error)
      } finally {
        under = null
        busy.value = false
      }
    }
  }

  watch(
    () => studio.state.value?.revision.number,
    () => {
      assumed.value = null
      void ask()
    },
    { immediate: true },
  )
  onUnmounted(() => {
    wanted = null
    under?.abort()
  })

  return { told, assumed, busy, trouble, ask }
}
