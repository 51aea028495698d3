import { expect, test } from './test'
import { device, nothingSerious, pick, signUp } from './founder'

/** One form with a field of every type that a person can be asked for. */
const SCRIPT = `app Census

table Places, each a Place
  Name is a text

table Entries, each an Entry
  Title is a text of at least 3 of at most 20
  Story is a long text
  Age is a whole number from 0 to 120
  Height is a decimal
  Fee is money in EUR
  Member is yes or no
  Born is a date
  Wakes is a time of day
  Walks is a duration
  Shore is one of "sand", "rock"
  Tags are any of "quiet", "deep; cold", "warm"
  Manual is a file
  Lies is a place
  Stars is a rating
  Colour is a colour
  Mail is an e-mail address
  Phone is a phone number
  Site is a web address
  Home is one Place

screen Start, first
  Form for a new Entry asking Title, Story, Age, Height, Fee, Member, Born, Wakes, Walks, Shore, Tags, Manual, Lies, Stars, Colour, Mail, Phone, Site, Home
    saved:
      say "Kept."
  List of Entries
    shows title as title
    shows fee as aside
    shows walks as note
    when empty: "Nobody yet."

tab Start as "Start"
`

test('a form asks for a value of every type, says what is wrong at each box, and keeps what is right', async ({ page }) => {
  await signUp(page, 'Hedy')
  await page.getByLabel('Name of a new app').fill('Census')
  await page.getByRole('button', { name: 'Begin it' }).click()
  await page.getByRole('button', { name: 'Census', exact: true }).click()
  await page.getByText('Read the script').click()
  const script = page.getByRole('textbox', { name: 'Script' })
  await expect(script).toHaveValue(/^app Census/)
  await script.fill(SCRIPT)
  await page.getByRole('button', { name: 'Use this text' }).click()
  await expect(script).toHaveCount(0)
  await page.getByRole('button', { name: /^Data:/ }).click()
  await page.getByLabel('New Name').fill('Northpoint')
  await page.getByLabel('New Name').press('Enter')
  await expect(page.getByRole('gridcell', { name: 'Name of row 1' })).toHaveText('Northpoint')

  const form = device(page)
  await form.getByLabel('Title').fill('ab')
  await form.getByRole('textbox', { name: 'Age' }).fill('old')
  await form.getByLabel('Lies').fill('here')
  await form.getByLabel('Phone').fill('12')
  await form.locator('form button[type=submit], .button').first().click()
  await expect(form.getByText('Please use at least 3 characters; this has 2.')).toBeVisible()
  await expect(form.getByText('“old” is not a whole number.')).toBeVisible()
  await expect(form.getByText('“here” is not a place.', { exact: false })).toBeVisible()
  await expect(form.getByText('is not a phone number', { exact: false })).toBeVisible()
  await expect(form.getByRole('textbox', { name: 'Age' })).toHaveValue('old')

  await form.getByLabel('Title').fill('An entry')
  await form.getByLabel('Story').fill('Two\nlines.')
  await form.getByRole('textbox', { name: 'Age' }).fill('41')
  await form.getByLabel('Height').fill('1.75')
  await form.getByLabel('Fee').fill('12.5')
  await form.getByLabel('Member').check()
  await pick(form, 'Born', '1985-02-28', '', () => nothingSerious(page, 'a calendar'))
  await pick(form, 'Wakes', '', '06:15', () => nothingSerious(page, 'wheels'))
  await pick(form, 'Walks', '', '1:30')
  await form.getByRole('radio', { name: 'rock' }).click()
  await form.getByLabel('deep; cold').check()
  await form.getByLabel('warm').check()
  await form.getByLabel('Manual').setInputFiles({ name: 'manual.txt', mimeType: 'text/plain', buffer: Buffer.from('Read me first.') })
  await expect(form.getByText('A file (TXT)')).toBeVisible()
  await form.getByLabel('Lies').fill('50.1, -5.2')
  await form.getByRole('radio', { name: '4' }).click()
  await form.getByRole('button', { name: 'Colour: nothing chosen' }).click()
  await expect(form.getByRole('button', { name: 'Done' })).toBeDisabled()
  await form.getByRole('button', { name: 'Dark teal' }).click()
  await nothingSerious(page, 'swatches')
  await form.getByLabel('As figures').fill('0b6e5f')
  await form.getByRole('button', { name: 'Done' }).click()
  await form.getByLabel('Mail').fill('ada@example.org')
  await form.getByLabel('Phone').fill('+44 20 7946 0000')
  await expect(form.getByRole('button', { name: 'Country: United Kingdom, +44' })).toBeVisible()
  await form.getByLabel('Site').fill('https://example.org')
  await form.getByRole('button', { name: 'Home: nothing chosen' }).click()
  await form.getByRole('option', { name: 'Northpoint' }).click()
  await expect(form.getByRole('button', { name: 'Home: Northpoint' })).toBeFocused()
  await form.locator('form button[type=submit], .button').first().click()
  await expect(form.getByText('Kept.')).toBeVisible()
  await expect(form.locator('.item-aside')).toHaveText('€12.50')
  await expect(form.locator('.item-note')).toHaveText('1 h 30 min')

  await page.getByRole('navigation', { name: 'Tables' }).getByRole('button', { name: 'Entries' }).click()
  for (const [field, value] of [
    ['Born', '1985-02-28'],
    ['Wakes', '06:15'],
    ['Member', 'yes'],
    ['Shore', 'rock'],
    ['Stars', '4'],
    ['Colour', '#0B6E5F'],
    ['Phone', '+442079460000'],
    ['Home', 'Northpoint'],
    ['Lies', '50.1, -5.2'],
  ]) {
    await expect(page.getByRole('gridcell', { name: `${field} of row 1`, exact: true })).toHaveText(value)
  }
})
