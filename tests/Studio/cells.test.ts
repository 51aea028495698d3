import { describe, expect, it } from 'vitest'
import { cellsIn, cellsOut } from '../../web/studio/data/cells'

describe('cells as spreadsheets copy them', () => {
  it('stand between tabs, rows on lines, with or without an end of the last', () => {
    expect(cellsIn('a\tb\r\nc\t\r\n')).toEqual([
      ['a', 'b'],
      ['c', ''],
    ])
    expect(cellsIn('a\tb\nc\t')).toEqual([
      ['a', 'b'],
      ['c', ''],
    ])
  })

  it('are quoted where they hold tabs, quotes or lines, and come back as they were', () => {
    const cells = [
      ['plain', 'with\ttab', 'two\nlines'],
      ['say "so"', '', ' kept apart '],
    ]

    expect(cellsIn(cellsOut(cells))).toEqual(cells)
  })

  it('keep a quote that quotes nothing', () => {
    expect(cellsIn('5" pipe\tb')).toEqual([['5" pipe', 'b']])
  })

  it('are none where nothing was copied, and one where one was', () => {
    expect(cellsIn('').flat()).toEqual([])
    expect(cellsIn('=1+1')).toEqual([['=1+1']])
  })
})
