import { afterEach, beforeEach, expect, it, vi } from 'vitest'
import { counted, lineAt, mayCount, uncounted } from '../../web/device/counting'
import { newcomer } from '../../web/device/self'
import { server } from '../../web/device/server'

const entry = vi.hoisted(() => ({ base: '/device/live/swims', deck: false }))
vi.mock('../../web/device/entry', () => ({ entry }))

const steps = () => (uncounted() as { counted?: { steps: { what: string; of: string }[] } }).counted?.steps.map(({ what, of }) => `${what} ${of}`)

beforeEach(() => {
  vi.useFakeTimers()
  localStorage.clear()
  entry.deck = false
  vi.spyOn(server, 'count').mockResolvedValue(undefined as never)
  uncounted()
})
afterEach(() => {
  vi.useRealTimers()
  vi.restoreAllMocks()
})

it('what was done goes along with what is asked next, once', () => {
  counted('screen', 'start')
  counted('page', '/screens/0/lines/0#2')
  counted('tap', lineAt('/screens/0/lines/1@7/lines/2@9'))
  expect(steps()).toEqual(['screen start', 'page /screens/0/lines/0#2', 'tap /screens/0/lines/1/lines/2'])
  expect(uncounted()).toEqual({})
})

it('where nothing is asked any more it goes by itself after half a minute', () => {
  counted('screen', 'start')
  vi.advanceTimersByTime(29_000)
  expect(server.count).not.toHaveBeenCalled()
  vi.advanceTimersByTime(2_000)
  expect(server.count).toHaveBeenCalledTimes(1)
})

it('a device is the same newcomer each time, and none in the deck or where it is not to be counted', () => {
  const self = newcomer().newcomer
  expect(self).toMatch(/^[0-9a-f-]{36}$/)
  expect(newcomer().newcomer).toBe(self)
  entry.deck = true
  expect(newcomer()).toEqual({})
  entry.deck = false
  mayCount(false)
  expect(server.count).toHaveBeenCalledWith({ forget: self })
  expect(newcomer()).toEqual({})
  counted('screen', 'start')
  expect(uncounted()).toEqual({})
  mayCount(true)
  expect(newcomer().newcomer).not.toBe(self)
})
