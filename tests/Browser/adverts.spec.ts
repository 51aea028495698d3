import type { Locator, Page } from '@playwright/test'
import { expect, test } from './test'
import { beginApp, nothingSerious, rows, script } from './founder'
import { phone, shared } from './phone'

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

  // Half of it was in view for a second: the footprints say so.
  await expect(page.getByText(/was seen: the network is told/)).toBeVisible()
  await page.goto(`/apps/${id}/earnings/adverts`)
  const place = page.getByRole('article', { name: 'Below' })
  const seen = place.locator('dl div', { hasText: /^seen/ }).locator('dd')
  await expect(async () => {
    await page.reload()
    await expect(seen).not.toHaveText('0', { timeout: 3000 })
  }).toPass()
  await expect(place.getByText('Advert Below, as a box')).toBeVisible()
  await page.getByRole('button', { name: 'By country' }).click()
  await expect(page.getByRole('columnheader', { name: 'country' })).toBeVisible()
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

  // A page that is loaded anew has a new device in its deck: it is asked again.
  await device.getByRole('button', { name: 'No, they may not' }).click()
  const leaves = page.waitForEvent('popup')
  await device.getByRole('complementary', { name: 'Advert' }).getByRole('link').click()
  await expect((await leaves).getByText('An advertiser, for practice')).toBeVisible()
})

/** How the exchange answers the founder of the open app. */
async function answers(page: Page, mode: string) {
  const id = /apps\/(\d+)/.exec(page.url())?.[1]
  const { bunting } = (await (await page.request.get(`/api/apps/${id}/adverts/sandbox`)).json()) as { bunting: string }
  await page.request.post(bunting, { form: { mode }, maxRedirects: 0 })
}

/** Taps until something comes of it: an exchange that is busy has no advert in time, and then none is shown. */
async function tapUntil(button: Locator, what: Locator) {
  await expect(async () => {
    if (!(await what.isVisible())) await button.click({ timeout: 2000 })
    await expect(what).toBeVisible({ timeout: 3000 })
  }).toPass()
}

test('an advert over the whole screen is closed soon, does not come again soon, and what follows is done', async ({ page }) => {
  await beginApp(page, 'Reef')
  await script(page, app.replace(', asking on Choice', ''))
  const device = page.frameLocator('iframe').first()
  const over = device.getByRole('dialog', { name: 'Advert' })
  await tapUntil(device.getByRole('button', { name: 'Next' }), over)
  await expect(over).toContainText(/Advert · .+\.example/)
  await nothingSerious(page, 'iframe')
  // A film keeps nobody for longer than a few seconds.
  await expect(over.getByRole('button', { name: 'Close the advert' })).toBeVisible()
  await page.keyboard.press('Escape')
  await expect(over).toHaveCount(0)
  await expect(device.getByText('Here we are.')).toBeVisible()
  await device.getByRole('button', { name: 'Next' }).click()
  await expect(device.getByText('Here we are.')).toBeVisible()
  await expect(over).toHaveCount(0)
})

test('an exchange that fails leaves the place quietly, with its room', async ({ page }) => {
  await beginApp(page, 'Reef')
  await answers(page, 'malformed')
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

const rewarding = `app Lantern

adverts through Bunting, at most 9 an hour

screen Start, first
  Heading "Lantern"
  Button "An extra badge"
    tapped:
      offer an advert Badge, for "an extra badge"
        then:
          say "Here is your badge."
        otherwise:
          say "Another time."
`

test('an advert for a reward is offered, can be left, and gives it after the network has said that it was seen', async ({ page }) => {
  await beginApp(page, 'Lantern')
  await script(page, rewarding)
  const device = page.frameLocator('iframe').first()
  const button = device.getByRole('button', { name: 'An extra badge' })
  await button.click()
  await expect(device.getByText('Watch an advert for an extra badge?')).toBeVisible()
  await nothingSerious(page, 'iframe')
  await device.getByRole('button', { name: 'No, thank you' }).click()
  await expect(device.getByText('Another time.')).toBeVisible()

  // Left before its end there is nothing for it, and that is said before.
  const over = device.getByRole('dialog', { name: 'Advert' })
  await tapUntil(button, device.getByRole('button', { name: 'Watch it' }))
  await tapUntil(device.getByRole('button', { name: 'Watch it' }), over)
  await expect(over.getByText('To its end for an extra badge.')).toBeVisible()
  await page.keyboard.press('Escape')
  await expect(over.getByText('Stop watching? Then there is nothing for it.')).toBeVisible()
  await nothingSerious(page, 'iframe')
  await over.getByRole('button', { name: 'Stop' }).click()
  await expect(over).toHaveCount(0)
  await expect(device.getByText('Another time.')).toBeVisible()

  await tapUntil(button, device.getByRole('button', { name: 'Watch it' }))
  await tapUntil(device.getByRole('button', { name: 'Watch it' }), over)
  await expect(over.locator('video')).toHaveJSProperty('paused', false)
  await expect(device.getByText('Here is your badge.')).toBeVisible({ timeout: 30_000 })
  await expect(over).toHaveCount(0)
})

test('a film that is not there gives nothing and keeps nobody', async ({ page }) => {
  await beginApp(page, 'Lantern')
  await answers(page, 'gone')
  await script(page, rewarding)
  const device = page.frameLocator('iframe').first()
  await device.getByRole('button', { name: 'An extra badge' }).click()
  await device.getByRole('button', { name: 'Watch it' }).click()
  await expect(device.getByText('Another time.')).toBeVisible()
  await expect(device.getByRole('dialog', { name: 'Advert' })).toHaveCount(0)
})

test('in a long list adverts stand after every so many, keep their room, and are tapped by a finger', async ({ page, browser }) => {
  await beginApp(page, 'Notes')
  await script(
    page,
    `app Notes

adverts through Bunting, at most 30 an hour

table Notes, each a Note
  may be seen by everyone
  Title is a text

screen Start, first
  List of Notes, by Title upward, with an advert after every 12, showing 200
    shows title as title
`,
  )
  await rows(
    page,
    'notes',
    Array.from({ length: 150 }, (_, i) => ({ title: `Note ${String(i).padStart(3, '0')}` })),
  )
  const p = await phone(browser, await shared(page))
  await expect(p.getByText('Note 000')).toBeVisible()
  const twelfth = p.getByText('Note 012')
  await twelfth.scrollIntoViewIfNeeded()
  const advert = p.getByRole('complementary', { name: 'Advert' }).filter({ hasText: 'Advert ·' }).first()
  await expect(advert).toBeVisible()
  // It came without moving what stands below it.
  const before = await twelfth.boundingBox()
  await expect(advert.locator('img')).toHaveJSProperty('complete', true)
  expect((await twelfth.boundingBox())?.y).toBe(before?.y)
  // Far down there are others, and the first one is the same when one comes back.
  const words = await advert.innerText()
  const main = p.locator('main')
  await main.evaluate((page) => page.scrollTo(0, page.scrollHeight / 2))
  await expect(twelfth).toHaveCount(0)
  await expect(p.getByRole('complementary', { name: 'Advert' }).filter({ hasText: 'Advert ·' }).first()).toBeVisible()
  await main.evaluate((page) => page.scrollTo(0, 0))
  await twelfth.scrollIntoViewIfNeeded()
  await expect(advert).toHaveText(words.replaceAll('\n', ''))
  const leaves = p.waitForEvent('popup')
  await advert.getByRole('link').tap()
  await expect((await leaves).getByText('An advertiser, for practice')).toBeVisible()
})
