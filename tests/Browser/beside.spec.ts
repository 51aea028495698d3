import { expect, test, type Page } from './test'
import { makeDemo, openDemo, settled } from './founder'

const LYING = { viewport: { width: 1280, height: 800 }, hasTouch: true }
const title = (page: Page) => page.getByRole('heading', { level: 1 })
const pane = (page: Page) => page.getByRole('complementary')

test('on a tablet a list stands beside what it leads to, and what it opens comes in its place', async ({ browser }) => {
  const { slug } = await makeDemo(browser)
  const p = await (await browser.newContext(LYING)).newPage()
  await p.goto(`/a/${slug}`)
  await p.getByRole('navigation', { name: 'Tabs' }).getByRole('button', { name: 'Spots' }).tap()
  await expect(title(p)).toHaveText('Spots')
  await expect(pane(p)).toHaveCount(0)
  await p.getByText('The Old Lido').tap()
  await expect(title(p)).toHaveText('The Old Lido')
  await expect(pane(p)).toHaveAccessibleName('Spots')
  await expect(pane(p).locator('[aria-current]')).toContainText('The Old Lido')
  const entries = await p.evaluate(() => history.length)
  await pane(p).getByText('Lantern Cove').tap()
  await expect(title(p)).toHaveText('Lantern Cove')
  await expect(pane(p).locator('[aria-current]')).toContainText('Lantern Cove')
  expect(await p.evaluate(() => history.length)).toBe(entries)

  // It is searched there, and what is shown beside it stays.
  await pane(p).getByRole('searchbox').fill('tan')
  await expect(pane(p).locator('.item')).toHaveCount(1)
  await expect(title(p)).toHaveText('Lantern Cove')
  await p.goBack()
  await expect(title(p)).toHaveText('Spots')
  await expect(pane(p)).toHaveCount(0)
  await expect(p.getByRole('searchbox')).toHaveValue('tan')
  await expect(p.locator('.item')).toHaveCount(1)
})

test('turned upright the list goes, and loaded anew it comes again', async ({ browser }) => {
  const { slug } = await makeDemo(browser)
  const p = await (await browser.newContext(LYING)).newPage()
  await p.goto(`/a/${slug}`)
  await p.getByText('Dawn dip').tap()
  await expect(pane(p)).toHaveAccessibleName('Swims this week')
  await p.setViewportSize({ width: 800, height: 1280 })
  await expect(pane(p)).toHaveCount(0)
  await p.setViewportSize({ width: 1280, height: 800 })
  await expect(pane(p)).toHaveCount(1)
  await p.reload()
  await expect(pane(p)).toHaveAccessibleName('Swims this week')
  await expect(title(p)).toHaveText('Dawn dip')
  await p.getByRole('button', { name: 'Back' }).tap()
  await expect(title(p)).toHaveText('Swims this week')
})

test('what stands beside a list stands where the core says', async ({ page }) => {
  await openDemo(page)
  const app = /apps\/(\d+)/.exec(page.url())?.[1]
  await page.setViewportSize({ width: 1280, height: 800 })
  await page.goto(`/deck/${app}`)
  await page.getByText('Dawn dip').click()
  await expect(pane(page)).toHaveCount(1)
  await settled(page)
  const query = 'width=1280&height=800&text=1&beside=1&args[]=1'
  const { frames } = await (await page.request.get(`/api/apps/${app}/layout/swim?${query}`, { headers: { Accept: 'application/json' } })).json()
  const drawn = () =>
    page.evaluate(() =>
      [...document.querySelectorAll<HTMLElement>('main > [data-at]')].map((line) => {
        const { x, width } = line.getBoundingClientRect()
        return [line.dataset.at ?? '', x, width]
      }),
    )
  const off = async () => (await drawn()).filter(([at, x, width]) => Math.abs(frames[at][0] - Number(x)) > 1 || Math.abs(frames[at][2] - Number(width)) > 1)
  expect((await drawn()).length).toBeGreaterThan(4)
  await expect.poll(off).toEqual([])
})

test('on a phone that opens like a book the list lies on its left page and what it leads to on its right one', async ({ browser }) => {
  const { slug } = await makeDemo(browser)
  const p = await (await browser.newContext({ viewport: { width: 812, height: 720 }, hasTouch: true })).newPage()
  const cdp = await p.context().newCDPSession(p)
  const fold = { orientation: 'vertical' as const, offset: 390, maskLength: 32 }
  await cdp.send('Emulation.setDeviceMetricsOverride', { width: 812, height: 720, deviceScaleFactor: 1, mobile: true, displayFeature: fold })
  await p.goto(`/a/${slug}`)
  await p.getByText('Dawn dip').tap()
  await expect(pane(p)).toBeVisible()
  const [list, page] = [await pane(p).boundingBox(), await p.locator('main').boundingBox()]
  expect(list!.x + list!.width).toBe(390)
  expect(page!.x).toBe(422)
  await pane(p).getByText('Before breakfast').tap()
  await expect(title(p)).toHaveText('Before breakfast')
})
