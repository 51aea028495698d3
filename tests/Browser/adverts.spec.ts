import { expect, test } from './test'
import { beginApp, nothingSerious, script, standins } from './founder'

const app = `app Reef

adverts through Bunting, at most 9 an hour, asking on Choice

screen Start, first
  Heading "Reef"
  Advert Below, as a box
  Button "Adverts and you"
    tapped: go to Choice
  Button "Next"
    tapped:
      show an advert Between, at most once in 5 minutes
      say "Here we are."

screen Choice
  Text "May adverts be about you?"
  Button "Yes, they may", quiet
    tapped:
      allow adverts about me
      go back
  Button "No, they may not", quiet
    tapped:
      refuse adverts about me
      go back
`

test('who sees where adverts stand is asked first; then one comes, is seen, counted, and leads out', async ({ page }) => {
  await beginApp(page, 'Reef')
  const id = /apps\/(\d+)/.exec(page.url())?.[1] ?? ''
  await script(page, app)
  const device = page.frameLocator('iframe').first()
  await expect(device.getByText('May adverts be about you?')).toBeVisible()
  await device.getByRole('button', { name: 'No, they may not' }).click()
  const advert = device.getByRole('complementary', { name: 'Advert' })
  await expect(advert.getByText(/^Advert · .+\.example$/)).toBeVisible()
  await expect(advert.locator('img')).toHaveJSProperty('complete', true)
  await nothingSerious(page, 'iframe')

  await page.goto(`/apps/${id}/earnings/adverts`)
  const row = page.getByRole('row', { name: /^Below Start/ })
  await expect(async () => {
    await page.reload()
    await expect(row.getByRole('cell').nth(3)).not.toHaveText('0', { timeout: 3000 })
  }).toPass()
  await expect(page.getByText(/adverts in a visit$/).first()).toBeVisible()
  await nothingSerious(page, '.surface')

  // Another cap, tried out, and read with the keys.
  const said = page.locator('.rehearsed')
  const before = await said.innerText()
  await page.getByLabel('Places for adverts in a visit').fill('12')
  await page.keyboard.press('Tab')
  await expect(said).not.toHaveText(before)
  const curve = page.getByRole('slider', { name: /^Money and patience/ })
  await curve.focus()
  await page.keyboard.press('ArrowRight')
  await expect(curve).toHaveAttribute('aria-valuetext', /in a visit, €.* come back$/)

  const leaves = page.waitForEvent('popup')
  await device.getByRole('complementary', { name: 'Advert' }).getByRole('link').click()
  await expect((await leaves).getByText('An advertiser, for practice')).toBeVisible()
})

test.afterEach(async ({ request }) => {
  await request.post(`${standins()}/bunting/`, { form: { mode: '' } })
})

test('an advert over the whole screen is closed at once, does not come again soon, and what follows is done', async ({ page }) => {
  await beginApp(page, 'Reef')
  await script(page, app.replace(', asking on Choice', ''))
  const device = page.frameLocator('iframe').first()
  await device.getByRole('button', { name: 'Next' }).click()
  const over = device.getByRole('dialog', { name: 'Advert' })
  await expect(over.getByText(/^Advert · .+\.example$/)).toBeVisible()
  await nothingSerious(page, 'iframe')
  await page.keyboard.press('Escape')
  await expect(over).toHaveCount(0)
  await expect(device.getByText('Here we are.')).toBeVisible()
  await device.getByRole('button', { name: 'Next' }).click()
  await expect(device.getByText('Here we are.')).toBeVisible()
  await expect(over).toHaveCount(0)
})

test('an exchange that fails leaves the place quietly, with its room', async ({ page, request }) => {
  await request.post(`${standins()}/bunting/`, { form: { mode: 'malformed' } })
  await beginApp(page, 'Reef')
  await script(page, app.replace(', asking on Choice', ''))
  const device = page.frameLocator('iframe').first()
  const advert = device.getByRole('complementary', { name: 'Advert' })
  await expect(advert).toBeVisible()
  const box = await advert.boundingBox()
  expect(Math.round(box?.height ?? 0)).toBeGreaterThan(100)
  await expect(advert).toHaveText('')
  await device.getByRole('button', { name: 'Adverts and you' }).click()
  await expect(device.getByText('May adverts be about you?')).toBeVisible()
})

test('Lanai writes the rules and the screen that asks', async ({ page }) => {
  await beginApp(page, 'Reef')
  const id = /apps\/(\d+)/.exec(page.url())?.[1] ?? ''
  await page.goto(`/apps/${id}/earnings/adverts`)
  await page.getByRole('button', { name: 'Let adverts in' }).click()
  await expect(page.getByText('There are rules for adverts, and no place for one').first()).toBeVisible()
  await expect(page.getByText('No advert stands anywhere yet.')).toBeVisible()
  await nothingSerious(page, '.surface')
})
