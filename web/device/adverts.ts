import { shallowRef } from 'vue'
import { entry } from './entry'
import { server } from './server'

/** An advert: words, and a picture that comes through the app's own server. */
export interface Shown {
  key: string
  title: string
  words: string
  button: string
  by: string
}

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
const there = new Map<string, { advert: Shown; at: number }>()
const FRESH = 600_000
export function standing(at: string): Shown | null {
  const known = there.get(at)
  return known && Date.now() - known.at < FRESH ? known.advert : null
}
export const stands = (at: string, advert: Shown) => there.set(at, { advert, at: Date.now() })

export const ask = (place: string, where: object) =>
  server.post('/advert', { ...where, place, device: device(), askable: !wasAsked() }) as Promise<{ advert: Shown | null; ask?: string; why?: string }>

export const seen = (key: string) => server.post('/advert/seen', { key })

/** Somebody allows adverts to be about them, or does not: then nothing that was known before is known any more. */
export async function allow(personal: boolean): Promise<void> {
  if (!personal) {
    held = crypto.randomUUID()
    try {
      if (!entry.deck) localStorage.setItem(NAME, held)
    } catch {
      // Then it is known for as long as the app stays open.
    }
  }
  await server.post('/advert/consent', { device: device(), personal })
}

export const picture = (key: string) => `${entry.base}/advert/${key}/picture`
export const out = (key: string) => `${entry.base}/advert/${key}/out`

const ASKED = `${NAME}:asked`
/** The screen that asks opens once by itself; afterwards it is there where the founder leads to it. */
function wasAsked(): boolean {
  try {
    return sessionStorage.getItem(ASKED) !== null
  } catch {
    return true
  }
}
export function wereAsked(): void {
  try {
    sessionStorage.setItem(ASKED, '1')
  } catch {
    // Where nothing can be kept nobody is asked by itself.
  }
}

/** An advert over the whole screen, and what goes on when it is closed. */
export const full = shallowRef<{ advert: Shown; close: () => void } | null>(null)

/** Shows one, if there is one: whatever happens, it goes on. */
export async function showFull(place: string, where: object): Promise<void> {
  const { advert } = await ask(place, where).catch(() => ({ advert: null }))
  if (!advert) return
  await new Promise<void>((done) => {
    full.value = {
      advert,
      close: () => {
        full.value = null
        done()
      },
    }
  })
}
