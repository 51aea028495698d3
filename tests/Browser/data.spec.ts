import { readFileSync } from 'node:fs'
import { expect, test, type Page } from './test'
import { beginApp, device, fillBlank, openDemo, script, signUp } from './founder'

const cell = (page: Page, name: string) => page.getByRole('gridcell', { name, exact: true })

async function write(page: Page, name: string, value: string) {
  await cell(page, name).click()
  await page.keyboard.type(value)
  await page.keyboard.press('Enter')
}

async function beginWith(page: Page, founder: string, app: string, script: string) {
  await signUp(page, founder)
  await page.getByLabel('Name of a new app').fill(app)
  await page.getByRole('button', { name: 'Begin it' }).click()
  await page.getByRole('button', { name: app, exact: true }).click()
  await page.getByText('Read the script').click()
  const text = page.getByRole('textbox', { name: 'Script' })
  await expect(text).toHaveValue(/^app /)
  await text.fill(script)
  await page.getByRole('button', { name: 'Use this text' }).click()
  await expect(text).toHaveCount(0)
  await page.getByRole('button', { name: /^Data:/ }).click()
}

test('a grid is filled and sorted by keyboard, with links and pictures', async ({ page }) => {
  await beginWith(
    page,
    'Cleo',
    'Orchard',
    [
      'app Orchard',
      '',
      'table Rows, each a Row',
      '  Letter is a text, required',
      '',
      'table Trees, each a Tree',
      '  Kind is a text, required',
      '  Age is a whole number from 0 to 300',
      '  Row is one Row',
      '  Photo is a picture',
      '',
      'screen Start, first',
      '  List of Trees, by Age downward',
      '    shows kind as title',
      '    shows row.letter as note',
      '    shows photo as picture',
      '    when empty: "No trees."',
      '',
    ].join('\n'),
  )
  await page.getByLabel('New Letter').fill('A')
  await page.getByLabel('New Letter').press('Enter')
  await expect(cell(page, 'Letter of row 1')).toHaveText('A')
  await page.getByRole('navigation', { name: 'Tables' }).getByRole('button', { name: 'Trees' }).click()
  for (const [kind, age] of [
    ['Quince', '30'],
    ['Medlar', '80'],
    ['Damson', '12'],
  ]) {
    await page.getByLabel('New Kind').fill(kind)
    await page.getByLabel('New Age').fill(age)
    await page.getByRole('button', { name: 'New Row' }).click()
    await expect(page.getByRole('option', { name: /^A/ })).toBeVisible()
    await page.keyboard.press('Enter')
    await page.getByLabel('New Age').press('Enter')
    await expect(page.locator('[aria-label^="Kind of row"]').last()).toHaveText(kind)
    await expect(page.getByLabel('New Kind')).toBeFocused()
  }
  await expect(device(page).locator('.item-title')).toHaveText(['Medlar', 'Quince', 'Damson'])
  await expect(device(page).locator('.item-note')).toHaveText(['A', 'A', 'A'])

  await page.getByRole('button', { name: 'Kind', exact: true }).click()
  await expect(page.locator('[aria-label^="Kind of row"]').first()).toHaveText('Damson')
  await write(page, 'Age of row 3', '90')
  await expect(cell(page, 'Age of row 2')).toBeFocused()
  await expect(device(page).locator('.item-title').first()).toHaveText('Damson')

  await page.getByLabel('Photo of row 1, upload').setInputFiles('docs/screenshots/device.png')
  await expect(device(page).locator('img.item-picture')).toHaveCount(1)
  await expect(device(page).locator('.item-picture.none'), 'Those without keep its room.').toHaveCount(2)
  await page.getByLabel('Mark row 2').check()
  await page.getByRole('toolbar', { name: 'Marked rows' }).getByText('Remove').click()
  await expect(device(page).locator('.item-title')).toHaveText(['Damson', 'Quince'])
  await expect(page.getByText('2 rows. Times are UTC.')).toBeVisible()
  await page.getByRole('button', { name: 'Put them back' }).click()
  await expect(page.getByText('3 rows. Times are UTC.')).toBeVisible()
})

test('the grid moves, fills, pastes, copies and takes back like a spreadsheet', async ({ page, context }) => {
  await context.grantPermissions(['clipboard-read', 'clipboard-write'])
  await beginWith(
    page,
    'Fay',
    'Ledger',
    'app Ledger\n\ntable Lots, each a Lot\n  Name is a text\n  Number is a whole number from 0 to 100\n  Kind is one of "red", "blue"\n  Double = number * 2\n',
  )
  await page.getByLabel('New Name').fill('first')
  await page.getByLabel('New Name').press('Enter')
  await cell(page, 'Name of row 1').click()
  await page.evaluate(() => navigator.clipboard.writeText('a\t1\tred\nb\t2\tblue\n"c, ""so"""\t3\tred'))
  await page.keyboard.press('Control+v')
  await expect(cell(page, 'Name of row 3')).toHaveText('c, "so"')
  await expect(cell(page, 'Double of row 3')).toHaveText('6')
  await expect(page.getByText('3 rows. Times are UTC.')).toBeVisible()

  await cell(page, 'Number of row 1').click()
  await page.keyboard.press('Shift+ArrowDown')
  await page.keyboard.press('Shift+ArrowDown')
  await page.keyboard.press('Control+d')
  await expect(cell(page, 'Number of row 3')).toHaveText('1')
  await page.keyboard.press('Control+z')
  await expect(cell(page, 'Number of row 3')).toHaveText('3')
  await expect(cell(page, 'Double of row 3')).toHaveText('6')

  await cell(page, 'Name of row 2').click()
  await page.keyboard.press('Shift+ArrowRight')
  await page.keyboard.press('Control+c')
  expect(await page.evaluate(() => navigator.clipboard.readText())).toBe('b\t2')
  await page.keyboard.press('Delete')
  await expect(cell(page, 'Name of row 2')).toHaveText('')
  await write(page, 'Number of row 1', '500')
  await expect(page.getByText('This must be at most 100.')).toBeVisible()
  await expect(cell(page, 'Number of row 1')).toContainText('500')
  await cell(page, 'Number of row 1').click()
  await page.keyboard.press('Enter')
  await page.keyboard.press('Escape')
  await expect(cell(page, 'Number of row 1')).toHaveText('1')
})

test('a hundred thousand rows are scrolled, searched and filtered', async ({ page }) => {
  await beginWith(page, 'Gus', 'Depot', 'app Depot\n\ntable Crates, each a Crate\n  Label is a text\n  Weight is a whole number\n')
  const lines = Array.from({ length: 100_000 }, (_, i) => `Crate ${i + 1},${(i * 7919) % 1000}`)
  await page.getByRole('button', { name: 'Rows in and out' }).click()
  await page.getByText('Bring rows in…').click()
  await page
    .getByLabel('A file with rows')
    .setInputFiles({ name: 'crates.csv', mimeType: 'text/csv', buffer: Buffer.from(`Label,Weight\n${lines.join('\n')}\n`) })
  await expect(page.getByText('100,000 rows', { exact: false }).first()).toBeVisible({ timeout: 20_000 })
  await page.getByRole('button', { name: 'Bring them in' }).click()
  await expect(page.getByText('100000 added, 0 changed.')).toBeVisible({ timeout: 120_000 })
  await page.getByRole('button', { name: 'Close', exact: true }).click()
  await expect(page.getByText('100,000 rows. Times are UTC.')).toBeVisible()

  await cell(page, 'Label of row 1').click()
  await page.keyboard.press('Control+ArrowDown')
  await expect(cell(page, 'Label of row 100000')).toHaveText('Crate 100000')
  await page.locator('.grid-scroll').evaluate((box) => (box.scrollTop = 34 * 50_000))
  await expect(page.locator('[aria-label^="Label of row 500"]').first()).toBeVisible()
  await page.getByRole('button', { name: 'Weight', exact: true }).click()
  await page.getByLabel('Only rows where').fill('weight == 7 and label ends with "3"')
  await page.getByLabel('Only rows where').press('Enter')
  await expect(page.getByText(/^\d+ rows found/)).toBeVisible()
  await page.getByLabel('Only rows where').fill('wieght > 7')
  await page.getByLabel('Only rows where').press('Enter')
  await expect(page.getByRole('alert')).toContainText('Did you mean “weight”?')
})

test('a file is matched to fields, its faults are named, and it can be brought in again', async ({ page }) => {
  await openDemo(page, 'data')
  const csv = (shore: string) => ({
    name: 'spots.csv',
    mimeType: 'text/csv',
    buffer: Buffer.from(`Name;Water;Which shore\nReed Bay;13.5;${shore}\nHeron Flats;warm;North\n`),
  })
  for (const [shore, words] of [
    ['West', '1 added, 0 changed, 1 left out.'],
    ['East', '0 added, 1 changed, 1 left out.'],
  ]) {
    await page.getByRole('button', { name: 'Rows in and out' }).click()
    await page.getByText('Bring rows in…').click()
    await page.getByLabel('A file with rows').setInputFiles(csv(shore))
    await page.getByLabel('Which shore fills').selectOption({ label: 'Shore' })
    await page.getByLabel('Found by').selectOption({ label: 'Name' })
    await expect(page.getByText('Row 3, Water: “warm” is not a number.')).toBeVisible()
    await expect(page.getByRole('button', { name: 'Bring them in' })).toBeDisabled()
    await page.getByText('Bring in the rows that are right').click()
    await page.getByRole('button', { name: 'Bring them in' }).click()
    await expect(page.getByText(words)).toBeVisible()
    await page.getByRole('button', { name: 'Close', exact: true }).click()
  }
  await page.getByLabel('Search Spots').fill('reed')
  await expect(page.getByRole('gridcell', { name: /^Shore of row/ })).toHaveText(['East'])
  await page.getByLabel(/^Mark row/).check()
  await page.getByRole('toolbar', { name: 'Marked rows' }).getByText('Remove').click()
  await expect(page.getByText('1 row removed.')).toBeVisible()
})

test('what a change of type would lose is said first, and what is removed tells who uses it', async ({ page }) => {
  await openDemo(page, 'data')
  await page.getByRole('navigation', { name: 'Tables' }).getByRole('button', { name: 'Swims' }).click()
  await page
    .locator('[data-line="/tables/1/fields/0"]')
    .getByRole('button', { name: /^a type: is a text/ })
    .click()
  await page.locator('.picks').getByText('is a date', { exact: true }).click()
  const asked = page.getByRole('dialog', { name: 'Before this change' })
  await expect(asked).toContainText(/0 of \d+ values of Title convert/)
  await asked.getByRole('button', { name: 'Leave it as it is' }).click()
  await expect(page.locator('[data-line="/tables/1/fields/0"]')).toContainText('is a text')
  await page.keyboard.press('Escape')

  const places = page.locator('[data-line="/tables/1/fields/3"]')
  await places.hover()
  await places.getByRole('button', { name: 'Used in' }).click()
  await expect(page.getByRole('dialog', { name: 'Used in' })).toContainText('lower swim.places by 1 while it is above 0')
  await page.getByRole('button', { name: 'Close', exact: true }).click()
  await places.focus()
  await page.keyboard.press('Delete')
  await expect(asked).toContainText('sentences use it and would point at nothing')
  await asked.getByRole('button', { name: 'Leave it as it is' }).click()
  await expect(places).toContainText('Places')
})

test('a condition is made by pointing and never shows its formula', async ({ page }) => {
  await openDemo(page)
  await page
    .getByRole('navigation', { name: 'Screens' })
    .getByRole('button', { name: /^Spots/ })
    .click()
  const line = page.locator('[data-line="/screens/3/lines/0"]')
  await line.hover()
  await line.getByRole('button', { name: 'Add to this sentence' }).click()
  await page.getByText('only those where').click()
  await page.getByRole('button', { name: 'A condition by pointing' }).click()
  await page.getByLabel('Thing 1').selectOption({ label: 'Water' })
  await page.getByLabel('Comparison 1').selectOption({ label: 'is at least' })
  await page.getByLabel('Value 1', { exact: true }).selectOption({ label: 'a value of my own' })
  await page.getByLabel('Own value 1').fill('16')
  await page.getByLabel('Own value 1').press('Tab')
  await expect(page.locator('.trace')).toContainText('Water')
  await expect(page.locator('.formula-words')).toHaveText('Water is at least 16')
  await page.getByRole('button', { name: 'Fill', exact: true }).click()
  await expect(line).toContainText('where Water is at least 16')
  await device(page).getByRole('button', { name: 'Spots' }).click()
  await expect(device(page).locator('.item-title')).toHaveText(['Tansy Beach', 'The Old Lido'])
  await page.locator('body').click({ position: { x: 600, y: 700 } })
  await page.keyboard.press('Control+z')
  await page.keyboard.press('Control+z')
})

test('what is being typed stays when an answer comes meanwhile', async ({ page }) => {
  await beginApp(page, 'Trips')
  await script(
    page,
    [
      'app Trips',
      '',
      'table Trips, each a Trip',
      '  may be seen by everyone',
      '  Places is a whole number',
      '  Lasts is a duration',
      '',
      'screen Trips, first',
      '  List of Trips',
      '',
    ].join('\n'),
  )
  const line = page.locator('[data-line="/screens/0/lines/0"]')
  await line.hover()
  await line.getByRole('button', { name: 'Add to this sentence' }).click()
  await page.getByText('only those where').click()
  await page.getByRole('button', { name: 'A condition by pointing' }).click()
  await page.getByLabel('Thing 1').selectOption({ label: 'Places' })
  await page.getByLabel('Value 1', { exact: true }).selectOption({ label: 'a value of my own' })
  await page.getByLabel('Own value 1').fill('3')
  let go = () => {}
  const typed = new Promise<void>((resolve) => (go = resolve))
  await page.route('**/formula', async (route) => {
    await typed
    await route.continue()
  })
  const answered = page.waitForResponse('**/formula')
  await page.getByLabel('Own value 1').press('Tab')
  await page.getByRole('button', { name: 'One more condition' }).click()
  await page.getByLabel('Thing 2').selectOption({ label: 'Lasts' })
  await page.getByLabel('Value 2', { exact: true }).selectOption({ label: 'a value of my own' })
  await page.getByLabel('Own value 2').fill('1 h 30 min')
  go()
  await answered
  await expect(page.locator('.formula-words')).toHaveText('Places is 3')
  await expect(page.getByLabel('Own value 2')).toHaveValue('1 h 30 min')
  await page.getByLabel('Own value 2').press('Tab')
  await expect(page.locator('.formula-words')).toHaveText('Places is 3 and Lasts is 1 h 30 min')
})

test('amounts, days and lengths of time are pointed at, each with its own control', async ({ page }) => {
  await beginApp(page, 'Trips')
  await script(
    page,
    [
      'app Trips',
      '',
      'table Trips, each a Trip',
      '  may be seen by everyone',
      '  Name is a text',
      '  Fee is money in EUR',
      '  On is a date',
      '  Lasts is a duration',
      '  Leaves is a date and time',
      '',
      'screen Trips, first',
      '  List of Trips',
      '',
    ].join('\n'),
  )
  const line = page.locator('[data-line="/screens/0/lines/0"]')
  await line.hover()
  await line.getByRole('button', { name: 'Add to this sentence' }).click()
  await page.getByText('only those where').click()
  for (const [i, thing, is, typed] of [
    [1, 'Fee', 'is more than', '5'],
    [2, 'On', 'is after', '2026-06-01'],
    [3, 'Lasts', 'is at most', '1 h 30 min'],
    [4, 'Leaves', 'is before', '2026-12-24T07:30'],
  ] as const) {
    await page.getByRole('button', { name: i === 1 ? 'A condition by pointing' : 'One more condition' }).click()
    await page.getByLabel(`Thing ${i}`).selectOption({ label: thing })
    await page.getByLabel(`Comparison ${i}`).selectOption({ label: is })
    await page.getByLabel(`Value ${i}`, { exact: true }).selectOption({ label: 'a value of my own' })
    await page.getByLabel(`Own value ${i}`).fill(typed)
    await page.getByLabel(`Own value ${i}`).press('Tab')
    await expect(page.locator('.formula-words')).toContainText(thing)
  }
  await expect(page.locator('.formula-words')).toContainText('Fee is more than 5.00 EUR and On is after 2026-06-01 and Lasts is at most 1 h 30 min')
  await page.getByRole('button', { name: 'Fill', exact: true }).click()
  await expect(line).toContainText('Fee is more than 5.00 EUR')
  await line.getByText('Fee is more than').click()
  await expect(page.getByLabel('Own value 1')).toHaveValue('5.00')
  await expect(page.getByLabel('Own value 2')).toHaveValue('2026-06-01')
  await expect(page.getByLabel('Own value 4')).toHaveValue('2026-12-24T07:30')
})

test('columns are summed up, filtered by a click, moved and hidden, and stay so', async ({ page }) => {
  await openDemo(page, 'data')
  await page.getByRole('navigation', { name: 'Tables' }).getByRole('button', { name: 'Swims' }).click()
  await page.getByRole('columnheader', { name: /^Spot/ }).hover()
  await page.getByRole('button', { name: 'More about Spot' }).click()
  await page.locator('.column-menu').getByRole('button', { name: 'Tansy Beach' }).click()
  await expect(page.getByLabel('Only rows where')).toHaveValue('spot.id == 3')
  await expect(page.getByText(/^3 rows found/)).toBeVisible()
  await page.getByRole('columnheader', { name: /^Places/ }).hover()
  await page.getByRole('button', { name: 'More about Places' }).click()
  await expect(page.locator('.column-menu .totals')).toContainText('Sum')
  await page.locator('.column-menu').getByRole('button', { name: 'Move left' }).click()
  await page.keyboard.press('Escape')
  await expect(page.getByRole('columnheader').nth(3)).toContainText('Places')
  await page.getByRole('columnheader', { name: /^Host/ }).hover()
  await page.getByRole('button', { name: 'More about Host' }).click()
  await page.locator('.column-menu').getByRole('button', { name: 'Hide' }).click()
  await expect(page.getByRole('columnheader', { name: /^Host/ })).toHaveCount(0)
  await page.getByRole('button', { name: 'Show 1 hidden' }).click()
  await page.getByRole('button', { name: 'Show all rows' }).click()
  await expect(page.getByText(/^11 rows\./)).toBeVisible()
  await page.reload()
  await expect(page.getByRole('columnheader').nth(3)).toContainText('Places')
})

test('sample rows are made and go, rows go out as files, and a row is copied to live', async ({ page }) => {
  await openDemo(page, 'data')
  await page.getByRole('button', { name: 'Rows in and out' }).click()
  await page.getByText('Make up 10 sample rows').click()
  await expect(page.getByText(/^16 rows\./)).toBeVisible()
  await expect(page.locator('.grid-row.sample').first()).toBeVisible()
  await page.getByRole('button', { name: 'Rows in and out' }).click()
  await page.getByText('Remove the sample rows').click()
  await expect(page.getByText(/^6 rows\./)).toBeVisible()

  await page.getByRole('button', { name: 'Rows in and out' }).click()
  const saved = page.waitForEvent('download')
  await page.getByText('Export as CSV').click()
  const file = await saved
  expect(file.suggestedFilename()).toBe('spots.csv')
  const text = readFileSync(await file.path(), 'utf8')
  expect(text.split('\r\n')[0]).toBe('id,Name,Shore,Water,Note,Photo,Bottom,Lies,Code,Safety,Planned')
  expect(text).toContain('Lantern Cove')

  await write(page, 'Shore of row 3', 'The long sands')
  await expect(cell(page, 'Shore of row 3')).toHaveText('The long sands')
  await page.getByLabel('Mark row 3').check()
  await page.getByRole('toolbar', { name: 'Marked rows' }).getByText('Copy to live').click()
  const compared = page.getByRole('dialog', { name: 'Sandbox and live' })
  await expect(compared).toContainText('Tansy Beach differs in Shore')
  await compared.getByRole('button', { name: 'Copy 1 to live' }).click()
  await expect(compared).toContainText('1 row copied.')
  await compared.getByRole('button', { name: 'Close', exact: true }).click()
  await page.getByRole('button', { name: 'Live', exact: true }).click()
  await expect(cell(page, 'Shore of row 3')).toHaveText('The long sands')
})

test('a formula is completed while it is written, and its mend is one click', async ({ page }) => {
  await openDemo(page, 'data')
  await page.getByRole('button', { name: 'Add a field' }).click()
  await page.getByLabel('A new line').fill('Warm = water > 15')
  await page.getByLabel('A new line').press('Enter')
  const line = page.locator('[data-line="/tables/0/fields/10"]')
  await expect(line).toContainText('Water is more than 15')
  await line.getByRole('button', { name: /^a formula: Water/ }).click()
  await page.getByRole('button', { name: 'By writing' }).click()
  const box = page.locator('.filler-field')
  await box.fill('')
  await box.pressSequentially('wat')
  await expect(page.getByRole('option', { name: /^water/ })).toBeVisible()
  await page.keyboard.press('ArrowDown')
  await page.keyboard.press('Enter')
  await expect(box).toHaveValue('water')
  await box.pressSequentially(' * plan')
  await page.keyboard.press('ArrowDown')
  await page.keyboard.press('Enter')
  await expect(box).toHaveValue('water * planned')
  await expect(page.locator('.formula-words')).toHaveText('Water times Planned')
  await box.pressSequentially(' + shore')
  await page
    .locator('.formula-help')
    .getByRole('button', { name: /^Write it as “water \* planned \+ number\(shore\)”/ })
    .click()
  await expect(box).toHaveValue('water * planned + number(shore)')
  await box.fill('count(swims)')
  await box.press('Enter')
  await expect(line).toContainText('how many Swims')
  await expect(page.getByRole('gridcell', { name: 'Warm of row 1' })).toHaveText('3')
  await line.focus()
  await page.keyboard.press('Delete')
  await expect(line).toHaveCount(0)
})

test('the map shows the tables and leads to them; a row shows what links to it', async ({ page }) => {
  await openDemo(page, 'data')
  await page.getByRole('button', { name: 'Map', exact: true }).click()
  await page.getByRole('button', { name: /^Swims, 11 rows/ }).click()
  await page.getByRole('button', { name: 'Open row 1', exact: true }).click()
  const detail = page.getByRole('dialog', { name: 'One Swim' })
  await expect(detail).toContainText('Bookings, by Swim')
  await detail.getByRole('button', { name: 'Lantern Cove' }).click()
  await expect(page.getByRole('dialog', { name: 'One Spot' })).toContainText('Sheltered from the west.')
})

test('a renamed field keeps its rows, and everything that shows it follows', async ({ page }) => {
  await openDemo(page, 'data')
  await fillBlank(page, /^a name: Shore/, 'Which shore')
  await expect(page.getByRole('columnheader', { name: 'Which shore' })).toBeVisible()
  await expect(cell(page, 'Which shore of row 1')).toHaveText('South shore')
  await device(page).getByRole('button', { name: 'Spots' }).click()
  await expect(device(page).getByText('Harbour side')).toBeVisible()
  await fillBlank(page, /^a name: Which shore/, 'Shore')
  await expect(cell(page, 'Shore of row 1')).toHaveText('South shore')
})

test('live rows say so, and are not the sandbox’s', async ({ page }) => {
  await openDemo(page, 'data')
  await write(page, 'Note of row 6', 'Changed in the sandbox only.')
  await expect(cell(page, 'Note of row 6')).toHaveText('Changed in the sandbox only.')
  await page.getByRole('button', { name: 'Live', exact: true }).click()
  await expect(page.getByText('These are the live rows.')).toBeVisible()
  await expect(cell(page, 'Note of row 6')).toHaveText('Fresh and salt meet here. Wait for slack water.')
})

test('colours are judged while they are chosen', async ({ page }) => {
  await signUp(page, 'Dana')
  await page.getByLabel('Name of a new app').fill('Chalk')
  await page.getByRole('button', { name: 'Begin it' }).click()
  await page.getByRole('button', { name: 'The look' }).click()
  await fillBlank(page, /^a colour: #13292B/, '#9AA5A6')
  const text = page.locator('.line-findings').last()
  await expect(text).toContainText('4.5:1 is the least that can be read well')
  await expect(page.locator('.contrasts .low').first()).toBeVisible()
  await text.getByRole('button', { name: /^Use #/ }).click()
  await page.getByRole('button', { name: 'Apply this mend' }).click()
  await expect(page.locator('.line-findings')).toHaveCount(0)
})

test('tabs, screens and clauses are added by pointing', async ({ page }) => {
  await signUp(page, 'Ebba')
  await page.getByLabel('Name of a new app').fill('Signal')
  await page.getByRole('button', { name: 'Begin it' }).click()
  await page.getByRole('button', { name: 'New screen' }).click()
  await page.locator('.filler-field').fill('Beacon')
  await page.locator('.filler-field').press('Enter')
  await expect(page.locator('.side-finding')).toContainText('Nobody reaches the screen “Beacon”')
  await page.getByRole('button', { name: 'Add a line' }).click()
  await page.getByLabel('A new line').fill('Text "Lit since {time(now())}"')
  await page.getByLabel('A new line').press('Enter')
  const line = page.locator('[data-line="/screens/1/lines/0"]')
  await line.hover()
  await line.getByRole('button', { name: 'Add to this sentence' }).click()
  await page.getByText('shown only if').click()
  await page.getByRole('button', { name: 'By writing' }).click()
  await page.locator('.filler-field').fill('1 < 2')
  await page.locator('.filler-field').press('Enter')
  await expect(line).toContainText(', if 1 is less than 2')

  await page.getByRole('button', { name: 'Tabs and menu' }).click()
  await page.getByRole('button', { name: 'Add a tab' }).click()
  await page.locator('.picks').getByText('Beacon').click()
  const surveyed = page.waitForResponse((r) => r.url().includes('/layout') && r.request().method() === 'GET')
  await fillBlank(page, /^label: /, 'Beacon')
  await surveyed
  await expect(page.locator('.side-finding')).toHaveCount(0)
  await device(page).getByRole('button', { name: 'Beacon' }).click()
  await expect(device(page).getByText('Lit since')).toBeVisible()
})

test('another program reads and writes rows with a token, until it is revoked', async ({ page }) => {
  await openDemo(page, 'data')
  await page.getByRole('button', { name: 'For programs' }).click()
  await page.getByRole('button', { name: 'Make it' }).click()
  await expect(page.getByText('There is no token yet.')).toBeVisible()
  await page.getByLabel('What the token is for').fill('a test')
  await page.getByLabel('What it may do').selectOption({ label: 'reads and writes' })
  await page.getByRole('button', { name: 'Make it' }).click()
  const token = await page.locator('.api-token').innerText()
  const address = await page.locator('.api-address code').first().innerText()
  const headers = { Authorization: `Bearer ${token}`, Accept: 'application/json' }
  const made = await page.request.post(`${address}/posts`, { headers, data: { words: 'Told by a program.', posted: '2026-11-20T08:00:00Z' } })
  expect(made.status()).toBe(201)
  await device(page).getByRole('button', { name: 'Shore' }).click()
  await expect(device(page).getByText('Told by a program.')).toBeVisible()
  expect(
    (await page.request.delete(`${address}/posts/${(await made.json()).id}`, { headers: { ...headers, 'If-Match': made.headers().etag } })).status(),
  ).toBe(204)
  await page.getByRole('button', { name: 'Revoke the token for a test' }).click()
  await expect(page.getByText('There is no token yet.')).toBeVisible()
  expect((await page.request.get(`${address}/posts`, { headers })).status()).toBe(401)
})
