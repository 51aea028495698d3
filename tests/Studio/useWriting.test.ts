import { afterEach, beforeEach, expect, it, vi } from 'vitest'
import { effectScope, nextTick, ref, type EffectScope } from 'vue'
import type { DataRow, FieldState } from '../../web/contracts/studio'
import { api, Declined } from '../../web/studio/api'
import type { Change, Rows } from '../../web/studio/data/useRows'
import { useWriting } from '../../web/studio/data/useWriting'

const studio = { state: ref({ revision: { number: 1 } }), changes: ref(0), changed: vi.fn(), told: vi.fn() }
vi.mock('../../web/studio/open/useStudio', () => ({ useStudio: () => studio }))

const name = { key: 'name', name: 'Name', asked: true } as FieldState
const row = (id: number, text: string) => ({ id, values: { name: text } }) as unknown as DataRow
let sent: Change[][] = []
let bad: { index: number; field: string; sentence: string }[] = []
const write = async (changes: Change[]) => {
  sent.push(changes)
  return bad.length ? { rows: [], cells: bad } : { rows: changes.map((c, i) => row(c.id ?? 90 + i, c.values.name)), cells: [] }
}
const reload = vi.fn(async () => {})
let scope: EffectScope
const begin = (how: unknown = write) =>
  scope.run(() => useWriting({ write: how, query: () => '' } as unknown as Rows, () => 'rows', reload)) as ReturnType<typeof useWriting>

beforeEach(() => {
  scope = effectScope()
  sent = []
  bad = []
  studio.told.mockReset()
  reload.mockReset()
})
afterEach(() => scope.stop())

it('writes only what changed, with what was there before', async () => {
  const { save } = begin()
  await save([
    { row: row(1, 'a'), field: name, value: 'b' },
    { row: row(2, 'c'), field: name, value: 'c' },
    { row: row(3, 'd'), field: { ...name, asked: false }, value: 'e' },
  ])

  expect(sent).toEqual([[{ id: 1, values: { name: 'b' }, was: { name: 'a' } }]])
})

it('takes back the last change, and the one before, and only if nobody has changed it since', async () => {
  const { save, undo } = begin()
  await save([{ row: row(1, 'a'), field: name, value: 'b' }])
  await save([{ row: row(1, 'b'), field: name, value: 'c' }])
  expect(undo()).toBe(true)
  await vi.waitFor(() => expect(sent[2]).toEqual([{ id: 1, values: { name: 'b' }, was: { name: 'c' } }]))
  expect(undo()).toBe(true)
  await vi.waitFor(() => expect(sent[3]).toEqual([{ id: 1, values: { name: 'a' }, was: { name: 'b' } }]))
  expect(undo()).toBe(false)
})

it('keeps what was typed where it cannot be written, with the sentence why', async () => {
  const { save, wrong, forget } = begin()
  bad = [{ index: 0, field: 'name', sentence: 'Too long.' }]
  await save([{ row: row(1, 'a'), field: name, value: 'far too long' }])

  expect(wrong(row(1, 'a'), name)).toEqual({ sentence: 'Too long.', typed: 'far too long' })
  forget(row(1, 'a'), name)
  expect(wrong(row(1, 'a'), name)).toBeUndefined()
})

it('reads anew when somebody else was first, and says so', async () => {
  const refusal = new Declined('Somebody changed it.', 409, {})
  const { save } = begin(() => Promise.reject(refusal))
  await save([{ row: row(1, 'a'), field: name, value: 'b' }])

  expect(studio.told).toHaveBeenCalledWith(refusal)
  expect(reload).toHaveBeenCalledOnce()
})

it('removes what it added when that is taken back', async () => {
  const post = vi.spyOn(api, 'post').mockResolvedValue({} as never)
  const { add, undo } = begin()
  expect(await add([{ id: null, values: { name: 'new' } }])).toEqual([])
  undo()

  await vi.waitFor(() => expect(post).toHaveBeenCalledWith('rows/remove', { ids: [90] }))
})

it('reads anew for what others change, and not for its own', async () => {
  const { save } = begin()
  await save([{ row: row(1, 'a'), field: name, value: 'b' }])
  await nextTick()
  expect(reload).not.toHaveBeenCalled()
  studio.changes.value++
  await nextTick()
  expect(reload).toHaveBeenCalledOnce()
})

it('does one thing after the other, each with the rows that the one before has left', async () => {
  const { inTurn, save } = begin()
  let name1 = 'a'
  const first = inTurn(async () => {
    await nextTick()
    name1 = 'b'
  })
  const second = inTurn(() => save([{ row: row(1, name1), field: name, value: 'c' }]))
  await Promise.all([first, second])

  expect(sent).toEqual([[{ id: 1, values: { name: 'c' }, was: { name: 'b' } }]])
})

it('goes on after something that failed', async () => {
  const { inTurn, save } = begin()
  await expect(inTurn(() => Promise.reject(new Error('no')))).rejects.toThrow('no')
  await inTurn(() => save([{ row: row(1, 'a'), field: name, value: 'b' }]))

  expect(sent).toHaveLength(1)
})
