import { entry } from './entry'

/** How far somebody has come in pages that end somewhere, so that they go on there when they come again. In the deck each device is a new one. */
const name = (at: string, count: number) => `lanai-page:${entry.base}:${at}:${count}`

export function pageKept(at: string, count: number): number {
  try {
    const page = entry.deck ? 0 : Number(localStorage.getItem(name(at, count)))
    return Number.isInteger(page) && page > 0 && page < count ? page : 0
  } catch {
    return 0
  }
}

/** @param page 0 for none any more: they have come to the end */
export function keepPage(at: string, count: number, page: number) {
  if (entry.deck) return
  try {
    if (page) localStorage.setItem(name(at, count), String(page))
    else localStorage.removeItem(name(at, count))
  } catch {
    // Where nothing can be kept they begin with the first one again.
  }
}
