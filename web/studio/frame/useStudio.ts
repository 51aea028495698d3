import { computed, inject, nextTick, provide, ref, shallowRef, type InjectionKey } from 'vue'
import type { Finding, Foreseen, StudioState } from '../../contracts/studio'
import { api, Declined } from '../api'
import { useSurvey } from './useSurvey'

export interface EditPayload {
  what: 'fill' | 'offer' | 'add' | 'remove' | 'move' | 'script' | 'mend' | 'several' | 'sign-in'
  how?: 'double' | 'remove' | 'move' | 'group' | 'extract'
  places?: string[]
  at?: string
  text?: string
  index?: number
}

/** The app that is open: its newest revision, and the edits that make the next one. */
function open(app: string) {
  const state = shallowRef<StudioState | null>(null)
  const trouble = ref('')
  const saving = ref(0)
  /** The line under the pointer, in the prose or in the device. */
  const pointed = ref('')
  /** The line that was gone to from the device. */
  const gone = ref('')
  /** The blank that is being filled. */
  const filling = ref('')
  /** A screen that the deck is to show. */
  const opened = shallowRef<{ screen: string; args: (number | string)[] } | null>(null)
  /** Counts the changes that the deck must show at once. */
  const changes = ref(0)

  function told(error: unknown) {
    trouble.value = error instanceof Declined ? error.message : String(error)
  }

  async function change(work: () => Promise<StudioState>): Promise<boolean> {
    saving.value++
    try {
      state.value = await work()
      changes.value++
      return true
    } catch (error) {
      told(error)
      if (error instanceof Declined && error.status === 409) await load()
      return false
    } finally {
      saving.value--
    }
  }

  async function load() {
    try {
      state.value = await api.get<StudioState>(`apps/${app}`)
    } catch (error) {
      told(error)
      throw error
    }
  }

  /** What an edit would do to the rows there are, while the founder is asked. */
  const asking = shallowRef<{ title: string; foreseen: Foreseen; answer: (go: boolean) => void } | null>(null)

  /** Edits that could take values away or leave sentences pointing at nothing are read first. */
  async function agreed(payload: EditPayload): Promise<boolean> {
    const at = payload.at ?? ''
    const removes = payload.what === 'remove' && /^\/tables\/\d+(\/fields\/\d+)?$/.test(at)
    const retypes = payload.what === 'fill' && /\/fields\/\d+\/type$/.test(at)
    if (!removes && !retypes) return true
    const foreseen = await api.post<Foreseen>(`apps/${app}/foresee`, { base: state.value?.revision.number, ...payload })
    if (!foreseen.uses.length && !foreseen.sentences.some((s) => s.loses || retypes)) return true
    const go = await new Promise<boolean>((answer) => (asking.value = { title: removes ? 'Remove it?' : 'Change the type?', foreseen, answer }))
    asking.value = null
    return go
  }

  const edit = (payload: EditPayload) => change(async () => {
    if (!(await agreed(payload))) return state.value as StudioState
    return api.post<StudioState>(`apps/${app}/edits`, { base: state.value?.revision.number, ...payload })
  })

  /** Makes an edit that was typed; answers the sentence that says why it could not be made, or ''. */
  async function tryEdit(payload: EditPayload): Promise<string> {
    try {
      if (!(await agreed(payload))) return ''
    } catch (error) {
      return error instanceof Declined ? error.message : String(error)
    }
    saving.value++
    try {
      state.value = await api.post<StudioState>(`apps/${app}/edits`, { base: state.value?.revision.number, ...payload })
      changes.value++
      return ''
    } catch (error) {
      if (error instanceof Declined && error.status === 409) await load()
      return error instanceof Declined ? error.message : String(error)
    } finally {
      saving.value--
    }
  }

  /** Fills a blank; answers the sentence that says why it could not, or ''. */
  const fill = (at: string, text: string) => tryEdit({ what: 'fill', at, text })

  async function startFilling(at: string) {
    filling.value = ''
    await nextTick()
    filling.value = at
  }

  const survey = useSurvey(app, state, changes)
  /** What was read from the app, and what was seen when its screens were laid out. */
  const findings = computed(() => [...(state.value?.findings ?? []), ...survey.findings.value])

  const findingsAt = computed(() => {
    const byPlace = new Map<string, Finding[]>()
    for (const finding of findings.value) byPlace.set(finding.at, [...(byPlace.get(finding.at) ?? []), finding])
    return byPlace
  })

  return {
    app, state, opened, survey, findings, asking, trouble, saving, pointed, gone, filling, changes, findingsAt, load, edit, tryEdit, fill, startFilling, told,
    undo: () => state.value?.canUndo && change(() => api.post<StudioState>(`apps/${app}/undo`)),
    redo: () => state.value?.canRedo && change(() => api.post<StudioState>(`apps/${app}/redo`)),
    goLive: () => change(() => api.post<StudioState>(`apps/${app}/live`)),
  }
}

export type Studio = ReturnType<typeof open>
const key: InjectionKey<Studio> = Symbol('studio')

export function provideStudio(app: string): Studio {
  const studio = open(app)
  provide(key, studio)
  return studio
}

export function useStudio(): Studio {
  const studio = inject(key)
  if (!studio) throw new Error('There is no open app around this component.')
  return studio
}
