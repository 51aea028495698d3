import { nextTick, ref, shallowRef } from 'vue'
import type { DeviceResponse, Outcome, Place, Question, View } from '../contracts/view'
import { linkTo, subscription } from './address'
import { counted, lineAt, mayCount, uncounted } from './counting'
import { hand } from './hand'
import { leaveKnown } from './notify'
import { queue } from './queue'
import { Declined, server, Unreachable } from './server'
import type { useComing } from './useComing'
import type { Places } from './usePlaces'
import type { Typed } from './useTyped'
import type { useValues } from './useValues'
import type { Shown } from './useView'
import { toFirstWrong } from './wrong'
import { own } from './own'

interface Parts {
  places: Places
  shown: Shown
  typed: Typed
  values: ReturnType<typeof useValues>
  coming: ReturnType<typeof useComing>
  say: (text: string, refusal?: boolean) => void
}

/** What was tapped, and with what; it can be done again with a question answered. */
interface Tapped {
  at: string
  item: number | null
  fill?: Record<string, unknown>
  /** Whether it may wait for a connection. */
  queues?: boolean
  /** Items that are ticked, and what follows once it was done with them. */
  ticked?: number[]
  after?: () => void
  confirmed: string[]
  replies: Record<string, unknown>
}

const noConnection = () => own('There is no connection. Nothing was changed; please try again.')

function tapKey(): string {
  return Array.from(crypto.getRandomValues(new Uint8Array(16)), (b) => b.toString(16).padStart(2, '0')).join('')
}

/** What a tap does: on the server, and then on the device. */
export function useTap({ places, shown, typed, values, coming, say }: Parts) {
  const busy = ref('')
  /** What was tapped and is not done yet, by its place, in order. */
  const line = new Map<string, Promise<boolean>>()
  const errors = ref<Record<string, string>>({})
  const waiting = ref(queue.all().length)
  /** The sheet that stands over the screen; '' for none. */
  const sheet = ref('')
  /** A question that the last tap waits for. */
  const question = shallowRef<(Question & { reply: (typed?: string) => void; leave?: () => void }) | null>(null)
  const { view, where, take, load, offlineSince, known } = shown

  /**
   * One tap after the other: the same again while it is under way is not taken, and what was tapped on a screen that has gone by then is not
   * done on the next one. True where it was done, or will be by itself.
   */
  async function inTurn(at: string, item: number | null, work: () => Promise<boolean>): Promise<boolean> {
    const key = `${at}:${item ?? ''}`
    if (line.has(key)) return false
    const step = places.step.value.id
    const before = [...line.values()].at(-1)
    const turn = (async () => {
      if (before) await before
      if (places.step.value.id !== step) return false
      busy.value = key
      return await work()
    })().finally(() => {
      if (busy.value === key) busy.value = ''
      line.delete(key)
    })
    line.set(key, turn.catch(() => false))
    return turn
  }

  const run = (tapped: Tapped) => inTurn(tapped.at, tapped.item, () => done(tapped))

  async function done(tapped: Tapped): Promise<boolean> {
    const { at, item, fill, queues, ticked, confirmed, replies } = tapped
    question.value = null
    errors.value = {}
    if (!confirmed.length && !Object.keys(replies).length) counted('tap', lineAt(at))
    const from = performance.now()
    const step = places.step.value.id
    const inputs = { ...typed.inputs, ...fill }
    const body = { ...where(), screen: view.value?.screen ?? '', inputs, at, item, ticked, confirmed, replies, tap: tapKey(), revision: known.revision }
    try {
      const answer = await server.tap({ ...body, ...uncounted() })
      // In the deck somebody else may be signed in by now: what the one before sees is not shown to them.
      return await outcomeOf(where().person === body.person ? answer : { ...answer, view: undefined }, tapped, from, step)
    } catch (error) {
      if (error instanceof Unreachable && queues && queue.add(JSON.parse(JSON.stringify(body)))) return waits()
      say(error instanceof Declined ? error.message : noConnection(), true)
      return false
    }
  }

  /** To a screen that a tap is known to open and nothing else: the server need not be asked for the way. */
  const lead = (at: string, item: number, screen: string) => inTurn(at, item, async () => (await places.go({ screen, args: [item] }), true))

  async function outcomeOf(answer: DeviceResponse, tapped: Tapped, from: number, step: number): Promise<boolean> {
    const outcome = answer.outcome
    // What comes after a wait is seen after it.
    const later = outcome?.onDevice.some((next) => next.do === 'wait') ? answer.view : undefined
    await take(later ? { ...answer, view: undefined } : answer, tapped.at, from, step)
    if (!outcome) return false
    errors.value = outcome.errors
    const [wrong] = Object.values(outcome.errors)
    if (wrong) await nextTick().then(() => say(toFirstWrong(wrong), true))
    if (outcome.confirm) {
      ask(outcome.confirm, tapped)
      return false
    }
    if (outcome.refused) say(outcome.refused, true)
    else if (outcome.say.length) say(outcome.say.join(' '))
    values.take(outcome.values, outcome.passing)
    if (outcome.signIn && answer.view?.signIn) {
      void coming.toSignIn(answer.view.signIn)
      return false
    }
    if (outcome.done) tapped.after?.()
    await coming.turned(outcome)
    await follow(outcome, later)
    return outcome.done
  }

  /** The tap is done again with what is answered: with a yes, or with what was typed. */
  function ask(asked: Question, tapped: Tapped) {
    const answer = (said: string) => run({ ...tapped, replies: { ...tapped.replies, [asked.at]: said } })
    if (asked.messages && leaveKnown()) return void answer(leaveKnown())
    if (asked.messages) return void (question.value = { ...asked, reply: () => void asksPhone(answer), leave: () => void answer('') })
    question.value = asked.place
      ? { ...asked, reply: () => void watches(asked, answer), leave: () => void answer('') }
      : { ...asked, reply: (said) => (said === undefined ? run({ ...tapped, confirmed: [...tapped.confirmed, asked.at] }) : answer(said)) }
  }

  /** The app may send messages, says the person; now the phone asks them. */
  async function asksPhone(answer: (said: string) => Promise<boolean>) {
    question.value = null
    const { askPhone } = await import('./askPhone')
    const said = await askPhone(where(), say)
    if (said !== null) await answer(said)
  }

  /** An advert for a reward: what was tapped is done with the key of the one that was seen. */
  async function watches(asked: Question, answer: (key: string) => Promise<boolean>) {
    question.value = null
    const { watch } = await import('./fullAdvert')
    const key = await watch(asked.place ?? '', asked.reward ?? '', where(), (text) => say(text, true))
    if (key !== null) await answer(key)
  }

  /** The question is left without a yes. */
  function leaveQuestion() {
    const left = question.value
    question.value = null
    left?.leave?.()
  }

  /** Without a connection it is done later, once. */
  function waits(): boolean {
    waiting.value = queue.all().length
    typed.forgetInputs()
    offlineSince.value ??= Date.now()
    say(own('There is no connection. This will be done as soon as there is one.'))
    return true
  }

  /** What an outcome lets the device do by itself, one after the other, and where it leads in the end. */
  async function follow(outcome: Outcome, later?: View) {
    const leaves = outcome.go || outcome.back || outcome.over || outcome.session !== undefined
    if (outcome.done) typed.forgetInputs(outcome.used)
    for (const next of outcome.onDevice) await onDevice(next, outcome)
    if (later && view.value?.screen === later.screen) view.value = later
    if (outcome.done && Object.keys({ ...outcome.values, ...outcome.passing }).length && !leaves) await load()
    if (outcome.over) await places.startAt('')
    else if (outcome.go) await (isTab(outcome.go) ? places.toRoot(outcome.go.screen, true) : places.go(outcome.go))
    else if (outcome.back) await places.leave()
  }

  const isTab = (to: Place) => !to.args.length && (view.value?.tabs ?? []).some((tab) => tab.screen === to.screen)

  async function onDevice(next: Outcome['onDevice'][number], outcome: Outcome): Promise<unknown> {
    switch (next.do) {
      case 'open':
        return hand.open(next.text)
      case 'sheet':
        return (sheet.value = next.text)
      case 'copy':
        return hand.copy(next.text)?.then(
          () => outcome.say.length || say(own('Copied.')),
          () => say(own('This device does not let the app copy.'), true),
        )
      case 'share':
        return hand.share(next.text, say)
      case 'share here':
        return hand.share(`${next.text} ${linkTo(places.place.value, next.by)}`, say)
      case 'play':
        return hand.play(next.text).catch(() => say(own('The sound could not be played.'), true))
      case 'wait':
        return new Promise((done) => setTimeout(done, Number(next.text) * 1000))
      case 'say':
        return say(next.text)
      case 'leave for':
        return void coming.leaveFor(next.text)
      case 'adverts':
        return (await import('./adverts')).allow(next.text === 'personal')
      case 'count':
        return mayCount(next.text === 'yes')
      case 'advert':
        return (await import('./fullAdvert')).showFull(next.text, where())
      case 'pay at':
        return void coming.payAt(next.text)
      case 'download':
        return hand.save('my-data.json', JSON.stringify(await server.mine(where()), null, 2), 'application/json')
      case 'subscribe':
        return void hand.open(subscription(next.text))
      case 'calendar':
        return hand.save('calendar.ics', next.text, 'text/calendar')
      case 'refresh':
        return load()
    }
  }

  /** Does what was tapped without a connection, in its order; each says by itself where it was refused. */
  async function flush() {
    for (const one of queue.all()) {
      try {
        const { outcome } = await server.tap(one.body)
        // What waits for an answer cannot be asked here: it is told, and was not done.
        if (outcome?.refused || outcome?.confirm) say(outcome.refused || own('Not done: {0}', outcome.confirm?.text ?? ''), true)
      } catch (error) {
        if (error instanceof Unreachable) return
        say(error instanceof Declined ? error.message : String(error), true)
      }
      queue.done(one)
      waiting.value = queue.all().length
    }
  }

  /** Nothing of the screen before stands over the next one. */
  function clear() {
    errors.value = {}
    sheet.value = ''
  }

  return {
    busy,
    errors,
    waiting,
    sheet,
    question,
    leaveQuestion,
    tap: (at: string, item: number | null, fill?: Record<string, unknown>, queues = false) => run({ at, item, fill, queues, confirmed: [], replies: {} }),
    /** Something that is done with several items at once. */
    tapTicked: (at: string, ticked: number[], after: () => void) => run({ at, item: null, ticked, after, confirmed: [], replies: {} }),
    lead,
    isBusy: (at: string, item: number | null = null) => busy.value === `${at}:${item ?? ''}`,
    flush,
    clear,
  }
}
