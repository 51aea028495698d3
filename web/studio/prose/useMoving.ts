import type { ProseLine } from '../../contracts/studio'
import type { Studio } from '../open/useStudio'
import { beside, count, focusLine, indexOf, isMovable, listOf } from './places'

/** Moves a sentence within its list, or removes it; the focus goes with it. */
export function useMoving(studio: Studio, lines: () => ProseLine[], root: () => string) {
  async function move(line: ProseLine, by: number) {
    const to = indexOf(line.at) + by
    if (!isMovable(line, root()) || to < 0 || to >= count(lines(), listOf(line.at))) return
    if (await studio.edit({ do: 'move', places: [line.at], index: to })) focusLine(beside(line.at, by))
  }

  async function remove(line: ProseLine) {
    if (isMovable(line, root()) && (await studio.edit({ do: 'remove', places: [line.at] }))) focusLine(line.at)
  }

  return { move, remove }
}

export type Moving = ReturnType<typeof useMoving>
