import { expect, test } from './test'
import { beginApp, device, makeDemo, nothingSerious, rows, script } from './founder'

const app = `app Reef

sign-in at In
  as a guest

table People, each a Person, who sign in
  may be seen by everyone
  Name is a text, required

table Notes, each a Note
  may be seen by everyone
  may be added by everyone
  Words is a text, required

screen Start, first
  Heading "Reef"
  Button "Write"
    tapped:
      add a Note
        set Words = "The sea is flat"

screen Note, about one Note, titled "Read it"
  Text "{note.words}"

screen Mine, titled "Mine"
  Inbox
    when empty: "Nothing yet."
  Channels
  Button "Tell me"
    tapped:
      ask to send messages, because "So that you hear of what is written."
        then:
          say "We will."
        otherwise:
          say "As you like."

screen In
  Button "As a guest"
    tapped: sign in as a guest

tab Start as "Start" with icon waves

tab Mine as "Mine" with icon bell

messages, at most 20 a day
  channel Notes, for "What others write"

message Written, on Notes, when one Note is added, to those where true, also in the inbox
  says "{note.words}", then "Read it, {me.name}."
  opens Note with note

message Hello, on Notes, to those where true
  says "Hello, {me.name}"
`

test('messages are begun with one tap, and the first one is there', async ({ page }) => {
  await beginApp(page, 'Reef', 'reach/messages')
  await expect(page.getByText('There are none yet.')).toBeVisible()
  await nothingSerious(page, '.surface')
  await page.getByRole('button', { name: 'Begin with messages' }).click()
  const hello = page.getByRole('article', { name: 'Hello' })
  await expect(hello.getByText('It is for nobody just now.')).toBeVisible()
  await expect(hello.getByRole('button', { name: 'Send it now' })).toBeDisabled()
  await device(page).getByRole('button', { name: 'Menu' }).click()
  await device(page).getByRole('navigation', { name: 'Menu' }).getByText('Messages').click()
  await expect(device(page).getByRole('button', { name: 'Send me messages' })).toBeVisible()
})

test('messages are said, read on two phones, tried and sent, and come where they are let in', async ({ page }) => {
  await beginApp(page, 'Reef', 'reach/messages')
  await script(page, app)
  await rows(page, 'people', [{ name: 'Ada Lovelock' }, { name: 'Ben Marsh' }])
  await page.reload()
  const hello = page.getByRole('article', { name: 'Hello' })
  await expect(hello.getByText('It is for 2 people: 2 would not get it.')).toBeVisible()
  await hello.getByRole('button', { name: 'Who?' }).click()
  await expect(hello.getByRole('row', { name: /Ada Lovelock/ })).toContainText('No phone of theirs lets messages in.')
  await expect(hello.getByRole('figure', { name: 'On a phone with iOS' })).toContainText('Hello, Ada Lovelock')

  const on = device(page)
  await page.getByLabel('Signed in as').selectOption('Ada Lovelock')
  await on.getByRole('navigation', { name: 'Tabs' }).getByText('Mine').click()
  await expect(on.getByText('Nothing yet.')).toBeVisible()
  await on.getByRole('button', { name: 'Tell me' }).click()
  await expect(on.getByText('So that you hear of what is written.')).toBeVisible()
  // A no leaves everything as it was, and it can be asked again.
  await on.getByRole('button', { name: 'Not now' }).click()
  await expect(on.getByText('As you like.')).toBeVisible()
  await on.getByRole('button', { name: 'Tell me' }).click()
  await on.getByRole('button', { name: 'Yes, please' }).click()
  await expect(on.getByText('Reef wants to send you messages')).toBeVisible()
  await on.getByRole('button', { name: 'Allow', exact: true }).click()
  await expect(on.getByText('We will.')).toBeVisible()

  await hello.getByRole('button', { name: 'Try it on their phone' }).click()
  await expect(hello.getByText('One phone has taken it: look at the deck.')).toBeVisible()
  await expect(on.getByRole('button', { name: /Hello, Ada Lovelock/ })).toBeVisible()
  await hello.getByRole('button', { name: 'Send it now' }).click()
  await expect(hello.getByText(/1 would get it now, 1 would not get it/).first()).toBeVisible()
  await hello.getByRole('button', { name: 'Send it', exact: true }).click()
  await expect(hello.getByText('It is on its way.')).toBeVisible()

  // What happens in the app is told by the app, also on the locked phone; a tap opens it where it should.
  await on.getByRole('navigation', { name: 'Tabs' }).getByText('Start').click()
  await on.getByRole('button', { name: 'Write' }).click()
  await page.getByRole('button', { name: 'The locked phone' }).click()
  const locked = on.getByRole('dialog', { name: 'The locked phone' })
  await expect(locked.getByRole('button', { name: /^Reef .*The sea is flat/ })).toContainText('Read it, Ada Lovelock.')
  await expect(locked.getByRole('button', { name: /^Reef .*Hello/ })).toHaveCount(2)
  await nothingSerious(page, '.deck')
  await locked.getByRole('button', { name: /^Reef .*The sea is flat/ }).click()
  await expect(on.getByRole('heading', { name: 'Read it' })).toBeVisible()
  await expect(on.getByText('The sea is flat')).toBeVisible()

  // It lies in the inbox, which has a number until it is read; and whoever turns the channel off gets no more.
  const written = page.getByRole('article', { name: 'Written' })
  await expect(async () => {
    await page.reload()
    await expect(written.getByText('50 %')).toBeVisible({ timeout: 2000 })
  }).toPass()
  await page.getByLabel('Signed in as').selectOption('Ben Marsh')
  await expect(on.getByRole('navigation', { name: 'Tabs' }).getByText('Not read yet: 1')).toBeVisible()
  await on.getByRole('navigation', { name: 'Tabs' }).getByText('Mine').click()
  await on.getByRole('button', { name: /The sea is flat/ }).click()
  await expect(on.getByRole('heading', { name: 'Read it' })).toBeVisible()
  await on.getByRole('navigation', { name: 'Tabs' }).getByText('Mine').click()
  await expect(on.getByRole('navigation', { name: 'Tabs' }).getByText('Not read yet: 1')).toHaveCount(0)
  await on.getByRole('switch', { name: /Notes/ }).click()
  await expect(on.locator('.channels [aria-busy="true"]')).toHaveCount(0)
  await page.getByLabel('Signed in as').selectOption('Ada Lovelock')
  await expect(on.getByRole('switch', { name: /Notes/ })).toBeChecked()
  await page.getByLabel('Signed in as').selectOption('Ben Marsh')
  await expect(on.getByRole('switch', { name: /Notes/ })).not.toBeChecked()
})

test('the worker of a web app shows what comes, and knows where it leads', async ({ browser }) => {
  const { slug } = await makeDemo(browser)
  const visitor = await browser.newContext({ viewport: { width: 390, height: 780 } })
  const app = await visitor.newPage()
  const cdp = await visitor.newCDPSession(app)
  const registered = new Promise<{ id: string; origin: string }>((done) => {
    cdp.on('ServiceWorker.workerRegistrationUpdated', ({ registrations }) => {
      const found = registrations.find((one) => !one.isDeleted)
      if (found) done({ id: found.registrationId, origin: new URL(found.scopeURL).origin })
    })
  })
  await cdp.send('ServiceWorker.enable')
  await app.goto(`/a/${slug}`)
  await expect.poll(() => app.evaluate(async () => (await navigator.serviceWorker.ready).active?.state)).toBe('activated')
  const { id, origin } = await registered
  const told = { id: '11111111-2222-8333-8444-555555555555', title: 'Lantern Cove is at 15 °C', body: 'Come in.', data: { screen: 'spot', args: [1] } }
  // This browser has no screen to show it on: what the worker asks of it is written down instead.
  const [worker] = visitor.serviceWorkers()
  await worker.evaluate(() => {
    type Worker = { seen: unknown[]; asked: unknown[]; registration: object; fetch: (url: string, how: RequestInit) => Promise<Response> }
    const self = globalThis as unknown as Worker
    self.seen = []
    self.asked = []
    const real = self.fetch
    self.fetch = (url, how) => {
      self.asked.push([url, how.body])
      return real(url, how)
    }
    const showNotification = (title: string, options: object) => void self.seen.push({ title, ...options })
    Object.defineProperty(self.registration, 'showNotification', { value: showNotification })
  })
  for (const data of [told, { title: '', data: {} }]) {
    await cdp.send('ServiceWorker.deliverPushMessage', { origin, registrationId: id, data: JSON.stringify(data) })
  }
  await expect
    .poll(() => worker.evaluate(() => (globalThis as unknown as { seen: unknown[] }).seen))
    .toEqual([
      { title: told.title, body: told.body, silent: false, tag: told.id, data: { id: told.id, screen: 'spot', args: [1] } },
      { title: 'News', body: '', silent: false, tag: '', data: { id: '' } },
    ])
  // That it is here is told to the app, and nothing about one without a number.
  expect(await worker.evaluate(() => (globalThis as unknown as { asked: unknown[] }).asked)).toEqual([
    [`/device/live/${slug}/notify/came`, JSON.stringify({ id: told.id })],
  ])
  // As the worker opens it: the screen with its row, and the number is gone from the address.
  await app.goto(`/a/${slug}?told=${told.id}#/spot/1`)
  await expect(app.getByText('Swims here')).toBeVisible()
  expect(new URL(app.url()).search).toBe('')
})
