import { computed, onUnmounted, ref, watch } from 'vue'
import type { Heard } from '../../contracts/studio'
import { api, Declined } from '../api'
import { latest } from '../latest'
import { useStudio } from '../open/useStudio'

const PAUSE = 300

/** What a founder says: it is heard while it is written, and what was proposed is taken. */
export function useSaying() {
  const studio = useStudio()
  const text = ref('')
  const heard = ref<Heard[]>([])
  /** What was heard of; the words may have gone on since. */
  const heardOf = ref('')
  const trouble = ref('')
  const done = ref('')
  const busy = ref(false)
  const asking = ref(false)
  const trying = ref(false)
  /** Of each part, which proposal is chosen; null to leave it. */
  const chosen = ref<(number | null)[]>([])
  const newest = latest()
  let timer = 0

  /** The screen that the deck shows, or whose sentences are open: “here” means it. */
  const here = computed(() => {
    const screens = studio.state.value?.screens ?? []
    const inDeck = studio.walked.value?.screen
    return screens.find((s) => s.at === studio.pages.shown.value)?.name ?? screens.find((s) => s.slug === inDeck)?.name ?? ''
  })

  async function hear() {
    clearTimeout(timer)
    const said = text.value.trim()
    const isNewest = newest()
    if (!said) {
      heard.value = []
      heardOf.value = ''
      return
    }
    asking.value = true
    trouble.value = ''
    try {
      const answer = await api.post<{ parts: Heard[] }>(`apps/${studio.app}/say`, { text: said, here: here.value, drawn: true })
      if (!isNewest()) return
      heard.value = answer.parts
      heardOf.value = said
      chosen.value = answer.parts.map((part) => (part.proposals.length ? 0 : null))
    } catch (error) {
      if (isNewest()) trouble.value = error instanceof Declined ? error.message : String(error)
    } finally {
      if (isNewest()) asking.value = false
    }
  }

  watch(text, (now) => {
    clearTimeout(timer)
    if (now.trim()) done.value = ''
    timer = window.setTimeout(hear, PAUSE)
  })
  onUnmounted(() => clearTimeout(timer))

  const canTake = computed(() => heardOf.value === text.value.trim() && chosen.value.some((one) => one !== null))

  /** What is chosen runs in the deck before it is taken. */
  async function tryIt() {
    if (!canTake.value || trying.value) return
    trying.value = true
    trouble.value = ''
    try {
      const { trial } = await api.post<{ trial: string }>(`apps/${studio.app}/say/try`, { text: heardOf.value, here: here.value, take: chosen.value })
      studio.tryOut(trial)
    } catch (error) {
      trouble.value = error instanceof Declined ? error.message : String(error)
    } finally {
      trying.value = false
    }
  }
  // What runs there is what is chosen, or it does not run.
  watch([heardOf, chosen], () => studio.tryOut(''), { deep: true })
  onUnmounted(() => studio.tryOut(''))

  async function take() {
    if (!canTake.value || busy.value) return
    busy.value = true
    trouble.value = ''
    const labels = heard.value.flatMap((part, i) => (chosen.value[i] === null ? [] : [part.proposals[chosen.value[i]]?.label ?? '']))
    const said = heardOf.value
    try {
      await studio.make('say/take', { text: said, here: here.value, take: chosen.value })
      // Whoever writes on already has their words left.
      if (text.value.trim() === said) text.value = ''
      heard.value = []
      heardOf.value = ''
      done.value = `Done: ${labels.join(' ')}`
    } catch (error) {
      trouble.value = error instanceof Declined ? error.message : String(error)
    } finally {
      busy.value = false
    }
  }

  /** Says something else instead of a part, as an answer to a question back does. */
  function instead(part: Heard, says: string) {
    text.value = heard.value.length > 1 ? text.value.replace(part.said, says) : says
    void hear()
  }

  async function undo() {
    await studio.undo()
    done.value = ''
  }

  return { text, heard, trouble, done, busy, asking, chosen, canTake, trying, here, hear, tryIt, take, instead, undo }
}
