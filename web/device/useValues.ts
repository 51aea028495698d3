import { entry } from './entry'

const KEY = `lanai-values:${entry.base}`

/** Values of the app that this device keeps. The deck keeps them for as long as its device stays open. */
export function useValues() {
  let held: Record<string, string> = {}
  try {
    if (!entry.deck) held = JSON.parse(localStorage.getItem(KEY) ?? '{}')
  } catch {
    // What cannot be read begins anew.
  }
  return {
    all: () => held,
    take(set: Record<string, string>) {
      if (!Object.keys(set).length) return
      held = { ...held, ...set }
      try {
        if (!entry.deck) localStorage.setItem(KEY, JSON.stringify(held))
      } catch {
        // Then they last for this visit.
      }
    },
  }
}
