import { expect, test, type Page } from './test'
import jsQR from 'jsqr'
import { asGuest, device, fillBlank, makeDemo, openDemo } from './founder'

test.use({ viewport: { width: 1280, height: 800 } })

async function shareAddress(page: Page): Promise<string> {
  await page.getByRole('button', { name: 'On my phone' }).click()
  const address = await page.locator('.phone-address').innerText()
  // jsqr reads the drawn code back, as a camera would.
  const seen = await page.getByRole('img', { name: /QR code/ }).evaluate((image: HTMLImageElement) => {
    const canvas = document.createElement('canvas')
    canvas.width = canvas.height = 260
    const brush = canvas.getContext('2d')!
    brush.drawImage(image, 0, 0, 260, 260)
    return [...brush.getImageData(0, 0, 260, 260).data]
  })
  expect(jsQR(new Uint8ClampedArray(seen), 260, 260)?.data).toBe(address)
  await page.getByRole('button', { name: 'Close' }).click()
  return address
}

test('a phone opens the sandbox by its code and follows every edit without a reload', async ({ page, browser }) => {
  await openDemo(page)
  const address = await shareAddress(page)
  const phone = await (await browser.newContext({ viewport: { width: 390, height: 780 } })).newPage()
  await phone.goto(address)
  await expect(phone.getByText('Dawn dip')).toBeVisible()
  await phone.evaluate(() => ((window as unknown as { mark: number }).mark = 1))
  await fillBlank(page, /^title: /, 'Swims, newly named')
  await expect(phone.getByRole('heading', { level: 1 })).toHaveText('Swims, newly named')
  expect(await phone.evaluate(() => (window as unknown as { mark: number }).mark)).toBe(1)
})

test('two people tap for the last place: one is in, the other is told kindly', async ({ page, browser }) => {
  await openDemo(page)
  const address = await shareAddress(page)
  const phones = await Promise.all([0, 1].map(async () => (await browser.newContext({ viewport: { width: 390, height: 780 } })).newPage()))
  for (const phone of phones) {
    await phone.goto(address)
    await asGuest(phone)
    await phone.getByText('Buoy to buoy').click()
    await expect(phone.getByText('1 place left')).toBeVisible()
  }
  await Promise.all(phones.map((phone, i) => phone.getByLabel('Name').fill(`Swimmer ${i}`)))
  await Promise.all(phones.map((phone) => phone.getByRole('button', { name: 'Count me in' }).click()))
  const said = await Promise.all(phones.map((phone) => phone.locator('.message').innerText()))
  expect(said.filter((text) => text.startsWith('See you at Gannet Slip'))).toHaveLength(1)
  expect(said.filter((text) => /not possible any more|last place a moment ago/.test(text))).toHaveLength(1)
  for (const phone of phones) await expect(phone.getByText('This swim is full.')).toBeVisible()
})

test('without the server the last view stays readable and says so', async ({ page, browser }) => {
  const { slug } = await makeDemo(browser)
  await page.setViewportSize({ width: 390, height: 780 })
  await page.goto(`/a/${slug}`)
  await expect(page.getByText('Dawn dip')).toBeVisible()
  await page.getByRole('button', { name: 'Spots' }).click()
  await expect(page.getByText('Mill Weir')).toBeVisible()

  await page.route('**/device/**', (route) => route.abort())
  await page.getByRole('button', { name: 'Swims' }).click()
  await expect(page.getByText('Dawn dip')).toBeVisible()
  await expect(page.getByRole('status')).toContainText('No connection. This is what was here at')
  await page.getByRole('button', { name: 'Mine' }).click()
  await expect(page.getByRole('alert')).toContainText('this screen has not been read before')
  await page.getByRole('button', { name: 'Swims' }).click()
  await expect(page.getByText('Dawn dip')).toBeVisible()
  await page.locator('.item').last().click()
  await expect(page.getByRole('alert')).toContainText('this screen has not been read before')

  await page.unroute('**/device/**')
  await expect(page.locator('.offline')).toHaveCount(0)
})

test('a form on the device tells each box what is wrong and loses nothing', async ({ page }) => {
  await openDemo(page)
  await device(page).getByRole('button', { name: 'Offer a swim' }).click()
  await device(page).getByLabel('Title').fill('Night swim')
  await device(page).getByRole('textbox', { name: 'Places' }).fill('100')
  // It stands where it will once what is above it is there.
  await expect(page.getByRole('button', { name: 'One more device' })).toBeVisible()
  const stands = await page.locator('iframe[title="The app, running"]').boundingBox()
  await device(page).getByRole('button', { name: 'Put it on the list' }).click()
  await expect(device(page).getByText('This must be at most 40.')).toBeVisible()
  await expect(device(page).getByLabel('Spot')).toBeFocused()
  expect(await page.locator('iframe[title="The app, running"]').boundingBox(), 'The device stays where it stands.').toEqual(stands)
  await expect(device(page).getByText('Please fill this in.')).toHaveCount(2)
  await expect(device(page).getByLabel('Title')).toHaveValue('Night swim')
  await expect(device(page).getByRole('textbox', { name: 'Places' })).toHaveValue('100')
})

test('the device goes back where it came from, with the browser too', async ({ page, browser }) => {
  const { slug } = await makeDemo(browser)
  await page.goto(`/a/${slug}`)
  await page.getByText('Dawn dip').click()
  await expect(page.getByText('Who is coming')).toBeVisible()
  await page.goBack()
  await expect(page.getByRole('heading', { level: 1 })).toHaveText('Swims this week')
  await page.getByText('Dawn dip').click()
  await page.getByRole('button', { name: 'Back' }).click()
  await expect(page.getByRole('heading', { level: 1 })).toHaveText('Swims this week')
})

test('the deck can be anybody at any moment', async ({ page }) => {
  await openDemo(page)
  await expect(device(page).getByText('Good morning, Ines Okafor')).toBeVisible()
  await page.getByLabel('Signed in as').selectOption({ label: 'Marit Solheim' })
  await expect(device(page).getByText('Good morning, Marit Solheim')).toBeVisible()
  for (let day = 0; day < 9; day++) await page.getByRole('button', { name: 'A day on' }).click()
  await expect(device(page).getByText('No swims yet. Offer the first one.')).toBeVisible()
})

test('two quick taps do one thing', async ({ page, browser }) => {
  await openDemo(page)
  const address = await shareAddress(page)
  const phone = await (await browser.newContext({ viewport: { width: 390, height: 780 } })).newPage()
  await phone.goto(address)
  await asGuest(phone)
  await phone.getByText('Lunch-hour lengths').click()
  await expect(phone.getByText('12 places left')).toBeVisible()
  await phone.getByLabel('Name').fill('Twice')
  await phone.getByRole('button', { name: 'Count me in' }).dblclick()
  await expect(phone.getByText('11 places left')).toBeVisible()
  await phone.getByRole('button', { name: 'Mine' }).click()
  await expect(phone.getByRole('heading', { level: 1 })).toHaveText('My swims')
  await expect(phone.getByText('Lunch-hour lengths')).toHaveCount(1)
  await phone.getByText('Lunch-hour lengths').click()
  await expect(phone.getByRole('button', { name: 'Cancel my place' })).toBeVisible()
  await phone.reload()
  await phone.getByRole('button', { name: 'Swims' }).click()
  // The tab is as it was left: at the swim.
  await expect(phone.getByText('11 places left')).toBeVisible()
})

test('a booking is cancelled and its place is free again', async ({ page }) => {
  await openDemo(page)
  await page.getByLabel('Signed in as').selectOption({ label: 'Marit Solheim' })
  await device(page).getByRole('button', { name: 'Mine' }).click()
  await expect(device(page).getByRole('heading', { level: 1 })).toHaveText('My swims')
  await device(page).getByText('Long way round').click()
  await device(page).getByRole('button', { name: 'Cancel my place' }).click()
  await expect(device(page).getByRole('alertdialog')).toContainText('Give your place to somebody else?')
  await device(page).getByRole('alertdialog').getByRole('button', { name: 'Cancel my place' }).click()
  await expect(device(page).getByText('Your place is free again.')).toBeVisible()
  await expect(page.locator('.footprints')).toContainText('Places: 3 → 4')
  await expect(page.locator('.footprints')).toContainText('Status: confirmed → cancelled')
  await expect(device(page).getByText('Long way round')).toHaveCount(0)
})

test('a large text setting breaks nothing on a small phone', async ({ browser }) => {
  const { slug } = await makeDemo(browser)
  const phone = await (await browser.newContext({ viewport: { width: 320, height: 640 } })).newPage()
  await phone.goto(`/a/${slug}`)
  await expect(phone.getByText('Dawn dip')).toBeVisible()
  await phone.addStyleTag({ content: 'html { font-size: 200% }' })
  for (const tab of ['Spots', 'Mine', 'Swims']) {
    await phone.getByRole('button', { name: tab }).click()
    await expect(phone.getByRole('button', { name: tab })).toHaveAttribute('aria-current', 'page')
    expect(await phone.evaluate(() => document.documentElement.scrollWidth)).toBeLessThanOrEqual(320)
  }
  const small = await phone.evaluate(
    () => [...document.querySelectorAll('button')].map((b) => b.getBoundingClientRect()).filter((r) => r.width < 48 || r.height < 48).length,
  )
  expect(small, 'targets below 48 px').toBe(0)
})

test('a list is searched, and a long one goes on as it is scrolled', async ({ page }) => {
  await openDemo(page)
  await device(page).getByRole('button', { name: 'Spots' }).click()
  await expect(device(page).locator('.tiles .item')).toHaveCount(6)
  await device(page).getByLabel('Search').fill('kelp')
  await expect(device(page).locator('.tiles .item')).toHaveCount(1)
  await device(page).getByLabel('Search').fill('nowhere')
  await expect(device(page).getByText('Nothing is found.')).toBeVisible()
  await expect(device(page).getByLabel('Search')).toBeFocused()
  await device(page).getByLabel('Search').fill('')
  await expect(device(page).locator('.tiles .item')).toHaveCount(6)

  await page
    .getByRole('navigation', { name: 'Screens' })
    .getByRole('button', { name: /^Spots/ })
    .click()
  const line = page.locator('[data-line="/screens/3/lines/0"]')
  await line.hover()
  await line.getByRole('button', { name: 'Add to this sentence' }).click()
  await page.getByText('so many at a time').click()
  await page.locator('.filler-field').fill('4')
  await page.locator('.filler-field').press('Enter')
  await expect(line).toContainText(', showing 4')
  await device(page)
    .locator('main')
    .evaluate((main) => main.scrollTo(0, main.scrollHeight))
  await expect(device(page).locator('.tiles .item')).toHaveCount(6)
  await page.locator('body').click({ position: { x: 600, y: 700 } })
  await page.keyboard.press('Control+z')
  await page.keyboard.press('Control+z')
})
