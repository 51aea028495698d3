import { entry } from './entry'
import { server } from './server'

/** What screens look like before anything is in them, by their names: blocks with x, y, width and height, on a device of this width. */
interface Outlines {
  revision: number
  width: number
  outlines: Record<string, [number, number, number, number][]>
}

const KEY = `lanai-outlines:${entry.base}`
let known: Outlines | null = null
let asked = 0
try {
  known = JSON.parse(localStorage.getItem(KEY) ?? 'null')
} catch {
  // Then it is asked for again.
}

/** Asks for those of a revision once, when there is nothing else to do. */
export function learnOutlines(revision: number) {
  if (entry.deck || asked === revision || known?.revision === revision) return
  asked = revision
  const idle = window.requestIdleCallback ?? ((work: () => void) => setTimeout(work, 2000))
  idle(() => {
    server.outlines(innerWidth, innerHeight).then(
      (found) => {
        known = found as Outlines
        try {
          localStorage.setItem(KEY, JSON.stringify(known))
        } catch {
          // Then they last for this visit.
        }
      },
      // Without them a screen that is long in coming is drawn as any other.
      () => undefined,
    )
  })
}

/** The blocks of a screen, as wide as this page; none where they are not known. */
export function outlineOf(screen: string): Record<string, string>[] {
  const scale = (document.querySelector('main')?.clientWidth ?? innerWidth) / (known?.width || innerWidth)
  return (known?.outlines[screen] ?? []).map(([x, y, width, height]) => ({
    insetInlineStart: `${x * scale}px`,
    insetBlockStart: `${y}px`,
    width: `${width * scale}px`,
    height: `${height}px`,
  }))
}
