import { entry } from './entry'

const KEY = `lanai-values:${entry.base}`

/** Values of the app that this device keeps, and those of this visit. The deck keeps all of them only while its device is open. */
export function useValues() {
  let held: Record<string, string> = {}
  let passing: Record<string, string> = {}
  try {
    if (!entry.deck) held = JSON.parse(localStorage.getItem(KEY) ?? '{}')
  } catch {
    // What cannot be read begins anew.
  }
  return {
    all: () => ({ ...held, ...passing }),
    take(set: Record<string, string>, forVisit: Record<string, string>) {
      passing = { ...passing, ...forVisit }
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
