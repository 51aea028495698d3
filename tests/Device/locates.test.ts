import { readFileSync } from 'node:fs'
import { expect, it, vi } from 'vitest'

/** What a page of a package for iPhones is given in the place of its own way to ask where it is. */
function page(answer: string | null) {
  const asked = vi.fn(() => answer)
  const own = { navigator: {} as Navigator, window: {} as Record<string, (...told: number[]) => void> }
  new Function('window', 'navigator', 'prompt', readFileSync('packaging/ios/App/locates.js', 'utf8'))(own.window, own.navigator, asked)
  return { asked, ...own }
}

it('asks the shell, and tells everybody who waits what the phone has found', () => {
  const { asked, navigator, window } = page('asked')
  const [first, second] = [vi.fn(), vi.fn()]
  navigator.geolocation.getCurrentPosition(first, vi.fn())
  navigator.geolocation.getCurrentPosition(second)
  expect(asked).toHaveBeenCalledWith('lanai:locate', '')
  window.lanaiHere(50.1, -5.2, 9)
  for (const done of [first, second]) expect(done.mock.calls[0][0].coords).toEqual({ latitude: 50.1, longitude: -5.2, accuracy: 9 })
  window.lanaiHere(1, 2, 3)
  expect(first).toHaveBeenCalledTimes(1)
})

it('says why it is not known, by the numbers of the standard, and also where no shell answers', () => {
  const { navigator, window } = page('asked')
  const refused = vi.fn()
  navigator.geolocation.getCurrentPosition(vi.fn(), refused)
  navigator.geolocation.getCurrentPosition(vi.fn())
  window.lanaiNotHere(1)
  expect(refused.mock.calls[0][0]).toMatchObject({ code: 1, PERMISSION_DENIED: 1 })

  const alone = vi.fn()
  page(null).navigator.geolocation.getCurrentPosition(vi.fn(), alone)
  expect(alone.mock.calls[0][0].code).toBe(2)
})
