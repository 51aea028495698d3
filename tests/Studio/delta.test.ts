import { describe, expect, it } from 'vitest'
import type { Delta, ProseLine, StudioState } from '../../web/contracts/studio'
import { linesAfter, stateAfter } from '../../web/studio/open/delta'

const line = (at: string, text: string): ProseLine => ({
  at,
  indent: 0,
  role: 'node',
  offers: true,
  parts: [{ text }, { text, at: `${at}/text`, kind: 'text' }],
})
const state = (number: number) =>
  ({ revision: { number }, findings: [{ id: 'a' }, { id: 'b' }], screens: [{ at: '/screens/0', name: 'S' }] }) as unknown as StudioState
const delta = (more: Partial<Delta>): Delta => ({ from: 1, stale: [], made: '', next: '', ...more })

describe('the state after an edit', () => {
  it('takes over what changed and leaves everything else the same object', () => {
    const before = state(1)
    const after = stateAfter(
      before,
      delta({
        patch: [
          { op: 'remove', path: '/findings/0' },
          { op: 'replace', path: '/revision', value: { number: 2 } },
        ],
      }),
    )

    expect(after?.findings).toEqual([{ id: 'b' }])
    expect(after?.revision.number).toBe(2)
    expect(after?.screens).toBe(before.screens)
    expect(before.findings).toHaveLength(2)
  })

  it('is asked for as a whole where the answer is made from another state', () => {
    expect(stateAfter(state(1), delta({ from: 2, patch: [] }))).toBeNull()
    expect(stateAfter(state(1), delta({ from: 7, whole: state(8) as never }))?.revision.number).toBe(8)
  })
})

describe('the lines of a page after an edit', () => {
  const lines = [line('/screens/0', 'a'), line('/screens/0/lines/0', 'b'), line('/screens/0/lines/1', 'c')]

  it('puts lines in, and those behind stand at their new places with all that is in them', () => {
    const after = linesAfter(lines, {
      at: '/screens/0',
      from: 1,
      drop: 0,
      lines: [line('/screens/0/lines/0', 'new')],
      places: ['/screens/0/lines/1', '/screens/0/lines/2'],
    })

    expect(after.map((l) => [l.at, l.parts[0].text, l.parts[1].at])).toEqual([
      ['/screens/0', 'a', '/screens/0/text'],
      ['/screens/0/lines/0', 'new', '/screens/0/lines/0/text'],
      ['/screens/0/lines/1', 'b', '/screens/0/lines/1/text'],
      ['/screens/0/lines/2', 'c', '/screens/0/lines/2/text'],
    ])
    expect(lines[1].at).toBe('/screens/0/lines/0')
  })

  it('drops lines, and those that stay are the same objects', () => {
    const after = linesAfter(lines, { at: '/screens/0', from: 2, drop: 1, lines: [], places: [] })

    expect(after).toEqual(lines.slice(0, 2))
    expect(after[0]).toBe(lines[0])
  })
})
