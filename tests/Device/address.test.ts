import { expect, it, vi } from 'vitest'
import type { Place } from '../../web/contracts/view'
import { addressOf, placeAt } from '../../web/device/address'

vi.mock('../../web/device/entry', () => ({ entry: { base: '/device/live/swims', deck: false } }))

it.each<[Place, string]>([
  [{ screen: '', args: [] }, ''],
  [{ screen: 'swims', args: [] }, '#/swims'],
  [{ screen: 'swim', args: [5] }, '#/swim/5'],
  [{ screen: 'swim', args: [5, 'a/b c?', '7', ''] }, '#/swim/5/~a%2Fb%20c%3F/~7/~'],
  [{ screen: 'über-uns', args: [] }, '#/%C3%BCber-uns'],
])('a place has an address, and is found by it: %o', (place, address) => {
  expect(addressOf(place)).toBe(address)
  expect(placeAt(address)).toEqual(place)
})

it.each(['#', '#/', '#nothing/to/see', '#/swim/x', '#/swim/~%E0%A4%A', '#/swim/-1', '#/swim/99999999999999999999', '#/<script>', `#/${'a'.repeat(200)}`])(
  'what is no address leads to the start: %s',
  (address) => {
    expect(placeAt(address)).toEqual({ screen: '', args: [] })
  },
)
