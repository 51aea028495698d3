import { expect, test } from './test'
import { beginApp, nothingSerious, openShippedDemo, practiceKey, script, settled, standins } from './founder'
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
  // A machine on which everything takes long draws tiles too late, and a service that is too slow is left alone for a while.
  test.setTimeout(180_000)
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
    await p.getByRole('button', { name: 'Nearer' }).tap()
    await arranged('')
    // Nobody has to do anything: what did not come is asked for again.
    await expect(p.getByText('The map cannot be drawn just now.')).toBeHidden({ timeout: 90_000 })
  } finally {
    await arranged('')
  }
})

const COVES = `app Coves

table Coves, each a Cove
  may be seen by everyone
  may be added by everyone
  Name is a text
  Lies is a place

service Tiles is at "https://tiles.invalid"
  draws maps with "/{z}/{x}/{y}.png", as far as zoom 16

screen Coves, first
  Form for a new Cove asking Name, Lies, saying "Keep it"
    saved: say "Kept."
  List of Coves, by Name upward, as a map, marking where one is
    shows name as title
    shows lies as place
    when empty: "No coves."
`

test('a place is chosen on a map under a pin, and one sees where one is', async ({ page, browser }) => {
  await beginApp(page, 'Coves')
  await script(page, COVES)
  const p = await phone(browser, 'about:blank')
  await p.context().grantPermissions(['geolocation'])
  await p.context().setGeolocation({ latitude: 50.1234, longitude: -5.4321, accuracy: 80 })
  await p.goto(await shared(page))
  await p.getByLabel('Name').fill('Bay')
  const onMap = p.getByRole('button', { name: 'Choose Lies on a map' })
  await onMap.tap()
  const sheet = p.getByRole('dialog', { name: 'Lies' })
  await expect(sheet.getByText('Move the map until the pin stands on the place.')).toBeVisible()
  await expect(sheet.getByRole('button', { name: 'Done' })).toBeDisabled()
  await sheet.getByRole('button', { name: 'Where I am' }).tap()
  await expect(sheet.getByText('50.12340, -5.43210')).toBeVisible()
  await nothingSerious(p, 'choosing a place')
  // Drawn to the left, what stands under the pin lies further east.
  await (await Finger.on(p)).drag(p, '.place-map .map-ground', -80, 0)
  await expect(sheet.getByText(/^50\.12\d+, -5\.(3|42)\d+$/)).toBeVisible()
  await sheet.getByRole('button', { name: 'Done' }).tap()
  const chosen = await p.getByLabel('Lies', { exact: true }).inputValue()
  expect(chosen).toMatch(/^50\.12\d\d\d, -5\.(3|42)\d+$/)
  await onMap.tap()
  await expect(sheet.getByText(chosen)).toBeVisible()
  await sheet.getByRole('button', { name: 'Close' }).tap()
  await p.getByRole('button', { name: 'Keep it' }).tap()
  await expect(p.getByText('Kept.')).toBeVisible()

  await p.getByRole('button', { name: 'Where I am' }).tap()
  await expect(p.locator('.map-me')).toBeVisible()
  await p.context().clearPermissions()
  await p.context().setGeolocation(null)
  await p.getByRole('button', { name: 'Where I am' }).tap()
  await expect(p.getByRole('alert')).toHaveText('This device does not tell where it is.')
})
