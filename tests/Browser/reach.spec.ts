import { readFileSync } from 'node:fs'
import { expect, test } from './test'
import { beginApp, letterTo, nothingSerious, openStop, rows, script, standins } from './founder'
import { phone, shared } from './phone'

const app = `app Reef

screen Start, first
  Heading "Reef"
  Button "Go on"
    tapped: go to Swim

screen Swim
  Heading "A swim"
  Button "Leave me out"
    tapped: do not count me
  Button "Count me"
    tapped: count me

funnel Swimming
  step Start
  step Start, tapping "Go on"
  step Swim
`

test('whoever looks on a phone is counted, where they go is seen, and whoever does not want it is left out', async ({ page, browser }) => {
  await beginApp(page, 'Reef', 'reach')
  await expect(page.getByText('Nobody has come in the last 30 days.')).toBeVisible()
  await nothingSerious(page, '.surface')
  await script(page, app)
  const address = await shared(page)
  const p = await phone(browser, `${address}?from=a-poster`)
  await p.getByRole('button', { name: 'Go on' }).tap()
  await expect(p.getByText('A swim')).toBeVisible()
  await p.goBack()
  // What was done goes along with what is asked next.
  await p.getByRole('button', { name: 'Go on' }).tap()
  await expect(p.getByText('A swim')).toBeVisible()
  await p.goto('about:blank')
  await expect(async () => {
    await page.reload()
    await expect(page.getByText('One visit')).toBeVisible({ timeout: 2000 })
    await expect(page.getByText('Swim → Start')).toBeVisible({ timeout: 2000 })
  }).toPass()
  await expect(page.getByText('Go on, on Start')).toBeVisible()
  await expect(page.getByText('a-poster')).toBeVisible()
  await nothingSerious(page, '.surface')

  await page.getByRole('button', { name: 'How far they come' }).click()
  const steps = page.getByRole('list', { name: 'Swimming' }).getByRole('listitem')
  await expect(steps).toHaveCount(3)
  await expect(steps.nth(2)).toContainText('one visit')
  await expect(steps.nth(2)).toContainText('100 % of those who began')
  await nothingSerious(page, '.surface')

  // In the deck nobody is counted; and somebody says no.
  const device = page.frameLocator('iframe').first()
  await device.getByRole('button', { name: 'Go on' }).click()
  await expect(device.getByText('A swim')).toBeVisible()
  await p.goto(address)
  await p.getByRole('button', { name: 'Go on' }).tap()
  const told = p.waitForRequest((request) => request.url().endsWith('/count') && (request.postData() ?? '').includes('forget'))
  await p.getByRole('button', { name: 'Leave me out' }).tap()
  await told
  await p.goto(address)
  await p.getByRole('button', { name: 'Go on' }).tap()
  await expect(p.getByText('A swim')).toBeVisible()
  expect(await p.evaluate(() => Object.entries(localStorage).find(([name]) => name.startsWith('lanai-self'))?.[1])).toBe('off')
})

const welcome = `app Reef

screen Start, first
  Button "Show me"
    tapped: go to Long

screen Long
  Pages, ending with "Let us go"
    page
      Text "The long way"
    page
      Text "Its second page"
    page
      Text "Its third page"
    finished: go to Swim

screen Short
  Pages, ending with "Let us go"
    page
      Text "The short way"
    page
      Text "Its second page"
    finished: go to Swim

screen Swim
  Heading "A swim"

funnel First swim
  step Long
  step Long, page 2
  step Long, tapping "Let us go"
  step Swim

trial Shorter, showing Short, instead of Long, to 50 of a hundred newcomers, counted by First swim
`

test('a newcomer is shown one of two ways, goes on where they stopped, and made-up people say what the figures will look like', async ({ page, browser }) => {
  await beginApp(page, 'Reef', 'reach')
  await script(page, welcome)
  const p = await phone(browser, await shared(page))
  await p.getByRole('button', { name: 'Show me' }).tap()
  await expect(p.getByText(/^The (long|short) way$/)).toBeVisible()
  const way = (await p.getByText('The short way').isVisible()) ? 'Short' : 'Long'
  await p.getByRole('button', { name: 'Go on' }).tap()
  await expect(p.getByText('Its second page')).toBeInViewport({ ratio: 1 })
  // How far they are is kept once the page has turned.
  await expect.poll(() => p.evaluate(() => Object.keys(localStorage).some((name) => name.startsWith('lanai-page')))).toBe(true)
  await p.reload()
  await expect(p.getByText(`The ${way.toLowerCase()} way`)).not.toBeInViewport()
  await expect(p.getByText('Its second page')).toBeInViewport()
  if (way === 'Long') await p.getByRole('button', { name: 'Go on' }).tap()
  await p.getByRole('button', { name: 'Let us go' }).tap()
  await expect(p.getByText('A swim')).toBeVisible()
  await p.goto('about:blank')

  await page.getByRole('button', { name: 'How far they come' }).click()
  await expect(async () => {
    await page.reload()
    await expect(page.getByText(`${way}: 100 % of one newcomer came to the end`)).toBeVisible({ timeout: 2000 })
  }).toPass()
  const steps = page.getByRole('list', { name: 'First swim' }).getByRole('listitem')
  await expect(steps.nth(3)).toContainText('one visit')
  await nothingSerious(page, '.surface')

  const made = page.getByRole('region', { name: 'Made-up people' })
  await made.getByLabel('How many people').fill('none')
  await made.getByRole('button', { name: 'Let them come' }).click()
  await expect(made.getByRole('alert')).toContainText('between 1 and 20,000')
  await made.getByLabel('How many people').fill('400')
  await made.getByRole('button', { name: 'Let them come' }).click()
  await expect(steps.first()).toContainText('401 visits')
  await expect(page.getByText(/^Nothing can be said yet: it takes .* Still needed: .* for Long and .* for Short\.$/)).toBeVisible()
  await expect(page.getByRole('row', { name: /^poster/ })).toBeVisible()
  await nothingSerious(page, '.surface')
  await made.getByRole('button', { name: 'Forget all' }).click()
  await expect(page.getByText('Nobody has begun it yet.')).toBeVisible()
  await expect(page.getByText('It begins with the first newcomer who comes to Long.')).toBeVisible()
})

test('a funnel is made by going it once in the deck', async ({ page }) => {
  await beginApp(page, 'Reef', 'reach')
  await script(page, app.slice(0, app.indexOf('funnel')))
  await page.getByRole('button', { name: 'How far they come' }).click()
  await page.getByRole('button', { name: 'Walk it in the deck' }).click()
  const walk = page.getByRole('region', { name: 'Walk it in the deck' })
  const device = page.frameLocator('iframe').first()
  await device.getByRole('button', { name: 'Go on' }).click()
  await expect(walk.getByRole('listitem')).toHaveText(['Start', 'a tap on Start', 'Swim'])
  await nothingSerious(page, '.surface')
  await walk.getByLabel('What it is called').fill('To a swim')
  await walk.getByRole('button', { name: 'Make the funnel' }).click()
  await expect(page.locator('.prose .line')).toHaveText([/funnel\s+To a swim/, /step\s+Start/, /step\s+Start\s*, tapping\s+Go on/, /step\s+Swim/])
})

test('people come in by one link, by a strip on another website and by a badge', async ({ page, browser }) => {
  await beginApp(page, 'Reef', 'reach')
  await page.getByRole('button', { name: 'Ways in' }).click()
  await expect(page.getByText('Nothing is live yet')).toBeVisible()
  await script(page, app)
  const id = /apps\/(\d+)/.exec(page.url())?.[1]
  await page.goto(`/apps/${id}/release`)
  await openStop(page, 'What was built')
  await page.getByRole('button', { name: /^Put revision/ }).click()
  await expect(page.getByRole('link', { name: /\/a\// })).toBeVisible()
  await page.goto(`/apps/${id}/reach/ways`)
  await expect(page.getByRole('heading', { name: 'One link for everybody' })).toBeVisible()
  const link = await page.getByLabel('The link', { exact: true }).textContent()
  const strip = await page.getByLabel('Paste this before the end of each page', { exact: true }).textContent()
  await expect(page.frameLocator('iframe.ways-phone').getByRole('link', { name: 'Open' })).toBeVisible()
  for (const image of await page.locator('.page img').all()) {
    await expect.poll(() => image.evaluate((one: HTMLImageElement) => one.naturalWidth)).toBeGreaterThan(0)
  }
  await nothingSerious(page, '.surface')
  await page.getByLabel('Your team').fill('abc')
  await page.getByLabel('Your team').press('Enter')
  await expect(page.getByText('A team is ten capital letters and digits.')).toBeVisible()

  // A phone comes to the app, a computer is shown a code for one.
  const p = await phone(browser, `${new URL(link ?? '').pathname}?from=poster`)
  await expect(p.getByRole('button', { name: 'Go on' })).toBeVisible()
  const computer = await (await browser.newContext({ viewport: { width: 1280, height: 800 } })).newPage()
  await computer.goto(new URL(link ?? '').pathname)
  await expect(computer.getByRole('img', { name: 'Scan this with your phone.' })).toBeVisible()
  await nothingSerious(computer, 'main')
  await computer.getByRole('link', { name: 'Open it here' }).click()
  await expect(computer.getByRole('button', { name: 'Go on' })).toBeVisible()

  // The strip stands on somebody else's page, on phones alone, until it is closed.
  const site = async (other: typeof p) => {
    await other.goto(`${standins()}/letterbox/`)
    await other.evaluate(() => ((document.documentElement.lang = 'en'), (document.title = 'Their own page')))
    await other.addScriptTag({ url: /src="([^"]+)"/.exec(strip ?? '')?.[1] })
  }
  await site(p)
  await expect(p.getByRole('region', { name: 'Reef' }).getByRole('link', { name: 'Open' })).toHaveAttribute('href', `${link}?from=strip`)
  await nothingSerious(p, '[role=region]')
  await p.getByRole('button', { name: 'Close' }).tap()
  await expect(p.getByRole('region', { name: 'Reef' })).toHaveCount(0)
  await site(p)
  await expect(p.getByRole('region', { name: 'Reef' })).toHaveCount(0)
  await site(computer)
  await expect(computer.getByRole('region', { name: 'Reef' })).toHaveCount(0)
})

const inviting = `app Reef

sign-in at In
  with a code by e-mail
  invited:
    raise inviter.teas by 1

table People, each a Person, who sign in
  may be seen by the person themselves
  Name is a text
  Teas is a whole number

table Swims, each a Swim
  may be seen by everyone
  Title is a text

screen Start, first
  Text "Teas: {me.teas}", if me != null
  List of Swims
    shows title as title
    tapped: go to Swim with this

screen Swim, about one Swim
  Heading "{swim.title}"
  Button "Tell a friend", if me != null
    tapped: share "Come along!", with a link here, as an invitation
  Button "Join", if me == null
    tapped: go to In

screen In
  Input E-mail is an e-mail address
  Button "Send me a code"
    tapped: send a code to input.eMail
  Input Code is a text
  Button "Go on"
    tapped: check the code input.code
`

test('somebody who was invited comes to what was shared, and whoever invited them has what was promised', async ({ page, browser }) => {
  await beginApp(page, 'Reef', 'reach')
  await script(page, inviting)
  await rows(page, 'swims', [{ title: 'Dawn dip' }])
  const founder = await page.evaluate(async () => (await (await fetch('/api/session')).json()).founder.id as number)
  const comesIn = async (p: typeof page, email: string) => {
    await p.getByLabel('E-mail').fill(email)
    await p.getByRole('button', { name: 'Send me a code' }).tap()
    const { subject } = await letterTo(page, email, '', founder)
    await p.getByLabel('Code').fill(subject.slice(0, 6))
    await p.getByRole('button', { name: 'Go on' }).tap()
  }
  const address = await shared(page)
  const ada = await phone(browser, address)
  await ada.addInitScript(() => {
    const share = async (what: { text: string }) => localStorage.setItem('told', what.text)
    Object.defineProperty(navigator, 'share', { value: share })
  })
  await ada.goto('about:blank')
  await ada.goto(`${address}#/in`)
  await comesIn(ada, 'ada@reef.example')
  await expect(ada.getByText('Teas:')).toBeVisible()
  await ada.getByText('Dawn dip').tap()
  await ada.getByRole('button', { name: 'Tell a friend' }).tap()
  await expect.poll(() => ada.evaluate(() => localStorage.getItem('told'))).toContain('Come along! ')
  const link = new URL(((await ada.evaluate(() => localStorage.getItem('told'))) ?? '').replace('Come along! ', ''))
  expect(link.search).toMatch(/^\?at=swim\/1&by=\d+-[0-9a-f]{20}&from=invitation$/)

  // They look, come back later without the link, make an account, and are where they were invited to.
  const ben = await phone(browser, `${link.pathname}${link.search}${link.hash}`)
  await expect(ben.getByRole('heading', { name: 'Dawn dip' })).toBeVisible()
  expect(new URL(ben.url()).search).not.toContain('by=')
  await ben.goto(`${address}#/in`)
  await comesIn(ben, 'ben@reef.example')
  await expect(ben.getByRole('heading', { name: 'Dawn dip' })).toBeVisible()
  await expect(ben.getByRole('button', { name: 'Tell a friend' })).toBeVisible()
  await expect(async () => {
    await ada.goto(address)
    await expect(ada.getByText('Teas: 1')).toBeVisible({ timeout: 2000 })
  }).toPass()
})

test('what has a time goes into the calendar of the phone', async ({ page, browser }) => {
  await beginApp(page, 'Dips')
  await script(
    page,
    `app Dips

screen Start, first
  Heading "Dips"
  Button "Into my calendar"
    tapped:
      add to the calendar "Dawn dip", from now(), for minutes(45), at "Lantern Cove", reminding hours(1) before
      say "Open it, and your calendar takes it in."
`,
  )
  const p = await phone(browser, await shared(page))
  const file = p.waitForEvent('download')
  await p.getByRole('button', { name: 'Into my calendar' }).tap()
  const saved = await file
  expect(saved.suggestedFilename()).toBe('calendar.ics')
  const written = readFileSync((await saved.path()) ?? '', 'utf8')
  expect(written).toContain('SUMMARY:Dawn dip\r\n')
  expect(written).toContain('TRIGGER:-PT3600S\r\n')
  await expect(p.getByText('Open it, and your calendar takes it in.')).toBeVisible()
})
