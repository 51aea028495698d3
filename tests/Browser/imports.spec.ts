import { spawn } from 'node:child_process'
import { createRequire } from 'node:module'
import { expect, test } from './test'
import { beginApp, device, script } from './founder'

const XLSX = createRequire(`${process.cwd()}/package.json`)('xlsx')

/** The file of the open app's sandbox: this test runs in the second half. */
function sandbox(url: string): string {
  return `${process.env.LANAI_TEST_FOLDER ?? '/tmp/lanai-browser-tests'}/1/apps/${/apps\/(\d+)/.exec(url)?.[1]}/sandbox.sqlite`
}

test('a spreadsheet as the world writes it is looked at, read as it is meant, and brought in', async ({ page }) => {
  await beginApp(page, 'Winter', 'data')
  await script(page, 'app Winter\n\ntable Swims, each a Swim\n  Title is a text\n  On is a date\n  Fee is money in EUR\n  Open is yes or no\n')
  const book = XLSX.utils.book_new()
  XLSX.utils.book_append_sheet(book, XLSX.utils.aoa_to_sheet([['nothing here']]), 'Notes')
  XLSX.utils.book_append_sheet(
    book,
    XLSX.utils.aoa_to_sheet([
      ['Report'],
      [],
      ['Title', 'On', 'Fee', 'Open'],
      ['Dawn', '05.01.2027', '€ 1.250,50', 'ja'],
      ['Dusk', '06.02.2027', '3,5 €', 'nein'],
    ]),
    'Swims',
  )
  await page.getByRole('button', { name: 'Rows in and out' }).click()
  await page.getByText('Bring rows in…').click()
  await page
    .getByLabel('A file with rows')
    .setInputFiles({ name: 'winter.xlsx', mimeType: 'application/octet-stream', buffer: XLSX.write(book, { bookType: 'xlsx', type: 'buffer' }) })
  await page.getByLabel('Table in the file').selectOption('Swims')
  await expect(page.getByLabel('The names of the columns stand in')).toHaveValue('3')
  await expect(page.getByText('2 would be added')).toBeVisible()
  await expect(page.getByLabel('Fee is read as')).toHaveValue('comma')
  await page.getByLabel('Fee is read as').selectOption({ label: 'numbers as in 1,234.50' })
  await expect(page.getByText('Row 4, Fee: “1.250,50” is not a number as in 1,234.50.')).toBeVisible()
  await page.getByLabel('Fee is read as').selectOption({ label: 'numbers as in 1.234,50' })
  await page.getByLabel('On is read as').selectOption({ label: 'dates as in 12/24/2026, the month first' })
  await page.getByRole('button', { name: 'Bring them in' }).click()
  await expect(page.getByText('2 added, 0 changed.')).toBeVisible()
  await page.getByRole('button', { name: 'Close', exact: true }).click()
  await expect(page.getByRole('gridcell', { name: 'Fee of row 1' })).toHaveText('1250.50')
  await expect(page.getByRole('gridcell', { name: 'On of row 2' })).toHaveText('2027-06-02')
  await page.getByLabel('Only rows where').fill('fee > 100 EUR and on < 2027-12-31')
  await page.getByLabel('Only rows where').press('Enter')
  await expect(page.getByText('1 row found')).toBeVisible()
})

test('a tap that meets a locked file waits, comes again by itself, and is done once', async ({ page }) => {
  await beginApp(page, 'Jars')
  await script(
    page,
    [
      'app Jars',
      '',
      'table Jars, each a Jar',
      '  may be seen by everyone',
      '  may be added by everyone',
      '  Name is a text',
      '',
      'screen Jars, first',
      '  Text "{count(jars)} jars"',
      '  Button "Add one"',
      '    tapped:',
      '      add a Jar',
      '        set Name = "jam"',
      '      say "Added"',
      '',
    ].join('\n'),
  )
  await expect(device(page).getByText('0 jars')).toBeVisible()
  // Held until the server has said that the device should come again.
  const other = spawn('php', [
    '-r',
    '$d = new PDO("sqlite:".$argv[1]); $d->exec("begin immediate"); echo "held"; fgets(STDIN); $d->exec("rollback");',
    sandbox(page.url()),
  ])
  await new Promise((held) => other.stdout.once('data', held))
  const turnedAway = page.waitForResponse((answer) => answer.status() === 503 && answer.url().endsWith('/do'))
  await device(page).getByRole('button', { name: 'Add one' }).click()
  await turnedAway
  other.stdin.end('\n')
  await expect(device(page).getByText('Added')).toBeVisible({ timeout: 30_000 })
  await expect(device(page).getByText('1 jars')).toBeVisible()
})
