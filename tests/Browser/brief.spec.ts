import { expect, test } from './test'
import type { Page } from '@playwright/test'
import { device, nothingSerious, signUp } from './founder'

/** Builds an app from a paragraph, and gives ways to use it in the deck as one person after the other. */
async function built(page: Page, name: string, text: string, first: string) {
  await page.getByLabel('What should it do?').fill(text)
  await expect(page.getByRole('region', { name: 'What was understood' }).getByRole('listitem').first()).toBeVisible()
  await page.getByLabel('Name of a new app').fill(name)
  await page.getByRole('button', { name: 'Build it' }).click()
  await expect(page.getByText('Saved, revision 1')).toBeVisible()
  const app = device(page)
  await expect(app.getByRole('heading', { name: first })).toBeVisible()

  return {
    app,
    become: async (index: number) => {
      await page.getByLabel('Signed in as').selectOption({ index })
      await expect(async () => {
        await page.getByRole('button', { name: 'Begin again' }).click()
        await expect(app.getByRole('heading', { name: first })).toBeVisible({ timeout: 4_000 })
      }).toPass()
    },
    // The list is drawn anew once the server has answered: a press may go to what stood there before.
    open: (title: string) =>
      expect(async () => {
        const item = app.locator('.item', { hasText: title })
        if (await item.count()) await item.first().click({ timeout: 2_000 })
        await expect(app.getByRole('heading', { name: title })).toBeVisible({ timeout: 2_000 })
      }).toPass(),
  }
}

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
  const text = 'Each tool has a name and a deposit. People borrow tools; the owner says yes or no. People bring tools back.'
  const { app, become, open: openOf } = await built(page, 'Tool shed', text, 'Tools')
  const open = () => openOf('Long ladder')
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

test('what was understood is put right with a tap, by keys as well, and the app is made so', async ({ page }) => {
  await signUp(page, 'Siskin')
  const box = page.getByLabel('What should it do?')
  const understood = page.getByRole('region', { name: 'What was understood' })
  await box.fill('A kite has a name, a colour and a weight. People save kites as favourites. The weather was rather fine that evening.')
  const kites = understood.getByRole('listitem').filter({ hasText: 'You keep Kites' })
  await expect(kites).toContainText('You keep Kites: Name, Colour (colour), Weight (number).')
  await expect(understood).toContainText('I did not understand “The weather was rather fine that evening.”')

  // Pointed at, a word shows where it comes from.
  await kites.getByRole('button', { name: 'Weight (number): put it right' }).hover()
  await expect(page.locator('.behind mark.lit')).toHaveText(['a weight'])

  await kites.getByRole('button', { name: 'Weight (number): put it right' }).focus()
  await page.keyboard.press('Enter')
  await expect(understood.getByLabel('It is called')).toBeFocused()
  await understood.getByLabel('It is called').fill('Span')
  await page.keyboard.press('Enter')
  await expect(kites).toContainText('Span (number)')
  await kites.getByRole('button', { name: 'Add something to Kites' }).click()
  await understood.getByLabel('What is it called?').fill('Flown first')
  await understood.getByRole('combobox', { name: 'It is' }).selectOption('a date')
  await nothingSerious(page, '.apps-page')
  await understood.getByRole('button', { name: 'Add it' }).click()
  await expect(kites).toContainText('Flown first (date)')
  await understood.getByRole('button', { name: 'Leave out: People keep Kites as favourites.' }).click()
  await expect(understood.getByRole('listitem').filter({ hasText: 'avourites' })).toHaveCount(0)
  await expect(understood).not.toContainText('“People save')
  await understood.getByRole('button', { name: 'Take the last one back' }).click()
  await expect(understood).toContainText('People keep Kites as favourites.')
  await kites.getByRole('button', { name: 'Colour (colour): put it right' }).click()
  await understood.getByRole('button', { name: 'Leave it out' }).click()
  await expect(kites).toContainText('You keep Kites: Name, Span (number), Flown first (date).')
  // It holds while the paragraph is written on.
  await box.pressSequentially(' A kite has a tail.')
  await expect(kites).toContainText('Name, Span (number), Tail, Flown first (date).')

  await page.getByLabel('Name of a new app').fill('Kites')
  await page.getByRole('button', { name: 'Build it' }).click()
  await expect(page.getByText('Saved, revision 1')).toBeVisible()
  const id = /apps\/(\d+)/.exec(page.url())?.[1]
  const script = await (await page.request.get(`/api/apps/${id}/script`)).text()
  expect(script).toContain('Span is a')
  expect(script).toContain('Flown first is a date')
  expect(script).not.toContain('Weight is')
})

test('what is asked for is answered by whose it is, and by nobody else', async ({ page }) => {
  await signUp(page, 'Dunlin')
  const text = 'Each garden has a name and a place. People offer gardens. People ask for a garden; the owner says yes or no. Each request has a reason.'
  const { app, become, open } = await built(page, 'Spare beds', text, 'Gardens')
  await app.getByRole('button', { name: 'Add a garden' }).click()
  await app.getByLabel('Name').fill('South bed')
  await app.getByRole('button', { name: 'Keep it' }).click()
  await open('South bed')
  await expect(app.getByRole('button', { name: 'Ask for it' })).toHaveCount(0)

  await become(2)
  await open('South bed')
  await app.getByRole('textbox', { name: /Reason/ }).fill('For two rows of beans')
  await app.getByRole('button', { name: 'Ask for it' }).click()
  await expect(app.getByText('It is sent. You see the answer here.')).toBeVisible()
  await expect(app.getByRole('heading', { name: 'What I have asked for' })).toBeVisible()
  await open('South bed')
  await expect(app.getByText('For two rows of beans')).toBeVisible()
  await expect(app.getByRole('button', { name: 'Say yes' })).toHaveCount(0)

  await become(1)
  await app.getByRole('button', { name: 'Mine' }).click()
  await expect(app.getByRole('heading', { name: 'What waits for my answer' })).toBeVisible()
  await open('South bed')
  await app.getByRole('button', { name: 'Say yes' }).click()
  await expect(app.getByText('They see your answer.')).toBeVisible()
  await expect(app.getByRole('button', { name: 'Say yes' })).toHaveCount(0)

  await become(2)
  await app.getByRole('button', { name: 'Mine' }).click()
  await expect(app.locator('.item', { hasText: 'South bed' })).toContainText('accepted')
})

test('people write to one another, and nobody else reads it', async ({ page }) => {
  await signUp(page, 'Whimbrel')
  const text = 'Each skill has a name and a description. People offer skills. People can chat with each other.'
  const { app, become, open } = await built(page, 'Skills', text, 'Skills')
  const names = await page.getByLabel('Signed in as').locator('option').allTextContents()
  const talk = async (index: number) => {
    await app.getByRole('button', { name: 'Mine' }).click()
    await open(names[index])
  }
  await talk(2)
  await app.getByRole('textbox', { name: /Words/ }).fill('Can you show me a bowline?')
  await app.getByRole('button', { name: 'Send' }).click()
  await expect(app.getByText('Can you show me a bowline?')).toBeVisible()

  await become(2)
  await app.getByRole('button', { name: 'Mine' }).click()
  await expect(app.locator('.item', { hasText: names[1] })).toContainText('wrote to you')
  await open(names[1])
  await expect(app.getByText('Can you show me a bowline?')).toBeVisible()

  await become(3)
  await talk(1)
  await expect(app.getByRole('button', { name: 'Send' })).toBeVisible()
  await expect(app.getByText('Can you show me a bowline?')).toHaveCount(0)
})
