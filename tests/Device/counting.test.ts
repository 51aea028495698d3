import { afterEach, beforeEach, expect, it, vi } from 'vitest'
import { counted, lineAt, mayCount, uncounted } from '../../web/device/counting'
import { newcomer } from '../../web/device/self'
import { server } from '../../web/device/server'

const entry = vi.hoisted(() => ({ base: '/device/live/swims', deck: false }))
vi.mock('../../web/device/entry', () => ({ entry }))

/** What would go along now. */
const steps = () => (uncounted() as { counted?: { steps: { what: string; of: string }[] } }).counted?.steps.map(({ what, of }) => `${what} ${of}`)

beforeEach(() => {
  vi.useFakeTimers()
  localStorage.clear()
  entry.deck = false
  vi.spyOn(server, 'count').mockResolvedValue(undefined as never)
  // What another test has left.
  dispatchEvent(new Event('pagehide'))
  vi.mocked(server.count).mockClear()
})
afterEach(() => {
  vi.useRealTimers()
  vi.restoreAllMocks()
})

const toldByItself = () => (vi.mocked(server.count).mock.calls[0][0] as { counted: { steps: { of: string; ago: number }[] } }).counted.steps

it('what was done goes along with what is asked once there is enough of it, and once', () => {
  counted('screen', 'start')
  counted('page', '/screens/0/lines/0#2')
  counted('tap', lineAt('/screens/0/lines/1@7/lines/2@9'))
  expect(uncounted()).toEqual({})
  for (let i = 0; i < 6; i++) counted('screen', `other ${i}`)
  expect(steps()?.slice(0, 4)).toEqual(['screen start', 'page /screens/0/lines/0#2', 'tap /screens/0/lines/1/lines/2', 'screen other 0'])
  expect(uncounted()).toEqual({})
})

it('what has waited for a minute goes along, however little it is', () => {
  counted('screen', 'start')
  vi.advanceTimersByTime(59_000)
  expect(uncounted()).toEqual({})
  vi.advanceTimersByTime(1_000)
  expect(steps()).toEqual(['screen start'])
})

it('where nothing is asked any more it goes by itself, with how long ago it was', () => {
  counted('screen', 'start')
  vi.advanceTimersByTime(299_000)
  expect(server.count).not.toHaveBeenCalled()
  vi.advanceTimersByTime(2_000)
  expect(toldByItself()).toEqual([{ what: 'screen', of: 'start', ago: 300 }])
})

it.each(['pagehide', 'visibilitychange'])('whoever leaves takes nothing along: %s', (event) => {
  counted('screen', 'start')
  vi.spyOn(document, 'visibilityState', 'get').mockReturnValue('hidden')
  ;(event === 'pagehide' ? window : document).dispatchEvent(new Event(event))
  expect(toldByItself()).toHaveLength(1)
  expect(uncounted()).toEqual({})
})

it('a great deal goes at once', () => {
  for (let i = 0; i < 50; i++) counted('screen', `${i}`)
  expect(toldByItself()).toHaveLength(50)
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
