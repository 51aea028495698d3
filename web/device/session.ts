import { entry } from './entry'

/** The token of a person's session, and the handle of a sign-in under way. In the deck each device has its own, for as long as it stands there. */
const key = (name: string) => `lanai-${name}:${entry.base}`
const held: Record<string, string> = {}

function read(name: string): string {
  try {
    return entry.deck ? (held[name] ?? '') : (localStorage.getItem(key(name)) ?? '')
  } catch {
    return held[name] ?? ''
  }
}

function write(name: string, value: string) {
  held[name] = value
  try {
    if (!entry.deck) {
      if (value) localStorage.setItem(key(name), value)
      else localStorage.removeItem(key(name))
    }
  } catch {
    // Then it is known for as long as the app stays open.
  }
}

const hearers: (() => void)[] = []

export const session = {
  token: () => read('session'),
  set(token: string) {
    const others = (token === '') !== (read('session') === '')
    write('session', token)
    if (others) for (const hear of hearers) hear()
  },
  /** Somebody has signed in or out. */
  turned: (hear: () => void) => hearers.push(hear),
  pending: () => read('pending'),
  begun: (handle: string) => write('pending', handle),
  /** Where somebody was who left for a provider's page. */
  wanted: () => read('wanted'),
  want: (place: string) => write('wanted', place),
}

/** A provider's page opens beside the app where the app's own page must stay: in the deck, and in a package. */
export const beside = entry.deck || !entry.base.startsWith('/')
