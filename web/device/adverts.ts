import type { Footprints, ShownAdvert } from '../contracts/view'
import { deck } from './deck'
import { entry } from './entry'
import { server } from './server'
import { shell } from './shell'
import { practised } from './system'

const NAME = `lanai-adverts:${entry.base}`
let held = ''

/** By what this device is known to adverts: thought up here, for this app alone. */
function device(): string {
  if (held) return held
  try {
    held = (entry.deck ? '' : localStorage.getItem(NAME)) || crypto.randomUUID()
    if (!entry.deck) localStorage.setItem(NAME, held)
  } catch {
    held ||= crypto.randomUUID()
  }
  return held
}

/** What stands where: whoever scrolls away and back, and every redrawing, finds the same. */
const there = new Map<string, { advert: ShownAdvert; at: number }>()
const FRESH = 600_000
export function standing(at: string): ShownAdvert | null {
  const known = there.get(at)
  return known && Date.now() - known.at < FRESH ? known.advert : null
}
export const stands = (at: string, advert: ShownAdvert) => there.set(at, { advert, at: Date.now() })

/** Asks the server; in the deck the studio hears what went on between there and the network. */
async function tell<Answer>(path: string, body: object): Promise<Answer> {
  const from = performance.now()
  const answer = (await server.post(path, body)) as Answer & { footprints?: Footprints }
  if (answer.footprints) deck.tell({ lanai: 'footprints', about: 'An advert', footprints: answer.footprints, ms: Math.round(performance.now() - from) })
  return answer
}

export const ask = (place: string, where: object) =>
  tell<{ advert: ShownAdvert | null; ask?: string }>('/advert', { ...where, place, device: device(), askable: !wasAsked() })

/** What becomes of an advert is told, and waited for by nobody. */
export const seen = (key: string) => void tell('/advert/seen', { key }).catch(() => undefined)
export const happened = (key: string, what: string) => tell('/advert/told', { key, what }).catch(() => undefined)

export const rewarded = async (key: string) => ((await server.post('/advert/reward', { key })) as { reward: 'given' | 'waits' | 'none' }).reward

/** Where a phone asks as well, what it was told: in the deck, and in a package for iPhones. Null where it does not ask. */
async function bySystem(): Promise<boolean | null> {
  if (practised.tracking) return practised.tracking()
  if (shell('tracking') !== 'asked') return null
  return new Promise((answer) => ((window as { lanaiTracking?: (yes: boolean) => void }).lanaiTracking = answer))
}

/** Somebody allows adverts to be about them, or does not: then nothing that was known before is known any more. */
export async function allow(wanted: boolean): Promise<void> {
  // Where the phone itself asks as well, both have to say yes.
  const system = wanted ? await bySystem() : null
  const personal = wanted && system !== false
  if (!personal) {
    held = crypto.randomUUID()
    try {
      if (!entry.deck) localStorage.setItem(NAME, held)
    } catch {
      // Then it is known for as long as the app stays open.
    }
  }
  await server.post('/advert/consent', { device: device(), personal, ...(system === null ? {} : { system }) })
}

export const picture = (key: string) => `${entry.base}/advert/${key}/picture`
export const film = (key: string) => `${entry.base}/advert/${key}/film`
export const out = (key: string) => `${entry.base}/advert/${key}/out`

const ASKED = `${NAME}:asked`
let asked = false
/** The screen that asks opens once by itself; afterwards it is there where the founder leads to it. In the deck each device is a new one. */
function wasAsked(): boolean {
  if (entry.deck) return asked
  try {
    return sessionStorage.getItem(ASKED) !== null
  } catch {
    return true
  }
}
export function wereAsked(): void {
  asked = true
  if (entry.deck) return
  try {
    sessionStorage.setItem(ASKED, '1')
  } catch {
    // Where nothing can be kept nobody is asked by itself.
  }
}
