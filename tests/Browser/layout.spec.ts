import { expect, test } from './test'
import { openDemo, settled } from './founder'

/** Chromium is the other opinion: the frames that the core computes are those that it draws, within 1 dp. */
const SCREENS: [string, number[]][] = [
  ['upcoming', []],
  ['swim', [1]],
  ['offer', []],
  ['spots', []],
  ['spot', [1]],
  ['mine', []],
  ['booking', [1]],
  ['discover', []],
  ['feed', []],
  ['tell', []],
  ['post', [1]],
  ['profile', []],
  ['settings', []],
  ['welcome', []],
  ['water', [1]],
  ['guide', []],
]

for (const [width, height, text] of [
  [390, 844, 1],
  [320, 568, 2],
  [820, 1180, 1.3],
  [1280, 800, 1],
]) {
  test(`all screens of the demo stand where the core says, at ${width} by ${height} with text at ${text * 100} %`, async ({ page }) => {
    await openDemo(page)
    const app = /apps\/(\d+)/.exec(page.url())?.[1]
    await page.setViewportSize({ width, height })
    await page.goto(`/deck/${app}`)
    await expect(page.locator('main [data-at]').first()).toBeVisible()
    let compared = 0
    let all = 0
    for (const [screen, args] of SCREENS) {
      const shown = page.waitForResponse((answer) => answer.url().endsWith('/view') && answer.request().postDataJSON().screen === screen)
      await page.evaluate(
        ([screen, args, text]) => {
          window.postMessage({ lanai: 'set', choice: { person: 1, textSize: (text as number) * 100 } }, location.origin)
          window.postMessage({ lanai: 'open', screen, args }, location.origin)
        },
        [screen, args, text],
      )
      await shown
      await settled(page)
      const query = `width=${width}&height=${height}&text=${text}&person=1${args.map((a) => `&args[]=${a}`).join('')}`
      const { frames } = await (await page.request.get(`/api/apps/${app}/layout/${screen}?${query}`, { headers: { Accept: 'application/json' } })).json()
      // What comes by itself, such as a chart, may come after the rest.
      await expect(async () => {
        const real = await page.evaluate(() =>
          [...document.querySelectorAll<HTMLElement>('.device [data-at]')].map((e) => {
            const box = e.getBoundingClientRect()
            return { at: e.dataset.at ?? '', box: [box.x, box.y, box.width, box.height] }
          }),
        )
        const drawn = real.filter((r) => r.box[2] > 0)
        for (const { at, box } of drawn) {
          expect(frames[at], `${screen} ${at} is not known to the core`).toBeDefined()
          const apart = Math.max(...box.map((value, i) => Math.abs(value - frames[at][i])))
          expect(apart, `${screen} ${at}: drawn at ${box.map((v) => v.toFixed(1))}, computed at ${frames[at]}`).toBeLessThanOrEqual(1)
        }
        compared = drawn.length
      }).toPass({ timeout: 10_000 })
      all += compared
    }
    expect(all).toBeGreaterThan(60)
  })
}
