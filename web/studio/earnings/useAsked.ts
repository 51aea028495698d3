import { onUnmounted, ref, shallowRef, watch, type Ref } from 'vue'
import { api, Declined } from '../api'
import { useStudio } from '../open/useStudio'

/**
 * What is taken for likely, and what would come of it: asked anew with every change, one question at a time.
 *
 * @param path of what answers, under the app
 */
export function useAsked<Assumed extends object, Answer extends { assumed: Assumed | null }>(path: string) {
  const studio = useStudio()
  const told = shallowRef<Answer | null>(null)
  const assumed = ref(null) as Ref<Assumed | null>
  const busy = ref(false)
  const trouble = ref('')
  let wanted: { keep: boolean } | null = null
  let under: AbortController | null = null

  /** Asks with what stands in the blanks; a change that comes meanwhile is asked after it. */
  async function ask(keep = false) {
    wanted = { keep: keep || (wanted?.keep ?? false) }
    if (under) return
    while (wanted) {
      const now: { keep: boolean } = wanted
      wanted = null
      const mine = (under = new AbortController())
      busy.value = true
      try {
        const answer = await api.post<Answer>(`apps/${studio.app}/${path}`, { ...assumed.value, keep: now.keep }, mine.signal)
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
