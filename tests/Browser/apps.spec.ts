import { expect, test } from './test'
import { device, nothingSerious, signUp } from './founder'

test('one’s apps: renamed, doubled, put away, removed and brought back', async ({ page }) => {
  await signUp(page, 'Gannet')
  for (const name of ['Reeds', 'Sedges', 'Rushes', 'Mosses', 'Ferns']) {
    await page.getByLabel('Name of a new app').fill(name)
    await page.getByRole('button', { name: 'Begin it' }).click()
    await expect(page.getByText('Saved, revision 1')).toBeVisible()
    await page.getByRole('link', { name: 'Your apps' }).click()
  }
  const card = (name: string) => page.getByRole('article', { name, exact: true })
  await expect(page.getByRole('article')).toHaveCount(5)
  await expect(card('Reeds')).toContainText('draft')
  await expect(card('Reeds').locator('.thumb')).toBeVisible()
  await nothingSerious(page, '.apps-page')
  await page.getByLabel('Search your apps').fill('es')
  await expect(page.getByRole('article')).toHaveCount(3)
  await page.getByLabel('Search your apps').fill('cattail')
  await expect(page.getByText('None of your apps is called so.')).toBeVisible()
  await page.getByLabel('Search your apps').fill('')

  await page.getByLabel('More of Reeds').click()
  await page.getByText('Rename', { exact: true }).click()
  await page.getByLabel('A new name for Reeds').fill('Cattails')
  await page.getByLabel('A new name for Reeds').press('Enter')
  await expect(card('Cattails')).toBeVisible()

  await page.getByLabel('More of Cattails').click()
  await page.getByText('Make a second one like it').click()
  await expect(page.getByText('Saved, revision 1')).toBeVisible()
  await expect(page.getByRole('button', { name: 'Cattails 2' })).toBeVisible()
  await page.getByRole('link', { name: 'Your apps' }).click()

  await page.getByLabel('More of Ferns').click()
  await page.getByText('Put it away').click()
  await page.getByText('Put away (1)').click()
  await expect(page.locator('details').getByRole('article', { name: 'Ferns' })).toBeVisible()
  await page.getByLabel('More of Ferns').click()
  await page.getByText('Take it out again').click()
  await expect(page.locator('details')).toHaveCount(0)

  await page.getByLabel('More of Sedges').click()
  await page.getByText('Remove', { exact: true }).click()
  const asked = page.getByRole('dialog', { name: 'Remove Sedges?' })
  await expect(asked).toContainText('You can bring it back within 30 days')
  await asked.getByRole('button', { name: 'Remove it' }).click()
  await expect(card('Sedges')).toHaveCount(0)
  await page.getByRole('button', { name: 'Bring Sedges back' }).click()
  await expect(card('Sedges')).toBeVisible()
})

test('a starter is begun with one tap and runs; a saved script comes back as an app', async ({ page }) => {
  await signUp(page, 'Knot')
  const begin = page.getByRole('region', { name: 'Begin from' })
  await expect(begin.locator('.thumb')).toHaveCount(8)
  await nothingSerious(page, '.begin-from')
  await begin.getByRole('button', { name: /^Bell loft/ }).click()
  await expect(page.getByText('Saved, revision 1')).toBeVisible()
  const app = device(page)
  await app.locator('.item', { hasText: 'Plain courses' }).click()
  await page.getByLabel('Signed in as').selectOption('Bryony Cope')
  await app.getByRole('button', { name: 'Take a place' }).click()
  await expect(app.getByText('Your rope is kept.')).toBeVisible()
  await expect(app.getByText('Every rope is taken.')).toBeVisible()

  const id = /apps\/(\d+)/.exec(page.url())?.[1]
  const script = await (await page.request.get(`/api/apps/${id}/script`)).text()
  await page.getByRole('link', { name: 'Your apps' }).click()
  const file = page.getByLabel('A file to begin from')
  await file.setInputFiles({ name: 'notes.script', mimeType: 'text/plain', buffer: Buffer.from('Dear all,') })
  await expect(page.getByRole('alert')).toContainText('This is no script of an app.')
  await file.setInputFiles({ name: 'bell-loft.script', mimeType: 'text/plain', buffer: Buffer.from(script) })
  await expect(page.getByText('Saved, revision 1')).toBeVisible()
  await expect(page.getByRole('button', { name: 'Bell loft' })).toBeVisible()
})

test('Enter pressed again while an app is being begun begins no second one', async ({ page }) => {
  await signUp(page, 'Turnstone')
  let asked = 0
  let answer = () => {}
  const held = new Promise<void>((resolve) => (answer = resolve))
  await page.route('**/api/apps', async (route) => {
    if (route.request().method() !== 'POST') return route.continue()
    asked++
    await held
    await route.continue()
  })
  const name = page.getByLabel('Name of a new app')
  await name.fill('Reeds')
  await name.press('Enter')
  await expect(page.getByRole('progressbar', { name: 'Under way' })).toBeVisible()
  await name.press('Enter')
  await name.press('Enter')
  answer()
  await expect(page.getByText('Saved, revision 1')).toBeVisible()
  expect(asked).toBe(1)
})

test('a spreadsheet becomes an app with its rows, and what does not fit is told', async ({ page }) => {
  await signUp(page, 'Redshank')
  const file = page.getByLabel('A file to begin from')
  const rows = Array.from({ length: 400 }, (_, i) => `Lamp ${String(i).padStart(3, '0')},${i}`)
  await file.setInputFiles({ name: 'lamps.csv', mimeType: 'text/csv', buffer: Buffer.from(['Name,Height', ...rows, 'Lamp x,tall'].join('\n')) })
  await expect(page.getByText('400 rows are in; one has a cell that does not fit and was left out.')).toBeVisible()
  await nothingSerious(page, '.begin-from')
  await page.getByRole('button', { name: 'Open the app' }).click()
  await expect(page.getByRole('button', { name: 'Lamps', exact: true }).first()).toBeVisible()
  const app = device(page)
  await app.locator('.item', { hasText: 'Lamp 003' }).click()
  await expect(app.getByText('Height: 3')).toBeVisible()

  await page.getByRole('link', { name: 'Your apps' }).click()
  await file.setInputFiles({ name: 'old.xls', mimeType: 'application/vnd.ms-excel', buffer: Buffer.from([0xd0, 0xcf, 0x11, 0xe0]) })
  await expect(page.getByRole('alert')).toContainText('This is a spreadsheet of an older kind')
  await expect(page.getByRole('article')).toHaveCount(1)
})

test('a document of a service begins an app that asks it', async ({ page }) => {
  await signUp(page, 'Godwit')
  const schema = { type: 'array', items: { type: 'object', properties: { name: { type: 'string' } } } }
  const answer = { description: 'All', content: { 'application/json': { schema } } }
  const paths = { '/lamps': { get: { operationId: 'lamps', responses: { 200: answer } } } }
  const document = { openapi: '3.0.3', info: { title: 'Lamp keeper', version: '1' }, servers: [{ url: 'https://lamps.example/v1' }], paths }
  const file = page.getByLabel('A file to begin from')
  await file.setInputFiles({ name: 'lamp-keeper.json', mimeType: 'application/json', buffer: Buffer.from(JSON.stringify(document)) })
  await expect(page).toHaveURL(/\/services$/)
  await expect(page.getByText('/lamps')).toBeVisible()
})
