import { expect, test } from './test'
import { beginApp, device, script } from './founder'
import { phone, shared } from './phone'

const HIVES = `app Hives

table Hives, each a Hive
  may be seen by everyone
  may be added by everyone
  may be changed by everyone
  may be removed by nobody
  Name is a text, required
  Gate is a text
  Frames is a whole number from 0 to 40, at first 8

screen Start, first
  Form for a new Hive asking Name, Frames, saying "Keep it"
    saved:
      say "{this.name} is kept."
  Input Guess is a whole number from 1 to 9, required
  Button "Count them"
    tapped:
      say "{count(hives)} so far"
  Button "Take the guess"
    tapped:
      say "Twice is {input.guess * 2}"
  List of Hives, by Name upward
    shows name as title
    tapped:
      go to One with this
    when empty: "None yet."

screen One, about one Hive
  Text "Gate: {hive.gate}"
  Form to change hive asking Name, Gate, saying "Save"
    saved:
      say "Saved."

tab Start as "Start"
`

test('an input that is wrong stops only what uses it, and is shown and named', async ({ page }) => {
  await beginApp(page, 'Hives')
  await script(page, HIVES)
  const app = device(page)
  await expect(app.getByRole('textbox', { name: 'Frames' }), 'What a field is at first stands in its box.').toHaveValue('8')

  await app.getByRole('button', { name: 'Count them' }).click()
  await expect(app.getByText('0 so far')).toBeVisible()
  await app.getByLabel('Name').fill('Elder')
  await app.getByRole('button', { name: 'Keep it' }).click()
  await expect(app.getByText('Elder is kept.')).toBeVisible()

  await app.getByRole('button', { name: 'Take the guess' }).click()
  await expect(app.getByText('Please look at “Guess”.')).toBeVisible()
  await expect(app.getByRole('textbox', { name: 'Guess' })).toBeFocused()
  await app.getByRole('textbox', { name: 'Guess' }).fill('12')
  await app.getByRole('button', { name: 'Count them' }).click()
  await expect(app.getByText('1 so far')).toBeVisible()
  await expect(app.getByRole('textbox', { name: 'Guess' }), 'What does not use an input leaves it as it is.').toHaveValue('12')
  await app.getByRole('button', { name: 'Take the guess' }).click()
  await expect(app.getByText('This must be at most 9.')).toBeVisible()
  await app.getByRole('textbox', { name: 'Guess' }).fill('4')
  await app.getByRole('button', { name: 'Take the guess' }).click()
  await expect(app.getByText('Twice is 8')).toBeVisible()
})

test('two who change one row: different fields are both kept, and the same one is asked about', async ({ page, browser }) => {
  await beginApp(page, 'Hives')
  await script(page, HIVES)
  await device(page).getByLabel('Name').fill('Alder')
  await device(page).getByRole('button', { name: 'Keep it' }).click()
  await expect(device(page).getByText('Alder is kept.')).toBeVisible()
  const address = await shared(page)
  const [one, other] = [await phone(browser, address), await phone(browser, address)]
  for (const each of [one, other]) {
    await each.getByText('Alder').tap()
    await expect(each.getByLabel('Name')).toHaveValue('Alder')
  }

  await one.getByLabel('Name').fill('Alder by the wall')
  await other.getByLabel('Gate').fill('south')
  await one.getByRole('button', { name: 'Save' }).tap()
  await expect(one.getByText('Saved.')).toBeVisible()
  await other.getByRole('button', { name: 'Save' }).tap()
  await expect(other.getByText('Saved.')).toBeVisible()
  await expect(one.getByText('Gate: south')).toBeVisible()

  for (const each of [one, other]) {
    await each.reload()
    await expect(each.getByText('Saved.')).toHaveCount(0)
  }
  await expect(one.getByLabel('Name')).toHaveValue('Alder by the wall')
  await expect(other.getByLabel('Gate')).toHaveValue('south')
  await one.getByLabel('Gate').fill('east')
  await other.getByLabel('Gate').fill('west')
  await one.getByRole('button', { name: 'Save' }).tap()
  await expect(one.getByText('Saved.')).toBeVisible()
  await other.getByRole('button', { name: 'Save' }).tap()
  await expect(other.getByText('Somebody else has changed this meanwhile: Gate is now “east”. Save yours over it?')).toBeVisible()
  await other.getByRole('button', { name: 'Save mine' }).tap()
  await expect(one.getByText('Gate: west')).toBeVisible()
})

test('a password is changed with the one that is known, and nothing else', async ({ page }) => {
  await beginApp(page, 'Keys')
  await page.goto('/account')
  const change = page.getByRole('button', { name: 'Change the password' })
  await expect(change).toBeDisabled()
  await page.getByLabel('Your password now').fill('not the one')
  await page.getByLabel('New password').fill('one that is new and long')
  await change.click()
  await expect(page.locator('p[role="alert"]')).toBeVisible()
  await expect(page.getByLabel('New password'), 'A refusal loses nothing.').toHaveValue('one that is new and long')
  await page.getByLabel('Your password now').fill('a long enough one')
  await page.getByLabel('New password').fill('one that is new and long')
  await change.click()
  await expect(page.getByText('Your password is changed, and you are signed out everywhere else.')).toBeVisible()
})
