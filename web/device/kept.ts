import type { View } from '../contracts/view'
import { entry } from './entry'

/** The last view of each screen, kept on the device for when the server cannot be reached. */
export interface Kept {
  view: View
  at: number
}

const lead = `lanai:${entry.base}:`
const key = (place: string) => lead + place
const MOST = 120

const mine = () => Object.keys(localStorage).filter((k) => k.startsWith(lead))
/** Kept views begin with when they were read, so that the oldest is found without reading them whole. */
const when = (k: string) => Number(/^\{"at":(\d+)/.exec(localStorage.getItem(k)?.slice(0, 30) ?? '')?.[1] ?? 0)

/** The oldest make room; false where there is none left. */
function spare(count: number): boolean {
  const old = mine()
    .map((k) => [k, when(k)] as const)
    .sort((a, b) => a[1] - b[1])
    .slice(0, count)
  for (const [k] of old) localStorage.removeItem(k)
  return old.length > 0
}

export function keep(place: string, view: View): void {
  if (entry.deck) return
  const text = JSON.stringify({ at: Date.now(), view } satisfies Kept)
  try {
    for (let tries = 0; tries < 4; tries++) {
      try {
        localStorage.setItem(key(place), text)
        break
      } catch {
        // It is full: a quarter of what is there goes. What is larger than all of it costs only offline reading.
        if (!spare(Math.ceil(mine().length / 4))) return
      }
    }
    const many = mine().length - MOST
    if (many > 0) spare(many)
  } catch {
    // A forbidden storage only costs offline reading.
  }
}

/** What one person saw is nothing for the next. */
export function forgetKept(): void {
  try {
    for (const k of mine()) localStorage.removeItem(k)
  } catch {
    // There is nothing to forget then.
  }
}

/** @param within where it must not be older, in ms */
export function recall(place: string, within = Infinity): Kept | null {
  try {
    const kept: Kept | null = JSON.parse(localStorage.getItem(key(place)) ?? 'null')
    return kept && Date.now() - kept.at <= within ? kept : null
  } catch {
    return null
  }
}
