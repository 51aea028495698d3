import { expect, test, type Page } from './test'
import { device, signUp } from './founder'

/** An app with a line of every kind that holds, opens, asks or draws. */
const SCRIPT = `app Kinds

table Jars, each a Jar
  Name is a text, required
  Kind is one of "sweet", "sour"
  Spoons is a whole number from 0 to 99
  Lies is a place

value Unit is one of "spoon", "cup", kept for each device, at first "spoon"

value Agreed is yes or no, kept for each visit

screen Start, first
  in the title bar:
    Icon button bell, described as "News"
      tapped:
        say "Nothing new"
  Text "Measured by the {app.unit}", small
    tapped:
      set value Unit to if(app.unit == "spoon", "cup", "spoon")
  Sections
    section "First"
      Text "In the first"
    section "Second"
      Text "In the second"
  Fold "More about it"
    Text "Folded away"
  Button "Filter", quiet
    tapped:
      open sheet Filters
  Sheet Filters
    Heading "Choose"
    Button "Done"
      tapped:
        close the sheet
  Menu "Do something"
    entry "Say hello"
      tapped:
        say "Hello"
    entry "Ask me"
      tapped:
        ask "How many spoons?" for Spoons is a whole number from 1 to 5
        add a Jar
          set Name = "Asked"
          set Spoons = input.spoons
        say "{input.spoons} it is."
  Button "Agree", if app.agreed != true
    tapped:
      set value Agreed to true
  Button "Go on", enabled if app.agreed == true
    tapped:
      say "On we go"
  Link "Copy the address"
    tapped:
      copy "https://example.org/jars"
  Repeat for each of sortBy(jars, name)
    Card
      Text "{name}: {spoons ?? 0}"
  Chart of Jars, by kind, titled "By kind"
  Map of first(jars).lies, saying "The cellar"
  Web page at "https://example.org/tides", called "Tides", at height 120 dp
  Form for a new Jar asking Name, Kind, Spoons, one question at a time, saying "Keep it"
    saved:
      say "Kept."
`

async function make(page: Page): Promise<void> {
  await signUp(page, 'Kinds')
  await page.getByLabel('Name of a new app').fill('Kinds')
  await page.getByRole('button', { name: 'Begin it' }).click()
  await page.getByRole('button', { name: 'Kinds', exact: true }).click()
  await page.getByText('Read the script').click()
  const script = page.getByRole('textbox', { name: 'Script' })
  await expect(script).toHaveValue(/^app Kinds/)
  await script.fill(SCRIPT)
  await page.getByRole('button', { name: 'Use this text' }).click()
  await expect(script).toHaveCount(0)
  await expect(device(page).getByText('Measured by the spoon')).toBeVisible()
}

test('every kind of line does on the device what its sentence says', async ({ page, context }) => {
  await context.grantPermissions(['clipboard-read', 'clipboard-write'])
  await make(page)
  const app = device(page)

  await app.getByRole('button', { name: 'News' }).click()
  await expect(app.locator('.message')).toHaveText('Nothing new')

  await app.getByText('Measured by the spoon').click()
  await expect(app.getByText('Measured by the cup')).toBeVisible()

  await app.getByRole('tab', { name: 'First' }).focus()
  await page.keyboard.press('ArrowRight')
  await expect(app.getByText('In the second')).toBeVisible()
  await expect(app.getByText('In the first')).toHaveCount(0)

  await app.getByRole('button', { name: 'More about it' }).click()
  await expect(app.getByText('Folded away')).toBeVisible()

  await expect(app.getByText('Choose')).toHaveCount(0)
  await app.getByRole('button', { name: 'Filter' }).click()
  await expect(app.getByRole('dialog', { name: 'Filters' })).toBeVisible()
  await app.getByRole('button', { name: 'Done' }).click()
  await expect(app.getByRole('dialog')).toHaveCount(0)

  await app.getByRole('button', { name: 'Do something' }).click()
  await expect(app.getByRole('menuitem', { name: 'Say hello' })).toBeFocused()
  await page.keyboard.press('ArrowDown')
  await page.keyboard.press('Enter')
  await expect(app.getByText('How many spoons?')).toBeVisible()
  await app.getByRole('textbox', { name: 'Spoons' }).last().fill('9')
  await app.getByRole('button', { name: 'Go on' }).last().click()
  await expect(app.locator('.question .box-wrong')).toContainText('5')
  await app.locator('.question').getByRole('textbox', { name: 'Spoons' }).fill('3')
  await app.locator('.question').getByRole('button', { name: 'Go on' }).click()
  await expect(app.locator('.message')).toHaveText('3 it is.')
  await expect(app.getByText('Asked: 3')).toBeVisible()

  await expect(app.getByRole('button', { name: 'Go on' }).first()).toBeDisabled()
  await app.getByRole('button', { name: 'Agree' }).click()
  await expect(app.getByRole('button', { name: 'Go on' }).first()).toBeEnabled()

  await app.getByRole('button', { name: 'Copy the address' }).click()
  await expect.poll(() => page.evaluate(() => navigator.clipboard.readText())).toBe('https://example.org/jars')
})

test('a form asks one question at a time, and comes back to the one that is wrong', async ({ page }) => {
  await make(page)
  const form = device(page).locator('.form')
  await expect(form.getByText('1 of 3')).toBeVisible()
  await form.getByRole('button', { name: 'Go on' }).click()
  await form.getByRole('radio', { name: 'sour' }).click()
  await form.getByRole('button', { name: 'Go on' }).click()
  await form.getByRole('textbox', { name: 'Spoons' }).fill('4')
  await form.getByRole('button', { name: 'Keep it' }).click()
  await expect(form.getByText('1 of 3')).toBeVisible()
  await expect(form.locator('.box-wrong')).toBeVisible()
  await form.getByLabel('Name').fill('Plum')
  await form.getByRole('button', { name: 'Go on' }).click()
  await expect(form.getByRole('radio', { name: 'sour' })).toBeChecked()
  await form.getByRole('button', { name: 'Go on' }).click()
  await form.getByRole('button', { name: 'Keep it' }).click()
  await expect(device(page).locator('.message')).toHaveText('Kept.')
  await expect(device(page).getByText('Plum: 4')).toBeVisible()
})

test('charts, maps and pages of the web come only where they are used, and can be heard', async ({ page }) => {
  const asked: string[] = []
  page.on('request', (request) => asked.push(request.url()))
  await make(page)
  const app = device(page)
  await app.locator('.form').getByLabel('Name').fill('Fig')
  await app.getByRole('button', { name: 'Do something' }).click()
  await expect(app.getByRole('menuitem').first()).toBeFocused()
  await page.keyboard.press('Escape')
  await expect(app.getByRole('menuitem')).toHaveCount(0)
  await expect(app.getByText('There is nothing to draw yet.')).toBeVisible()
  await expect(app.getByText('There is no place to show.')).toBeVisible()
  expect(asked.some((url) => /ChartLine/.test(url))).toBe(true)
  const framed = app.locator('.web-page iframe')
  await expect(framed).toHaveAttribute('sandbox', 'allow-scripts allow-forms allow-popups')
  await expect(framed).toHaveAttribute('title', 'Tides')
  expect(await app.locator('.web-page').evaluate((e) => e.getBoundingClientRect().height)).toBe(120)

  await page.getByRole('button', { name: /^Data:/ }).click()
  await page.getByLabel('New Name').fill('Plum')
  await page.getByLabel('New Name').press('Enter')
  await expect(app.locator('.chart .heard')).toContainText('–')
  await expect(app.locator('.chart canvas')).toBeVisible()
})
