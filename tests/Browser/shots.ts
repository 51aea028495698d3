import { expect, test, type Page } from './test'
import { buildForHere, device, openShippedDemo, settled } from './founder'

const folder = 'docs/screenshots'

/** A picture of what is in sight, once all of it is there and stands still. */
async function picture(page: Page, name: string) {
  await settled(page)
  for (const frame of page.frames()) await frame.waitForFunction(() => [...document.images].every((image) => image.loading === 'lazy' || image.complete))
  await page.screenshot({ path: `${folder}/${name}.png` })
}

test('pictures of the main views, from the demo data', async ({ browser }) => {
  test.setTimeout(180_000)
  const page = await (await browser.newContext({ viewport: { width: 1280, height: 800 } })).newPage()
  await page.goto('/')
  await expect(page.getByRole('button', { name: 'Sign in', exact: true })).toBeVisible()
  await picture(page, 'sign-in')
  await openShippedDemo(page)
  await expect(device(page).getByText('Dawn dip')).toBeVisible()
  await expect(page.locator('.side-picture svg rect').nth(20)).toBeAttached()
  await picture(page, 'screens')

  await page.getByRole('button', { name: /^a formula: Starts is after now/ }).click()
  await expect(page.locator('.trace')).toBeVisible()
  await picture(page, 'blank')
  await page.keyboard.press('Escape')

  await page.getByRole('button', { name: 'Map of the ways' }).click()
  await page.getByRole('button', { name: 'One more device' }).click()
  await expect(page.locator('.way-screen')).toHaveCount(24)
  await picture(page, 'ways')
  await page.getByRole('button', { name: 'Put this device away' }).click()

  await page.getByRole('button', { name: /^Data:/ }).click()
  await page.getByRole('navigation', { name: 'Tables' }).getByRole('button', { name: 'Spots' }).click()
  await expect(page.getByRole('gridcell', { name: 'Name of row 6' })).toBeVisible()
  await picture(page, 'data')
  await page.getByRole('button', { name: 'Rows in and out' }).click()
  await page.getByText('Bring rows in…').click()
  await page
    .getByLabel('A file with rows')
    .setInputFiles({
      name: 'spots.csv',
      mimeType: 'text/csv',
      buffer: Buffer.from('Name;Water;Which shore;Bottom\nReed Bay;13.5;West;sand\nHeron Flats;warm;North;rock\nMussel Steps;12;North;rock\n'),
    })
  await expect(page.getByText('cannot come in')).toBeVisible()
  await picture(page, 'import')
  await page.getByRole('button', { name: 'Never mind' }).click()
  await page.getByRole('button', { name: 'Map', exact: true }).click()
  await expect(page.getByRole('button', { name: /^Swims, 11 rows/ })).toBeVisible()
  await picture(page, 'map')

  await page.getByRole('button', { name: /^People:/ }).click()
  await expect(page.getByText('Outside providers')).toBeVisible()
  await page.getByRole('button', { name: 'Check again' }).first().click()
  await expect(page.getByText('Gatehouse knows this app and its address.')).toBeVisible()
  await picture(page, 'people')
  await page.getByRole('button', { name: 'Who may do what' }).click()
  await expect(page.locator('.verdicts li').first()).toBeVisible()
  await picture(page, 'access')
  await page.getByRole('button', { name: 'What each one sees' }).click()
  await expect(page.locator('.sights tbody tr').first()).toBeVisible()
  await picture(page, 'sights')

  await page.getByRole('button', { name: /^Services:/ }).click()
  await page.getByRole('button', { name: 'Wordsmith', exact: true }).click()
  await expect(page.getByText('Kept; it ends in')).toBeVisible()
  await picture(page, 'service')
  await page.getByRole('button', { name: 'Conditions', exact: true }).click()
  await page.getByRole('button', { name: 'Try it' }).click()
  await expect(page.getByText(/^200 in/)).toBeVisible()
  await picture(page, 'request')

  await page.getByRole('button', { name: /^Earnings:/ }).click()
  await expect(page.locator('.tide-row').first()).toBeVisible()
  await page.getByRole('slider', { name: 'The clock of the deck' }).focus()
  for (let i = 0; i < 2; i++) await page.keyboard.press('PageUp')
  await expect(page.getByLabel('Back to now')).toBeVisible()
  await picture(page, 'earnings')
  await page.getByLabel('Back to now').click()

  await page.getByRole('button', { name: /^Release:/ }).click()
  await expect(page.getByText('Live is revision')).toBeVisible()
  await picture(page, 'release')
  const android = page.locator('.target', { hasText: 'Android package' }).first()
  await buildForHere(page)
  await android.getByRole('button', { name: 'Build' }).click()
  await expect(android.locator('.build')).toHaveAttribute('data-state', 'done', { timeout: 60_000 })
  const quay = page.locator('.target', { hasText: 'Quay' })
  await quay.getByRole('button', { name: /^Submit APK/ }).click()
  await expect(quay.locator('.submission').first()).toHaveAttribute('data-state', 'turned down', { timeout: 30_000 })
  await quay.getByRole('button', { name: /^Shorten it to/ }).click()
  await expect(quay.locator('.now')).toBeVisible()
  await quay.scrollIntoViewIfNeeded()
  await picture(page, 'store')

  const dark = await (await browser.newContext({ viewport: { width: 1280, height: 800 }, colorScheme: 'dark' })).newPage()
  await openShippedDemo(dark)
  await dark
    .getByRole('navigation', { name: 'Screens' })
    .getByRole('button', { name: /^Swim / })
    .click()
  await device(dark).getByText('Buoy to buoy').click()
  await device(dark).getByRole('button', { name: 'Count me in' }).click()
  await expect(device(dark).getByText('See you at Gannet Slip')).toBeVisible()
  await picture(dark, 'dark')

  const phone = await (await browser.newContext({ viewport: { width: 390, height: 780 } })).newPage()
  await phone.goto('/a/saltlark')
  await phone.getByText('First timers, slowly').click()
  await expect(phone.getByText('Who is coming')).toBeVisible()
  await picture(phone, 'device')
  await phone.goto('/a/saltlark#/chart')
  await phone.getByRole('button', { name: 'Tansy Beach', exact: true }).click()
  await expect(phone.locator('.map-chosen')).toBeVisible()
  await expect(phone.locator('img.leaflet-tile-loaded').first()).toBeVisible()
  await picture(phone, 'chart')

  const tablet = await (await browser.newContext({ viewport: { width: 1280, height: 800 }, hasTouch: true })).newPage()
  await tablet.goto('/a/saltlark')
  await tablet.getByText('Dawn dip').click()
  await tablet.getByRole('complementary').getByText('First timers, slowly').click()
  await expect(tablet.getByRole('heading', { level: 1 })).toHaveText('First timers, slowly')
  await picture(tablet, 'tablet')
})
