import { computed, onMounted, onUnmounted, ref, shallowRef } from 'vue'
import type { Place, View } from '../contracts/view'
import { addressOf, arrived, placeAt } from './address'
import { entry } from './entry'
import { useTrail, type Mark } from './trail'
import type { WasTyped } from './useTyped'

/** What one finds again on coming back to a step: how far it was scrolled, what was typed, searched, chosen and opened, and what it showed. */
export interface Left {
  scroll: number
  /** Lists that go sideways, by their places. */
  aside: Record<string, number>
  typed: WasTyped
  view: View | null
}

/** One screen on the way, with what it is about. */
export interface Step extends Place {
  id: number
  /** The step that led here; null for a root: of a tab, of the menu, of an address. */
  under: number | null
  root: number
  left: Left | null
}

/** How one comes to a step: further in, back to one before, or beside, to another tab. */
export type Turn = 'in' | 'back' | 'beside'

interface Kept {
  marks: Mark[]
  index: number
  steps: Step[]
  tops: [number, number][]
}

const KEY = `lanai-way:${entry.base}`
/** Steps that are remembered, and those of them with what they showed. */
const MOST = 200
const MOST_SHOWN = 30

/**
 * The way that led here. Each tab has a way of its own and is found again as it was left; the browser's back is the same as the app's; every
 * step has an address.
 *
 * @param opened shows a step that one comes to
 * @param leaving gives what is to be found again on coming back to the step that is shown
 */
export function usePlaces(opened: (step: Step, turn: Turn) => unknown, leaving: () => Left) {
  const steps = new Map<number, Step>()
  /** Where each tab was left, by its root. */
  const tops = new Map<number, number>()
  let last = 0
  /** The step that is left next was shown to somebody who is not here any more. */
  let forgets = false
  const step = shallowRef<Step>(made({ screen: '', args: [] }, null))
  const place = computed<Place>(() => ({ screen: step.value.screen, args: step.value.args }))
  const canGoBack = computed(() => step.value.under !== null)
  /** The step that led to the one that is shown; null for a root. */
  const under = computed(() => (step.value.under === null ? null : (steps.get(step.value.under) ?? null)))
  /** The screen of the tab that one is in. */
  const rootScreen = computed(() => named(steps.get(step.value.root)?.screen ?? ''))
  /** The screen that the app begins with, once it is known: the start is called by no name. */
  const first = ref('')
  const trail = useTrail(reached, strayed)

  function made(to: Place, under: Step | null): Step {
    const id = ++last
    const one = { ...to, id, under: under?.id ?? null, root: under?.root ?? id, left: null }
    steps.set(id, one)
    return one
  }

  /** What was long ago is read anew, if one comes back to it. */
  function spare() {
    const shown = [...steps.values()].filter((one) => one.left?.view)
    for (const old of shown.slice(0, Math.max(0, shown.length - MOST_SHOWN))) if (old.left) old.left.view = null
    const needed = new Set([...up().map((one) => one.id), ...tops.values(), last])
    for (const one of steps.values()) if (steps.size > MOST && one.under !== null && !needed.has(one.id)) steps.delete(one.id)
  }

  const mark = (one: Step): Mark => ({ step: one.id, address: addressOf(one) })
  const named = (screen: string) => screen || first.value

  function arrive(to: Step, turn: Turn) {
    if (steps.has(step.value.id)) step.value.left = forgets ? null : leaving()
    forgets = false
    step.value = to
    tops.set(to.root, to.id)
    spare()
    remember()
    return opened(to, turn)
  }

  /** A page that is loaded anew finds the way again; what the screens showed is read anew. */
  function remember() {
    if (entry.deck) return
    // What was typed may be a password.
    const bare = [...steps.values()].map((one) => ({ ...one, left: one.left && { ...one.left, view: null, typed: { ...one.left.typed, inputs: {} } } }))
    try {
      sessionStorage.setItem(KEY, JSON.stringify({ ...trail.kept(), steps: bare, tops: [...tops] } satisfies Kept))
    } catch {
      // Then the way begins anew.
    }
  }

  /** The browser went back or on by itself. */
  function reached(to: Mark) {
    if (to.step === step.value.id) return
    const turn = to.step < step.value.id ? 'back' : 'in'
    return arrive(steps.get(to.step) ?? made(placeAt(to.address), null), turn)
  }

  /** Somebody wrote an address. */
  async function strayed(address: string) {
    const to = made(placeAt(address), null)
    await trail.replace(mark(to))
    return arrive(to, 'beside')
  }

  async function go(to: Place) {
    if (addressOf(to) === addressOf(step.value)) return opened(step.value, 'beside')
    const next = made(to, step.value)
    await trail.push(mark(next))
    return arrive(next, 'in')
  }

  /** Another place beside the step that led here, in the place of the one that is shown. */
  async function swap(to: Place) {
    if (under.value === null || addressOf(to) === addressOf(step.value)) return go(to)
    const next = made(to, under.value)
    await trail.replace(mark(next))
    return arrive(next, 'beside')
  }

  /**
   * To a tab or a place in the menu, as it was left; from within it, to its root.
   *
   * @param top to its root in any case
   */
  async function toRoot(screen: string, top = false) {
    const roots = [...steps.values()].filter((one) => one.under === null && !one.args.length && named(one.screen) === named(screen))
    const root = roots.find((one) => one.id === step.value.root) ?? roots.at(-1)
    if (root?.id === step.value.id) {
      document.querySelector('main')?.scrollTo({ top: 0, behavior: 'smooth' })
      return opened(step.value, 'beside')
    }
    const within = root !== undefined && root.id === step.value.root
    const left = within || top ? root : steps.get(tops.get(root?.id ?? 0) ?? 0)
    const to = left ?? root ?? made({ screen, args: [] }, null)
    return moveTo(to, within ? 'back' : 'beside')
  }

  async function moveTo(to: Step, turn: Turn) {
    if (!(await trail.backTo(to.id))) await (turn === 'back' ? trail.replace(mark(to)) : trail.push(mark(to)))
    return arrive(to, turn)
  }

  /** The app begins anew: nothing of the way so far is left. */
  async function startAt(screen: string, args: Place['args'] = []) {
    const to = made({ screen, args }, null)
    for (const id of steps.keys()) if (id !== to.id) steps.delete(id)
    tops.clear()
    await trail.restart(mark(to))
    return arrive(to, 'beside')
  }

  /** Back as a person wants it: what stands over the page goes first. */
  const back = () => (trail.closeTop() ? undefined : leave())

  async function leave() {
    const under = step.value.under === null ? undefined : steps.get(step.value.under)
    if (under === undefined) return startAt('')
    return moveTo(under, 'back')
  }

  /** Back to an earlier step, as after signing in; what it showed was for somebody else. */
  async function returnTo(id: number) {
    const to = steps.get(id)
    if (to === undefined) return false
    await moveTo(to, 'back')
    return true
  }

  /** Whoever comes next does not find what was shown and typed before. */
  function forgetLeft() {
    for (const one of steps.values()) one.left = null
    forgets = true
  }

  /** The steps from the root to the one that is shown. */
  function up(): Step[] {
    const way: Step[] = []
    for (let one: Step | undefined = step.value; one; one = one.under === null ? undefined : steps.get(one.under)) way.unshift(one)
    return way
  }

  const chain = (): Place[] => up().map(({ screen, args }) => ({ screen, args }))

  /** Places one under the other, of which the last is the one to be shown. */
  function lay(way: Place[]) {
    let under: Step | null = null
    for (const one of way) under = made(one, under)
    if (under) step.value = under
    tops.set(step.value.root, step.value.id)
  }

  /** The first step: as it was before the page was loaded anew, or the one that the address names. */
  function begin(way: Place[]) {
    const kept = recall()
    const index = way.length || !kept ? null : trail.found(kept.marks)
    if (kept && index !== null) {
      for (const one of kept.steps) steps.set(one.id, one)
      for (const [root, top] of kept.tops) tops.set(root, top)
      last = Math.max(...steps.keys())
      step.value = steps.get(kept.marks[index].step) ?? step.value
      trail.begin(mark(step.value), { marks: kept.marks, index })
    } else {
      const named = entry.deck ? { screen: '', args: [] } : arrived()
      // What is about a row stands above the start, so that its arrow leads there.
      if (way.length) lay(way)
      else if (named.screen) lay(named.args.length ? [chain()[0], named] : [named])
      trail.begin(mark(step.value), null)
    }
    remember()
    return step.value
  }

  function recall(): Kept | null {
    try {
      return entry.deck ? null : JSON.parse(sessionStorage.getItem(KEY) ?? 'null')
    } catch {
      return null
    }
  }

  const unload = () => {
    step.value.left = leaving()
    remember()
  }
  onMounted(() => {
    trail.listen()
    window.addEventListener('pagehide', unload)
  })
  onUnmounted(() => {
    trail.deafen()
    window.removeEventListener('pagehide', unload)
  })

  const { over, down, settled } = trail

  return { step, place, under, first, canGoBack, rootScreen, chain, go, swap, toRoot, startAt, back, leave, returnTo, forgetLeft, begin, over, down, settled }
}

export type Places = ReturnType<typeof usePlaces>
