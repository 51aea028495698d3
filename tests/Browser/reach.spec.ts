import { readFileSync } from 'node:fs'
import { expect, test } from './test'
import { beginApp, nothingSerious, script } from './founder'
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
