import { beforeEach, expect, it, vi } from 'vitest'
import { keepPage, pageKept } from '../../web/device/pageKept'

const entry = vi.hoisted(() => ({ base: '/device/live/swims', deck: false }))
vi.mock('../../web/device/entry', () => ({ entry }))

beforeEach(() => {
  localStorage.clear()
  entry.deck = false
})

it('somebody goes on where they stopped, until they have come to the end', () => {
  expect(pageKept('/screens/1/lines/0', 3)).toBe(0)
  keepPage('/screens/1/lines/0', 3, 2)
  expect(pageKept('/screens/1/lines/0', 3)).toBe(2)
  expect(pageKept('/screens/2/lines/0', 3)).toBe(0)
  keepPage('/screens/1/lines/0', 3, 0)
  expect(pageKept('/screens/1/lines/0', 3)).toBe(0)
})

it('pages that have become other pages begin anew, as does what cannot be read', () => {
  keepPage('/screens/1/lines/0', 3, 2)
  expect(pageKept('/screens/1/lines/0', 2)).toBe(0)
  for (const kept of ['7', '-1', '1.5', 'two', '']) {
    localStorage.setItem('lanai-page:/device/live/swims:/screens/1/lines/0:3', kept)
    expect(pageKept('/screens/1/lines/0', 3)).toBe(0)
  }
})

it('in the deck each device is a new one', () => {
  keepPage('/screens/1/lines/0', 3, 2)
  entry.deck = true
  expect(pageKept('/screens/1/lines/0', 3)).toBe(0)
  keepPage('/screens/1/lines/0', 3, 1)
  entry.deck = false
  expect(pageKept('/screens/1/lines/0', 3)).toBe(2)
})
