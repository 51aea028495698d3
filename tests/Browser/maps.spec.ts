import { expect, test } from './test'
import { nothingSerious, openShippedDemo, practiceKey, settled, standins } from './founder'
import { Finger, phone, shared } from './phone'

// Chartroom is arranged for the founder of the demo, as it is shipped.
test('what lies on a map is found by touch, leads on, and is found again', async ({ page, browser }) => {
  await openShippedDemo(page)
  const address = await shared(page)
  const p = await phone(browser, `${address}#/chart`)
  await expect(p.locator('.map-pin').first()).toBeVisible()
  await expect(p.locator('img.leaflet-tile-loaded').first()).toBeVisible()
  await settled(p)
  await nothingSerious(p, 'a map')

  const several = p.getByRole('button', { name: /places here/ })
  await several.first().tap()
  await expect(several).toHaveCount(0)
  await p.getByRole('button', { name: 'The Old Lido', exact: true }).tap()
  const card = p.locator('.map-chosen')
  await expect(card).toContainText('The Old Lido')
  // A finger on the map moves it, and not the page.
  const before = await p.locator('.map-place').first().boundingBox()
  const finger = await Finger.on(p)
  await finger.drag(p, '.map-ground', -60, -40)
  await expect(async () => expect((await p.locator('.map-place').first().boundingBox())?.x).not.toBe(before?.x)).toPass({ timeout: 20_000 })
  await expect(p.locator('.pull')).toHaveCount(0)
  await expect(card).toContainText('The Old Lido')

  await card.getByRole('button').first().tap()
  await expect(p.getByRole('heading', { name: 'Swims here' })).toBeVisible()
  await p.getByRole('button', { name: 'Back' }).tap()
  await expect(card).toContainText('The Old Lido')
  await expect(several).toHaveCount(0)

  await p.getByPlaceholder('Search').fill('tansy')
  await expect(p.getByRole('button', { name: 'Tansy Beach', exact: true })).toBeInViewport()
  await p.getByPlaceholder('Search').fill('nothing like it')
  await expect(p.getByText('Nothing is found.')).toBeVisible()
})

test('a map is worked by keys, and says so where it cannot be drawn', async ({ page, browser }) => {
  await openShippedDemo(page)
  const address = await shared(page)
  const arranged = (mode: string) => page.request.post(`${standins()}/chartroom/switches?key=${practiceKey()}`, { form: { mode }, maxRedirects: 0 })
  await arranged('500')
  try {
    const p = await phone(browser, `${address}#/chart`, 'iPad Mini')
    await expect(p.getByText('The map cannot be drawn just now.')).toBeVisible()
    await expect(p.locator('.map-place').first()).toBeVisible()
    await p.getByRole('button', { name: 'Lantern Cove', exact: true }).focus()
    await p.keyboard.press('Enter')
    await expect(p.locator('.map-chosen')).toContainText('Lantern Cove')
    await p.keyboard.press('Tab')
    await arranged('')
    await p.getByRole('button', { name: 'Nearer' }).tap()
    await expect(p.getByText('The map cannot be drawn just now.')).toBeHidden()
  } finally {
    await arranged('')
  }
})
