import { computed, inject, nextTick, provide, ref, shallowRef, type InjectionKey, type Ref } from 'vue'
import type { Delta, EditData, Finding, Foreseen, StudioState } from '../../contracts/studio'
import { api, Declined } from '../api'
import { useClock } from './useClock'
import { stateAfter } from './delta'
import { usePages } from './usePages'
import { stepped, type ErrandStep } from './errand'
import { useErrands } from './useErrands'
import { useSurvey } from './useSurvey'

/** Where a founder goes on after an edit. */
export type Made = Pick<Delta, 'made' | 'next'>

/** A value that everybody sees and only the frame changes. */
const seen = <T>(value: Ref<T>): Readonly<Ref<T>> => value

/** The app that is open: its newest revision, and the edits that make the next one. */
function open(app: string) {
  const state = shallowRef<StudioState | null>(null)
  const trouble = ref('')
  const saving = ref(0)
  /** The line under the pointer, in the prose or in the device. */
  const pointed = ref('')
  /** Where somebody wants to be, and in which station where several show it. */
  const going = shallowRef<{ at: string; station: string } | null>(null)
  /** The line that was gone to. */
  const gone = ref('')
  /** The blank that is being filled. */
  const filling = ref('')
  /** A screen that the deck is to show. */
  const opened = shallowRef<{ screen: string; args: (number | string)[] } | null>(null)
  /** An advert over the whole screen that the deck is to show. */
  const shownAdvert = shallowRef<{ place: string; reward: string | null } | null>(null)
  /** What was just done in the deck: the line that was tapped, '' for none, and the screen that is seen now. */
  const walked = shallowRef<{ tapped: string; screen: string } | null>(null)
  /** What was tapped and typed there since the app began; null where nobody knows how one came to where it is. */
  const way = shallowRef<ErrandStep[] | null>([])
  /** Who uses the app in the deck: a name, “nobody”, or '' where the deck is not shown. */
  const actor = ref('')
  /** The key of a proposal that runs in the deck before it is taken; '' for the app itself. */
  const trial = ref('')
  /** What somebody is to say, in the box for it. */
  const wished = ref('')
  /** The language that the deck speaks while texts are worked on, by its tag; '' for none. */
  const spoken = ref('')
  /** That of the deck's first device. */
  const clock = useClock()
  /** Counts the changes that the deck must show at once. */
  const changes = ref(0)

  function told(error: unknown) {
    trouble.value = error instanceof Declined ? error.message : String(error)
  }

  const pages = usePages(app, told)

  async function load() {
    try {
      const newest = await api.get<StudioState>(`apps/${app}`)
      // The page that is open changes together with the state, so that what is written beside its blanks stays.
      await pages.anew(() => (state.value = newest))
    } catch (error) {
      told(error)
      throw error
    }
  }

  async function take(delta: Delta) {
    if (!delta.whole && (!state.value || delta.from !== state.value.revision.number)) return load()
    await pages.take(delta, () => (state.value = stateAfter(state.value as StudioState, delta) ?? state.value))
    changes.value++
  }

  /** What an edit would do to the rows there are, while the founder is asked. */
  const asking = shallowRef<{ foreseen: Foreseen; answer: (go: boolean) => void } | null>(null)

  async function agreed(foreseen: Foreseen): Promise<boolean> {
    const go = await new Promise<boolean>((answer) => (asking.value = { foreseen, answer }))
    asking.value = null
    return go
  }

  /** One edit after the other: each is made on what the one before has left. */
  let last: Promise<unknown> = Promise.resolve()

  /** Asks the server for an edit and takes over what it changed; null where the founder thought better of it. */
  async function make(path: string, body: object, signal?: AbortSignal): Promise<Made | null> {
    const before = last
    const work = (async () => {
      await before.catch(() => {})
      const send = (more: object) =>
        api.post<Delta>(`apps/${app}/${path}`, { base: state.value?.revision.number, page: pages.shown.value, ...body, ...more }, signal)
      const delta = await send({}).catch(async (error) => {
        if (!(error instanceof Declined) || error.status !== 428 || !error.answer.foreseen) throw error
        return (await agreed(error.answer.foreseen)) ? send({ sure: true }) : null
      })
      if (delta) await take(delta)
      return delta
    })()
    last = work
    saving.value++
    try {
      return await work
    } catch (error) {
      if (error instanceof Declined && error.status === 409) await load()
      throw error
    } finally {
      saving.value--
    }
  }

  /** The same where what goes wrong is told at the bottom of the page. */
  async function telling(work: Promise<Made | null>): Promise<Made | null> {
    try {
      return await work
    } catch (error) {
      told(error)
      return null
    }
  }

  const edit = (data: EditData) => telling(make('edits', { edit: data }))

  /** Begins a sentence in a list and goes on with its first blank. */
  async function begin(list: string, as = ''): Promise<Made | null> {
    const made = await edit({ do: 'begin', list, as })
    if (made?.next) startFilling(made.next)
    return made
  }

  /** Makes an edit that was typed; gives the sentence that says why it could not be made, or ''. */
  async function tryEdit(data: EditData): Promise<string> {
    try {
      await make('edits', { edit: data })
      return ''
    } catch (error) {
      return error instanceof Declined ? error.message : String(error)
    }
  }

  /** Fills a blank; gives the sentence that says why it could not, or ''. */
  const fill = (at: string, text: string) => tryEdit({ do: 'fill', at, text })

  async function startFilling(at: string) {
    filling.value = ''
    await nextTick()
    filling.value = at
  }

  const survey = useSurvey(app, state, changes)
  const errands = useErrands(app, state)
  /** What was read from the app, what was seen when its screens were laid out, and what came of its errands. */
  const beside = computed(() => [...survey.findings.value, ...errands.findings.value])
  const findings = computed(() => [...(state.value?.findings ?? []), ...beside.value])

  const findingsAt = computed(() => {
    const byPlace = new Map<string, Finding[]>()
    for (const finding of findings.value) byPlace.set(finding.at, [...(byPlace.get(finding.at) ?? []), finding])
    return byPlace
  })

  /** @param share so many of a hundred people have it first; a hundred for everybody */
  async function goLive(share = 100) {
    try {
      const { app: now } = await api.post<{ app: StudioState['app'] }>(`apps/${app}/live`, share === 100 ? {} : { share })
      if (state.value) state.value = { ...state.value, app: now }
      changes.value++
    } catch (error) {
      told(error)
    }
  }

  return {
    app,
    state: seen(state),
    pages,
    opened: seen(opened),
    shownAdvert: seen(shownAdvert),
    walked: seen(walked),
    way: seen(way),
    /** Something was tapped or typed in the deck. */
    did: (step: ErrandStep) => (way.value = way.value && stepped(way.value, step)),
    /** The deck begins again; with null it goes on elsewhere, or as somebody else. */
    beginWay: (from: ErrandStep[] | null = []) => (way.value = from),
    actor: seen(actor),
    /** As somebody else one stands where one stood: nobody knows how they would have come there. */
    playedBy: (who: string) => {
      if (actor.value && who !== actor.value) way.value = null
      actor.value = who
    },
    trial: seen(trial),
    /** The deck shows a proposal, or with '' the app itself again. */
    tryOut: (key: string) => {
      if (trial.value && !key) void api.remove(`apps/${app}/say/try`).catch(() => undefined)
      trial.value = key
    },
    wished: seen(wished),
    wish: (words: string) => (wished.value = words),
    /** Somebody has gone on in the deck. */
    walk: (tapped: string, screen: string) => (walked.value = { tapped, screen }),
    survey,
    errands,
    beside,
    findings,
    asking: seen(asking),
    trouble: seen(trouble),
    saving: seen(saving),
    pointed: seen(pointed),
    going: seen(going),
    gone: seen(gone),
    filling: seen(filling),
    changes: seen(changes),
    clock,
    spoken: seen(spoken),
    speak: (tongue: string) => (spoken.value = tongue),
    findingsAt,
    /** Says a sentence at the bottom of the page; '' takes it away. */
    say: (sentence: string) => (trouble.value = sentence),
    point: (at: string) => (pointed.value = at),
    /** Something beside the sentences has changed that the deck shows: rows, files, services. */
    changed: () => changes.value++,
    /** The deck goes to a screen. */
    open: (screen: string, args: (number | string)[] = []) => {
      opened.value = { screen, args }
      const there = state.value?.screens.find((one) => one.slug === screen)
      way.value = null
      if (there && !args.length) way.value = there.first ? [] : [{ does: 'open', what: there.name, into: '' }]
    },
    /** The deck shows an advert as it comes over the whole screen; what there is for it, or null. */
    showAdvert: (place: string, reward: string | null) => (shownAdvert.value = { place, reward }),
    goTo: (at: string, station = '') => {
      gone.value = ''
      going.value = { at, station }
    },
    arrived: (at: string) => (gone.value = at),
    stopFilling: () => (filling.value = ''),
    load,
    make,
    edit,
    begin,
    tryEdit,
    fill,
    startFilling,
    told,
    goLive,
    mend: (finding: string) => telling(make('mend', { finding })),
    undo: () => state.value?.canUndo && telling(make('undo', {})),
    redo: () => state.value?.canRedo && telling(make('redo', {})),
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
