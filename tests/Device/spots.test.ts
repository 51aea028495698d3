import { expect, it } from 'vitest'
import { pinsOf } from '../../web/device/spots'

/** Numbers at random, but the same each time: a linear congruential generator (Numerical Recipes, 2nd edition, section 7.1; from memory). */
function* chance(seed = 11) {
  for (;;) yield (seed = (1664525 * seed + 1013904223) % 2 ** 32) / 2 ** 32
}

const MOST = 14
const at = (id: number, latitude: number, longitude: number) => ({ id, title: `${id}`, latitude, longitude })

it('shows each spot in exactly one pin, at every zoom', () => {
  const next = chance()
  const draw = (from: number, to: number) => from + next.next().value! * (to - from)
  for (let round = 0; round < 60; round++) {
    const wide = draw(0.001, 1)
    const all = Array.from({ length: Math.floor(draw(0, 80)) }, (_, id) => at(id, draw(-84, 84) * wide, draw(-179, 179) * wide))
    const zoom = Math.floor(draw(0, MOST + 1))
    const pins = pinsOf(all, MOST)(-180, -85, 180, 85, zoom)
    expect(pins.flatMap((pin) => pin.spots.map((one) => one.id)).toSorted((a, b) => a - b)).toEqual(all.map((one) => one.id))
    for (const pin of pins) if (pin.spots.length > 1) expect(pin.apart).toBeGreaterThan(zoom)
  }
})

it('says of spots at one place that no zoom parts them, and of others from where on they lie apart', () => {
  const [one] = pinsOf([at(1, 50, -5), at(2, 50, -5)], MOST)(-180, -85, 180, 85, MOST)
  expect([one.spots.length, one.apart]).toEqual([2, MOST + 1])

  // At zoom z the world is 256·2^z pixels wide: 0.01 degrees are more than 44 pixels from zoom 13 on (256 · 2^13 · 0.01 / 360 = 58).
  const [two] = pinsOf([at(1, 0, 0), at(2, 0, 0.01)], MOST)(-180, -85, 180, 85, 3)
  expect(two.apart).toBe(13)
})
