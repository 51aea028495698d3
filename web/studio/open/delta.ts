import { applyPatch, type Operation } from 'fast-json-patch'
import type { Delta, PageChange, ProseLine, StudioState } from '../../contracts/studio'

/** The state after an edit; null where the delta is made from another one, and the whole is to be asked for. */
export function stateAfter(state: StudioState, delta: Delta): StudioState | null {
  if (delta.whole) return delta.whole
  if (delta.from !== state.revision.number || !delta.patch) return null
  const touched = new Set(delta.patch.map((operation) => operation.path.split('/')[1] as keyof StudioState))
  // What is not touched stays the same object, so that nothing of it is drawn again.
  const next = { ...state } as Record<string, unknown>
  for (const key of touched) next[key] = structuredClone(next[key])
  return applyPatch(next as unknown as StudioState, delta.patch as Operation[]).newDocument
}

/** The lines of a page after an edit: some in between are new, and those behind may stand at new places. */
export function linesAfter(lines: ProseLine[], change: PageChange): ProseLine[] {
  const behind = lines.slice(change.from + change.drop)
  return [...lines.slice(0, change.from), ...change.lines, ...behind.map((line, i) => (change.places.length ? movedTo(line, change.places[i]) : line))]
}

function movedTo(line: ProseLine, at: string): ProseLine {
  if (line.at === at) return line
  const moved = (place?: string) => (place?.startsWith(line.at) ? at + place.slice(line.at.length) : place)
  return {
    ...line,
    at,
    ...(line.grows === undefined ? {} : { grows: moved(line.grows) }),
    parts: line.parts.map((part) => (part.at === undefined ? part : { ...part, at: moved(part.at) })),
  }
}
