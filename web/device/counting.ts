import { entry } from './entry'
import { counts, NAME, OFF, self } from './self'
import { server } from './server'

/** So many steps are told at once at the most. */
const MOST = 50
/** From so many on, or where the first has waited for so many ms, they go along with what is asked. */
const ENOUGH = 9
const OLD = 60_000
/** Where nothing is asked or done any more they go by themselves after so many ms. */
const PAUSE = 300_000

const steps: { what: 'screen' | 'page' | 'tap'; of: string; at: number; ms?: number }[] = []
/** What was done last, whether it is counted or not: should something go wrong, it tells how to come there again. */
const last: { what: string; of: string }[] = []
const LATELY = 8
export const lately = () => [...last]

let timer: ReturnType<typeof setTimeout> | undefined
let isHeard = false

/** Where somebody comes from: a word in the address, or the page that led here. */
function source(): string {
  const said = new URLSearchParams(location.search).get('from') ?? ''
  if (/^[\w.-]{1,60}$/.test(said)) return said
  try {
    const host = document.referrer ? new URL(document.referrer).host : ''
    return host && host !== location.host && /^[\w.-]{1,60}$/.test(host) ? host : ''
  } catch {
    return ''
  }
}

/** Which package this is; nothing in a browser. */
export const version = entry.store && entry.build ? `${entry.store} ${entry.build}` : null

/** What is to be told goes along with what is asked, once there is enough of it. */
export const uncounted = (): { counted?: object } => (steps.length >= ENOUGH || (steps.length && Date.now() - steps[0].at >= OLD) ? told() : {})

function told(): { counted?: object } {
  const some = steps.splice(0, MOST)
  const done = some.map(({ at, ...step }) => ({ ...step, ago: Math.round((Date.now() - at) / 1000) }))
  if (!done.length || !counts()) return {}
  return { counted: { device: self(), steps: done, source: source() || null, version, unanswered: server.takeUnanswered() } }
}

/** Whoever leaves, or looks at something else, may not come back: it goes by itself. */
function tell() {
  clearTimeout(timer)
  timer = undefined
  const some = told()
  if (some.counted) void server.count(some).catch(() => undefined)
}

/** The line of the app behind a node: without the rows that it is repeated for, and in a piece the piece's own line. */
export const lineAt = (at: string) => (at.includes('=') ? at.slice(at.lastIndexOf('=') + 1) : at).replace(/@\d+/g, '')

/**
 * Something was looked at, or tapped, or one of the pages that are swiped was come to: `/screens/0/lines/0#2`.
 *
 * @param took until it was shown, in ms
 */
export function counted(what: 'screen' | 'page' | 'tap', of: string, took?: number) {
  if (!of) return
  last.push({ what, of })
  if (last.length > LATELY) last.shift()
  if (!counts()) return
  if (!isHeard) {
    addEventListener('pagehide', tell)
    document.addEventListener('visibilitychange', () => document.visibilityState === 'hidden' && tell())
  }
  isHeard = true
  steps.push({ what, of, at: Date.now(), ...(took === undefined ? {} : { ms: Math.round(took) }) })
  clearTimeout(timer)
  timer = setTimeout(tell, PAUSE)
  if (steps.length >= MOST) tell()
}

/** Somebody wants to be counted, or not: then nothing of this device stays. */
export function mayCount(wanted: boolean) {
  const known = self()
  steps.length = 0
  try {
    if (wanted) localStorage.removeItem(NAME)
    else localStorage.setItem(NAME, OFF)
  } catch {
    return
  }
  if (!wanted && known !== OFF && !entry.deck) void server.count({ forget: known }).catch(() => undefined)
}
