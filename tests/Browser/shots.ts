import { expect, test } from '@playwright/test'
import { device, openDemo } from './founder'

const folder = 'docs/screenshots'

test('pictures of the main views, from the demo data', async ({ browser }) => {
  test.setTimeout(180_000)
  const page = await (await browser.newContext({ viewport: { width: 1280, height: 800 } })).newPage()
  await page.goto('/')
  await expect(page.getByRole('button', { name: 'Sign in', exact: true })).toBeVisible()
  await page.screenshot({ path: `${folder}/sign-in.png` })
  await openDemo(page)
  await expect(device(page).getByText('Dawn dip')).toBeVisible()
  await page.waitForTimeout(800)
  await page.screenshot({ path: `${folder}/screens.png` })

  await page.getByRole('button', { name: /^a formula: starts > now/ }).click()
  await expect(page.locator('.picks li').first()).toBeVisible()
  await page.screenshot({ path: `${folder}/blank.png` })
  await page.keyboard.press('Escape')

  await page.getByRole('button', { name: /^Data:/ }).click()
  await page.getByRole('navigation', { name: 'Tables' }).getByRole('button', { name: 'Spots' }).click()
  await expect(page.getByLabel('Name of row 6')).toBeVisible()
  await page.screenshot({ path: `${folder}/data.png` })

  await page.getByRole('button', { name: /^Release:/ }).click()
  await expect(page.getByText('Live is revision')).toBeVisible()
  await page.screenshot({ path: `${folder}/release.png` })
  const android = page.locator('.target', { hasText: 'Android package' }).first()
  await android.getByRole('button', { name: 'Build' }).click()
  await expect(android.locator('.build')).toHaveAttribute('data-state', 'done', { timeout: 60_000 })
  const quay = page.locator('.target', { hasText: 'Quay' })
  await quay.getByRole('button', { name: /^Submit APK/ }).click()
  await expect(quay.locator('.submission').first()).toHaveAttribute('data-state', 'turned down', { timeout: 30_000 })
  await quay.getByRole('button', { name: /^Shorten it to/ }).click()
  await expect(quay.locator('.now')).toBeVisible()
  await quay.scrollIntoViewIfNeeded()
  await page.screenshot({ path: `${folder}/store.png` })

  const dark = await (await browser.newContext({ viewport: { width: 1280, height: 800 }, colorScheme: 'dark' })).newPage()
  await openDemo(dark)
  await dark.getByRole('navigation', { name: 'Screens' }).getByRole('button', { name: /^Swim / }).click()
  await device(dark).getByText('Buoy to buoy').click()
  await device(dark).getByRole('button', { name: 'Count me in' }).click()
  await expect(device(dark).getByText('See you at Gannet Slip')).toBeVisible()
  await dark.waitForTimeout(600)
  await dark.screenshot({ path: `${folder}/dark.png` })

  const phone = await (await browser.newContext({ viewport: { width: 390, height: 780 } })).newPage()
  await phone.goto('/a/saltlark')
  await phone.getByText('First timers, slowly').click()
  await expect(phone.getByText('Who is coming')).toBeVisible()
  await phone.waitForTimeout(500)
  await phone.screenshot({ path: `${folder}/device.png` })
})
