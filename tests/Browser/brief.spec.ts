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

test('what is lent is asked for, and its owner says yes and has it back', async ({ page }) => {
  await signUp(page, 'Plover')
  await page
    .getByLabel('What should it do?')
    .fill('Each tool has a name and a deposit. People borrow tools; the owner says yes or no. People bring tools back.')
  const understood = page.getByRole('region', { name: 'What was understood' })
  await expect(understood).toContainText('People bring Tools back.')
  await expect(understood).not.toContainText('Who may')
  await page.getByLabel('Name of a new app').fill('Tool shed')
  await page.getByRole('button', { name: 'Build it' }).click()
  await expect(page.getByText('Saved, revision 1')).toBeVisible()

  const app = device(page)
  const begin = page.getByRole('button', { name: 'Begin again' })
  const become = async (index: number) => {
    await page.getByLabel('Signed in as').selectOption({ index })
    await expect(async () => {
      await begin.click()
      await expect(app.getByRole('heading', { name: 'Tools' })).toBeVisible({ timeout: 4_000 })
    }).toPass()
  }
  // The list is drawn anew once the server has answered: a press may go to what stood there before.
  const open = () =>
    expect(async () => {
      const item = app.locator('.item', { hasText: 'Long ladder' })
      if (await item.count()) await item.click({ timeout: 2_000 })
      await expect(app.getByRole('heading', { name: 'Long ladder' })).toBeVisible({ timeout: 2_000 })
    }).toPass()
  await expect(app.getByRole('heading', { name: 'Tools' })).toBeVisible()
  await app.getByRole('button', { name: 'Add a tool' }).click()
  await app.getByLabel('Name').fill('Long ladder')
  await app.getByRole('button', { name: 'Keep it' }).click()
  await open()
  await expect(app.getByRole('button', { name: 'Ask to borrow it' })).toHaveCount(0)

  await become(2)
  await open()
  await app.getByRole('button', { name: 'Ask to borrow it' }).click()
  await expect(app.getByText('The owner is asked.')).toBeVisible()
  await expect(app.locator('.item', { hasText: 'Long ladder' })).toContainText('asked')

  await become(1)
  await app.getByRole('button', { name: 'Mine' }).click()
  await expect(app.getByRole('heading', { name: 'What others ask of me' })).toBeVisible()
  await open()
  await app.getByRole('button', { name: 'Say yes' }).click()
  await expect(app.getByText('They see your answer.')).toBeVisible()
  await app.getByRole('button', { name: 'Look at it' }).click()
  await expect(app.getByText('Lent to somebody')).toBeVisible()

  await become(2)
  await open()
  await expect(app.getByText('Lent to somebody')).toBeVisible()
  await expect(app.getByRole('button', { name: 'Ask to borrow it' })).toHaveCount(0)

  await become(1)
  await app.getByRole('button', { name: 'Mine' }).click()
  await expect(app.getByRole('heading', { name: 'What others ask of me' })).toBeVisible()
  await open()
  await app.getByRole('button', { name: 'It is back' }).click()
  await app.getByRole('button', { name: 'Look at it' }).click()
  await expect(app.getByText('Lent to somebody')).toHaveCount(0)
})

test('a paragraph in another language is told so, and one with mistyped words is read as it is meant', async ({ page }) => {
  await signUp(page, 'Brent')
  const box = page.getByLabel('What should it do?')
  const understood = page.getByRole('region', { name: 'What was understood' })
  await box.fill('Eine App für Leute, die Boote leihen. Jedes Boot hat einen Namen und ein Bild, und die Leute können es mit einem Termin leihen.')
  await expect(understood).toContainText('This looks like German. Only English is read yet')
  await nothingSerious(page, '.new-app')
  await box.fill('A boat has a pitcure, a descripton and a price. Memebrs book boats.')
  await expect(understood).toContainText('You keep Boats: Picture (picture), Description (long text), Price (money).')
  await expect(understood).not.toContainText('German')
})
