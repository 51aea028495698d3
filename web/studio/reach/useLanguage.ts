import { computed, ref, watch, type Ref } from 'vue'
import type { LanguageLayout, LanguageState, WordsOfText, WordsProposed, WordsTaken } from '../../contracts/studio'
import { api, Declined } from '../api'
import { latest } from '../latest'
import { useStudio } from '../open/useStudio'

/** As many texts as a service is asked about at once, and as a file's texts go into one change. */
const ASKED = 20
const TAKEN = 500

export interface Proposed {
  says: string
  why: string
}

/** The texts of one language: read, written by hand, brought in by a file, proposed by a service, and laid out. */
export function useLanguage(tongue: Ref<string>) {
  const studio = useStudio()
  const state = ref<LanguageState | null>(null)
  const layout = ref<LanguageLayout | null>(null)
  const trouble = ref('')
  const proposed = ref(new Map<string, Proposed>())
  const begin = latest()
  const beginLayout = latest()

  const base = () => `apps/${studio.app}/languages/${tongue.value}`
  const said = (error: unknown) => (error instanceof Declined ? error.message : String(error))

  async function load() {
    const isLatest = begin()
    try {
      const found = await api.get<LanguageState>(base())
      if (isLatest()) [state.value, trouble.value] = [found, '']
    } catch (error) {
      if (isLatest()) trouble.value = said(error)
    }
  }

  async function look() {
    const isLatest = beginLayout()
    layout.value = null
    try {
      const found = await api.get<LanguageLayout>(`${base()}/layout`)
      if (isLatest()) layout.value = found
    } catch (error) {
      if (isLatest()) trouble.value = said(error)
    }
  }

  watch(tongue, () => ([state.value, layout.value, proposed.value] = [null, null, new Map()]))
  watch([tongue, () => studio.state.value?.revision.number], () => tongue.value && void load(), { immediate: true })

  /** @returns why it cannot be taken; '' where it was */
  const write = (text: WordsOfText, says: string) =>
    studio.tryEdit({ do: 'translate', tongue: tongue.value, says: [{ source: text.source, says, on: text.on }] })

  async function take(says: WordsTaken['says'], goesOn: () => boolean) {
    for (let i = 0; i < says.length && goesOn(); i += TAKEN) {
      const wrong = await studio.tryEdit({ do: 'translate', tongue: tongue.value, says: says.slice(i, i + TAKEN) })
      if (wrong) throw new Declined(wrong, 409, {})
    }
  }

  const read = (file: File, signal: AbortSignal) => {
    const form = new FormData()
    form.append('file', file)
    return api.post<WordsTaken>(`${base()}/file`, form, signal)
  }

  async function propose(request: string, texts: WordsOfText[], went: (done: number) => void, signal: AbortSignal) {
    for (let i = 0; i < texts.length && !signal.aborted; i += ASKED) {
      const sources = texts.slice(i, i + ASKED).map((text) => text.source)
      const { proposals } = await api.post<WordsProposed>(`${base()}/propose`, { request, sources }, signal)
      proposed.value = new Map([...proposed.value, ...proposals.map(({ source, says, why }) => [source, { says, why }] as const)])
      went(Math.min(texts.length, i + ASKED))
    }
  }

  /** The same as it is proposed: it goes with the text that it is for. */
  function leave(source: string) {
    const left = new Map(proposed.value)
    left.delete(source)
    proposed.value = left
  }

  const good = computed(() => [...proposed.value].filter(([, one]) => one.says))

  return { state, layout, trouble, proposed, good, base, load, look, write, take, read, propose, leave }
}
