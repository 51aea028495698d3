import { beforeEach, expect, it, vi } from 'vitest'
import type { DataRow } from '../../web/contracts/studio'
import { api } from '../../web/studio/api'
import { useRows } from '../../web/studio/data/useRows'

const row = (name: string) => ({ id: 1, values: { name } }) as unknown as DataRow
const settled = () => new Promise((done) => setTimeout(done))
let waiting: { path: string; done: (answer: unknown) => void }[] = []

beforeEach(() => {
  waiting = []
  vi.spyOn(api, 'get').mockImplementation(((path: string) => new Promise((done) => waiting.push({ path, done }))) as typeof api.get)
  vi.spyOn(api, 'post').mockImplementation((async () => ({ rows: [row('written')], labels: {} })) as unknown as typeof api.post)
})

async function answer(name: string) {
  const next = waiting.shift()
  next?.done(next.path.includes('/anchors') ? { count: 1, page: 200, anchors: [] } : { rows: [row(name)], labels: {} })
  await settled()
}

it('reads again what was asked for before something was written', async () => {
  const rows = useRows(() => 'rows')
  const reading = rows.reload(0, 0)
  await answer('')
  await rows.write([{ id: 1, values: { name: 'written' } }])
  await answer('old')
  expect(rows.at(0)?.values.name).not.toBe('old')
  await answer('')
  await answer('written')
  await reading

  expect(rows.at(0)?.values.name).toBe('written')
})

it('lets the newest question win', async () => {
  const rows = useRows(() => 'rows')
  void rows.reload(0, 0)
  const second = rows.reload(0, 0)
  const [first] = waiting
  waiting = [waiting[1], first]
  await answer('')
  waiting = [waiting[1], waiting[0]]
  await answer('newer')
  await second
  await answer('')

  expect(rows.at(0)?.values.name).toBe('newer')
})
