import { entry } from './entry'

const NAME = `lanai-lot:${entry.base}`
const LOTS = 100

/** One of a hundred, drawn here once: by it some people have what goes live in steps first. Many have the same one, so it tells nothing of anybody. */
export function lot(): string {
  if (entry.deck) return ''
  try {
    const kept = localStorage.getItem(NAME)
    if (kept && /^\d{1,2}$/.test(kept)) return kept
    const drawn = String(Math.floor(Math.random() * LOTS))
    localStorage.setItem(NAME, drawn)
    return drawn
  } catch {
    // Where nothing can be kept it would be another one each time, and the app another one with it.
    return ''
  }
}
