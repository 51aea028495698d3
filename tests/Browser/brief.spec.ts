import { expect, test } from './test'
import { device, nothingSerious, signUp } from './founder'

test('from a paragraph to an app that runs, in a few clicks', async ({ page }) => {
  await signUp(page, 'Wren')
  const from = Date.now()
  const box = page.getByLabel('What should it do?')
  const understood = page.getByRole('region', { name: 'What was understood' })
  await expect(understood).toContainText('It stands here while you write.')
  await box.fill('Hello there.')
  await expect(understood).toContainText('Nothing yet that could be kept or done.')
  await box.fill('A walk has a title, a date, a time and up to 12 seats. Members book a walk. A hut has a name and a photo.')
  await expect(understood.getByRole('listitem').filter({ hasText: 'You keep Walks: Title, Date (date and time), Seats (number).' })).toBeVisible()
  await expect(understood).toContainText('Members book Walks, up to 12 of them.')
  // What was understood is underlined where it stands, in the colour of its station.
  await expect(page.locator('.behind mark', { hasText: /^A walk$/ })).toHaveClass('of-data')
  await expect(page.locator('.behind mark', { hasText: 'Members' })).toHaveClass('of-people')
  await nothingSerious(page, '.apps-page')

  await expect(understood).toContainText('Who may add Huts?')
  await understood.getByRole('button', { name: 'anyone who has signed in' }).last().click()
  await expect(understood).toContainText('People add Huts.')
  await page.getByLabel('Name of a new app').fill('Walks')
  await page.getByRole('button', { name: 'Build it' }).click()
  await expect(page.getByText('Saved, revision 1')).toBeVisible()
  await expect(device(page).getByRole('heading', { name: 'Walks' })).toBeVisible()
  expect(Date.now() - from).toBeLessThan(180_000)

  // It runs: somebody of its practice data books a place.
  await device(page).locator('.item').first().click()
  await device(page).getByRole('button', { name: 'Book a place' }).click()
  await expect(device(page).getByText('Your place is kept.')).toBeVisible()
  await device(page).getByRole('button', { name: 'Mine' }).click()
  await expect(device(page).locator('.item')).toHaveCount(1)
})

test('an example is tried, and what is understood of it stands beside it', async ({ page }) => {
  await signUp(page, 'Tern')
  await page.getByRole('button', { name: 'Cloud diary' }).click()
  const understood = page.getByRole('region', { name: 'What was understood' })
  await expect(understood).toContainText('Only the person whose they are may see Clouds.')
  await expect(understood).toContainText('There are no adverts.')
  await expect(page.getByLabel('Name of a new app')).toHaveValue('Cloud diary')
  await expect(page.getByLabel('What should it do?')).toHaveAttribute('maxlength', '20000')
})
