import { beforeEach, expect, it, vi } from 'vitest'

/** The queue as an app has it that has just begun. */
async function begin(deck = false) {
  vi.resetModules()
  vi.doMock('../../web/device/entry', () => ({ entry: { base: '/device/live/swims', deck } }))
  return (await import('../../web/device/queue')).queue
}

beforeEach(() => localStorage.clear())

it('keeps taps in their order, over a restart of the app, until each is done', async () => {
  const queue = await begin()
  queue.add({ tap: 'one' })
  queue.add({ tap: 'two' })
  queue.done(queue.all()[0])

  expect((await begin()).all().map((w) => w.body.tap)).toEqual(['two'])
})

it('takes no more than can be sent at once, and says so', async () => {
  const queue = await begin()
  for (let i = 0; i < 50; i++) expect(queue.add({ tap: i })).toBe(true)

  expect(queue.add({ tap: 'one too many' })).toBe(false)
  expect(queue.all()).toHaveLength(50)
})

it('begins empty where what was kept cannot be read', async () => {
  localStorage.setItem('lanai-queue:/device/live/swims', '[{')

  expect((await begin()).all()).toEqual([])
})

it('keeps nothing in the deck, whose devices are for trying out', async () => {
  const queue = await begin(true)
  queue.add({ tap: 'one' })

  expect(queue.all()).toHaveLength(1)
  expect((await begin(true)).all()).toEqual([])
})

it('waits on in memory where the browser keeps nothing', async () => {
  const queue = await begin()
  const full = vi.spyOn(Storage.prototype, 'setItem').mockImplementation(() => {
    throw new DOMException('full', 'QuotaExceededError')
  })

  expect(queue.add({ tap: 'one' })).toBe(true)
  expect(queue.all()).toHaveLength(1)
  full.mockRestore()
})
