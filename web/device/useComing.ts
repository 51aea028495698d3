import type { Outcome, Place } from '../contracts/view'
import { addressOf } from './address'
import { entry } from './entry'
import { ledBack } from './invited'
import { forgetKept } from './kept'
import { server } from './server'
import { beside, session } from './session'
import { sheet } from './told'
import type { Places } from './usePlaces'
import type { Shown } from './useView'
import { own } from './own'

const ASKED_EVERY = 1500
/** As much as a screen is given. */
const LONGEST = 2000
const ASKED_AT_MOST = 400

/** Coming in and leaving: where somebody wanted to be who had to sign in first, and the way by a provider's page and back. */
export function useComing(
  { step, chain, go, startAt, returnTo, forgetLeft, begin }: Places,
  { where, signedIn, load }: Shown,
  say: (text: string, refusal?: boolean) => void,
) {
  if (sheet()) void import('./bought').then(({ listenToBought }) => listenToBought(where, say, load))
  /** The step at which somebody had to sign in: there they go on afterwards. */
  let wanted = 0
  let stay: Place[] = []

  function toSignIn(screen: string) {
    wanted = step.value.id
    stay = chain()
    return go({ screen, args: [] })
  }

  /** A session has begun or ended: what the one before saw is not kept, and one goes on where one wanted to be. */
  async function turned(outcome: Outcome) {
    if (outcome.pending !== undefined) session.begun(outcome.pending)
    if (outcome.session === undefined) return
    session.set(outcome.session)
    forgetKept()
    forgetLeft()
    if (outcome.go || outcome.over) return
    await arrived(outcome.session ? (outcome.arrives ?? '') : '')
  }

  async function arrived(screen: string) {
    const to = wanted
    wanted = 0
    forgetLeft()
    const led = ledBack()
    if (to && (await returnTo(to))) return
    await startAt(screen)
    // Whoever was invited goes on to what they were invited to.
    if (led && session.token()) await go(led)
  }

  /** Leaves for a provider's page: beside the app, or in its place. */
  async function leaveFor(address: string) {
    if (!beside) {
      session.want(JSON.stringify(wanted ? stay : []))
      location.href = address
      return
    }
    window.open(address, '_blank', 'noopener')
    say(own('Please go on in the page that has opened.'))
    const handle = session.pending()
    for (let left = ASKED_AT_MOST; left > 0 && session.pending() === handle; left--) {
      await new Promise((done) => setTimeout(done, ASKED_EVERY))
      if (await returnedFrom().catch(() => false)) return
    }
  }

  async function toSheet(address: string) {
    const { openSheet } = await import('./bought')
    if (!openSheet(address)) say(own('The store does not answer just now. Please try again in a moment.'), true)
  }

  /** Leaves for a page on which something is paid, and comes back to where one was. */
  function payAt(address: string) {
    if (address.startsWith('sheet:')) return void toSheet(address)
    if (beside) {
      window.open(address, '_blank', 'noopener')
      return say(own('Please pay on the page that has opened. It shows here by itself.'))
    }
    session.want(JSON.stringify(chain()))
    location.href = address
  }

  /** True where nothing is waited for any more. */
  async function returnedFrom(): Promise<boolean> {
    const answer = await server.arrive(where())
    if (answer.waiting) return false
    session.begun('')
    if (answer.arrives === undefined) return true
    forgetKept()
    if (answer.person !== undefined) signedIn(answer.person)
    await arrived(answer.arrives)
    return true
  }

  /** A text that another program shared: its address is that of the screen that takes it. */
  function shared() {
    const query = new URLSearchParams(location.search)
    const text = ['shared-title', 'shared-text', 'shared-url'].map((name) => query.get(name) ?? '').filter(Boolean).join('\n')
    if (text && entry.shared) history.replaceState(null, '', `${location.pathname}${addressOf({ screen: entry.shared, args: [text.slice(0, LONGEST)] })}`)
  }

  /** The first thing that is shown; somebody who left for a provider's page may have come back to this one. */
  async function comeIn() {
    const returns = !entry.deck && new URLSearchParams(location.search).has('back')
    if (returns) history.replaceState({}, '', location.pathname)
    stay = returns ? (JSON.parse(session.wanted() || '[]') as Place[]) : []
    if (returns) session.want('')
    if (!entry.deck) shared()
    begin(stay)
    if (stay.length) wanted = step.value.id
    if (returns && session.pending() && (await returnedFrom().catch(() => false))) return
    return load()
  }

  return { toSignIn, turned, leaveFor, payAt, comeIn }
}
