import type { Browser, Page } from '@playwright/test'
import { expect, test } from './test'
import { beginApp, makeDemo, nothingSerious, openDemo, script } from './founder'
import { phone } from './phone'

test('what is sold is begun from nothing, and says what is missing until it is whole', async ({ page }) => {
  await beginApp(page, 'Reef')
  const id = /apps\/(\d+)/.exec(page.url())?.[1] ?? ''
  await page.goto(`/apps/${id}/earnings`)
  await expect(page.getByText('Things are sold to people who sign in.')).toBeVisible()
  await page.getByRole('button', { name: 'Rehearsal' }).click()
  await expect(page.getByText('There is nothing to rehearse yet.')).toBeVisible()
  await page.getByRole('button', { name: 'Who has what' }).click()
  await expect(page.getByText('Nothing is sold yet, so nobody has anything of it.')).toBeVisible()

  await script(
    page,
    `app Reef

sign-in at In
  as a guest

table People, each a Person, who sign in
  may be seen by everyone
  Name is a text, required
  Member is an entitlement

screen Start, first
  Text "Only members read this.", if me.member

screen In
  Button "As a guest"
    tapped: sign in as a guest
`,
  )
  await page.getByRole('button', { name: 'What is sold', exact: true }).click()
  await expect(page.getByText('Nothing yet. A product gives people something to have')).toBeVisible()
  await nothingSerious(page, '.surface')
  await page.getByRole('button', { name: 'Add a product' }).click()
  const name = page.getByRole('textbox', { name: 'the name of the product' })
  await name.fill('Club')
  await page.keyboard.press('Enter')
  await expect(page.getByText('A blank is not filled').first()).toBeVisible()
  await expect(page.getByRole('button', { name: /^Earnings: [1-9]/ })).toBeVisible()
  await page.locator('[data-blank="/products/0/plans/0/price"]').click()
  await page.getByRole('textbox', { name: 'a number such as 0.15' }).fill('4.50')
  await page.keyboard.press('Enter')
  // Nobody is offered it yet: the mend puts it on a screen.
  await expect(page.locator('.side-finding')).toContainText('Club is sold nowhere')
  await page.getByRole('button', { name: 'Offer it at the end of “Start”' }).click()
  await page.getByRole('button', { name: 'Apply this mend' }).click()
  await expect(page.getByRole('button', { name: /^Earnings: 0/ })).toBeVisible()
  await page.getByRole('button', { name: 'See what it would bring' }).click()
  await expect(page.locator('.rehearsed')).toContainText('people pay')
})

test('a rehearsal answers to its blanks, its slider and its price is written into the plan', async ({ page }) => {
  const demo = await openDemo(page, 'earnings/rehearsal')
  const said = page.locator('.rehearsed')
  await expect(said).toContainText('people pay')
  await nothingSerious(page, '.surface')
  const before = await said.innerText()
  const bank = () => page.locator('.band').nth(2).locator('strong').innerText()
  const was = await bank()
  await page.getByLabel('Price of Monthly').first().focus()
  await page.locator('.in-hand input').focus()
  await page.keyboard.press('End')
  await expect.poll(bank).not.toBe(was)
  await expect(said).not.toHaveText(before)
  await expect(page.getByText('Monthly is 3.99 EUR so far.')).toBeVisible()
  await page.getByRole('button', { name: /into the plan/ }).click()
  await expect(page.getByText('Monthly is 3.99 EUR so far.')).toBeHidden()
  await page.goto(`/apps/${demo.id}/earnings/products`)
  await expect(page.getByText('11.99')).toBeVisible()

  // What is taken for likely is there again; a month is read with the keys.
  await page.goto(`/apps/${demo.id}/earnings/rehearsal`)
  await page.getByLabel('Percent who take Monthly').fill('12')
  await page.keyboard.press('Tab')
  await expect(said).toHaveAttribute('aria-busy', 'false')
  await page.reload()
  await expect(page.getByLabel('Percent who take Monthly')).toHaveValue('12')
  const chart = page.getByRole('slider', { name: 'People who pay, month by month' })
  await chart.focus()
  const last = await chart.getAttribute('aria-valuetext')
  await page.keyboard.press('ArrowLeft')
  await expect(chart).not.toHaveAttribute('aria-valuetext', last ?? '')

  // What came stands below it: nothing in the live app yet, something in the sandbox.
  await expect(page.getByText('Nobody has bought it in the live app yet.')).toBeVisible()
  await page.getByLabel('Of which data set').getByRole('button', { name: 'Sandbox' }).click()
  const stayed = page.getByRole('region', { name: 'Who stayed, by the month in which they began' })
  await expect(stayed.getByRole('rowheader', { name: 'rehearsed' })).toBeVisible()
  await expect(page.getByText('Dots are what came')).toBeVisible()
  await nothingSerious(page, '.surface')
})

test('what somebody is given opens for them at once, and is taken back', async ({ page }) => {
  await openDemo(page, 'earnings/people')
  await page.getByRole('button', { name: 'Marit Solheim' }).click()
  await expect(page.getByText('Membership: given once')).toBeVisible()
  await page.getByLabel('What is given').selectOption('Membership')
  await page.getByLabel('Why, for yourself').fill('mended the pier')
  await page.getByRole('button', { name: 'Give it' }).click()
  await expect(page.getByText('given, for ever')).toBeVisible()
  await nothingSerious(page, '.surface')

  const device = page.frameLocator('iframe').first()
  await page.getByLabel('Signed in as').selectOption({ label: 'Marit Solheim' })
  await device.getByRole('button', { name: /menu/i }).first().click()
  await device.getByText('You', { exact: true }).first().click()
  await expect(device.getByText('Member', { exact: true })).toBeVisible()

  await page.getByRole('button', { name: 'Take back' }).click()
  await expect(page.getByText('taken back')).toHaveCount(2)
  await expect(device.getByText('Member', { exact: true })).toBeHidden()
})

test('a made-up customer goes through a failing card, and the phone, the figures and the clock of the deck go along', async ({ page }) => {
  await openDemo(page, 'earnings/products')
  const rows = page.locator('.tide-row')
  await expect(rows).toHaveCount(4)
  await page.getByLabel('Who buys').selectOption({ label: 'Marit Solheim' })
  await page.getByLabel('What is bought').selectOption({ label: 'Membership, Monthly' })
  await page.getByLabel('How it goes').selectOption({ label: 'has a card that fails the third time for good' })
  await page.getByRole('button', { name: 'Let them' }).click()
  await expect(rows).toHaveCount(5)
  await nothingSerious(page, '.surface')

  const device = page.frameLocator('iframe').first()
  await page.getByLabel('Signed in as').selectOption({ label: 'Marit Solheim' })
  await device.getByRole('button', { name: /menu/i }).first().click()
  await device.getByText('You', { exact: true }).first().click()
  await expect(device.getByText('Member', { exact: true })).toBeVisible()

  // Three months on the card has failed: the phone knows, and so do the figures. Then the clock goes back.
  const said = page.getByRole('status').filter({ hasText: 'earned' })
  const clock = page.getByRole('slider', { name: 'The clock of the deck' })
  await clock.focus()
  for (let i = 0; i < 4; i++) await page.keyboard.press('PageUp')
  await expect(device.getByText('Member', { exact: true })).toBeHidden()
  await expect(page.getByLabel('Back to now')).toBeVisible()
  await expect(said).toContainText('owed to you')
  await page.getByRole('button', { name: 'Back to now' }).first().click()
  await expect(device.getByText('Member', { exact: true })).toBeVisible()

  await page.getByRole('button', { name: 'Forget Marit Solheim, Monthly' }).click()
  await expect(rows).toHaveCount(4)
  await expect(device.getByText('Member', { exact: true })).toBeHidden()
})

/** Somebody without a membership, signed in on their phone, where it is offered. */
async function atHome(browser: Browser): Promise<Page> {
  const demo = await makeDemo(browser)
  const page = await phone(browser, `/a/${demo.slug}`)
  await page.getByRole('button', { name: 'Mine' }).click()
  await page.getByRole('button', { name: 'Sign in', exact: true }).click()
  await page.getByLabel('E-mail').fill('marit@solheim.example')
  await page.getByLabel('Password').fill('lanterns on the water')
  await page.getByRole('button', { name: 'Sign in', exact: true }).click()
  await expect(page.getByRole('button', { name: 'Sign in', exact: true })).toHaveCount(0)
  await page.getByRole('button', { name: /menu/i }).first().click()
  await page.getByText('You', { exact: true }).first().click()
  return page
}

test('somebody becomes a member by card: refused once, asked by their bank, back where they were, and leaves again', async ({ browser }) => {
  const page = await atHome(browser)
  await expect(page.getByRole('button', { name: /^Monthly/ })).toBeVisible()
  const here = page.url()
  await page.getByRole('button', { name: /^Monthly, .*3.99.* a month/ }).click()

  // The page of the till: no app sees the card.
  await expect(page.getByText('€3.99 every month')).toBeVisible()
  await page.getByLabel(/not enough money/).check()
  await page.getByRole('button', { name: 'Pay', exact: true }).click()
  await expect(page.getByRole('alert')).toContainText('There is not enough money on this card. Nothing was paid.')
  await page.getByLabel(/asks for a code first/).check()
  await page.getByRole('button', { name: 'Pay', exact: true }).click()
  await page.getByLabel('Code').fill('1207')
  await page.getByRole('button', { name: 'It is me' }).click()

  await expect(page).toHaveURL(here)
  await expect(page.getByText('Member', { exact: true })).toBeVisible()
  await expect(page.getByText(/You have Membership, Monthly. It goes on by itself/)).toBeVisible()
  await page.getByRole('button', { name: 'End it' }).click()
  await page.getByRole('alertdialog').getByRole('button', { name: 'End it' }).click()
  await expect(page.getByText('It ends with what is paid.')).toBeVisible()
  await expect(page.getByText('Member', { exact: true })).toBeVisible()
  await expect(page.getByText(/Then it ends\.$/)).toBeVisible()
  await page.getByRole('button', { name: 'Go on with it' }).click()
  await expect(page.getByRole('button', { name: 'End it' })).toBeVisible()
  await page.getByRole('button', { name: 'What I bought before' }).click()
  await expect(page.getByText('What you have bought is here.')).toBeVisible()
})

test('what is sold is put up at a store, bought there from the deck, given back by the founder, and stands in the books', async ({ page }) => {
  await openDemo(page, 'earnings/tills')
  const quay = page.getByRole('region', { name: 'Quay' })
  await expect(quay.getByText('Membership, Monthly: is not there')).toBeVisible()
  await expect(quay.getByText('Hot tea')).toHaveCount(0)
  await nothingSerious(page, '.surface')
  await quay.getByRole('button', { name: 'Put it up at Quay as it is said here' }).click()
  await expect(quay.getByText('Membership, Monthly: as it is said here')).toBeVisible()

  await page.getByRole('button', { name: 'More of this device' }).click()
  await page.getByLabel('Where is paid').selectOption('quay')
  await page.keyboard.press('Escape')
  const device = page.frameLocator('iframe').first()
  await page.getByLabel('Signed in as').selectOption({ label: 'Marit Solheim' })
  await device.getByRole('button', { name: /menu/i }).first().click()
  await device.getByText('You', { exact: true }).first().click()
  const opens = page.waitForEvent('popup')
  await device.getByRole('button', { name: /^Monthly/ }).click()
  const sheet = await opens
  await expect(sheet.getByText('Quay, for practice')).toBeVisible()
  await sheet.getByLabel('is declined by the bank').check()
  await sheet.getByRole('button', { name: 'Buy' }).click()
  await expect(sheet.getByRole('alert')).toContainText('Nothing was paid.')
  await sheet.getByLabel('pays each time').check()
  await sheet.getByRole('button', { name: 'Buy' }).click()
  await expect(sheet.getByText('Thank you. It is paid.')).toBeVisible()
  await sheet.close()
  await expect(device.getByText('Member', { exact: true })).toBeVisible()

  // What Quay owes is paid out, and is what the books say.
  await page.getByRole('button', { name: 'Paid to you' }).click()
  await expect(page.getByText('Nothing was paid out yet.')).toBeVisible()
  await expect(async () => {
    await page.getByRole('button', { name: 'Have it paid out now' }).click()
    await expect(page.getByText(/2\.85 EUR from Quay/)).toBeVisible({ timeout: 2000 })
  }).toPass()
  await expect(page.getByText('One purchase. The books say the same.')).toBeVisible()
  await page.getByRole('button', { name: 'Another rate' }).click()
  await page.getByLabel('Currency', { exact: true }).selectOption('CHF')
  await page.getByLabel('Rate', { exact: true }).fill('1.05')
  await page.getByRole('button', { name: 'Keep it' }).click()
  await expect(page.getByText('Kept.')).toBeVisible()
  await nothingSerious(page, '.surface')

  await page.getByRole('button', { name: 'Who has what' }).click()
  await page.getByRole('button', { name: 'Marit Solheim' }).click()
  await page.getByRole('button', { name: 'Give the money back' }).click()
  await page.getByRole('button', { name: 'Leave it' }).click()
  await page.getByRole('button', { name: 'Give the money back' }).click()
  await page.getByRole('button', { name: 'Give it back' }).click()
  await expect(page.getByText('was given back')).toBeVisible()
  await expect(device.getByText('Member', { exact: true })).toBeHidden()

  await page.getByRole('button', { name: 'Books' }).click()
  await expect(page.getByRole('rowheader', { name: 'owed by Quay' })).toBeVisible()
  await nothingSerious(page, '.surface')
  await page.getByRole('button', { name: 'Check the books' }).click()
  await expect(page.getByText('Every entry balances, and the books are those of the purchases.')).toBeVisible()
  const saved = page.waitForEvent('download')
  await page.getByRole('link', { name: 'The journal, for your accountant' }).click()
  expect((await saved).suggestedFilename()).toMatch(/^journal-\d{4}-\d{2}\.csv$/)
})

test('another plan is agreed to on the page of the till, and thought better of', async ({ browser }) => {
  const page = await atHome(browser)
  const here = page.url()
  await page.getByRole('button', { name: /^Monthly, .*3.99.* a month/ }).click()
  await page.getByRole('button', { name: 'Pay', exact: true }).click()
  await expect(page).toHaveURL(here)
  await page.getByRole('button', { name: /^Change to Yearly, .*29.99.* a year/ }).click()
  await expect(page.getByText(/You pay nothing now\./)).toBeVisible()
  await page.getByRole('button', { name: 'Leave it as it is' }).click()
  await expect(page.getByText(/on by itself on [^,]+, [^,]+\.$/)).toBeVisible()
  await page.getByRole('button', { name: /^Change to Yearly/ }).click()
  await page.getByRole('button', { name: 'Change', exact: true }).click()
  await expect(page.getByText(/, with Yearly\.$/)).toBeVisible()
  await page.getByRole('button', { name: 'Stay with Monthly' }).click()
  await page.getByRole('button', { name: 'Change', exact: true }).click()
  await expect(page.getByRole('button', { name: /^Change to Yearly/ })).toBeVisible()

  // The bank takes the payment back, and is right.
  await page.getByRole('button', { name: 'What I pay for' }).click()
  await page.getByRole('button', { name: 'Take the last payment back' }).click()
  await expect(page.getByText('Member', { exact: true })).toBeVisible()
  await page.getByRole('button', { name: 'What I pay for' }).click()
  await page.getByRole('button', { name: 'The buyer is right' }).click()
  await expect(page.getByRole('button', { name: /^Monthly, .*3.99.* a month/ })).toBeVisible()
})

test('who leaves the page of the till without paying has bought nothing, and is where they were', async ({ browser }) => {
  const page = await atHome(browser)
  await page.getByRole('button', { name: /^Yearly, .*29.99.* a year/ }).click()
  await expect(page.getByText('7 days free, then €29.99 every year')).toBeVisible()
  await page.getByRole('button', { name: 'Leave without paying' }).click()
  await expect(page.getByRole('button', { name: /^Monthly/ })).toBeVisible()
})
