import { shallowRef } from 'vue'
import { entry } from './entry'
import { server } from './server'
import { session } from './session'
import { shell } from './shell'

/** What a phone answers to whether messages may come. */
export type Leave = 'allowed' | 'refused'

const NAME = `lanai-messages:${entry.base}`

interface Known {
  handle: string
  /** What the phone's own question was answered; '' before it was asked. */
  leave: Leave | ''
}

let held: Known | null = null

/** What this device calls itself to messages: thought up here, for this app alone. In the deck each device is asked anew. */
export function known(): Known {
  if (held) return held
  try {
    const kept: unknown = entry.deck ? null : JSON.parse(localStorage.getItem(NAME) ?? 'null')
    if (kept && typeof (kept as Known).handle === 'string') held = kept as Known
  } catch {
    // Then it is thought up anew.
  }
  return (held ??= { handle: crypto.randomUUID(), leave: '' })
}

export function know(leave: Leave | '') {
  held = { ...known(), leave }
  try {
    if (!entry.deck) localStorage.setItem(NAME, JSON.stringify(held))
  } catch {
    // Then it is known for as long as the app stays open.
  }
}

/** By what the deck finds what lies on this phone; null before messages may come. */
export const phone = shallowRef<string | null>(null)

/** What the phone has said already, where it need not be asked: its question comes once. */
export function leaveKnown(): Leave | '' {
  if (!entry.deck && 'Notification' in window && Notification.permission === 'denied') return 'refused'
  return known().leave
}

/** Whoever is signed in here now gets the messages of this phone, and nobody else. */
export function belongs(where: object) {
  if (known().leave === 'allowed') void server.notify({ ...where, handle: known().handle }).catch(() => undefined)
}
session.turned(() => void setTimeout(() => belongs({})))

/** The deck's phone is another one: it is asked anew. */
export function otherPhone() {
  if (!entry.deck || !held) return
  const { handle, leave } = held
  held = null
  phone.value = null
  if (leave === 'allowed') void server.notify({ handle, allowed: false }).catch(() => undefined)
}

/** A message was opened: its number is in the address, where the phone has opened the app for it; a package tells it at any time. */
export function listenToOpened() {
  openedHere()
  openedInPackage()
  // A phone may be found by another number each time that the app begins.
  ;(window as { lanaiFound?: (token: string) => void }).lanaiFound = (token) => {
    if (known().leave === 'allowed') void server.notify({ handle: known().handle, allowed: true, fetches: true, token }).catch(() => undefined)
  }
  addEventListener('hashchange', openedInPackage)
  document.addEventListener('visibilitychange', () => document.visibilityState === 'visible' && openedInPackage())
}

const isNumber = (id: string) => /^[0-9a-f-]{36}$/.test(id)

function openedInPackage() {
  const id = shell('notify', 'told') ?? ''
  if (isNumber(id)) void server.opened(id).catch(() => undefined)
}

function openedHere() {
  const query = new URLSearchParams(location.search)
  const id = query.get('told') ?? ''
  if (!isNumber(id)) return
  query.delete('told')
  const rest = query.toString()
  history.replaceState(history.state, '', `${location.pathname}${rest ? `?${rest}` : ''}${location.hash}`)
  void server.opened(id).catch(() => undefined)
}
