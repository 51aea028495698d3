import { expect, test } from './test'
import { device, nothingSerious, openDemo } from './founder'

test('a screen has a link and a code for each of its rows, and whoever opens it comes there', async ({ page, browser }) => {
  await openDemo(page)
  await page.getByRole('navigation', { name: 'Screens' }).getByRole('button', { name: /^Spot about/ }).click()
  await page.getByRole('button', { name: 'A link to it' }).click()
  const dialog = page.getByRole('dialog', { name: 'A link to Spot' })
  await expect(dialog.getByRole('img', { name: /^QR code/ })).toBeVisible()
  await nothingSerious(page, '.dialog')
  await dialog.getByLabel('Spot', { exact: true }).selectOption('Kelp Point')
  await dialog.getByLabel('Source').fill('the poster')
  await expect(dialog.locator('.link-address')).toContainText('&from=the-poster#/spot/')
  const link = new URL((await dialog.locator('.link-address').textContent()) ?? '')

  const theirs = await (await browser.newContext()).newPage()
  await theirs.goto(link.pathname + link.search + link.hash)
  await expect(theirs.getByRole('heading', { level: 1 })).toHaveText('Kelp Point')
  expect(new URL(theirs.url()).search).toBe('?from=the-poster')
  expect(await theirs.locator('meta[property="og:title"]').getAttribute('content')).toBe('Kelp Point')
  // Programs that cut off what follows the # lead there, too.
  const other = await (await browser.newContext()).newPage()
  await other.goto(link.pathname + link.search)
  await expect(other.getByRole('heading', { level: 1 })).toHaveText('Kelp Point')
  await other.getByRole('button', { name: 'Back' }).click()
  await expect(other.getByRole('heading', { level: 1 })).toHaveText('Swims this week')

  await page.keyboard.press('Escape')
  await page.getByRole('navigation', { name: 'Screens' }).getByRole('button', { name: /^Upcoming/ }).click()
  await page.getByRole('button', { name: 'A link to it' }).click()
  await expect(page.getByRole('dialog', { name: 'A link to Upcoming' }).locator('.link-address')).toContainText('?at=upcoming#/upcoming')
})

test('a row is shared with a link to it', async ({ page }) => {
  await page.addInitScript(() => {
    Object.assign(navigator, { share: async ({ text }: { text: string }) => void ((globalThis as { shared?: string }).shared = text) })
  })
  await openDemo(page)
  await device(page).getByText('Dawn dip').click()
  await device(page).getByText('Where it is').click()
  await device(page).getByRole('button', { name: 'Tell a friend' }).click()
  const shared = () => page.frames().find((frame) => frame.url().includes('/deck/'))?.evaluate(() => (globalThis as { shared?: string }).shared ?? '')
  await expect.poll(shared).toMatch(/Come along! https?:\/\/[^ ]+\?at=swim\/\d+&by=\d+-[0-9a-f]{20}&from=invitation#\/swim\/\d+$/)
})
