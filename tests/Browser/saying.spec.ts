import { expect, test } from './test'
import { beginApp, device, nothingSerious, openDemo, rows, script } from './founder'

test('a change is said, seen as sentences and pictures before it is made, taken and taken back', async ({ page }) => {
  await openDemo(page, 'brief')
  const box = page.getByLabel('Say a change', { exact: true }).and(page.locator('textarea'))
  await box.fill('sort the list of swims on Upcoming by places, and rename Mine to My water')
  const first = page.getByRole('region', { name: 'sort the list of swims on Upcoming by places' })
  await expect(first).toContainText('List of Swims where starts > now(), by Places upward, as cards')
  await expect(first.locator('.thumb')).toHaveCount(2)
  const second = page.getByRole('region', { name: 'rename Mine to My water' })
  await expect(second.getByRole('radio', { name: 'Rename the screen Mine to “My water”' })).toBeChecked()
  await nothingSerious(page, '.surface')

  // One of the two is left.
  await first.getByRole('radio', { name: 'Leave this one' }).check()
  await box.press('Enter')
  await expect(page.getByText('Done: Rename the screen Mine to “My water”')).toBeVisible()
  await expect(box).toHaveValue('')
  await expect(device(page).getByRole('button', { name: 'My water' })).toBeVisible()
  await page.getByRole('button', { name: 'Take it back' }).click()
  await expect(device(page).getByRole('button', { name: 'Mine' })).toBeVisible()
})

test('from anywhere by the keyboard: asked back, answered, led to, and refused kindly', async ({ page }) => {
  await openDemo(page)
  await page.keyboard.press('Control+k')
  const dialog = page.getByRole('dialog', { name: 'Say a change' })
  const box = dialog.locator('textarea')
  await expect(box).toBeFocused()
  await page.keyboard.type('make the list of spots cards')
  await expect(dialog).toContainText('There are several lists of Spots. Which one?')
  await dialog.getByRole('button', { name: 'The one on Spots' }).click()
  await expect(dialog).toContainText('List of Spots, by Name upward, as cards')

  await box.fill('who can see bookings?')
  await expect(dialog).toContainText('Bookings may be seen by the person in Person, anyone if Swim’s Host is me or a Keeper.')
  await nothingSerious(page, '.v-overlay__content')
  await box.fill('import a csv file')
  await expect(dialog).toContainText('Rows come in through Data: choose a table, then a file.')
  await dialog.getByRole('button', { name: 'Data', exact: true }).click()
  await expect(dialog).toBeHidden()
  await expect(page).toHaveURL(/\/data/)

  await page.keyboard.press('Control+k')
  await box.fill('Count me in')
  await dialog.getByRole('button', { name: 'The button “Count me in” on Swim' }).click()
  await expect(page.locator('[data-line="/screens/1/lines/6"]')).toBeFocused()
  await page.keyboard.press('Control+k')
  await box.fill('sing me a song')
  await expect(dialog).toContainText('That was not understood.')
  await expect(dialog.getByRole('button', { name: 'Do it' })).toHaveCount(0)
})

test('what would come next is shown and taken; a standing note is looked after', async ({ page }) => {
  await beginApp(page, 'Skiffs', 'brief')
  await expect(page.getByText('Dark mode')).toBeVisible()
  const table = 'table Skiffs, each a Skiff\n  Name is a text\n  Lies is a place\n  Length is a decimal\n\n'
  await script(page, `app Skiffs\n\n${table}screen Skiffs, first\n  List of Skiffs\n    shows name as title\n    when empty: "None."\n`)
  await page.getByRole('button', { name: 'Propose: add a map of skiffs' }).click()
  await expect(page.locator('.proposal.taken')).toContainText('List of Skiffs, by Name upward, as a map')
  await page.getByRole('button', { name: 'Do it' }).click()
  await expect(page.getByText('Done: Add the screen Map of Skiffs')).toBeVisible()
  await expect(page.getByRole('button', { name: 'Propose: add a map of skiffs' })).toHaveCount(0)

  const box = page.locator('textarea#say-here')
  await box.fill('remember that we never say skiff')
  await page.getByRole('button', { name: 'Do it' }).click()
  await expect(page.getByRole('main')).toContainText('note “We never say skiff”')
  await box.fill('write "A skiff is small." at the end of Skiffs')
  await page.getByRole('button', { name: 'Do it' }).click()
  await page.getByRole('button', { name: /^Screens: / }).click()
  await expect(page.getByRole('button', { name: 'A note of this app avoids a word that is said here: “A skiff is small.”.' })).toBeVisible()
})

test('an errand is done again after every edit, and a broken one says what is there instead', async ({ page }) => {
  await beginApp(page, 'Mooring', 'brief')
  const list = 'screen Quay, first\n  List of Boats, by Name upward\n    shows name as title\n    when empty: "No boats yet."\n'
  const screen = `${list}  Form for a new Boat asking Name, saying "Moor it"\n`
  const errand = 'errand Moor\n  then type "Eider" into "Name"\n  then tap "Moor it"\n  then see "Eider"\n'
  await script(page, `app Mooring\n\ntable Boats, each a Boat\n  Name is a text, required\n\n${screen}\n${errand}`)
  const went = page.getByRole('list', { name: 'How the errands went' })
  await expect(went).toContainText('3 steps, in order')
  await nothingSerious(page, '.surface')

  await page.locator('textarea#say-here').fill('the button "Moor it" should say "Tie it up"')
  await page.getByRole('button', { name: 'Do it' }).click()
  await expect(went).toContainText('Step 2, tap “Moor it”: “Moor it” is not there on “Quay”.')
  await expect(went).toContainText('Tie it up')
  // It is a finding wherever one is.
  const brief = page.getByRole('button', { name: /^Brief: 1 findings/ })
  await expect(brief).toBeVisible()
  await page.keyboard.press('3')
  await brief.click()
  await expect(page.getByRole('button', { name: '“Moor” does not go any more, at step 2: “Moor it” is not there on “Quay”.' })).toBeVisible()
  await page.getByRole('button', { name: 'Undo' }).click()
  await expect(went).toContainText('3 steps, in order')
})

test('an errand is made by going on it once in the deck', async ({ page }) => {
  await openDemo(page, 'brief')
  const app = device(page)
  // It is begun while the app is still loading in the deck.
  await page.getByRole('button', { name: 'Go on one in the deck' }).click()
  const walk = page.getByRole('region', { name: 'Go on an errand in the deck' })
  await app.locator('.item', { hasText: 'First timers, slowly' }).click()
  await app.getByLabel('Name', { exact: true }).fill('Ines')
  await app.getByRole('button', { name: 'Count me in' }).click()
  await expect(walk.getByRole('listitem')).toHaveText([/tap “First timers, slowly”/, /type “Ines” into “Name”/, /tap “Count me in”/])
  await walk.getByLabel('What must be seen now').fill('See you at Tansy Beach')
  await walk.getByRole('button', { name: 'It must be seen' }).click()
  await walk.getByLabel('What the errand is called').fill('A first swim')
  await walk.getByRole('button', { name: 'Keep it' }).click()
  await expect(walk).toHaveCount(0)
  const went = page.getByRole('list', { name: 'How the errands went' })
  await expect(went.getByRole('listitem').filter({ hasText: 'A first swim' })).toContainText('4 steps, in order')
})

test('everything is tapped once, and what does not go is kept as an errand', async ({ page }) => {
  await beginApp(page, 'Slipway', 'brief')
  const list = 'screen Slip, first\n  List of Boats, by Name upward\n    shows name as title\n    when empty: "No boats yet."\n'
  const boat = 'screen Boat, about one Boat, titled "{boat.name}"\n  Text "{boat.name}"\n'
  const screen = `${list}  Button "The longest"\n    tapped:\n      go to Boat with last(where(boats, name == "nobody"))\n`
  await script(page, `app Slipway\n\ntable Boats, each a Boat\n  Name is a text, required\n\n${screen}\n${boat}`)
  const form = page.getByRole('form', { name: 'Tap everything once' })
  await form.getByRole('button', { name: 'Tap' }).click()
  await expect(page.getByText('One thing was tapped in a copy of the practice data; 1 of them did not go.')).toBeVisible()
  await expect(page.getByText('The longest on Slip: This Boat is not there, or no longer.')).toBeVisible()
  await nothingSerious(page, '.surface')
  await page.getByRole('button', { name: 'Keep the way to The longest as an errand' }).click()
  const went = page.getByRole('list', { name: 'How the errands went' })
  await expect(went).toContainText('The longest')
  await page.getByRole('button', { name: 'On three devices' }).click()
  await expect(went).toContainText('iPhone: in order')
  const saved = page.waitForEvent('download')
  await page.getByRole('link', { name: 'Save them as text' }).click()
  expect((await saved).suggestedFilename()).toMatch(/-errands\.txt$/)
})

test('what did not go in the deck is put right: why, the line, what could be said, and the way there as an errand', async ({ page }) => {
  await beginApp(page, 'Weir', 'screens')
  const table = 'table Boats, each a Boat\n  may be seen by everyone\n  may be added by a Keeper\n  Name is a text, required\n'
  const people = 'table People, each a Person, who sign in\n  may be seen by everyone\n  Name is a text, required\n  Role is their role\n'
  const screen = 'screen Quay, first\n  Text "Quay"\n  Button "Moor one"\n    tapped:\n      add a Boat\n        set Name = "Eider"\n      say "Moored."\n'
  await script(page, `app Weir\n\nrole Guest, at first\n\nrole Keeper\n\n${table}\n${people}\n${screen}`)
  const id = /apps\/(\d+)/.exec(page.url())?.[1]
  await rows(page, 'people', [{ name: 'Mirela', role: 'Guest' }])
  await page.goto(`/apps/${id}/screens`)
  await page.getByLabel('Signed in as').selectOption('Mirela')
  await page.getByRole('button', { name: 'Begin again' }).click()
  await device(page).getByRole('button', { name: 'Moor one' }).click()
  const footprints = page.getByRole('region', { name: 'Footprints' })
  await footprints.getByRole('button', { name: 'Put it right' }).first().click()
  await expect(footprints).toContainText('Boats may be added by a Keeper, and this was a Guest.')
  await nothingSerious(page, '.footprints')

  await footprints.getByText('Keep the way there as an errand').click()
  await expect(footprints).toContainText('see no “Only a Keeper may add a Boat.”')
  await footprints.getByRole('button', { name: 'Keep it' }).click()
  await expect(footprints).toContainText('Kept as an errand')
  await expect(page.getByRole('button', { name: /^Brief: 1 findings/ })).toBeVisible()

  await footprints.getByRole('button', { name: 'Guests may add Boats' }).click()
  await expect(page.getByText('may be added by a Guest')).toBeVisible()
  await page.getByRole('button', { name: 'Do it' }).click()
  await expect(page.getByRole('button', { name: /^Brief: 0 findings/ })).toBeVisible()
})

test('a picture is taken as an example of the look, and as the icon', async ({ page }) => {
  await beginApp(page, 'Harbour', 'brief')
  await page.getByLabel('A picture as an example').setInputFiles('docs/screenshots/brief.png')
  await expect(page.locator('textarea#say-here')).toHaveValue('make it look like "Brief"')
  const part = page.getByRole('region', { name: 'make it look like "Brief"' })
  await expect(part).toContainText('A look like Brief')
  await expect(part).toContainText('main colour is #')
  await nothingSerious(page, '.say')
  await page.getByRole('button', { name: 'Do it' }).click()
  await expect(page.getByText('Done: A look like Brief')).toBeVisible()
  await page.locator('textarea#say-here').fill('use Brief as the icon')
  // Its colours are those of the app already.
  await expect(page.getByText('Brief as the icon', { exact: true })).toBeVisible()
})

test('a proposal runs in the deck before it is taken, and nothing of it stays', async ({ page }) => {
  await openDemo(page, 'brief')
  const app = device(page)
  // The page in the deck is another one in a moment: a tap may still go to the one before.
  const open = () =>
    expect(async () => {
      const item = app.locator('.item', { hasText: 'First timers, slowly' })
      if (await item.count()) await item.click({ timeout: 2_000 })
      await expect(app.getByLabel('Name', { exact: true })).toBeVisible({ timeout: 2_000 })
    }).toPass()
  const runs = (path: RegExp) => expect.poll(() => page.frames().some((frame) => path.test(frame.url()))).toBe(true)
  await page.locator('textarea#say-here').fill('add a price to swims')
  await page.getByRole('button', { name: 'Try it in the deck' }).click()
  await expect(page.getByText('The proposal, in a copy of the practice data.')).toBeVisible()
  await runs(/\/trial\//)
  await open()
  await app.getByLabel('Name', { exact: true }).fill('Ines')
  await app.getByRole('button', { name: 'Count me in' }).click()
  await expect(app.getByText('See you at Tansy Beach')).toBeVisible()
  await nothingSerious(page, '.deck')
  await page.getByRole('button', { name: 'Back to the app' }).click()
  await expect(page.getByText('The proposal, in a copy')).toHaveCount(0)
  await runs(/\/deck\//)
  await open()
  await expect(app.getByRole('button', { name: 'Count me in' })).toBeVisible()

  // Another proposal is not what runs: it is tried anew, or taken.
  await page.getByRole('button', { name: 'Try it in the deck' }).click()
  await expect(page.getByText('The proposal, in a copy')).toBeVisible()
  await page.locator('textarea#say-here').fill('rename Mine to My water')
  await expect(page.getByText('The proposal, in a copy')).toHaveCount(0)
  await page.getByRole('button', { name: 'Try it in the deck' }).click()
  await expect(app.getByRole('button', { name: 'My water' })).toBeVisible()
  await page.getByRole('button', { name: 'Do it' }).click()
  await expect(page.getByText('The proposal, in a copy')).toHaveCount(0)
  await expect(app.getByRole('button', { name: 'My water' })).toBeVisible()
})
