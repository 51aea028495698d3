import { nextTick, ref, shallowRef } from 'vue'
import type { DeviceResponse, Outcome, View } from '../contracts/view'
import { counted, uncounted } from './counting'
import { invitedBy } from './invited'
import { newcomer } from './self'
import { deck } from './deck'
import { entry } from './entry'
import { form, platform } from './form'
import { keep, recall } from './kept'
import { Declined, server, Unreachable } from './server'
import { learn } from './soft'
import { turned } from './turn'
import type { Chosen } from './useChosen'
import type { Left, Places, Step, Turn } from './usePlaces'
import type { Typed } from './useTyped'
import { own, speak } from './own'

const PATIENCE = 250
/** What was read within this time is shown before it is read anew, in ms. */
const JUST_READ = 30_000

type Way = Pick<Places, 'step' | 'place' | 'first'>

/** What is shown: read from the server, or as it was kept where there is no connection. */
export function useView({ step, place, first }: Way, typed: Typed, { chosen }: Chosen, values: () => Record<string, string>) {
  const view = shallowRef<View | null>(null)
  /** The step that the view is of: while another is on its way, that of the one before. */
  const shown = ref(0)
  const loading = ref(true)
  /** A screen that is long in coming: its skeleton stands in for it. */
  const late = ref(false)
  const failed = ref('')
  const offlineSince = ref<number | null>(null)
  const known = { revision: 0, pulse: '' }
  let asked = 0
  /** Since when somebody waits for the screen that they have opened; the first is waited for since the page was. */
  let since = 0
  let impatience = 0
  let turn: Turn = 'beside'
  /** What was tapped last: a picture in it may grow. */
  let tapped: Element | null = null

  const placeKey = (screen = place.value.screen, args = place.value.args) => `${screen}/${args.join(',')}/${chosen.person ?? ''}`
  const where = () => ({
    ...place.value,
    ...chosen,
    inputs: typed.inputs,
    finds: typed.finds,
    pages: typed.pages,
    orders: typed.orders,
    chips: typed.chips,
    values: values(),
    platform: platform.value,
    form: form.value,
    ...newcomer(),
    ...invitedBy(),
  })

  /** @param at the step that it was asked for */
  async function take(answer: DeviceResponse, tapped: string, from: number, at = step.value.id, waited = false) {
    known.revision = answer.revision
    if (answer.pulse) known.pulse = answer.pulse
    if (answer.view) await speak(answer.view.theme.lang)
    // What comes for a step that one has left meanwhile is not shown in the place of another.
    if (answer.view && at === step.value.id) {
      // What was asked for before this tap may come after it, and knows less.
      if (tapped) asked++
      if (tapped) loading.value = false
      await show(answer.view)
      first.value = answer.view.first
      keep(placeKey(), answer.view)
      // The first screen is asked for without a name; a tab asks for it by name.
      if (answer.view.screen !== place.value.screen) keep(placeKey(answer.view.screen), answer.view)
      if (answer.view.awaits && !waited) void load(true)
    }
    offlineSince.value = null
    if (answer.person !== undefined) signedIn(answer.person)
    happened(tapped, from, answer.footprints, answer.outcome)
  }

  /** A view of the step that one is at: the same as before, or one that comes in its place. */
  async function show(next: View) {
    const { id, left: was } = step.value
    const before = view.value
    learn(next.soft)
    const put = () => {
      if (shown.value !== id) counted('screen', next.screen, document.hidden ? undefined : performance.now() - since)
      view.value = next
      shown.value = id
      failed.value = ''
      late.value = false
    }
    if (shown.value === id) return put()
    const come = async () => {
      // Whoever has gone on meanwhile sees where that leads.
      if (step.value.id !== id) return
      put()
      await nextTick()
      scrolled(was)
    }
    await (before ? turned(turn, turn === 'back' ? before.opens : next.opens, tapped, come) : come())
    // Whoever cannot see the page is told of the new one.
    if (before && document.hasFocus()) document.querySelector('main')?.focus({ preventScroll: true })
  }

  /** What is to be found again on coming back. */
  const left = (): Left => ({
    scroll: document.querySelector('main')?.scrollTop ?? 0,
    aside: Object.fromEntries(sideways().map((one) => [one.closest('[data-at]')?.getAttribute('data-at') ?? '', one.scrollLeft])),
    typed: typed.copy(),
    view: shown.value === step.value.id ? view.value : (step.value.left?.view ?? null),
  })

  const sideways = () => [...document.querySelectorAll<HTMLElement>('main .strip')]

  /** To where one was on the page. */
  function scrolled(was: Left | null) {
    const main = document.querySelector('main')
    const newest = main?.querySelector<HTMLElement>('[data-newest]')
    // A page that is a conversation begins at its end; one that stands below something else does not hide that.
    const begins = main && newest && newest.offsetTop < main.clientHeight / 3 ? main.scrollHeight : 0
    main?.scrollTo(0, was?.scroll ?? begins)
    for (const one of was ? sideways() : []) one.scrollLeft = was?.aside[one.closest('[data-at]')?.getAttribute('data-at') ?? ''] ?? 0
  }

  /** The deck hears what has just happened, and how long it took. */
  function happened(tapped: string, from: number, footprints: DeviceResponse['footprints'], outcome?: Outcome) {
    deck.tell({
      lanai: 'footprints',
      tapped,
      footprints,
      outcome,
      ms: Math.round(performance.now() - from),
      place: { ...place.value, screen: view.value?.screen ?? '' },
      problem: view.value?.problem ?? '',
    })
  }

  /** The deck shows who is signed in here now. */
  function signedIn(person: number | null) {
    chosen.person = person
    deck.tell({ lanai: 'person', person })
  }

  /** @param waits for what services answer; without, what is at hand is shown at once, and the rest is asked for then */
  async function load(waits = false) {
    const mine = ++asked
    const from = performance.now()
    const at = step.value.id
    try {
      const answer = await server.view({ ...where(), waits, ...uncounted() })
      if (mine === asked) {
        await take(answer, '', from, at, waits)
        if (answer.view) lookAhead(answer.view)
        if (!entry.deck) void import('./outlines').then(({ learnOutlines }) => learnOutlines(answer.revision))
      }
      // Something newer is shown by now; what was read and called for this is told all the same.
      else happened('', from, answer.footprints)
    } catch (error) {
      if (mine === asked) await unread(error)
    } finally {
      if (mine === asked) loading.value = false
    }
  }

  /** When there is nothing else to do, what is tapped next is read. */
  function lookAhead(now: View) {
    if (entry.deck || !leads(now)) return
    const idle = window.requestIdleCallback ?? ((work: () => void) => setTimeout(work, 1000))
    idle(() => void import('./ahead').then(({ readAhead }) => readAhead(now, placeKey, where)))
  }
  const leads = (now: View) => JSON.stringify(now.nodes).includes('"leads":')

  /** What is shown where nothing could be read. */
  async function unread(error: unknown) {
    const kept = error instanceof Unreachable ? recall(placeKey()) : null
    if (kept) {
      await show(kept.view)
      offlineSince.value = kept.at
    } else if (error instanceof Unreachable && shown.value === step.value.id) {
      offlineSince.value ??= Date.now()
    } else {
      failed.value = error instanceof Declined ? error.message : own('There is no connection, and this screen has not been read before.')
    }
  }

  /** Another step is shown now: as it was left, where one comes back to it, and then as it is. */
  async function open(to: Step, how: Turn) {
    turn = how
    since = performance.now()
    tapped = how === 'in' ? document.querySelector('.item[aria-busy="true"]') : null
    failed.value = ''
    clearTimeout(impatience)
    // What is at hand is there at once, and can be tapped while it is read anew behind it.
    const ahead = how === 'in' ? recall(placeKey(), JUST_READ) : null
    const atHand = to.left?.view ?? ahead?.view
    if (atHand) {
      await show(atHand)
      return void load()
    }
    loading.value = true
    impatience = window.setTimeout(() => (late.value = loading.value), PATIENCE)
    await load()
    clearTimeout(impatience)
    late.value = false
  }

  return { view, shown, loading, late, failed, offlineSince, known, where, take, happened, signedIn, load, open, left }
}

export type Shown = ReturnType<typeof useView>
