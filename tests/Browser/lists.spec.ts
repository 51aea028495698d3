import { expect, test, type Page } from './test'
import { beginApp, nothingSerious, rows, script } from './founder'
import { phone, shared } from './phone'

const APP = `app Rota

table Shifts, each a Shift
  may be seen by everyone
  may be added by everyone
  may be changed by everyone
  may be removed by everyone
  Name is a text
  Begins is a date and time
  Taken is yes or no

screen Shifts, first, titled "Shifts"
  List of Shifts, by Name upward, offering a choice of Begins
    shows name as title
    for the chosen ones "Take"
      tapped:
        change this
          set Taken = yes
        say "Taken."
    for the chosen ones "Remove", dangerous
      tapped:
        confirm "Remove what was chosen?"
        remove this
    when empty: "No shifts yet."
  Floating button "New shift"
    tapped: go to New

screen New
  Form for a new Shift asking Name
    saved: go back

screen Hours
  List of Shifts, by Begins upward, as a calendar, own where taken
    shows name as title
    tapped:
      change this
        set Taken = not taken
    when empty: "No hours."

tab Shifts as "Shifts"

tab Hours as "Hours"
`

async function made(page: Page, shifts: Record<string, string>[]): Promise<void> {
  await beginApp(page, 'Rota')
  await script(page, APP)
  await rows(page, 'shifts', shifts)
}

/** Days of a month that lies ahead, from the one that the phone takes for today. */
const day = (from: number) => `2035-05-${String(7 + from).padStart(2, '0')}`
const aloud = (from: number) =>
  new Intl.DateTimeFormat('en-GB', { timeZone: 'UTC', weekday: 'long', day: 'numeric', month: 'long', year: 'numeric' }).format(new Date(`${day(from)}T12:00Z`))

test('several items are ticked, by a long press or by a button, and something is done with all of them', async ({ page, browser }) => {
  await made(page, ['Ann', 'Bob', 'Cleo', 'Dan'].map((name) => ({ name, taken: 'no' })))
  const p = await phone(browser, await shared(page))
  const ticks = p.getByRole('checkbox')
  await p.getByText('Bob').click({ button: 'right' })
  await expect(ticks).toHaveCount(4)
  await expect(p.getByRole('checkbox', { name: 'Bob' })).toBeChecked()
  await expect(p.getByText('1 chosen')).toBeVisible()
  await expect(p.getByRole('button', { name: 'New shift' })).toBeHidden()
  await nothingSerious(p, 'choosing')
  await p.getByRole('checkbox', { name: 'Dan' }).tap()
  await p.getByRole('button', { name: 'Remove' }).tap()
  const asked = p.getByRole('alertdialog')
  await expect(asked).toContainText('Remove what was chosen?')
  await asked.getByRole('button', { name: 'Keep it' }).tap()
  await expect(p.getByText('2 chosen')).toBeVisible()
  await p.getByRole('button', { name: 'Remove' }).tap()
  await asked.getByRole('button', { name: 'Remove' }).tap()
  await expect(p.locator('.item')).toHaveText(['Ann', 'Cleo'])
  await expect(ticks).toHaveCount(0)
  await expect(p.getByRole('button', { name: 'New shift' })).toBeVisible()

  await p.getByRole('button', { name: 'Choose' }).tap()
  await expect(p.getByRole('button', { name: 'Take' })).toBeDisabled()
  // Going back ends the choosing before anything else.
  await p.goBack()
  await expect(ticks).toHaveCount(0)
  await p.getByRole('button', { name: 'Choose' }).tap()
  await p.getByRole('button', { name: 'All' }).tap()
  await expect(p.getByText('2 chosen')).toBeVisible()
  await p.getByRole('button', { name: 'Take' }).tap()
  await expect(p.getByRole('status').filter({ hasText: 'Taken.' })).toHaveText('Taken.')
  await expect(ticks).toHaveCount(0)
})

test('slots of a calendar are taken with one tap each, and a list is narrowed to some days', async ({ page, browser }) => {
  await made(page, [
    { name: 'Early', begins: `${day(1)} 08:00`, taken: 'no' },
    { name: 'Late', begins: `${day(1)} 17:30`, taken: 'no' },
    { name: 'Next', begins: `${day(3)} 09:00`, taken: 'no' },
  ])
  const p = await phone(browser, 'about:blank')
  await p.clock.setFixedTime(new Date(`${day(0)}T07:00Z`))
  await p.goto(`${await shared(page)}#/hours`)
  const slot = (name: RegExp) => p.locator('.slots').getByRole('button', { name })
  await expect(p.getByRole('gridcell', { selected: true })).toHaveAccessibleName(`${aloud(1)}, with something on it`)
  await expect(p.locator('.slots .item')).toHaveCount(2)
  await slot(/08:00/).tap()
  await expect(p.locator('.slots .own')).toHaveCount(1)
  await slot(/17:30/).tap()
  await expect(p.locator('.slots .own')).toHaveCount(2)
  await slot(/08:00/).tap()
  await expect(p.locator('.slots .own')).toHaveCount(1)
  await expect(p.locator('.slots .own')).toHaveText(/17:30/)
  await nothingSerious(p, 'a calendar')
  await p.getByRole('button', { name: aloud(2), exact: true }).tap()
  await expect(p.getByText(`Nothing on ${aloud(2)}.`)).toBeVisible()
  await p.getByRole('button', { name: `${aloud(3)}, with something on it` }).tap()
  await expect(slot(/09:00/)).toBeVisible()

  await p.getByRole('navigation', { name: 'Tabs' }).getByRole('button', { name: 'Shifts' }).tap()
  await p.getByRole('button', { name: 'Begins' }).tap()
  const sheet = p.getByRole('dialog', { name: 'Begins' })
  await sheet.getByRole('button', { name: aloud(3), exact: true }).tap()
  await sheet.getByRole('button', { name: aloud(2), exact: true }).tap()
  await nothingSerious(p, 'days from one to another')
  await sheet.getByRole('button', { name: 'Done' }).tap()
  await expect(p.locator('.item')).toHaveText(['Next'])
  await p.locator('.chips button').tap()
  await sheet.getByRole('button', { name: aloud(0), exact: true }).tap()
  await sheet.getByRole('button', { name: 'Done' }).tap()
  await expect(p.getByText('Nothing is found.')).toBeVisible()
  await p.getByRole('button', { name: 'Show all' }).tap()
  await expect(p.locator('.item')).toHaveCount(3)
})

test('two days of a form are picked together, and what is wrong with one of them stands there', async ({ page, browser }) => {
  await beginApp(page, 'Stays')
  await script(page, `app Stays

table Stays, each a Stay
  may be seen by everyone
  may be added by everyone
  Name is a text
  Arrives is a date, required
  Leaves is a date, required

screen Stays, first
  Form for a new Stay asking Name, Arrives, Leaves, saying "Book", picking the days from Arrives to Leaves
    saved: say "Booked."
  List of Stays, by Name upward
    shows name as title
    shows arrives ~ " to " ~ leaves as note
    when empty: "None."
`)
  const p = await phone(browser, 'about:blank')
  await p.clock.setFixedTime(new Date(`${day(0)}T07:00Z`))
  await p.goto(await shared(page))
  await p.getByLabel('Name').fill('Ann')
  await p.getByRole('button', { name: 'Book' }).tap()
  await expect(p.locator('.box-wrong')).toHaveCount(1)
  await p.getByRole('button', { name: /^Arrives – Leaves: nothing chosen/ }).tap()
  const sheet = p.getByRole('dialog', { name: 'Arrives – Leaves' })
  await sheet.getByRole('button', { name: aloud(5), exact: true }).tap()
  await expect(sheet.getByText(/^From /)).toBeVisible()
  await sheet.getByRole('button', { name: aloud(2), exact: true }).tap()
  await sheet.getByRole('button', { name: 'Done' }).tap()
  await expect(p.getByRole('button', { name: /^Arrives – Leaves: 9 May – Sat,? 12 May 2035$/ })).toBeVisible()
  await p.getByRole('button', { name: 'Book' }).tap()
  await expect(p.locator('.item-note')).toHaveText('Wed 9 May 2035 to Sat 12 May 2035')
})

test('an empty list offers what adds the first, and a long one a letter to go to', async ({ page, browser }) => {
  await made(page, [])
  const p = await phone(browser, await shared(page))
  await expect(p.getByText('No shifts yet.')).toBeVisible()
  await nothingSerious(p, 'an empty list')
  await p.locator('.list-empty').getByRole('button', { name: 'New shift' }).tap()
  await p.getByLabel('Name').fill('Aa first')
  await p.getByRole('button', { name: 'Save' }).tap()
  await expect(p.locator('.item')).toHaveText(['Aa first'])

  const names = Array.from({ length: 260 }, (_, i) => ({ name: `${'BCDEFGHKLMNPRSTVWZ'[i % 18]}${i}` }))
  await rows(page, 'shifts', names)
  const rail = p.getByRole('slider', { name: 'Letter' })
  await expect(rail).toBeVisible({ timeout: 15_000 })
  await rail.focus()
  await p.keyboard.press('W')
  await expect(p.locator('.item', { hasText: /^W/ }).first()).toBeInViewport()
  await p.keyboard.press('Home')
  await expect(p.getByText('Aa first')).toBeInViewport()
  await nothingSerious(p, 'letters')
})
