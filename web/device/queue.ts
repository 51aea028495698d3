import { entry } from './entry'

/** A tap that was made without a connection, with the key that lets it act only once. */
export interface Waiting {
  body: Record<string, unknown>
  at: number
}

const KEY = `lanai-queue:${entry.base}`
const MOST = 50
let held: Waiting[] = read()

function read(): Waiting[] {
  try {
    return entry.deck ? [] : JSON.parse(localStorage.getItem(KEY) ?? '[]')
  } catch {
    return []
  }
}

function write() {
  try {
    if (!entry.deck) localStorage.setItem(KEY, JSON.stringify(held))
  } catch {
    // Then the taps wait for as long as the app stays open.
  }
}

/** Taps that wait for a connection, oldest first; they outlive a restart of the app. */
export const queue = {
  all: () => held,
  /** False where too many wait already. */
  add(body: Record<string, unknown>): boolean {
    if (held.length >= MOST) return false
    held = [...held, { body, at: Date.now() }]
    write()
    return true
  },
  done(one: Waiting) {
    held = held.filter((w) => w !== one)
    write()
  },
}
