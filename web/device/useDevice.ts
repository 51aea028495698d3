import { computed, onMounted, onUnmounted, reactive, ref, shallowRef } from 'vue'
import type { DeviceAnswer, Place, Question, View } from '../contracts/view'
import { deck } from './deck'
import { entry } from './entry'
import { keep, recall } from './kept'
import { Declined, server, Unreachable } from './server'

const POLL = 2500

function tapKey(): string {
  return Array.from(crypto.getRandomValues(new Uint8Array(16)), (b) => b.toString(16).padStart(2, '0')).join('')
}

/** The state of one device: where it is, what is shown, what was typed, and what a tap does. */
export function useDevice() {
  const stack = ref<Place[]>([{ screen: '', args: [] }])
  const view = shallowRef<View | null>(null)
  const inputs = reactive<Record<string, unknown>>({})
  /** What is searched for in each list, and how far each is read. */
  const finds = reactive<Record<string, string>>({})
  const pages = reactive<Record<string, number>>({})
  const errors = ref<Record<string, string>>({})
  const message = ref('')
  const messageIsRefusal = ref(false)
  const offlineSince = ref<number | null>(null)
  const busy = ref('')
  const loading = ref(true)
  const failed = ref('')
  const chosen = reactive({ person: null as number | null, now: null as string | null, set: 'sandbox' })
  let revision = 0
  let pulse = ''
  let asked = 0
  let timer = 0
  let silence = 0

  const place = computed(() => stack.value[stack.value.length - 1])
  const placeKey = (screen = place.value.screen) => `${screen}/${place.value.args.join(',')}/${chosen.person ?? ''}`
  const where = () => ({ ...place.value, person: chosen.person, now: chosen.now, set: chosen.set, inputs, finds, pages })

  function say(text: string, refusal = false) {
    message.value = text
    messageIsRefusal.value = refusal
    clearTimeout(silence)
    silence = window.setTimeout(() => (message.value = ''), 6000)
  }

  function take(answer: DeviceAnswer, tapped: string, from: number) {
    revision = answer.revision
    if (answer.pulse) pulse = answer.pulse
    if (answer.view) {
      view.value = answer.view
      failed.value = ''
      keep(placeKey(), answer.view)
      // The first screen is asked for without a name; a tab asks for it by name.
      if (answer.view.screen !== place.value.screen) keep(placeKey(answer.view.screen), answer.view)
    }
    offlineSince.value = null
    deck.tell({ lanai: 'footprints', tapped, footprints: answer.footprints, outcome: answer.outcome, ms: Math.round(performance.now() - from), place: { ...place.value, screen: view.value?.screen ?? '' } })
  }

  async function load() {
    const mine = ++asked
    const from = performance.now()
    try {
      const answer = await server.view(where())
      if (mine === asked) take(answer, '', from)
    } catch (error) {
      if (mine !== asked) return
      const kept = error instanceof Unreachable ? recall(placeKey()) : null
      if (kept) {
        view.value = kept.view
        offlineSince.value = kept.at
      } else if (error instanceof Unreachable && view.value && view.value.screen === place.value.screen) {
        offlineSince.value ??= Date.now()
      } else {
        failed.value = error instanceof Declined ? error.message : 'There is no connection, and this screen has not been read before.'
      }
    } finally {
      if (mine === asked) loading.value = false
    }
  }

  function opened() {
    for (const kept of [inputs, finds, pages]) for (const name of Object.keys(kept)) delete kept[name]
    errors.value = {}
    failed.value = ''
    loading.value = true
    document.querySelector('main')?.scrollTo(0, 0)
    return load()
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

  /** A question that the last tap waits for. */
  const question = shallowRef<(Question & { yes: () => void }) | null>(null)

  async function tap(at: string, item: number | null, fill?: Record<string, unknown>, confirmed: string[] = []) {
    if (busy.value) return
    question.value = null
    busy.value = `${at}:${item ?? ''}`
    errors.value = {}
    const from = performance.now()
    try {
      const answer = await server.tap({ ...where(), screen: view.value?.screen ?? '', inputs: { ...inputs, ...fill }, at, item, confirmed, tap: tapKey(), revision })
      take(answer, at, from)
      const outcome = answer.outcome
      if (!outcome) return
      errors.value = outcome.errors
      const asked = outcome.confirm
      if (asked) return void (question.value = { ...asked, yes: () => tap(at, item, fill, [...confirmed, asked.at]) })
      if (outcome.refused) say(outcome.refused, true)
      else if (outcome.say.length) say(outcome.say.join(' '))
      if (outcome.done && !outcome.go && !outcome.back && !outcome.over) for (const name of Object.keys(inputs)) delete inputs[name]
      if (outcome.open) leave(outcome.open)
      if (outcome.over) await startAt('')
      else if (outcome.go) await go(outcome.go)
      else if (outcome.back) await back()
    } catch (error) {
      say(error instanceof Declined ? error.message : 'There is no connection. Nothing was changed; please try again.', true)
    } finally {
      busy.value = ''
    }
  }

  /** Web pages open beside the app, so that it is still there; a mail or a call goes to the phone. */
  function leave(address: string) {
    if (/^https?:/i.test(address)) window.open(address, '_blank', 'noopener')
    else location.href = address
  }

  async function poll() {
    try {
      const query = entry.deck ? `?set=${chosen.set}` : ''
      if ((await server.pulse(query)).pulse !== pulse || offlineSince.value !== null) if (!busy.value) await load()
    } catch (error) {
      if (error instanceof Unreachable && view.value) offlineSince.value ??= Date.now()
    }
    timer = window.setTimeout(poll, document.hidden ? POLL * 4 : POLL)
  }

  function returned() {
    if (stack.value.length > 1) stack.value.pop()
    opened()
  }

  onMounted(() => {
    deck.listen({
      refresh: load,
      set(choice) {
        const moved = choice.set !== undefined && choice.set !== chosen.set
        Object.assign(chosen, choice)
        return moved ? startAt('') : load()
      },
      open: (screen) => startAt(screen),
      why: async (at) => deck.tell({ lanai: 'why', at, account: await server.why({ ...where(), at }) }),
    })
    window.addEventListener('popstate', returned)
    const first = entry.deck ? deck.begun(chosen) : Promise.resolve()
    first.then(load)
    timer = window.setTimeout(poll, POLL)
  })
  onUnmounted(() => {
    window.removeEventListener('popstate', returned)
    clearTimeout(timer)
  })

  const canGoBack = computed(() => stack.value.length > 1)

  return { view, inputs, finds, pages, errors, message, messageIsRefusal, offlineSince, busy, loading, failed, question, canGoBack, tap, back, startAt, load, dismiss: () => (message.value = '') }
}

export type Device = ReturnType<typeof useDevice>
