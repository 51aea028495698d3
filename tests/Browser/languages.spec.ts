import { expect, test } from './test'
import { beginApp, device, makeDemo, nothingSerious, openDemo, rows, script } from './founder'
import { shared } from './phone'

const app = `app Lifts

table Lifts, each a Lift
  may be seen by everyone
  may be added by everyone
  Place is a text, required
  State is one of "open", "full"

screen Start, first
  Heading "Lifts near you"
  Text "{count(lifts), plural, one {# lift} other {# lifts}}"
  List of Lifts, as cards, offering a choice of State
    shows place as title
    shows state as badge
  Form for a new Lift asking Place, State, saying "Offer it"
  Choice of the language

release
`

test('a language is added, written beside the running screen, offered, and spoken on a phone that wants it', async ({ page, browser, baseURL }) => {
  await beginApp(page, 'Lifts', 'reach/languages')
  await script(page, app)
  await rows(page, 'lifts', [{ place: 'Harbour', state: 'open' }])
  await page.reload()
  await page.getByLabel('Add a language').selectOption('German')
  await expect(page.getByText('Nobody but you sees German yet.')).toBeVisible()
  await nothingSerious(page, '.surface')

  const says = (text: string) => page.getByRole('textbox', { name: `${text}, in de`, exact: true })
  await says('Lifts near you').fill('Mitfahrten')
  await says('Lifts near you').press('Tab')
  await expect(device(page).getByRole('heading', { name: 'Mitfahrten' })).toBeVisible()
  await expect(page.getByText(/^1 of 8 texts/)).toBeVisible()
  await says('{0, plural, one {# lift} other {# lifts}}').fill('{0, plural, one {# Fahrt} other {# Fahrten}')
  await says('{0, plural, one {# lift} other {# lifts}}').press('Tab')
  await expect(page.getByRole('alert')).toContainText('at the end')
  await says('{0, plural, one {# lift} other {# lifts}}').fill('{0, plural, one {# Fahrt} other {# Fahrten}}')
  await says('{0, plural, one {# lift} other {# lifts}}').press('Tab')
  await expect(device(page).getByText('1 Fahrt')).toBeVisible()
  await says('open').fill('frei')
  await says('open').press('Tab')
  await expect(device(page).locator('.item').getByText('frei')).toBeVisible()
  await expect(device(page).getByRole('button', { name: 'frei' })).toBeVisible()

  // What has changed since is told, and said to be right still.
  await page.getByRole('button', { name: /^Screens/ }).click()
  await page.locator('.line', { hasText: 'Heading' }).getByText('Lifts near you').click()
  await page.locator('.filler-field').fill('Lifts around you')
  await page.locator('.filler-field').press('Enter')
  await expect(page.locator('.line', { hasText: 'Heading' }).getByText('Lifts around you')).toBeVisible()
  await page.getByRole('button', { name: /^Reach/ }).click()
  await page.getByRole('button', { name: 'Languages', exact: true }).click()
  await expect(page.getByText('It said before: “Lifts near you”')).toBeVisible()
  await page.getByRole('button', { name: 'It is still right' }).click()
  await expect(page.getByText('It said before')).toHaveCount(0)
  await page.getByRole('button', { name: 'To do 5' }).click()
  await expect(says('Lifts near you')).toHaveCount(0)
  await page.getByRole('button', { name: 'Offer German to people' }).click()
  await expect(page.getByText('People whose phone speaks German get it.')).toBeVisible()
  const address = await shared(page)

  const german = await browser.newContext({ locale: 'de-AT', baseURL })
  const theirs = await german.newPage()
  await theirs.goto(address)
  await expect(theirs.getByRole('heading', { name: 'Mitfahrten' })).toBeVisible()
  await expect(theirs.locator('html')).toHaveAttribute('lang', 'de')
  await theirs.getByRole('button', { name: 'Offer it' }).click()
  await expect(theirs.getByText('Bitte sieh dir „Place“ an.')).toBeVisible()
  await theirs.getByRole('radio', { name: 'English' }).click()
  await expect(theirs.getByRole('heading', { name: 'Lifts around you' })).toBeVisible()
  await theirs.reload()
  await expect(theirs.getByRole('heading', { name: 'Lifts around you' })).toBeVisible()
  await theirs.getByRole('radio', { name: 'As on this phone' }).click()
  await expect(theirs.getByRole('heading', { name: 'Mitfahrten' })).toBeVisible()
  await german.close()
})

test('texts go to a translator and come back, and what cannot stand is told', async ({ page }) => {
  await openDemo(page, 'reach/languages')
  await page.getByRole('button', { name: 'Arabic', exact: true }).click()
  await expect(device(page).locator('html')).toHaveAttribute('dir', 'rtl')
  await page.getByRole('button', { name: 'German', exact: true }).click()
  await expect(device(page).locator('html')).toHaveAttribute('lang', 'de')
  await page.getByRole('button', { name: 'For a translator' }).click()
  const coming = page.waitForEvent('download')
  await page.getByText('XLIFF 2.0').click()
  const download = await coming
  expect(download.suggestedFilename()).toMatch(/-de\.xlf$/)

  const csv = 'Text,German\r\nSwims this week,Schwimmen in dieser Woche\r\n"Good morning, {0}","Guten Morgen, {3}"\r\nGone,Weg\r\n'
  await page.getByLabel('A translator’s file').setInputFiles({ name: 'back.csv', mimeType: 'text/csv', buffer: Buffer.from(csv) })
  await expect(page.getByText('One text was taken from the file.')).toBeVisible()
  await expect(page.getByText('2 texts were not taken')).toBeVisible()
  await expect(page.getByText('“Good morning, {0}”: “{3}” stands for nothing: the last is {0}.')).toBeVisible()
  await expect(device(page).getByText('Schwimmen in dieser Woche').first()).toBeVisible()
  await page.getByLabel('A translator’s file').setInputFiles({ name: 'x.xlf', mimeType: 'text/xml', buffer: Buffer.from('<xliff') })
  await expect(page.getByRole('alert')).toContainText('not well-formed')
})

test('a service proposes what is missing, and the founder takes what is good', async ({ page }) => {
  await openDemo(page, 'reach/languages')
  await page.getByLabel('Add a language').selectOption('Norwegian')
  await expect(page.getByText('Nobody but you sees Norwegian yet.')).toBeVisible()
  await page.getByPlaceholder('Search the texts').fill('Good morning')
  await page.getByRole('button', { name: 'Let a service propose' }).click()
  await expect(page.locator('.words-proposed')).toContainText('God morgen, {0}')
  await expect(page.getByText('One proposal waits for you')).toBeVisible()
  await page.getByRole('button', { name: 'Take it' }).click()
  await expect(page.getByRole('textbox', { name: 'Good morning, {0}, in nb', exact: true })).toHaveValue('God morgen, {0}')
  await expect(page.locator('.words-proposed')).toHaveCount(0)
  await expect(device(page).getByText('God morgen, Ines Okafor')).toBeVisible()
})

test('words that are longer, and from right to left, are tried out in the deck', async ({ page }) => {
  await openDemo(page)
  await page.getByRole('button', { name: 'More of this device' }).click()
  await page.getByLabel('Language', { exact: true }).selectOption('longer words, to try it out')
  await expect(device(page).getByText('Šŵîɱš ţĥîš ŵééķ', { exact: false }).first()).toBeVisible()
  await page.getByLabel('Language', { exact: true }).selectOption('longer words from right to left')
  await expect(device(page).locator('html')).toHaveAttribute('dir', 'rtl')
  await page.getByLabel('Language', { exact: true }).selectOption('English')
  await expect(device(page).getByText('Swims this week').first()).toBeVisible()
})

test('without a network an app says in its language that there is none', async ({ browser, baseURL }) => {
  const demo = await makeDemo(browser)
  const context = await browser.newContext({ locale: 'de-DE', baseURL })
  const page = await context.newPage()
  await page.goto(`/a/${demo.slug}`)
  await expect(page.getByText('Schwimmen diese Woche').first()).toBeVisible()
  await context.setOffline(true)
  await page.getByRole('button', { name: 'Stellen' }).click()
  await expect(page.getByText(/Es gibt keine Verbindung|Keine Verbindung/).first()).toBeVisible()
  await context.close()
})
