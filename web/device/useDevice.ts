import { computed, nextTick, onMounted, onUnmounted, reactive, ref, shallowRef } from 'vue'
import type { DeviceAnswer, Outcome, Place, Question, View } from '../contracts/view'
import { deck, type Choice } from './deck'
import { entry, media } from './entry'
import { form, measureText, platform } from './form'
import { forgetKept, keep, recall } from './kept'
import { network } from './network'
import { queue } from './queue'
import { Declined, server, Unreachable } from './server'
import { beside, session } from './session'
import { dark } from './theme'
import { toFirstWrong } from './wrong'
import { useValues } from './useValues'

const POLL = 2500
const PATIENCE = 250

function tapKey(): string {
  return Array.from(crypto.getRandomValues(new Uint8Array(16)), (b) => b.toString(16).padStart(2, '0')).join('')
}

/** The state of one device: where it is, what is shown, what was typed, and what a tap does. */
export function useDevice() {
  const stack = ref<Place[]>([{ screen: '', args: [] }])
  const view = shallowRef<View | null>(null)
  const inputs = reactive<Record<string, unknown>>({})
  /** What is searched for in each list, how far each is read, in which order, and what was chosen of it. */
  const finds = reactive<Record<string, string>>({})
  const pages = reactive<Record<string, number>>({})
  const orders = reactive<Record<string, string>>({})
  const chips = reactive<Record<string, Record<string, string>>>({})
  const values = useValues()
  const errors = ref<Record<string, string>>({})
  const message = ref('')
  const messageIsRefusal = ref(false)
  const offlineSince = ref<number | null>(null)
  const waiting = ref(queue.all().length)
  const busy = ref('')
  const loading = ref(true)
  /** A screen that is long in coming: its skeleton stands in for it. */
  const late = ref(false)
  const failed = ref('')
  const sheet = ref('')
  const textSize = ref(100)
  const direction = ref<'ltr' | 'rtl'>('ltr')
  const chosen = reactive({ person: null as number | null, now: null as string | null, set: 'sandbox' })
  let revision = 0
  let pulse = ''
  let asked = 0
  let timer = 0
  let silence = 0
  let impatience = 0

  const place = computed(() => stack.value[stack.value.length - 1])
  const placeKey = (screen = place.value.screen) => `${screen}/${place.value.args.join(',')}/${chosen.person ?? ''}`
  const where = () => ({ ...place.value, person: chosen.person, now: chosen.now, set: chosen.set, inputs, finds, pages, orders, chips, values: values.all(), platform: platform.value, form: form.value })

  function say(text: string, refusal = false) {
    message.value = text
    messageIsRefusal.value = refusal
    clearTimeout(silence)
    silence = window.setTimeout(() => (message.value = ''), 6000)
  }

  function take(answer: DeviceAnswer, tapped: string, from: number, waited = false) {
    revision = answer.revision
    if (answer.pulse) pulse = answer.pulse
    if (answer.view) {
      view.value = answer.view
      failed.value = ''
      late.value = false
      keep(placeKey(), answer.view)
      // The first screen is asked for without a name; a tab asks for it by name.
      if (answer.view.screen !== place.value.screen) keep(placeKey(answer.view.screen), answer.view)
    }
    if (answer.view?.awaits && !waited) void load(true)
    offlineSince.value = null
    if (answer.person !== undefined) told(answer.person)
    happened(tapped, from, answer.footprints, answer.outcome)
  }

  /** The deck hears what has just happened, and how long it took. */
  function happened(tapped: string, from: number, footprints: DeviceAnswer['footprints'], outcome?: Outcome) {
    deck.tell({ lanai: 'footprints', tapped, footprints, outcome, ms: Math.round(performance.now() - from), place: { ...place.value, screen: view.value?.screen ?? '' } })
  }

  /** The deck shows who is signed in here now. */
  function told(person: number | null) {
    chosen.person = person
    deck.tell({ lanai: 'person', person })
  }

  /** @param waits for what services answer; without, what is at hand is shown at once, and the rest is asked for then */
  async function load(waits = false) {
    const mine = ++asked
    const from = performance.now()
    try {
      const answer = await server.view({ ...where(), waits })
      if (mine === asked) take(answer, '', from, waits)
    } catch (error) {
      if (mine !== asked) return
      const kept = error instanceof Unreachable ? recall(placeKey()) : null
      if (kept) {
        view.value = kept.view
        offlineSince.value = kept.at
      } else if (error instanceof Unreachable && view.value && (view.value.screen === place.value.screen || place.value.screen === '')) {
        offlineSince.value ??= Date.now()
      } else {
        failed.value = error instanceof Declined ? error.message : 'There is no connection, and this screen has not been read before.'
      }
    } finally {
      if (mine === asked) loading.value = false
    }
  }

  async function opened() {
    for (const kept of [inputs, finds, pages, orders, chips]) for (const name of Object.keys(kept)) delete kept[name]
    errors.value = {}
    failed.value = ''
    sheet.value = ''
    loading.value = true
    document.querySelector('main')?.scrollTo(0, 0)
    clearTimeout(impatience)
    impatience = window.setTimeout(() => (late.value = loading.value), PATIENCE)
    await load()
    clearTimeout(impatience)
    late.value = false
  }

  function go(to: Place) {
    stack.value.push(to)
    if (!entry.deck) history.pushState({ depth: stack.value.length }, '')
    return opened()
  }

  function startAt(screen: string) {
    stack.value = [{ screen, args: [] }]
    return opened()
  }

  function back() {
    if (stack.value.length < 2) return startAt('')
    if (!entry.deck) return history.back()
    stack.value.pop()
    return opened()
  }

  /** How deep the way was when somebody had to sign in: there they go on afterwards. */
  let wanted = 0

  function toSignIn(screen: string) {
    wanted = stack.value.length
    return go({ screen, args: [] })
  }

  /** A session has begun or ended: what the one before saw is not kept, and one goes on where one wanted to be. */
  async function turned(outcome: Outcome) {
    if (outcome.pending !== undefined) session.begun(outcome.pending)
    if (outcome.session === undefined) return
    session.set(outcome.session)
    forgetKept()
    if (outcome.go || outcome.over) return
    await arrived(outcome.session ? (outcome.arrives ?? '') : '')
  }

  async function arrived(screen: string) {
    const depth = wanted
    wanted = 0
    if (!depth || depth > stack.value.length) return startAt(screen)
    stack.value = stack.value.slice(0, depth)
    return opened()
  }

  /** Leaves for a provider's page: beside the app, or in its place. */
  async function leaveFor(address: string) {
    if (!beside) {
      session.want(JSON.stringify(wanted ? stack.value.slice(0, wanted) : []))
      location.href = address
      return
    }
    window.open(address, '_blank', 'noopener')
    say('Please go on in the page that has opened.')
    const handle = session.pending()
    for (let left = 400; left > 0 && session.pending() === handle; left--) {
      await new Promise((done) => setTimeout(done, 1500))
      if (await returnedFrom().catch(() => false)) return
    }
  }

  /** True where nothing is waited for any more. */
  async function returnedFrom(): Promise<boolean> {
    const answer = await server.arrive(where())
    if (answer.waiting) return false
    session.begun('')
    if (answer.arrives === undefined) return true
    forgetKept()
    if (answer.person !== undefined) told(answer.person)
    await arrived(answer.arrives)
    return true
  }

  async function download() {
    const link = document.createElement('a')
    link.href = URL.createObjectURL(new Blob([JSON.stringify(await server.mine(where()), null, 2)], { type: 'application/json' }))
    link.download = 'my-data.json'
    link.click()
    setTimeout(() => URL.revokeObjectURL(link.href), 10_000)
  }

  /** A question that the last tap waits for. */
  const question = shallowRef<(Question & { answer: (typed?: string) => void }) | null>(null)

  /** One tap at a time: another while this one is under way is not taken. True where it was done, or will be by itself. */
  async function tap(at: string, item: number | null, fill?: Record<string, unknown>, queues = false, confirmed: string[] = [], answers: Record<string, unknown> = {}): Promise<boolean> {
    if (busy.value) return false
    question.value = null
    busy.value = `${at}:${item ?? ''}`
    errors.value = {}
    const from = performance.now()
    const body = { ...where(), screen: view.value?.screen ?? '', inputs: { ...inputs, ...fill }, at, item, confirmed, answers, tap: tapKey(), revision }
    try {
      const answer = await server.tap(body)
      const outcome = answer.outcome
      // What comes after a wait is seen after it.
      const waits = outcome?.then.some((then) => then.do === 'wait') ? answer.view : undefined
      take(waits ? { ...answer, view: undefined } : answer, at, from)
      if (!outcome) return false
      errors.value = outcome.errors
      const [wrong] = Object.values(outcome.errors)
      if (wrong) await nextTick().then(() => say(toFirstWrong(wrong), true))
      const asked = outcome.confirm
      if (asked) {
        question.value = { ...asked, answer: (typed) => tap(at, item, fill, queues, typed === undefined ? [...confirmed, asked.at] : confirmed, typed === undefined ? answers : { ...answers, [asked.at]: typed }) }
        return false
      }
      if (outcome.refused) say(outcome.refused, true)
      else if (outcome.say.length) say(outcome.say.join(' '))
      values.take(outcome.values, outcome.passing)
      if (outcome.signIn && answer.view?.signIn) {
        void toSignIn(answer.view.signIn)
        return false
      }
      await turned(outcome)
      await follow(outcome, waits)
      return outcome.done
    } catch (error) {
      if (error instanceof Unreachable && queues && queue.add(JSON.parse(JSON.stringify(body)))) {
        waiting.value = queue.all().length
        for (const name of Object.keys(inputs)) delete inputs[name]
        offlineSince.value ??= Date.now()
        say('There is no connection. This will be done as soon as there is one.')
        return true
      }
      say(error instanceof Declined ? error.message : 'There is no connection. Nothing was changed; please try again.', true)
      return false
    } finally {
      busy.value = ''
    }
  }

  /** What an outcome lets the device do by itself, one after the other, and where it leads in the end. */
  async function follow(outcome: Outcome, later?: View) {
    const leaves = outcome.go || outcome.back || outcome.over || outcome.session !== undefined
    if (outcome.done && !leaves) for (const name of outcome.used) delete inputs[name]
    for (const then of outcome.then) {
      if (then.do === 'open') leave(then.text)
      else if (then.do === 'sheet') sheet.value = then.text
      else if (then.do === 'copy') await navigator.clipboard?.writeText(then.text).then(() => outcome.say.length || say('Copied.'), () => say('This device does not let the app copy.', true))
      else if (then.do === 'share') await share(then.text)
      else if (then.do === 'play') await new Audio(media(then.text)).play().catch(() => say('The sound could not be played.', true))
      else if (then.do === 'wait') await new Promise((done) => setTimeout(done, Number(then.text) * 1000))
      else if (then.do === 'say') say(then.text)
      else if (then.do === 'leave for') void leaveFor(then.text)
      else if (then.do === 'download') await download()
      else if (then.do === 'refresh') await load()
    }
    if (later && view.value?.screen === later.screen) view.value = later
    if (outcome.done && Object.keys({ ...outcome.values, ...outcome.passing }).length && !leaves) await load()
    if (outcome.over) await startAt('')
    else if (outcome.go) await go(outcome.go)
    else if (outcome.back) await back()
  }

  async function share(text: string) {
    if (!navigator.share) return navigator.clipboard?.writeText(text).then(() => say('Copied, so that you can paste it where you like.'), () => say(text))
    await navigator.share({ text }).catch(() => undefined)
  }

  /** Web pages open beside the app, so that it is still there; a mail, a call or a map goes to the phone. */
  function leave(address: string) {
    if (/^https?:/i.test(address)) window.open(address, '_blank', 'noopener')
    else location.href = address
  }

  /** Does what was tapped without a connection, in its order; each says by itself where it was refused. */
  async function flush() {
    for (const one of queue.all()) {
      try {
        const { outcome } = await server.tap(one.body)
        // What waits for an answer cannot be asked here: it is told, and was not done.
        if (outcome?.refused || outcome?.confirm) say(outcome.refused || `Not done: ${outcome.confirm?.text}`, true)
      } catch (error) {
        if (error instanceof Unreachable) return
        say(error instanceof Declined ? error.message : String(error), true)
      }
      queue.done(one)
      waiting.value = queue.all().length
    }
  }

  async function poll() {
    try {
      const now = (await server.pulse(entry.deck ? `?set=${chosen.set}` : '')).pulse
      if (waiting.value) await flush()
      if ((now && now !== pulse) || offlineSince.value !== null) if (!busy.value) await load()
    } catch (error) {
      if (error instanceof Unreachable && view.value) offlineSince.value ??= Date.now()
    }
    timer = window.setTimeout(poll, document.hidden ? POLL * 4 : POLL)
  }

  function returned() {
    if (stack.value.length > 1) stack.value.pop()
    opened()
  }

  /** What the deck chose: who, when, and on what kind of device. */
  function choose(choice: Choice) {
    Object.assign(chosen, Object.fromEntries(Object.entries(choice).filter(([name]) => name in chosen)))
    if (choice.platform) platform.value = choice.platform
    if (choice.network) network.value = choice.network
    if (choice.direction) direction.value = choice.direction
    if (choice.dark !== undefined) dark.value = choice.dark
    if (choice.textSize) textSize.value = choice.textSize
    document.documentElement.style.fontSize = `${textSize.value}%`
    document.documentElement.dir = direction.value
    measureText()
  }

  /** Somebody who left for a provider's page has come back to this one. */
  async function cameBack() {
    if (!entry.deck && new URLSearchParams(location.search).has('back')) {
      history.replaceState({}, '', location.pathname)
      const stay = JSON.parse(session.wanted() || '[]') as Place[]
      session.want('')
      if (stay.length) stack.value = stay
      wanted = stay.length
      if (session.pending() && (await returnedFrom().catch(() => false))) return
    }
    return load()
  }

  onMounted(() => {
    deck.listen({
      refresh: () => load(),
      set(choice) {
        const moved = choice.set !== undefined && choice.set !== chosen.set
        if (moved || (choice.person !== undefined && choice.person !== chosen.person)) session.set('')
        choose(choice)
        return moved ? startAt('') : load()
      },
      open: (screen, args) => {
        stack.value = [{ screen, args: args ?? [] }]
        return opened()
      },
      why: (at) => server.why({ ...where(), at }).then((account) => deck.tell({ lanai: 'why', at, account }), (error) => say(error instanceof Declined ? error.message : 'There is no connection.', true)),
    })
    window.addEventListener('popstate', returned)
    const first = entry.deck ? deck.begun(choose) : Promise.resolve()
    first.then(cameBack)
    timer = window.setTimeout(poll, POLL)
  })
  onUnmounted(() => {
    window.removeEventListener('popstate', returned)
    clearTimeout(timer)
  })

  const canGoBack = computed(() => stack.value.length > 1)
  const isBusy = (at: string, item: number | null = null) => busy.value === `${at}:${item ?? ''}`

  return { where, view, inputs, finds, pages, orders, chips, errors, message, messageIsRefusal, offlineSince, waiting, busy, isBusy, happened, loading, late, failed, question, sheet, canGoBack, tap, toSignIn, back, startAt, load, dismiss: () => (message.value = '') }
}

export type Device = ReturnType<typeof useDevice>
