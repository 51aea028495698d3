import { expect, it, vi } from 'vitest'
import { ref } from 'vue'
import type { ProseLine, StudioState } from '../../web/contracts/studio'
import { pageOf as data } from '../../web/studio/data/place'
import { pathOf } from '../../web/studio/frame/pathOf'
import type { Studio } from '../../web/studio/open/useStudio'
import { pageOf as people } from '../../web/studio/people/place'
import { count, holds, indexOf, isMovable, lastUnder, listOf } from '../../web/studio/prose/places'
import { useAdding } from '../../web/studio/prose/useAdding'
import { useKeys } from '../../web/studio/prose/useKeys'
import { useMoving } from '../../web/studio/prose/useMoving'
import { usePicked } from '../../web/studio/prose/usePicked'
import { pageOf as screens } from '../../web/studio/screens/place'
import { pageOf as services } from '../../web/studio/services/place'

const line = (at: string, indent: number, parts: string[] = [], role = 'node') =>
  ({ at, indent, role, parts: parts.map((part) => ({ at: part, text: '' })) }) as unknown as ProseLine
const LINES = [
  line('/screens/0', 0, ['/screens/0/name']),
  line('/screens/0/lines/0', 1, ['/screens/0/lines/0/table']),
  line('/screens/0/lines/0', 2, ['/screens/0/lines/0/empty'], 'part'),
  line('/screens/0/lines/0/tapped/0', 2),
  line('/screens/0/lines/1', 1),
]

it('knows items, their lists and what stands under them', () => {
  expect([indexOf('/screens/0/lines/12'), indexOf('/screens/0/name'), listOf('/screens/0/lines/12')]).toEqual([12, -1, '/screens/0/lines'])
  expect([lastUnder(LINES, 0), lastUnder(LINES, 1), lastUnder(LINES, 4)]).toEqual([4, 3, 4])
  expect(count(LINES, '/screens/0/lines')).toBe(2)
  expect(LINES.map((l) => isMovable(l, '/screens/0'))).toEqual([false, true, false, true, true])
})

it('shows a finding at the innermost line that holds its place, once', () => {
  for (const at of ['/screens/0/lines/0', '/screens/0/lines/0/tapped/0/screen', '/screens/0/lines/1/text', '/screens/0/name'])
    expect(LINES.filter((l) => holds(l, at, LINES, '/screens/0')).map((l) => l.at)).toEqual([at.replace(/\/(screen|text|name)$/, '')])
})

/** The keyboard over these lines, with what the studio was asked to do. */
function keyboard() {
  const edits: object[] = []
  const studio = {
    app: 1,
    edit: vi.fn(async (edit: object) => edits.push(edit)),
    startFilling: vi.fn(),
    tryEdit: vi.fn(async () => ''),
    told: vi.fn(),
    say: vi.fn(),
  } as unknown as Studio
  const [lines, root] = [() => LINES, () => '/screens/0']
  const adding = useAdding(studio, lines, root)
  const picked = usePicked(studio, ref(LINES), () => {})
  const keys = useKeys({ studio, lines, root, picked, adding, moving: useMoving(studio, lines, root) })
  const press = (key: string, i: number, more: KeyboardEventInit = {}) => {
    const row = document.createElement('div')
    row.innerHTML = `<button data-blank="${LINES[i].at}/text"></button>`
    let stopped = false
    row.addEventListener('keydown', (event) => (keys.press(event, LINES[i], i), (stopped = event.defaultPrevented)))
    row.dispatchEvent(new KeyboardEvent('keydown', { key, cancelable: true, ...more }))
    return stopped
  }
  return { press, edits, picked, adding, studio }
}

it('moves and removes the line in focus, but never the sentence of the page or past the ends', async () => {
  const { press, edits } = keyboard()
  press('ArrowDown', 1, { altKey: true })
  press('ArrowUp', 1, { altKey: true })
  press('ArrowDown', 4, { altKey: true })
  press('Delete', 4)
  press('Delete', 0)
  await Promise.resolve()

  expect(edits).toEqual([
    { do: 'move', places: ['/screens/0/lines/0'], index: 1 },
    { do: 'remove', places: ['/screens/0/lines/1'] },
  ])
})

it('chooses lines of one list with Shift, and does with all of them what is done with one', async () => {
  const { press, edits, picked } = keyboard()
  press('ArrowDown', 1, { shiftKey: true })
  expect(picked.picked.value).toEqual(['/screens/0/lines/0', '/screens/0/lines/1'])
  press('Delete', 4)
  await Promise.resolve()

  expect(edits).toEqual([{ do: 'remove', places: ['/screens/0/lines/0', '/screens/0/lines/1'] }])
  press('ArrowDown', 1, { shiftKey: true })
  press('Escape', 1)
  expect(picked.picked.value).toEqual([])
})

it('begins a line after this one, fills the first blank, and leaves other keys alone', () => {
  const { press, adding, studio } = keyboard()
  press('n', 1)
  expect(adding.adding.value).toEqual({ under: 3, list: '/screens/0/lines', index: 1, indent: 1 })
  press('Enter', 4)
  expect(studio.startFilling).toHaveBeenCalledWith('/screens/0/lines/1/text')
  expect(press('a', 1)).toBe(false)
  expect(press('r', 1, { ctrlKey: true })).toBe(false)
})

it('finds the page on which each place is written', () => {
  const state = {
    tables: [{ at: '/tables/0', stored: 'swims' }],
    screens: [
      { at: '/screens/0', slug: 'upcoming' },
      { at: '/screens/1', slug: 'swim' },
      { at: '/screens/10', slug: 'tenth' },
    ],
  } as unknown as StudioState
  const stations = Object.entries({ data, screens, people, services }).map(([key, pageOf]) => ({ key, pageOf }))
  const path = (at: string, station = '') => pathOf(at, state, stations, stations[1], station)

  expect(path('/screens/1/lines/3/text')).toBe('screens/swim')
  expect(path('/screens/10')).toBe('screens/tenth')
  expect(path('/menu/0')).toBe('screens/tabs')
  expect(path('/tables/0/fields/2')).toBe('data/swims')
  expect(path('/tables/0/permissions/0', 'people')).toBe('people/access')
  expect(path('/services/2/requests/1/path')).toBe('services/s2r1')
  expect(path('/signIn')).toBe('people/ways')
  expect(path('/name')).toBe('screens')
})
