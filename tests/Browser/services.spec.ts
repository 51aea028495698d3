import { expect, test, type Page } from './test'
import { beginApp, device, makeDemo, nothingSerious, openDemo, practiceKey, script, standins } from './founder'

test.use({ viewport: { width: 1280, height: 800 } })

async function rehearse(page: Page, service: string, mode: string, founder?: number) {
  const id = /apps\/(\d+)/.exec(page.url())?.[1]
  const practice = async () => ((await (await page.request.get(`/api/apps/${id}/providers`)).json()) as { gatehouse: string }).gatehouse
  const key = founder === undefined ? (new URL(await practice()).searchParams.get('key') ?? '') : practiceKey(founder)
  await page.request.post(`${standins()}/${service}/switches`, { form: { mode }, headers: { Accept: 'application/json', 'X-Practice-Key': key } })
}

test('from a pasted command to a list and its detail on the phone', async ({ page }) => {
  await beginApp(page, 'Buoy board', 'services')
  await page.getByLabel('From the documentation').fill('curl https://x.example/a -d @body.json')
  await page.getByRole('button', { name: 'Read it' }).click()
  await expect(page.getByRole('alert')).toContainText('reads its body from a file')
  await page.getByLabel('From the documentation').fill(`curl '${standins()}/almanac/v1/stations?limit=8' -H 'X-Almanac-Key: practice-key-of-the-sea'`)
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
  await page.getByRole('button', { name: 'Read on by the cursor at “next”' }).click()
  await expect(page.locator('[data-line]', { hasText: 'paged by the cursor at' })).toBeVisible()
  await page.getByRole('button', { name: 'Make a list and its detail' }).click()
  // Pages of eight, shown twenty at a time: the rest comes as one scrolls.
  await expect(device(page).getByText('Buoy 20')).toBeVisible()
  await expect(device(page).getByText('Buoy 21')).toHaveCount(0)
  await device(page).getByText('Buoy 20').scrollIntoViewIfNeeded()
  await expect(device(page).getByText('Buoy 30')).toBeVisible()
  await expect(device(page).getByRole('heading', { level: 1 })).toHaveText('Stations')
  await device(page).getByText('Buoy 30').click()
  await expect(device(page).getByRole('heading', { name: 'Buoy 30' })).toBeVisible()
  await expect(device(page).getByText(/^Depth: \d+/)).toBeVisible()
})

test('an address is looked up, what is wrong with a call is told with its place, and waiting can be ended', async ({ page }) => {
  await beginApp(page, 'Spot list', 'services')
  await page.getByLabel('From the documentation').fill('stand-in:almanac/v1/spots')
  await page.getByLabel('From the documentation').press('Tab')
  await page.getByRole('button', { name: 'Read it' }).press('Enter')
  await expect(page.getByText('It wants to know who calls (401)')).toBeVisible()
  await page.getByRole('button', { name: 'Take it into the app' }).click()
  await expect(page.getByLabel('The message', { exact: true })).toContainText('/v1/spots')
  await page.getByRole('button', { name: 'Try it' }).click()
  await page.getByRole('button', { name: 'Almanac signs in with a key in the header "X-Almanac-Key"' }).click()
  await expect(page.getByText('It goes into the header “X-Almanac-Key”')).toBeVisible()
  await expect(page.getByLabel('The message', { exact: true })).toContainText('and the key, in the header “X-Almanac-Key”')

  await page.getByRole('button', { name: 'New service' }).click()
  await page.getByLabel('From the documentation').fill('stand-in:almanac/v1/openapi.json')
  await page.getByRole('button', { name: 'Read it' }).click()
  await expect(page.getByText('signs in with a key in the header')).toBeVisible()
  await page.getByRole('button', { name: 'Take it into the app' }).click()
  await page.getByRole('button', { name: 'Try it' }).click()
  await expect(page.getByText('no key is kept. The header “X-Almanac-Key” is empty: enter it under “Key”.')).toBeVisible()
  const key = page.getByRole('form', { name: /^The key of/ })
  await key.getByLabel('Key').fill('practice-key-of-the-sea')
  await key.getByRole('button', { name: 'Keep it' }).click()
  await expect(page.getByText('Kept; it ends in …-sea')).toBeVisible()
  await page.getByRole('button', { name: 'Try it' }).click()
  await expect(page.getByText(/^200 in \d+ ms.*10 rows/)).toBeVisible()
  await page
    .getByRole('navigation', { name: 'Services' })
    .getByRole('button', { name: /^(One spot|Spot)$/ })
    .click()
  await page.getByLabel('Spot, to try it with').fill('Lantern-Cove')
  await page.getByRole('button', { name: 'Try it' }).click()
  await expect(page.getByText('Its own words: “There is no spot with the code “Lantern-Cove”. Codes are in small letters.”')).toBeVisible()
  try {
    await rehearse(page, 'almanac', 'slow')
    await page.getByLabel('Spot, to try it with').fill('lantern-cove')
    await page.getByRole('button', { name: 'Try it' }).click()
    await page.getByRole('button', { name: 'Stop' }).click()
    await expect(page.getByRole('button', { name: 'Stop' })).toHaveCount(0)
  } finally {
    await rehearse(page, 'almanac', '')
  }
  await page.getByRole('button', { name: 'Try it' }).click()
  await expect(page.getByText(/^200 in \d+ ms/)).toBeVisible()
})

test('a table is kept in step with a service, and phones see it', async ({ page, browser }) => {
  await beginApp(page, 'Kept spots', 'services')
  await script(
    page,
    `app Kept spots
table Places, each a Place
  Code is a text, no two alike
  Name is a text
service Coast is at "stand-in:almanac/v1"
  signs in with a key in the header "X-Almanac-Key"
  request Coast spots is GET "/spots", giving each Coast spot, paged by the Link header
    Code is a text, at "code"
    Name is a text, at "name"
screen Start, first
  List of Places, by Name upward
    shows name as title
    when empty: "None yet."
`,
  )
  const code = await page.evaluate(async (id) => (await (await fetch(`/api/apps/${id}`)).json()).app.shareCode, /apps\/(\d+)/.exec(page.url())?.[1])
  const phone = await (await browser.newContext({ viewport: { width: 390, height: 780 } })).newPage()
  await phone.goto(`/s/${code}`)
  await expect(phone.getByText('None yet.')).toBeVisible()

  await page.getByRole('form', { name: 'The key of Coast' }).getByLabel('Key').fill('practice-key-of-the-sea')
  await page.getByRole('button', { name: 'Keep it' }).click()
  await expect(page.getByText('Kept; it ends in …-sea')).toBeVisible()
  await page.getByRole('navigation', { name: 'Services' }).getByRole('button', { name: 'Coast spots' }).click()
  await expect(page.getByLabel('The message', { exact: true })).toContainText('/spots')
  await page.getByRole('button', { name: 'See what would change' }).click()
  await expect(page.getByText('14 new, 0 changed, 0 as they are.')).toBeVisible()
  await page.getByRole('button', { name: 'Keep it so every day' }).click()
  await expect(page.getByText('every day at 04:00')).toBeVisible()
  await page.getByRole('button', { name: 'Do it now' }).click()
  await expect(page.getByRole('row', { name: /Update places/ })).toContainText('done', { timeout: 30_000 })
  await expect(phone.getByText('Lantern Cove')).toBeVisible()
  await nothingSerious(page, 'routines')
  await phone.close()
})

test('conditions stand on the phone, fail kindly, and come back', async ({ browser }) => {
  const { slug, founder } = await makeDemo(browser)
  const page = await (await browser.newContext({ viewport: { width: 390, height: 780 } })).newPage()
  try {
    await rehearse(page, 'almanac', '500', founder)
    await page.goto(`/a/${slug}`)
    await page.getByRole('button', { name: 'Spots' }).click()
    await expect(page.getByRole('heading', { level: 1 })).toHaveText('Spots')
    await page.getByText('Mill Weir').click()
    await expect(page.getByRole('heading', { level: 1 })).toHaveText('Mill Weir')
    await expect(page.getByText('The sea does not answer just now.')).toBeVisible()
    await expect(page.getByText('Fresh and salt meet here.')).toBeVisible()
    await rehearse(page, 'almanac', '', founder)
    // It may have come back by itself meanwhile.
    await expect(async () => {
      const again = page.getByRole('button', { name: 'Try again' })
      if (await again.isVisible()) await again.click({ timeout: 2000 })
      await expect(page.getByText(/km\/h from/)).toBeVisible({ timeout: 3000 })
    }).toPass()
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
    await rehearse(page, 'almanac', '', founder)
    await page.close()
  }
})

test('a badge is drawn from words, and a guide answers word by word', async ({ page }) => {
  await openDemo(page)
  await page.goto(
    page
      .url()
      .replace(/\/screens.*|$/, '/screens/badge')
      .replace(/(\/apps\/\d+).*/, '$1/screens/badge'),
  )
  await page.getByRole('button', { name: 'Show it in the deck' }).click()
  const phone = device(page)
  await phone.getByLabel('Words').fill('a lighthouse under the moon')
  await phone.getByRole('radio', { name: '2' }).click()
  await phone.getByRole('button', { name: 'Draw' }).click()
  await expect(phone.getByText('Number 2')).toBeVisible()
  await expect(page.getByLabel('Footprints')).toContainText('called POST Badge: 200')
  await expect(page.getByLabel('Footprints')).toContainText('0.04 EUR')

  await page.goto(page.url().replace('/badge', '/guide'))
  await page.getByRole('button', { name: 'Show it in the deck' }).click()
  await phone.getByLabel('Which swims still have places?').fill('Is there a swim at Kelp Point?')
  await phone.getByRole('button', { name: 'Send' }).click()
  await expect(phone.getByRole('log')).toContainText('Cold water club')
  await expect(page.getByLabel('Footprints')).toContainText('called POST Shore guide: 200')
  await nothingSerious(page, 'a conversation')
})

test('what the app does by itself is kept account of, and costs are told', async ({ page }) => {
  await openDemo(page, 'services')
  await page.getByRole('button', { name: 'By itself' }).click()
  await expect(page.getByRole('button', { name: 'Learn phrase' })).toBeVisible()
  const app = /apps\/(\d+)/.exec(page.url())?.[1]
  await page.evaluate(async (id) => {
    const token = decodeURIComponent(/XSRF-TOKEN=([^;]+)/.exec(document.cookie)?.[1] ?? '')
    await fetch(`/api/apps/${id}/rows/sandbox/phrases`, {
      method: 'POST',
      headers: { 'Content-Type': 'application/json', Accept: 'application/json', 'X-XSRF-TOKEN': token },
      body: JSON.stringify({ changes: [{ id: null, values: { words: 'Wear a bright cap.' } }] }),
    })
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

test('of a long OpenAPI document the requests that are wanted are found and taken', async ({ page }) => {
  await beginApp(page, 'Harbour desk', 'services')
  const answer = { 200: { description: 'ok', content: { 'application/json': { schema: { type: 'object', properties: { name: { type: 'string' } } } } } } }
  const paths = Object.fromEntries(
    Array.from({ length: 30 }, (_, i) => [
      `/v1/${i % 3 === 0 ? 'tides' : 'berths'}/list${i}`,
      { get: { operationId: `list${i % 3 === 0 ? 'Tide' : 'Berth'}${i}`, responses: answer, ...(i === 3 ? { security: [{ other: [] }] } : {}) } },
    ]),
  )
  const document = {
    openapi: '3.1.0',
    info: { title: 'Harbour' },
    servers: [{ url: 'https://harbour.example' }],
    security: [{ key: [] }],
    paths,
    components: { securitySchemes: { key: { type: 'http', scheme: 'bearer' }, other: { type: 'http', scheme: 'basic' } } },
  }
  await page.getByLabel('From the documentation').fill(JSON.stringify(document))
  await page.getByRole('button', { name: 'Read it' }).click()
  await expect(page.getByText('One request, GET /v1/tides/list3, signs in another way than the rest.')).toBeVisible()
  const take = page.getByRole('button', { name: 'Take it into the app' })
  await expect(take).toBeDisabled()
  await page.getByLabel('Find requests').fill('TIDES list2')
  await expect(page.locator('.service-requests li')).toHaveCount(3)
  await page.getByLabel('Find requests').fill('lighthouse')
  await expect(page.getByText('No request has these words in its name or address.')).toBeVisible()
  await page.getByLabel('Find requests').fill('list2')
  await page.getByRole('checkbox', { name: /^All \d+ that were found/ }).check()
  await page.getByLabel('Find requests').fill('')
  await page.getByRole('checkbox', { name: /GET \/v1\/tides\/list0/ }).check()
  await nothingSerious(page, 'a document that was read')
  await take.click()
  await expect(page.getByRole('heading', { name: 'Tide0 of Harbour' })).toBeVisible()
  const id = /apps\/(\d+)/.exec(page.url())?.[1]
  const kept = await (await page.request.get(`/api/apps/${id}/script`)).text()
  expect(kept.match(/(^|\\n|\n) {2}request /g)).toHaveLength(12)
})
