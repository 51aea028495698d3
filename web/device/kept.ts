import type { View } from '../contracts/view'
import { entry } from './entry'

/** The last view of each screen, kept on the device for when the server cannot be reached. */
export interface Kept {
  view: View
  at: number
}

const key = (place: string) => `lanai:${entry.base}:${place}`
const MOST = 60

export function keep(place: string, view: View): void {
  if (entry.deck) return
  try {
    localStorage.setItem(key(place), JSON.stringify({ view, at: Date.now() }))
    const mine = Object.keys(localStorage).filter((k) => k.startsWith(`lanai:${entry.base}:`))
    if (mine.length > MOST) localStorage.removeItem(mine[0])
  } catch {
    // A full or forbidden storage only costs offline reading.
  }
}

/** What one person saw is nothing for the next. */
export function forgetKept(): void {
  try {
    for (const k of Object.keys(localStorage)) if (k.startsWith(`lanai:${entry.base}:`)) localStorage.removeItem(k)
  } catch {
    // There is nothing to forget then.
  }
}

export function recall(place: string): Kept | null {
  try {
    return JSON.parse(localStorage.getItem(key(place)) ?? 'null')
  } catch {
    return null
  }
}
