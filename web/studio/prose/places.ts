import type { ProseLine } from '../../contracts/studio'

/** The number of an item in its list; -1 for what is no item. */
export const indexOf = (at: string) => (/\/\d+$/.test(at) ? Number(at.split('/').pop()) : -1)

/** The list in which an item stands. */
export const listOf = (at: string) => at.replace(/\/\d+$/, '')

export const beside = (at: string, by: number) => `${listOf(at)}/${indexOf(at) + by}`

const isItem = (line: ProseLine) => line.role === 'node' && indexOf(line.at) >= 0

/** How many items a list has among these lines. */
export const count = (lines: ProseLine[], list: string) => lines.filter((line) => isItem(line) && listOf(line.at) === list).length

/** A sentence that can be moved, copied and removed: an item of a list below the page's own sentence. */
export const isMovable = (line: ProseLine, root: string) => isItem(line) && line.at !== root

/** The last of the lines that stand under a line. */
export function lastUnder(lines: ProseLine[], i: number): number {
  let last = i
  while (last + 1 < lines.length && lines[last + 1].indent > lines[i].indent) last++
  return last
}

/** Whether what is found at a place is shown under this line: at the innermost line that holds the place. */
export function holds(line: ProseLine, at: string, lines: ProseLine[], root: string): boolean {
  const inParts = line.parts.some((part) => part.at === at)
  if (line.role === 'part') return root === '/theme' && inParts
  if (at === line.at || root === '/theme') return at === line.at
  return inParts || (at.startsWith(`${line.at}/`) && !lines.some((l) => l !== line && l.at.length > line.at.length && at.startsWith(l.at)))
}

/** Puts the focus on a line once it is drawn. */
export function focusLine(at: string) {
  requestAnimationFrame(() => document.querySelector<HTMLElement>(`[data-line="${CSS.escape(at)}"]`)?.focus())
}
