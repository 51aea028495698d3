import { expect, test } from './test'
import { device, fillBlank, openDemo, signUp } from './founder'

test('signing in with a wrong password says so and keeps the address', async ({ page }) => {
  await page.goto('/sign-in')
  await expect(page.getByLabel('E-mail')).toHaveValue('demo@lanai.example')
  // The page comes with the styles of all that it is made of: the box is as wide as its card.
  expect((await page.getByLabel('E-mail').boundingBox())?.width).toBeGreaterThan(200)
  await page.getByLabel('Password').fill('not this one')
  await page.getByRole('button', { name: 'Sign in', exact: true }).click()
  await expect(page.locator('p[role="alert"]')).toHaveText('This address and password do not belong together.')
  await expect(page.getByLabel('E-mail')).toHaveValue('demo@lanai.example')
})

test('an app of somebody else is not there', async ({ page }) => {
  await signUp(page, 'Finn')
  await page.goto('/apps/1/screens')
  await expect(page.getByText('There is no such app.')).toBeVisible()
  await page.getByRole('link', { name: 'To your apps' }).click()
  await expect(page.getByText('No apps yet.')).toBeVisible()
  await page.getByRole('button', { name: 'Sign out' }).click()
  await expect(page).toHaveURL(/sign-in/)
  await page.goto('/apps/1/screens')
  await expect(page.getByRole('button', { name: 'Sign in', exact: true })).toBeVisible()
})

test('the history tells every change as sentences', async ({ page }) => {
  await signUp(page, 'Gro')
  await page.getByLabel('Name of a new app').fill('Ledger')
  await page.getByRole('button', { name: 'Begin it' }).click()
  await page.getByRole('button', { name: 'Add a line' }).click()
  await page.getByLabel('A new line').fill('Heading "Hello"')
  await page.getByLabel('A new line').press('Enter')
  await fillBlank(page, /^a text: Hello/, 'Good day')
  await page.getByRole('button', { name: 'History' }).click()
  const history = page.locator('.history')
  await expect(history.locator('li')).toHaveCount(3)
  await expect(history.locator('li').first()).toContainText('Revision 3, a blank filled')
  await expect(history.locator('li').first().locator('.was')).toContainText('Heading "Hello"')
  await expect(history.locator('li').first().locator('.now')).toContainText('Heading "Good day"')
})

test('the frame is worked by keyboard, folds its deck, and remembers light or dark', async ({ page }) => {
  await openDemo(page)
  await page.keyboard.press('?')
  await expect(page.getByRole('heading', { name: 'Shortcuts' })).toBeVisible()
  await expect(async () => {
    await page.keyboard.press('Escape')
    await expect(page.getByRole('heading', { name: 'Shortcuts' })).toHaveCount(0, { timeout: 1500 })
  }).toPass()
  const stations = ['brief', 'data', 'screens', 'people', 'services', 'earnings', 'reach', 'release']
  for (const station of [...stations, 'screens']) {
    await page.keyboard.press(String(stations.indexOf(station) + 1))
    await expect(page).toHaveURL(new RegExp(`/apps/\\d+/${station}$`))
  }
  await page.getByRole('button', { name: 'Fold the deck away' }).click()
  await expect(page.locator('.deck')).toHaveCount(0)
  await page.getByRole('button', { name: 'Show the deck' }).click()
  await expect(device(page).getByText('Dawn dip')).toBeVisible()

  const ground = () => page.locator('.frame').evaluate((frame) => getComputedStyle(frame).backgroundColor)
  const before = await ground()
  await page.getByRole('button', { name: 'Light or dark' }).click()
  await expect.poll(ground).not.toBe(before)
  const after = await ground()
  await page.reload()
  await expect.poll(ground).toBe(after)
})

test('when the server does not answer, what was typed stays and the reason is told', async ({ page }) => {
  await openDemo(page)
  await page.locator('.surface').getByRole('button', { name: /^title: / }).first().click()
  const field = page.locator('.filler-field')
  await expect(page.locator('.filler').getByText('Here fits')).toBeVisible()
  await field.fill('Kept while away')
  await page.route('**/edits', (route) => route.abort())
  await field.press('Enter')
  await expect(page.locator('.filler').getByRole('alert')).toContainText('Lanai does not answer. Your work up to the last saved revision is safe')
  await expect(field).toHaveValue('Kept while away')
  await page.unroute('**/edits')
  await field.press('Enter')
  await expect(device(page).getByRole('heading', { level: 1 })).toHaveText('Kept while away')
  await page.keyboard.press('Control+z')
})

test('the deck shows live when asked, and nobody chooses who they are there', async ({ page }) => {
  await openDemo(page)
  await page.getByRole('button', { name: 'More of this device' }).click()
  await page.getByLabel('Data set').selectOption('live')
  await expect(page.getByLabel('Signed in as')).toBeDisabled()
  await expect(device(page).getByText(/never go in alone/)).toBeVisible()
  await expect(device(page).getByText('Good morning')).toHaveCount(0)
})
