import { onUnmounted, ref, shallowRef, watch } from 'vue'
import type { Assumed, EarningsRehearsal } from '../../contracts/studio'
import { api, Declined } from '../api'
import { useStudio } from '../open/useStudio'

/** What is taken for likely, and what it would bring; asked anew with every change, one question at a time. */
export function useRehearsal() {
  const studio = useStudio()
  const told = shallowRef<EarningsRehearsal | null>(null)
  const assumed = ref<Assumed | null>(null)
  const busy = ref(false)
  const trouble = ref('')
  let wanted: { keep: boolean; also: object } | null = null
  let under: AbortController | null = null

  /** Asks with what stands in the blanks; a change that comes meanwhile is asked after it. */
  async function ask(keep = false, also: object = {}) {
    wanted = { keep: keep || (wanted?.keep ?? false), also: { ...wanted?.also, ...also } }
    if (under) return
    while (wanted) {
      const now: { keep: boolean; also: object } = wanted
      wanted = null
      const mine = (under = new AbortController())
      busy.value = true
      try {
        const answer = await api.post<EarningsRehearsal>(`apps/${studio.app}/rehearsal`, { ...assumed.value, ...now.also, keep: now.keep }, mine.signal)
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

  // Another sentence may have another price: what was tried out is forgotten then.
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
