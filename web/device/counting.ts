import { entry } from './entry'
import { counts, NAME, OFF, self } from './self'
import { server } from './server'

/** So many steps are told at once, and so long they may wait, in ms. */
const MOST = 50
const PAUSE = 30_000

const steps: { what: 'screen' | 'page' | 'tap'; of: string; at: number }[] = []
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

/** What is to be told: it goes along with what is asked next. */
export function uncounted(): { counted?: object } {
  const some = steps.splice(0, MOST)
  const told = some.map(({ what, of, at }) => ({ what, of, ago: Math.round((Date.now() - at) / 1000) }))
  return told.length && counts() ? { counted: { device: self(), steps: told, source: source() || null } } : {}
}

/** Where nothing is asked any more it goes by itself. */
function tell() {
  clearTimeout(timer)
  timer = undefined
  const some = uncounted()
  if (some.counted) void server.count(some).catch(() => undefined)
}

/** The line of the app behind a node: without the rows that it is repeated for, and in a piece the piece's own line. */
export const lineAt = (at: string) => (at.includes('=') ? at.slice(at.lastIndexOf('=') + 1) : at).replace(/@\d+/g, '')

/** Something was looked at, or tapped, or one of the pages that are swiped was come to: `/screens/0/lines/0#2`. */
export function counted(what: 'screen' | 'page' | 'tap', of: string) {
  if (!of || !counts()) return
  if (!isHeard) addEventListener('pagehide', tell)
  isHeard = true
  steps.push({ what, of, at: Date.now() })
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
