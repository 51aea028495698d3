import { entry } from './entry'
import { lot } from './lot'
import { shell } from './shell'

/** What the browser tells of the device. */

/** A tablet begins at 600 dp on its shorter side. */
export const formNow = (): 'phone' | 'tablet' => (Math.min(window.innerWidth, window.innerHeight) >= 600 ? 'tablet' : 'phone')

export function platformTold(): 'ios' | 'android' | 'web' {
  const agent = navigator.userAgent
  if (/Android/i.test(agent)) return 'android'
  return /iPhone|iPad|iPod/.test(agent) ? 'ios' : 'web'
}

export const zone = Intl.DateTimeFormat().resolvedOptions().timeZone

/** By what the server knows which revision is meant. */
export function whichOne(): Record<string, string> {
  const told: Record<string, string> = { Accept: 'application/json' }
  const drawn = lot()
  if (drawn) told['Lanai-Lot'] = drawn
  if (entry.tester) told['Lanai-Tester'] = entry.tester
  return told
}

/** With what every question to the server goes along. */
export function headersWith(token: string): Record<string, string> {
  const csrf = /(?:^|; )XSRF-TOKEN=([^;]+)/.exec(document.cookie)?.[1]
  const told = whichOne()
  if (csrf) told['X-XSRF-TOKEN'] = decodeURIComponent(csrf)
  if (token) told.Authorization = `Bearer ${token}`
  return told
}

const LANGUAGE = `lanai-language:${entry.base}`

/** The language that somebody has chosen on this phone, by its tag; '' for none. */
export function languageKept(): string {
  try {
    return entry.deck ? '' : (localStorage.getItem(LANGUAGE) ?? '')
  } catch {
    return ''
  }
}

export function keepLanguage(tag: string): void {
  try {
    if (entry.deck) return
    if (tag) localStorage.setItem(LANGUAGE, tag)
    else localStorage.removeItem(LANGUAGE)
  } catch {
    // Then it holds for as long as the app stays open.
  }
}

let asked: boolean | undefined
/** Whether the phone can open the sheet of its own store: packages for iPhones can. */
export const sheet = () => (asked ??= entry.till === 'pier' && Boolean(shell('buys')))

/** What is asked for with every screen where nobody has chosen anything: also what is asked early, which is of use only if it is the same. */
export const usual = () => ({
  /** What the person has chosen; '' for the phone's own, which the deck does not ask for. */
  language: languageKept(),
  languages: entry.deck ? [] : [...navigator.languages].slice(0, 10),
  person: null as number | null,
  now: null as string | null,
  set: 'sandbox',
  till: entry.till ?? 'card',
  /** Whether the phone has a sheet of its own store; asked once. */
  ...(sheet() ? { sheet: true } : {}),
  store: (entry.store ?? '') as string,
  build: entry.build ?? null,
})
