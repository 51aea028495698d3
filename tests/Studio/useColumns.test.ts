import { beforeEach, expect, it } from 'vitest'
import type { FieldState, TableState } from '../../web/contracts/studio'
import { useColumns } from '../../web/studio/data/useColumns'

const field = (key: string, more: Partial<FieldState> = {}) => ({ key, name: key, control: 'text', formula: false, numeric: false, ...more }) as FieldState
const table = (fields: FieldState[]) => ({ stored: 'swims', fields }) as TableState

beforeEach(() => localStorage.clear())

it('keeps the order of columns, and new ones come last', () => {
  const before = [field('a'), field('b'), field('c')]
  const first = useColumns('7', () => table(before))
  first.moveColumn(before[2], -2)

  const again = useColumns('7', () => table([...before, field('d')]))
  expect(again.fields.value.map((f) => f.key)).toEqual(['c', 'a', 'b', 'd'])
  expect(useColumns('8', () => table(before)).fields.value.map((f) => f.key)).toEqual(['a', 'b', 'c'])
})

it('hides columns, and is as wide as those that are left', () => {
  const columns = useColumns('7', () => table([field('a'), field('b', { numeric: true, control: 'rating' })]))
  expect(columns.least.value).toBe(`${106 + 146 + 88}px`)
  columns.hidden.value.push('a')

  expect(columns.fields.value.map((f) => f.key)).toEqual(['b'])
  expect(columns.columns.value).toBe('66px minmax(88px, 88fr) 40px')
})

it('begins anew where what was kept cannot be read', () => {
  localStorage.setItem('lanai.columns.7.swims', '{')
  expect(useColumns('7', () => table([field('a')])).fields.value).toHaveLength(1)
})
