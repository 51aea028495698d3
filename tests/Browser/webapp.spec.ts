import { expect, test } from './test'
import { beginApp, buildForHere, makeDemo, nothingSerious, openDemo, openStop, script } from './founder'
import { phone } from './phone'

test('a web app goes through Pier, runs from the store, and opens without a network', async ({ page, browser }) => {
  await openDemo(page, 'release')
  await openStop(page, 'What it is')
  const mend = page.getByRole('button', { name: /^Shorten it to/ }).first()
  if (await mend.isVisible()) {
    await mend.click()
    await page.getByRole('button', { name: 'Apply this mend' }).first().click()
    await expect(mend).toHaveCount(0)
  }
  const web = page.locator('.target', { hasText: 'a zip with manifest' })
  await buildForHere(page)
  await web.getByRole('button', { name: 'Build' }).click()
  await expect(web.locator('.build')).toHaveAttribute('data-state', 'done', { timeout: 30_000 })
  await openStop(page, 'Where it stands')
  const pier = page.locator('.target', { hasText: 'Pier' })
  await pier.getByRole('button', { name: /^Submit the web app/ }).click()
  await expect(pier.locator('.submission').first()).toHaveAttribute('data-state', 'approved', { timeout: 30_000 })
  await pier.getByRole('button', { name: 'Release it' }).click()
  const address = await pier.getByRole('link', { name: 'its page in the store' }).getAttribute('href')

  const visitor = await browser.newContext({ viewport: { width: 390, height: 780 } })
  const app = await visitor.newPage()
  await app.goto(address ?? '')
  await app.getByRole('link', { name: /Install version/ }).click()
  await expect(app.getByText('Full moon float')).toBeVisible()
  const manifest = await app.evaluate(async () => (await fetch((document.querySelector('link[rel=manifest]') as HTMLLinkElement).href)).json())
  expect(manifest).toMatchObject({ display: 'standalone', short_name: 'Saltlark' })
  await expect.poll(() => app.evaluate(async () => (await navigator.serviceWorker.ready).active?.state)).toBe('activated')

  await visitor.setOffline(true)
  await app.reload()
  await expect(app.getByRole('status')).toContainText('No connection. This is what was here at')
  await expect(app.getByText('Full moon float')).toBeVisible()
})

test('a live app is put on the home screen, and what was seen and comes next is read without a network', async ({ browser }) => {
  const { slug } = await makeDemo(browser)
  const visitor = await browser.newContext({ viewport: { width: 390, height: 780 } })
  const app = await visitor.newPage()
  await app.goto(`/a/${slug}`)
  await expect(app.getByText('Full moon float')).toBeVisible()
  const manifest = await app.evaluate(async () => (await fetch((document.querySelector('link[rel=manifest]') as HTMLLinkElement).href)).json())
  expect(manifest).toMatchObject({ display: 'standalone', short_name: 'Saltlark', start_url: `/a/${slug}`, scope: `/a/${slug}` })
  for (const icon of manifest.icons) {
    const size = await app.evaluate(async (src) => {
      const image = await createImageBitmap(await (await fetch(src)).blob())
      return `${image.width}x${image.height}`
    }, `/a/${slug}/${icon.src}`)
    expect(size).toBe(icon.sizes)
  }
  await expect.poll(() => app.evaluate(async () => (await navigator.serviceWorker.ready).active?.state)).toBe('activated')
  const kept = () => app.evaluate(() => Object.keys(localStorage).filter((key) => /:swim\/\d+\//.test(key)).length)
  await expect.poll(kept, 'The first swims are read ahead.').toBe(5)
  await app.reload()
  await expect(app.getByText('Full moon float')).toBeVisible()

  await visitor.setOffline(true)
  await app.reload()
  await expect(app.getByRole('status').first()).toContainText('No connection. This is what was here at')
  await app.getByText('Dawn dip').click()
  await expect(app.getByRole('heading', { level: 1 })).toHaveText('Dawn dip')
  await expect(app.getByText('Who is coming')).toBeVisible()
  expect(await app.evaluate(() => [...document.images].filter((one) => one.loading !== 'lazy' && one.complete && !one.naturalWidth).length)).toBe(0)
  await app.getByRole('button', { name: 'Back' }).click()
  await expect(app.getByRole('heading', { level: 1 })).toHaveText('Swims this week')
  await visitor.setOffline(false)
  await expect(app.getByText('No connection.')).toHaveCount(0)
})

test('what is asked for early is taken, and the first screen is not asked for twice', async ({ browser }) => {
  const { slug } = await makeDemo(browser)
  const visitor = await browser.newContext({ viewport: { width: 390, height: 780 } })
  const app = await visitor.newPage()
  const asked: string[] = []
  app.on('request', (request) => {
    if (request.url().endsWith('/view') && request.postDataJSON().screen === '') asked.push(request.postData() ?? '')
  })
  await app.goto(`/a/${slug}`)
  await expect(app.getByText('Full moon float')).toBeVisible()
  await app.waitForLoadState('networkidle')
  expect(asked).toHaveLength(1)
})

test('what another program shares opens the screen that takes it, and a fault is told to the founder', async ({ page, browser }) => {
  await beginApp(page, 'Jotter')
  const jot = 'screen Jot, taking Said is a text, takes what is shared\n  Text "Shared: {said}"\n'
  await script(page, `app Jotter\n\nscreen Start, first\n  Text "Nothing yet."\n\n${jot}`)
  const id = /apps\/(\d+)/.exec(page.url())?.[1]
  await page.getByRole('button', { name: /^Release:/ }).click()
  await openStop(page, 'What was built')
  await page.getByRole('button', { name: /^Put revision/ }).click()
  const live = page.getByRole('link', { name: /\/a\// })
  const address = new URL((await live.getAttribute('href')) ?? '').pathname
  const manifest = await (await page.request.get(`${address}/manifest.webmanifest`)).json()
  expect(manifest.share_target.action).toBe(address)

  const p = await phone(browser, `${address}?shared-text=Look%20%26%20see&shared-url=https%3A%2F%2Fexample.org%2F%C3%BC`)
  await expect(p.getByText('Shared: Look & see https://example.org/ü')).toBeVisible()
  expect(new URL(p.url()).search).toBe('')
  await p.reload()
  await expect(p.getByText('Shared: Look & see')).toBeVisible()
  await p.getByRole('button', { name: 'Back' }).tap()
  await expect(p.getByText('Nothing yet.')).toBeVisible()

  const sent = p.waitForResponse((answer) => answer.url().endsWith('/trouble'))
  await p.evaluate(() => {
    setTimeout(() => {
      throw new TypeError('The jar of row 7 is broken')
    })
  })
  expect((await sent).status()).toBe(202)
  await page.goto(`/apps/${id}/release`)
  const told = await openStop(page, 'How it does')
  await told.locator('summary').filter({ hasText: 'TypeError: The jar of row 7 is broken' }).click()
  await nothingSerious(page, 'what went wrong')
  await told.getByRole('button', { name: 'I have seen to it' }).click()
  await expect(told.getByText('Nothing has gone wrong on people’s phones')).toBeVisible()

  await openStop(page, 'What it is')
  await page.getByRole('checkbox', { name: /^Locked by fingerprint/ }).check()
  await expect(page.getByText('Saved, revision 3')).toBeVisible()
  await page.getByRole('checkbox', { name: /^Locked by fingerprint/ }).uncheck()
  await expect(page.getByText('Saved, revision 4')).toBeVisible()
})
