import { expect, it } from 'vitest'
import { useMark } from '../../web/studio/data/useMark'

it('marks the rectangle between where it began and the cell at hand, whichever way', () => {
  const { mark, marked, here, box } = useMark()
  mark(4, 3, false)
  mark(2, 5, true)

  expect(box.value).toEqual({ top: 2, bottom: 4, left: 3, right: 5 })
  expect([marked(3, 4), marked(4, 3), marked(2, 5), marked(1, 4), marked(3, 6)]).toEqual([true, true, true, false, false])
  expect([here(2, 5), here(4, 3)]).toEqual([true, false])

  mark(0, 0, false)
  expect(box.value).toEqual({ top: 0, bottom: 0, left: 0, right: 0 })
})
