import type { ProseLine } from '../../contracts/studio'
import type { Studio } from '../open/useStudio'
import { beside, focusLine, isMovable } from './places'
import type { Adding } from './useAdding'
import type { Moving } from './useMoving'
import type { usePicked } from './usePicked'

interface Parts {
  studio: Studio
  lines: () => ProseLine[]
  root: () => string
  picked: ReturnType<typeof usePicked>
  adding: Adding
  moving: Moving
}

/** Sentences by keyboard and by Shift and a click: one alone, or several together. */
export function useKeys({ studio, lines, root, picked, adding, moving }: Parts) {
  /** Shift and a click choose all lines of the list from the one in focus to this one. */
  function click(event: MouseEvent, line: ProseLine) {
    if (!event.shiftKey) return picked.clear()
    if (!isMovable(line, root())) return
    event.preventDefault()
    const focused = document.activeElement instanceof HTMLElement ? document.activeElement.closest<HTMLElement>('[data-line]') : null
    picked.extend(line.at, focused?.dataset.line ?? line.at)
    focusLine(line.at)
  }

  function press(event: KeyboardEvent, line: ProseLine, i: number) {
    if (event.target !== event.currentTarget) return
    if (event.key === 'Escape') return picked.clear()
    const what = meant(event, line, i)
    if (!what) return
    event.preventDefault()
    what()
  }

  /** What a key means for a line; nothing for keys that mean something else. */
  function meant(event: KeyboardEvent, line: ProseLine, i: number): (() => unknown) | undefined {
    const movable = isMovable(line, root())
    if (event.ctrlKey || event.metaKey) return movable ? command(event.key.toLowerCase(), line) : undefined
    const together = picked.picked.value.length > 1 && movable
    const by = { ArrowUp: -1, ArrowDown: 1 }[event.key]
    if (by !== undefined) return arrow(event, line, by, movable, together)
    if (event.key === 'Delete' || event.key === 'Backspace') return () => (together ? picked.all('remove', line.at) : moving.remove(line))
    if (event.key === 'Enter') return () => fillFirst(event.currentTarget as HTMLElement)
    return event.key.toLowerCase() === 'n' ? () => adding.after(line, i) : undefined
  }

  function command(letter: string, line: ProseLine): (() => unknown) | undefined {
    const commands: Record<string, () => unknown> = {
      c: () => picked.copy(line.at),
      x: async () => (await picked.copy(line.at)) && picked.all('remove', line.at),
      v: () => picked.paste(line.at),
      d: () => picked.all('copy', line.at),
      g: () => picked.all('group', line.at),
    }
    return commands[letter]
  }

  function arrow(event: KeyboardEvent, line: ProseLine, by: number, movable: boolean, together: boolean): () => unknown {
    if (event.shiftKey && movable) return () => extend(line, by)
    if (event.altKey) return () => (together ? picked.move(by) : moving.move(line, by))
    const row = event.currentTarget as HTMLElement
    return () => {
      const rows = [...document.querySelectorAll<HTMLElement>('.surface [data-row]')]
      rows[rows.indexOf(row) + by]?.focus()
    }
  }

  function extend(line: ProseLine, by: number) {
    const next = beside(line.at, by)
    if (!lines().some((l) => l.role === 'node' && l.at === next)) return
    picked.extend(next, line.at)
    focusLine(next)
  }

  function fillFirst(row: HTMLElement) {
    const first = row.querySelector<HTMLElement>('[data-blank]')
    if (first) studio.startFilling(first.dataset.blank ?? '')
  }

  return { click, press }
}
