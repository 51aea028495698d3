import { expect, it } from 'vitest'
import { nearer, NEAREST, WHOLE, within } from '../../web/device/near'

/** Numbers at random, but the same each time: a linear congruential generator (Numerical Recipes, 2nd edition, section 7.1; from memory). */
function* chance(seed = 7) {
  for (;;) yield (seed = (1664525 * seed + 1013904223) % 2 ** 32) / 2 ** 32
}

const page = { width: 390, height: 780 }
const next = chance()
const draw = (from: number, to: number) => from + next.next().value! * (to - from)

it('what stands under the fingers stays there', () => {
  for (let i = 0; i < 500; i++) {
    const near = { scale: draw(1, 5), x: draw(-400, 400), y: draw(-400, 400) }
    const at = { x: draw(-190, 190), y: draw(-380, 380) }
    const moved = nearer(near, draw(0.7, NEAREST), at)
    // The point of the picture, from its own middle, that is seen at a point of the page.
    const seen = (now: typeof near) => [(at.x - now.x) / now.scale, (at.y - now.y) / now.scale]
    expect(seen(moved)[0]).toBeCloseTo(seen(near)[0], 8)
    expect(seen(moved)[1]).toBeCloseTo(seen(near)[1], 8)
  }
})

it('no edge of the picture comes into the page while there is more of it beyond', () => {
  for (let i = 0; i < 500; i++) {
    const size = { width: draw(40, 390), height: draw(40, 780) }
    const { scale, x, y } = within({ scale: draw(0.6, NEAREST), x: draw(-3000, 3000), y: draw(-3000, 3000) }, size, page)
    expect(scale).toBeGreaterThanOrEqual(1)
    for (const [at, long, room] of [
      [x, size.width * scale, page.width],
      [y, size.height * scale, page.height],
    ]) {
      if (long <= room) expect(at).toBeCloseTo(0, 8)
      else {
        expect(at - long / 2).toBeLessThanOrEqual(-room / 2 + 1e-6)
        expect(at + long / 2).toBeGreaterThanOrEqual(room / 2 - 1e-6)
      }
    }
  }
})

it('what is smaller than whole is whole, and what is within its bounds stays', () => {
  expect(within({ scale: 0.8, x: 50, y: 50 }, page, page)).toEqual(WHOLE)
  expect(within({ scale: 2, x: 100, y: -200 }, page, page)).toEqual({ scale: 2, x: 100, y: -200 })
  expect(nearer(WHOLE, 99, { x: 0, y: 0 }).scale).toBe(NEAREST)
})
