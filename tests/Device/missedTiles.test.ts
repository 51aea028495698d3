// @vitest-environment happy-dom
import { afterEach, beforeEach, expect, test, vi } from 'vitest'
import { missedTiles } from '../../web/device/missedTiles'

beforeEach(() => vi.useFakeTimers())
afterEach(() => vi.useRealTimers())

/** A tile that counts how often it was asked for. */
function tile() {
  let asked = 0
  return { get src() { return '/tiles/1/1/1' }, set src(_: string) { asked++ }, asked: () => asked } as unknown as HTMLImageElement & { asked: () => number }
}

test('a tile that did not come is asked for again, later each time, until it is there', () => {
  const told = vi.fn()
  const missed = missedTiles(told)
  const one = tile()
  missed.failed(one)
  expect(told).toHaveBeenLastCalledWith(true)
  vi.advanceTimersByTime(2000)
  expect(one.asked()).toBe(1)
  missed.failed(one)
  vi.advanceTimersByTime(3999)
  expect(one.asked()).toBe(1)
  vi.advanceTimersByTime(1)
  expect(one.asked()).toBe(2)
  missed.came(one)
  expect(told).toHaveBeenLastCalledWith(false)
  vi.advanceTimersByTime(600_000)
  expect(one.asked()).toBe(2)
  missed.end()
})

test('as long as one of several is missing, that is told; one out of sight is missed no longer', () => {
  const told = vi.fn()
  const missed = missedTiles(told)
  const [one, two, three] = [tile(), tile(), tile()]
  missed.failed(one)
  missed.failed(two)
  missed.came(three)
  expect(told).toHaveBeenLastCalledWith(true)
  missed.came(one)
  expect(told).toHaveBeenLastCalledWith(true)
  missed.gone(two)
  expect(told).toHaveBeenLastCalledWith(false)
  vi.advanceTimersByTime(600_000)
  expect([one, two, three].map((t) => t.asked())).toEqual([0, 0, 0])
  missed.end()
})

test('it is never asked for more seldom than four times a minute, at once when the phone is online again, and not after the end', () => {
  const missed = missedTiles(() => {})
  const one = tile()
  for (let i = 0; i < 20; i++) {
    missed.failed(one)
    vi.advanceTimersByTime(15_000)
    expect(one.asked()).toBe(i + 1)
  }
  missed.failed(one)
  dispatchEvent(new Event('online'))
  expect(one.asked()).toBe(21)
  missed.failed(one)
  missed.end()
  vi.advanceTimersByTime(600_000)
  dispatchEvent(new Event('online'))
  expect(one.asked()).toBe(21)
})

test('once one has come, the others are asked for soon, however long they would have waited', () => {
  const missed = missedTiles(() => {})
  const [one, two] = [tile(), tile()]
  for (let i = 0; i < 4; i++) {
    missed.failed(one)
    vi.advanceTimersByTime(15_000)
  }
  missed.failed(one)
  missed.came(two)
  vi.advanceTimersByTime(2000)
  expect(one.asked()).toBe(5)
  missed.end()
})
