import { execFileSync } from 'node:child_process'
import { mkdtempSync, readFileSync, writeFileSync } from 'node:fs'
import { tmpdir } from 'node:os'
import { join } from 'node:path'
import { expect, test, type Page } from './test'
import { beginApp, buildForHere, device, fillBlank, letterTo, nothingSerious, openDemo, openStop, script, signUp } from './founder'

async function newApp(page: Page, name: string): Promise<void> {
  await signUp(page, 'Bea')
  await page.getByLabel('Name of a new app').fill(name)
  await page.getByRole('button', { name: 'Begin it' }).click()
  await page.getByRole('button', { name: /^Release:/ }).click()
  await openStop(page, 'What was built')
  await expect(page.getByText('Nothing is live yet. Packages open what is live.')).toBeVisible()
}

/** Applies the mend with this label after reading it. */
async function mend(page: Page, label: RegExp): Promise<void> {
  const note = page.locator('.finding', { has: page.getByRole('button', { name: label }) }).first()
  await note.getByRole('button', { name: label }).click()
  await expect(note.locator('.now').first()).toBeVisible()
  await note.getByRole('button', { name: 'Apply this mend' }).click()
  await expect(page.getByRole('button', { name: label })).toHaveCount(0)
}

test('a new app is refused a package with its reasons, mended one by one, and then built', async ({ page }) => {
  test.setTimeout(300_000)
  await newApp(page, 'Moor Walks')
  const web = page.locator('.target', { hasText: 'a zip with manifest' })
  await web.getByRole('button', { name: 'Build' }).click()
  await expect(page.getByRole('alert').filter({ hasText: 'No package can be built yet.' })).toContainText('is without encryption')
  await buildForHere(page)
  await web.getByRole('button', { name: 'Build' }).click()
  const refused = page.getByRole('alert').filter({ hasText: 'No package can be built yet.' })
  await expect(refused.getByRole('listitem')).toHaveCount(3)
  await expect(refused).toContainText('The app has no icon.')

  await mend(page, /^Use app\.lanai\.moorwalks/)
  await mend(page, /^Make one from “M”/)
  await openStop(page, 'What it is')
  await mend(page, /^Use “Moor Walks”/)
  await openStop(page, 'What was built')
  await page.getByRole('button', { name: /^Put revision/ }).click()
  await expect(page.getByText(/Live is revision \d+ at/)).toBeVisible()
  await web.getByRole('button', { name: 'Build' }).click()
  await expect(web.locator('.build')).toHaveAttribute('data-state', 'done', { timeout: 30_000 })

  const download = page.waitForEvent('download')
  await web.getByRole('link', { name: 'Save' }).click()
  const folder = mkdtempSync(join(tmpdir(), 'lanai-'))
  await (await download).saveAs(join(folder, 'app.zip'))
  const manifest = JSON.parse(execFileSync('unzip', ['-p', join(folder, 'app.zip'), 'manifest.webmanifest']).toString())
  expect(manifest).toMatchObject({ name: 'Moor Walks', start_url: './index.html' })
})

test('a build can be cancelled, and its log says so', async ({ page }) => {
  await newApp(page, 'Fen Rides')
  await mend(page, /^Use app\.lanai\.fenrides/)
  await mend(page, /^Make one from “F”/)
  await page.getByRole('button', { name: /^Put revision/ }).click()
  await expect(page.getByText(/Live is revision/)).toBeVisible()
  const bundle = page.locator('.target', { hasText: 'AAB, signed' })
  await buildForHere(page)
  await bundle.getByRole('button', { name: 'Build' }).click()
  await bundle.getByRole('button', { name: 'Cancel' }).click()
  await expect(bundle.locator('.build')).toHaveAttribute('data-state', 'cancelled')
  // Builds are made one after the other: once a later one is done, this one would be, too.
  const web = page.locator('.target', { hasText: 'Web app' }).first()
  await web.getByRole('button', { name: 'Build' }).click()
  await expect(web.locator('.build')).toHaveAttribute('data-state', 'done', { timeout: 60_000 })
  await expect(bundle.locator('.build')).toHaveAttribute('data-state', 'cancelled')
  await expect(bundle.getByRole('link', { name: 'Save' })).toHaveCount(0)
})

test('listing texts and versions are kept as they are typed, and wrong ones say what is wrong', async ({ page }) => {
  await newApp(page, 'Dune Songs')
  await openStop(page, 'What it is')
  await fillBlank(page, /^the title:/, 'Dune Songs: a field guide to what the sand sings')
  await expect(page.getByText('The title has 48 characters; stores take at most 30.')).toBeVisible()
  await expect(page.getByText('48 of 30')).toBeVisible()
  await mend(page, /^Shorten it to “Dune Songs: a field guide to”/)
  await expect(page.getByRole('button', { name: 'the title: Dune Songs: a field guide to', exact: true })).toBeVisible()

  await fillBlank(page, /^the version:/, 'two')
  await expect(page.getByText('“two” is not a version.')).toBeVisible()
  await page.getByRole('button', { name: /^the build number:/ }).click()
  const filler = page.locator('.filler')
  await expect(filler).toContainText('Here fits')
  await filler.locator('.filler-field').fill('seven')
  await filler.getByRole('button', { name: 'Fill' }).click()
  await expect(filler.getByText(/expected a whole number, but “seven” stands there/)).toBeVisible()
  await expect(filler.locator('.filler-field')).toHaveValue('seven')
})

test('an icon is uploaded and can be given up for the letter again', async ({ page }) => {
  await newApp(page, 'Reed Notes')
  await mend(page, /^Make one from “R”/)
  await openStop(page, 'What it is')
  const folder = mkdtempSync(join(tmpdir(), 'lanai-'))
  writeFileSync(join(folder, 'not-a-picture.png'), 'plain text')
  await page.getByLabel('Upload a picture').setInputFiles(join(folder, 'not-a-picture.png'))
  await expect(page.getByRole('alert').filter({ hasText: 'not a picture that can be read' })).toBeVisible()

  const before = await page.getByAltText('The app’s icon').getAttribute('src')
  await page.getByLabel('Upload a picture').setInputFiles('docs/screenshots/device.png')
  await expect(page.getByRole('button', { name: 'Use the letter instead' })).toBeVisible()
  expect(await page.getByAltText('The app’s icon').getAttribute('src')).not.toBe(before)
  await page.getByRole('button', { name: 'Use the letter instead' }).click()
  await expect(page.getByRole('button', { name: 'Use the letter instead' })).toHaveCount(0)
})

test('the script can be saved and is what the studio shows', async ({ page }) => {
  await newApp(page, 'Tarn Days')
  const download = page.waitForEvent('download')
  await page.getByRole('button', { name: 'Tarn Days', exact: true }).click()
  await page.getByRole('link', { name: 'Save the script' }).click()
  const file = await (await download).path()
  expect(readFileSync(file, 'utf8')).toMatch(/^app Tarn Days\n\ntheme\n {2}main colour is #0B6E5F\n/)
})

test('a package that is older than what the store has is told of it, and one that is too old is covered', async ({ page }) => {
  await beginApp(page, 'Reef')
  const release = 'release\n  version is "1.4.0"\n  build number is 9\n  what is new is "Maps."\n'
  await script(page, `app Reef\n\nscreen Start, first\n  News of a newer version\n  Text "Here"\n\n${release}`)
  await expect(device(page).getByText('Here')).toBeVisible()
  await expect(device(page).getByText('Version 1.4.0 is here')).toHaveCount(0)
  const older = async () => {
    await page.getByLabel('More of this device').click()
    await page.getByLabel('Version of the package').selectOption('an older one')
    await page.keyboard.press('Escape')
  }
  await older()
  await expect(device(page).getByText('Version 1.4.0 is here')).toBeVisible()
  await expect(device(page).getByText('Maps.')).toBeVisible()
  await nothingSerious(page, '.deck')
  await page.goto(page.url().replace(/screens.*/, 'release'))
  await fillBlank(page, /^the oldest build that may go on: none/, '5')
  await expect(page.getByText('Saved, revision 3')).toBeVisible()
  await older()
  const gate = device(page).getByRole('alertdialog', { name: 'This version is too old' })
  await expect(gate).toBeVisible()
  expect(await gate.evaluate((element) => getComputedStyle(element).backgroundColor)).toMatch(/^rgb\(/)
  await nothingSerious(page, '.deck')
})

test('what an app declares follows from its sentences, and from every edit', async ({ page }) => {
  await openDemo(page, 'release')
  const declares = await openStop(page, 'What it declares')
  await expect(declares).toContainText('Names, to let people sign in and do what the app is for; kept until the account is deleted.')
  await expect(declares).toContainText('What people write, to do what the app is for;')
  await expect(declares).toContainText('It keeps nothing of these: telephone numbers,')
  await declares.locator('summary').filter({ hasText: 'What people write' }).focus()
  await page.keyboard.press('Enter')
  await expect(declares.getByText('App activity: Other user-generated content')).toBeVisible()
  await expect(declares.getByText(/^From Swims: Title/)).toContainText('Comments: Words')
  await expect(declares).toContainText('Yes: Bunting')
  await nothingSerious(page, '.surface')
  // Whoever takes the conversation out has none any more.
  await page.getByRole('button', { name: /^Screens:/i }).click()
  await page.getByRole('navigation', { name: 'Screens' }).getByRole('button', { name: /^Guide/ }).click()
  await page.locator('.surface [data-line]').filter({ hasText: 'Conversation with' }).focus()
  await page.keyboard.press('Delete')
  await expect(page.getByText('Saved, revision 2')).toBeVisible()
  await page.getByRole('button', { name: /^Release:/i }).click()
  await expect(declares.locator('dt', { hasText: 'talk with a machine' }).locator('+ dd')).toHaveText('No')
})

test('a store that is wrong is asked to look again', async ({ page }) => {
  await beginApp(page, 'Kelp')
  const listing = 'release\n  package is "org.kelpwatch.app"\n  icon letter is "K"\n  title is "Kelp beds"\n  summary is "Come back happier"\n'
  const words = '  description is "Kelp shows the beds that swimmers have found."\n'
  await script(page, `app Kelp\n\nscreen Start, first\n  Text "Here"\n\n${listing}${words}`)
  await page.getByRole('button', { name: /^Release:/ }).click()
  await openStop(page, 'What was built')
  await page.getByRole('button', { name: /^Put revision/ }).click()
  await buildForHere(page)
  const bundle = page.locator('.target', { hasText: 'Android store bundle' }).first()
  await bundle.getByRole('button', { name: 'Build' }).click()
  await expect(bundle.locator('.build')).toHaveAttribute('data-state', 'done', { timeout: 60_000 })
  await openStop(page, 'Where it stands')
  const quay = page.locator('.target', { hasText: 'Quay' })
  await quay.getByRole('button', { name: /^Submit/ }).click()
  await expect(quay.getByText('“pier” stands in it.')).toBeVisible({ timeout: 90_000 })
  await quay.getByRole('button', { name: 'Quay is wrong' }).click()
  await quay.getByLabel(/^Why should Quay look again/).fill('“Happier” is one word, and speaks of no store.')
  await nothingSerious(page, '.surface')
  await quay.getByRole('button', { name: 'Ask them to look again' }).click()
  await expect(quay.getByText('You are right, and we were not. It is approved.')).toBeVisible({ timeout: 30_000 })
  await expect(quay.locator('.submission').first()).toHaveAttribute('data-state', 'approved')
  await quay.getByRole('button', { name: 'Withdraw it' }).click()
  await expect(quay.locator('.submission').first()).toHaveAttribute('data-state', 'withdrawn')
})

test('a revision goes live for some people first, then for everybody', async ({ page, browser }) => {
  await beginApp(page, 'Kelp')
  const app = (text: string) => `app Kelp\n\nscreen Start, first\n  Text "${text}"\n`
  await script(page, app('The old one'))
  await page.getByRole('button', { name: /^Release:/ }).click()
  await openStop(page, 'What was built')
  await page.getByRole('button', { name: /^Put revision/ }).click()
  const link = page.getByRole('link', { name: /\/a\/kelp/ })
  const address = (await link.getAttribute('href'))!.replace(/^https?:\/\/[^/]+/, '')
  await script(page, app('The new one'), 2)
  await page.getByRole('button', { name: /^Release:/ }).click()
  await openStop(page, 'What was built')
  await page.getByLabel('Who has it first').selectOption('50 of a hundred people first')
  await page.getByRole('button', { name: /^Put revision/ }).click()
  await expect(page.getByText(/is live for 50 of a hundred people/)).toBeVisible()
  await nothingSerious(page, '.surface')

  /** What each of two devices shows, one of which is among the first. */
  const seen = async (texts: string[]) => {
    const found: string[] = []
    for (const lot of ['0', '50']) {
      const context = await browser.newContext()
      const phone = await context.newPage()
      await phone.addInitScript((drawn) => localStorage.setItem(`lanai-lot:/device/live/${location.pathname.split('/').pop()}`, drawn), lot)
      await phone.goto(address)
      const text = phone.getByText(/The (old|new) one/)
      await expect(text).toBeVisible()
      found.push((await text.textContent())!.trim())
      await context.close()
    }
    expect(found.sort()).toEqual(texts)
  }
  await seen(['The new one', 'The old one'])
  await page.getByRole('button', { name: 'To everybody' }).click()
  await expect(page.getByText(/is live for 50 of a hundred people/)).toHaveCount(0)
  await seen(['The new one', 'The new one'])
})

test('what a store would say is known before it is asked, put right here, and looked at anew', async ({ page }) => {
  await beginApp(page, 'Kelp')
  const listing = 'release\n  package is "com.example.kelp"\n  icon letter is "K"\n  title is "KELP!!! CALENDAR"\n  summary is "Lorem ipsum"\n'
  const screens = 'screen Start, first\n  Text "Here"\n  Button "More"\n    tapped:\n      open "http://kelp.example/about"\n'
  await script(page, `app Kelp\n\n${screens}\nscreen Later\n\n${listing}`)
  await page.getByRole('button', { name: /^Release:/ }).click()
  await openStop(page, 'Where it stands')
  const quay = page.getByRole('region', { name: 'What Quay would say' })
  await quay.getByRole('button', { name: 'Look at it as Quay would' }).click()
  await expect(quay.getByRole('status')).toContainText(/^Quay would turn it down for \d+ of 51 reasons/)
  const flaws = ['is kept for examples', 'Here stands “Lorem ipsum”', 'written in capitals', 'Nothing stands on “Later”.', 'is without encryption']
  for (const said of flaws) {
    await expect(quay.getByText(said).first()).toBeVisible()
  }
  await nothingSerious(page, '.surface')
  const before = Number(/for (\d+) of/.exec((await quay.getByRole('status').textContent()) ?? '')?.[1])
  await mend(page, /^Write it “Kelp! Calendar”/)
  await expect(quay.getByRole('status')).toContainText(`for ${before - 1} of 51`)
  await quay.getByText(/^\d+ hold$/).click()
  await expect(quay.getByText('The title is written as names are.')).toBeVisible()
  // Pier looks at more, and nothing of it is asked of Quay.
  await page.getByRole('button', { name: 'Look at it as Pier would' }).click()
  await expect(page.getByRole('region', { name: 'What Pier would say' }).getByRole('status')).toContainText('of 53 reasons')
})

test('somebody who was asked to try the app opens it by their letter and tells how it was', async ({ page, browser }) => {
  await beginApp(page, 'Kelp')
  await script(page, 'app Kelp\n\nscreen Start, first\n  Text "Here"\n\nscreen Later\n  Text "Then"\n')
  const id = Number(/apps\/(\d+)/.exec(page.url())?.[1])
  await page.getByRole('button', { name: /^Release:/ }).click()
  const tries = await openStop(page, 'Who tries it')
  await tries.getByLabel('E-mail addresses').fill('nobody')
  await tries.getByRole('button', { name: 'Write to them' }).click()
  await expect(tries.getByRole('alert')).toHaveText('“nobody” is not an e-mail address.')
  const email = `tess-${Date.now()}@friends.example`
  await tries.getByLabel('E-mail addresses').fill(email)
  await tries.getByRole('button', { name: 'Write to them' }).click()
  await expect(tries.getByRole('status')).toHaveText('A letter is on the way.')
  await expect(tries.getByRole('list', { name: 'Who tries it' })).toContainText('has not opened it yet')
  await tries.getByRole('button', { name: 'Keep them on revision 2' }).click()
  await expect(tries.getByText('revision 2, whatever you write.')).toBeVisible()
  await nothingSerious(page, '.surface')
  await script(page, 'app Kelp\n\nscreen Start, first\n  Text "Newer"\n\nscreen Later\n  Text "Then"\n', 2)

  const founder = (await (await page.request.get('/api/session')).json()) as { founder: { id: number } }
  const letter = await letterTo(page, email, 'Will you try Kelp?', founder.founder.id)
  const address = new URL(/https?:\/\/\S+\/try\/\w+/.exec(letter.text)?.[0] ?? '').pathname
  const tester = await (await browser.newContext({ viewport: { width: 390, height: 780 } })).newPage()
  await tester.goto(address)
  await nothingSerious(tester, 'main')
  const opened = tester.waitForEvent('popup')
  await tester.getByRole('link', { name: 'Open Kelp here' }).click()
  const app = await opened
  await expect(app.getByText('Here')).toBeVisible()
  await app.getByRole('button', { name: 'Say how it is' }).click()
  await nothingSerious(app, '.device')
  await app.getByLabel(/^What do you like here/).fill('Begin with a picture.')
  await app.getByRole('button', { name: 'Tell it' }).click()
  await expect(app.getByRole('status')).toHaveText('Thank you. It is told.')
  await tester.getByLabel('What you liked, and what not').fill('The second page is empty.')
  await tester.getByLabel('On which screen?').selectOption('Later')
  await tester.getByRole('button', { name: 'Tell the founder' }).click()
  await expect(tester.getByText('Thank you. It is told.')).toBeVisible()

  await page.reload()
  await expect(tries.getByText('The second page is empty.')).toBeVisible()
  await expect(tries.getByText('one person, 1 opened it; 2 told how it was')).toBeVisible()
  // What was told from inside the app comes with a picture of the page, of the size of that phone.
  const inside = tries.getByRole('article').filter({ hasText: 'Begin with a picture.' })
  await expect(async () => {
    await page.reload()
    await expect(inside.getByRole('img')).toHaveJSProperty('naturalWidth', 780, { timeout: 3000 })
  }).toPass({ timeout: 60_000 })
  await tries.getByRole('button', { name: 'Go to Later' }).click()
  await expect(page).toHaveURL(new RegExp(`/apps/${id}/screens/later`))
})

test('the pictures for the stores are taken of the running app, and taken again once it has changed', async ({ page }) => {
  test.setTimeout(240_000)
  await beginApp(page, 'Tide Pools', 'screens')
  await script(
    page,
    `app Tide Pools
  table Pools, each a Pool
    may be seen by everyone
    Name is a text
  screen Pools, first, titled "Pools"
    Heading "Pools near you"
    Text "Crabs, limpets and weed."
  screen About, titled "About"
    Text "Made by the sea."
  tab Pools as "Pools"
  tab About as "About"
  release
    title is "Tide Pools"
    summary is "What lives between the tides"`,
  )
  await page.getByRole('button', { name: /^Release:/ }).click()
  const stop = await openStop(page, 'How it looks there')
  await expect(stop.getByText('Nothing is said of pictures, so these screens are shown: Pools, About.')).toBeVisible()
  await stop.getByRole('button', { name: 'Choose them, and write words above them' }).click()
  await expect(stop.locator('[data-line="/pictures/0"]')).toContainText('store picture of')
  await stop.getByRole('button', { name: 'Take the pictures' }).click()
  await expect(stop.getByRole('status').filter({ hasText: 'Cancel' })).toBeVisible()
  await expect(stop.getByText('They show the app as it is now.')).toBeVisible({ timeout: 120_000 })
  await expect(stop.getByRole('link', { name: 'Save all 13' })).toBeVisible()
  const first = stop.getByRole('button', { name: 'Picture 1, larger' })
  await expect(first.getByRole('img')).toHaveJSProperty('complete', true)
  await nothingSerious(page, 'the pictures of an app')

  // Each is a PNG of the size that its store asks for, and shows what the app shows.
  const download = page.waitForEvent('download')
  await stop.getByRole('link', { name: 'Save all 13' }).click()
  const folder = mkdtempSync(join(tmpdir(), 'lanai-'))
  await (await download).saveAs(join(folder, 'pictures.zip'))
  execFileSync('unzip', ['-q', join(folder, 'pictures.zip'), '-d', folder])
  const size = (name: string) => [16, 20].map((at) => readFileSync(join(folder, 'en', `${name}.png`)).readUInt32BE(at))
  expect([size('quay-phone-1'), size('pier-tablet-2'), size('quay-feature')]).toEqual([[1080, 2160], [2048, 2732], [1024, 500]])

  await first.click()
  await expect(page.getByText('1080 by 2160 pixels.')).toBeVisible()
  await page.keyboard.press('Escape')
  // Another title of the first screen: only its pictures are out of date.
  await page.getByRole('button', { name: /^Screens:/ }).click()
  await page.getByRole('navigation', { name: 'Screens' }).getByText('Pools', { exact: true }).click()
  await fillBlank(page, /^title: Pools/, 'Pools by the sea')
  await page.getByRole('button', { name: /^Release:/ }).click()
  await expect(stop.getByText('What 7 of them show has changed since.')).toBeVisible()
  await expect(stop.getByText('has changed since', { exact: true })).toHaveCount(1)
  await stop.getByRole('button', { name: 'Take them again' }).click()
  await expect(stop.getByText(/They show the app as it is now\. 7 are not as they were/)).toBeVisible({ timeout: 120_000 })
})
