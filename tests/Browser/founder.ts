import { createHmac } from 'node:crypto'
import { readFileSync } from 'node:fs'
import { expect, test, type Cookie, type FrameLocator, type Page } from '@playwright/test'

/** Where the stand-ins run beside the server under test. */
export function standins(): string {
  const port = Number(new URL(test.info().project.use.baseURL ?? '').port)
  return `http://127.0.0.1:${port + 1}`
}

let signedIn: Cookie[] = []

/** Signs in with the form that the demo has filled in, and opens the demo app. */
export async function openDemo(page: Page, station = 'screens'): Promise<void> {
  // Signed in once for all tests: who signs in ten times a minute is asked to wait.
  if (signedIn.length) await page.context().addCookies(signedIn)
  await page.goto('/')
  const form = page.getByRole('button', { name: 'Sign in', exact: true })
  await expect(form.or(page.getByRole('link', { name: /Saltlark/ }))).toBeVisible()
  if (await form.isVisible()) {
    await form.click()
    await expect(page.getByRole('link', { name: /Saltlark/ })).toBeVisible()
    signedIn = await page.context().cookies()
  }
  await page.getByRole('link', { name: /Saltlark/ }).click()
  await expect(page.getByText(/Saved, revision/)).toBeVisible()
  if (station !== 'screens') await page.getByRole('button', { name: new RegExp(`^${station}:`, 'i') }).click()
}

export async function signUp(page: Page, name: string): Promise<void> {
  await page.goto('/sign-in')
  await page.getByRole('button', { name: 'I am new here' }).click()
  await page.getByLabel('Your name').fill(name)
  await page.getByLabel('E-mail').fill(`${name.toLowerCase()}-${Date.now()}@founders.example`)
  await page.getByLabel('Password').fill('a long enough one')
  await page.getByRole('button', { name: 'Create my account' }).click()
  await expect(page.getByRole('heading', { name: 'Your apps' })).toBeVisible()
}

/** Calls the server as the founder who is signed in. */
async function call<T>(page: Page, method: string, path: string, body: object): Promise<T> {
  return page.evaluate(async ([method, path, body]) => {
    const token = decodeURIComponent(/XSRF-TOKEN=([^;]+)/.exec(document.cookie)?.[1] ?? '')
    const answer = await fetch(`/api/${path}`, { method, headers: { 'Content-Type': 'application/json', Accept: 'application/json', 'X-XSRF-TOKEN': token }, body: JSON.stringify(body) })
    if (!answer.ok) throw new Error(`${path}: ${answer.status} ${await answer.text()}`)
    return answer.json()
  }, [method, path, body] as const)
}

/** A founder and an app of their own, open in the studio: what happens there touches no other test. */
export async function beginApp(page: Page, name: string, station = 'screens'): Promise<void> {
  await page.goto('/sign-in')
  await expect(page.getByRole('button', { name: 'Sign in', exact: true })).toBeVisible()
  await call(page, 'POST', 'founders', { name: 'Ada', email: `ada-${Date.now()}-${Math.random().toString(36).slice(2)}@founders.example`, password: 'a long enough one' })
  const { id } = await call<{ id: number }>(page, 'POST', 'apps', { name })
  await page.goto(`/apps/${id}/${station}`)
  await expect(page.getByText(/Saved, revision/)).toBeVisible()
}

/** Rewrites the open app as this script. */
export async function script(page: Page, text: string): Promise<void> {
  const id = /apps\/(\d+)/.exec(page.url())?.[1]
  await call(page, 'POST', `apps/${id}/edits`, { what: 'script', text, base: 1 })
  await page.reload()
  await expect(page.getByText('Saved, revision 2')).toBeVisible()
}

/** On a phone: goes on as a guest, from the tab that asks for signing in. */
export async function asGuest(phone: Page): Promise<void> {
  await phone.getByRole('button', { name: 'Mine' }).click()
  await phone.getByRole('button', { name: 'Sign in', exact: true }).click()
  await phone.getByText('Look around as a guest').click()
  await expect(phone.getByText(/^Good morning, Guest/)).toBeVisible()
}

/** The key to what the stand-ins keep for somebody: the founder of the demo, or whoever runs this Lanai. */
export function practiceKey(whose: 'demo' | 'host' = 'demo'): string {
  const secret = /^LANAI_STANDIN_TOKEN=(.+)$/m.exec(readFileSync('.env', 'utf8'))?.[1].trim() ?? ''
  return createHmac('sha256', secret).update(`practice of ${whose}`).digest('hex')
}

/** In the Release station: packages may be built although no phone can reach this computer. */
export async function buildForHere(page: Page): Promise<void> {
  await page.getByLabel('Build for this computer only, to try it out').check()
}

/** The newest letter to an address, as it lies in the Letterbox beside the server under test. */
export async function letterTo(page: Page, address: string, about = '', whose: 'demo' | 'host' = 'demo'): Promise<{ subject: string; text: string }> {
  for (let left = 60; left > 0; left--) {
    const { letters } = await (await page.request.get(`${standins()}/letterbox/letters.json?key=${practiceKey(whose)}&to=${encodeURIComponent(address)}`)).json()
    const found = letters.find((letter: { subject: string }) => letter.subject.includes(about))
    if (found) return found
    await page.waitForTimeout(250)
  }
  throw new Error(`No letter to ${address}.`)
}

const axe = readFileSync('node_modules/axe-core/axe.min.js', 'utf8')

/** axe-core (WCAG 2.2 A and AA) finds nothing serious or critical. */
export async function nothingSerious(page: Page, where: string): Promise<void> {
  for (const frame of page.frames()) {
    await frame.evaluate(axe)
    const found = await frame.evaluate(async () => {
      const run = await (window as unknown as { axe: { run: (c: Document, o: object) => Promise<{ violations: { id: string; impact: string; nodes: { html: string }[] }[] }> } }).axe.run(document, { runOnly: ['wcag2a', 'wcag2aa', 'wcag21aa', 'wcag22aa'], iframes: false })
      return run.violations.filter((v) => ['serious', 'critical'].includes(v.impact)).map((v) => `${v.id}: ${v.nodes.map((n) => n.html.slice(0, 140)).slice(0, 3).join(' | ')}`)
    })
    expect(found, `${where}, ${frame.url()}`).toEqual([])
  }
}

export const device = (page: Page): FrameLocator => page.frameLocator('iframe[title="The app, running"]')

/** Fills a blank with the keyboard: opens it, writes, takes. */
export async function fillBlank(page: Page, name: RegExp, text: string): Promise<void> {
  await page.locator('.surface').getByRole('button', { name }).first().click()
  const field = page.locator('.filler-field')
  await expect(field).toBeEnabled()
  await expect(page.locator('.filler').getByText('Here fits')).toBeVisible()
  const write = page.locator('.filler').getByRole('button', { name: 'By writing' })
  if (await write.isVisible()) await write.click()
  await field.fill(text)
  await field.press('Enter')
  await expect(page.locator('.filler')).toHaveCount(0)
}
