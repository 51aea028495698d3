import { expect, test, type Page } from '@playwright/test'
import { device, nothingSerious, openDemo } from './founder'

test.use({ viewport: { width: 1280, height: 800 } })

const standins = `http://127.0.0.1:${Number(process.env.LANAI_TEST_PORT ?? 8360) + 1}`

async function rehearse(page: Page, service: string, mode: string) {
  await page.request.post(`${standins}/${service}/switches`, { form: { mode }, headers: { Accept: 'application/json' } })
}

test('from a pasted command to a list and its detail on the phone', async ({ page }) => {
  await openDemo(page, 'services')
  await page.getByRole('button', { name: 'Begin a service' }).click()
  await page.getByLabel('From the documentation').fill('curl https://x.example/a -d @body.json')
  await page.getByRole('button', { name: 'Read it' }).click()
  await expect(page.getByRole('alert')).toContainText('reads its body from a file')
  await page.getByLabel('From the documentation').fill(`curl '${standins}/almanac/v1/stations?limit=8' -H 'X-Almanac-Key: practice-key-of-the-sea'`)
  await page.getByRole('button', { name: 'Read it' }).click()
  await expect(page.getByText('the key that ends in …-sea is kept encrypted')).toBeVisible()
  await page.getByLabel('The name of the service').fill('Buoys')
  await page.getByRole('button', { name: 'Take it into the app' }).click()
  await expect(page.getByRole('heading', { name: /^Stations/ })).toBeVisible()
  await expect(page.getByLabel('The message', { exact: true })).toContainText('/almanac/v1/stations?limit=8')
  await expect(page.getByLabel('The message', { exact: true })).not.toContainText('practice-key')

  await page.getByRole('button', { name: 'Try it' }).click()
  await expect(page.getByText(/^200 in \d+ ms/)).toBeVisible()
  await page.getByRole('button', { name: /“Buoy 01”/ }).click()
  await expect(page.getByRole('list', { name: 'What can be made of it' })).toContainText('[0].name')
  await page.getByRole('button', { name: 'Let the request give “data” as its rows' }).click()
  await expect(page.locator('[data-line]', { hasText: 'Depth' })).toContainText('is a whole number')
  await page.getByRole('button', { name: 'Try it' }).click()
  await expect(page.getByText(/8 rows/)).toBeVisible()
  await nothingSerious(page, 'a request')
  await page.getByRole('button', { name: 'Make a list and its detail' }).click()
  await expect(device(page).getByText('Buoy 08')).toBeVisible()
  await expect(device(page).getByRole('heading', { level: 1 })).toHaveText('Stations')

  // Undone, the demo is as it was for the other tests.
  for (let left = 3; left > 0; left--) {
    await page.getByRole('button', { name: 'Undo' }).click()
    await expect(page.getByText(/Saved, revision/)).toBeVisible()
  }
  await expect(page.locator('.screens')).not.toContainText('Stations')
})

test('conditions stand on the phone, fail kindly, and come back', async ({ browser }) => {
  const page = await (await browser.newContext({ viewport: { width: 390, height: 780 } })).newPage()
  try {
    await rehearse(page, 'almanac', '500')
    await page.goto('/a/saltlark')
    await page.getByRole('button', { name: 'Spots' }).click()
    await expect(page.getByRole('heading', { level: 1 })).toHaveText('Spots')
    await page.getByText('Mill Weir').click()
    await expect(page.getByRole('heading', { level: 1 })).toHaveText('Mill Weir')
    await expect(page.getByText('The sea does not answer just now.')).toBeVisible()
    await expect(page.getByText('Fresh and salt meet here.')).toBeVisible()
    await rehearse(page, 'almanac', '')
    await page.getByRole('button', { name: 'Try again' }).click()
    await expect(page.getByText(/km\/h from/)).toBeVisible()
    await expect(page.getByRole('figure').getByText('The week, in °C').first()).toBeVisible()
    await page.getByRole('button', { name: 'The water, and staying safe' }).click()
    await expect(page.getByText(/degrees the water/)).toBeVisible()
    await expect(page.getByText('Achte bei Ebbe auf die Felsen. Bleib nah am Ufer.')).toBeVisible()
    await page.getByRole('button', { name: 'In another language' }).click()
    await page.getByRole('menuitem', { name: 'Français' }).click()
    await expect(page.getByText('Attention aux rochers à marée basse. Restez près du rivage.')).toBeVisible()
    const sound = page.waitForResponse((r) => r.url().endsWith('.wav'))
    await page.getByRole('button', { name: 'Read it aloud' }).click()
    expect((await sound).status()).toBeLessThan(300)
    await nothingSerious(page, 'conditions')
  } finally {
    await rehearse(page, 'almanac', '')
    await page.close()
  }
})

test('a badge is drawn from words, and a guide answers word by word', async ({ page }) => {
  await openDemo(page)
  await page.goto(page.url().replace(/\/screens.*|$/, '/screens/badge').replace(/(\/apps\/\d+).*/, '$1/screens/badge'))
  await page.getByRole('button', { name: 'Show it in the deck' }).click()
  const phone = device(page)
  await phone.getByLabel('Words').fill('a lighthouse under the moon')
  await phone.getByLabel('How many').selectOption('2')
  await phone.getByRole('button', { name: 'Draw' }).click()
  await expect(phone.getByText('Number 2')).toBeVisible()
  await expect(page.getByLabel('Footprints')).toContainText('called POST Badge: 200')
  await expect(page.getByLabel('Footprints')).toContainText('0.04 EUR')

  await page.goto(page.url().replace('/badge', '/guide'))
  await page.getByRole('button', { name: 'Show it in the deck' }).click()
  await phone.getByLabel('Which swims still have places?').fill('Is there a swim at Kelp Point?')
  await phone.getByRole('button', { name: 'Send' }).click()
  await expect(phone.getByRole('log')).toContainText('Cold water club')
  await nothingSerious(page, 'a conversation')
})

test('what the app does by itself is kept account of, and costs are told', async ({ page }) => {
  await openDemo(page, 'services')
  await page.getByRole('button', { name: 'By itself' }).click()
  await expect(page.getByRole('button', { name: 'Learn phrase' })).toBeVisible()
  const app = /apps\/(\d+)/.exec(page.url())?.[1]
  await page.evaluate(async (id) => {
    const token = decodeURIComponent(/XSRF-TOKEN=([^;]+)/.exec(document.cookie)?.[1] ?? '')
    await fetch(`/api/apps/${id}/rows/sandbox/phrases`, { method: 'POST', headers: { 'Content-Type': 'application/json', Accept: 'application/json', 'X-XSRF-TOKEN': token }, body: JSON.stringify({ changes: [{ id: null, values: { words: 'Wear a bright cap.' } }] }) })
  }, app)
  await page.reload()
  await expect(page.getByRole('row', { name: /Learn phrase Phrase 1 was added/ })).toContainText('done', { timeout: 15_000 })
  await page.getByRole('button', { name: 'done' }).first().click()
  await expect(page.getByText(/changed Phrase 1 in Phrases/)).toBeVisible()
  await page.getByRole('button', { name: 'Calls and costs' }).click()
  await expect(page.getByRole('row', { name: /Read aloud/ }).first()).toContainText('EUR')
  await nothingSerious(page, 'calls')
  await page.getByRole('navigation', { name: 'Services' }).getByRole('button', { name: 'Rehearse failure' }).click()
  await expect(page.getByRole('region', { name: 'Almanac' })).toContainText('It has been asked')
  await nothingSerious(page, 'rehearsal')
})
