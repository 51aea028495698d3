import { execFileSync } from 'node:child_process'
import { createHmac } from 'node:crypto'
import { readFileSync } from 'node:fs'
import { expect, test, type Browser, type BrowserContext, type Frame, type FrameLocator, type Locator, type Page } from '@playwright/test'

/** Where the stand-ins run beside the server under test. */
export function standins(): string {
  const port = Number(new URL(test.info().project.use.baseURL ?? '').port)
  return `http://127.0.0.1:${port + 1}`
}

export interface Demo {
  id: number
  slug: string
  /** The number of the founder whose it is. */
  founder: number
}

/** A founder of their own with an app like the demo, open in the studio: what happens there touches no other test. */
export async function openDemo(page: Page, station = 'screens'): Promise<Demo> {
  const demo = await beginDemo(page.context())
  await page.goto(`/apps/${demo.id}/${station}`)
  await expect(page.getByText(/Saved, revision/)).toBeVisible()
  return demo
}

/** The same for a test that only uses the app. */
export async function makeDemo(browser: Browser): Promise<Demo> {
  const founder = await browser.newContext()
  const demo = await beginDemo(founder)
  await founder.close()
  return demo
}

async function beginDemo(context: BrowserContext): Promise<Demo> {
  const email = await beginFounder(context)
  const made = execFileSync('php', ['artisan', 'lanai:demo', `--for=${email}`], { env: { ...process.env, ...test.info().project.metadata.env } })
  return JSON.parse(made.toString().trim().split('\n').pop() ?? '') as Demo
}

/** The demo as it is shipped, with its founder, for what is arranged for them alone. */
export async function openShippedDemo(page: Page, station = 'screens'): Promise<void> {
  await page.goto('/')
  await page.getByRole('button', { name: 'Sign in', exact: true }).click()
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

/** Calls the server as the founder who is signed in; no page need be open for it. */
async function call<T>(context: BrowserContext, method: string, path: string, body?: object): Promise<T> {
  const token = async () => (await context.cookies()).find((cookie) => cookie.name === 'XSRF-TOKEN')?.value
  if (!(await token())) await context.request.get('/api/session')
  const headers = { Accept: 'application/json', 'X-XSRF-TOKEN': decodeURIComponent((await token()) ?? '') }
  const answer = await context.request.fetch(`/api/${path}`, { method, headers, data: body })
  if (!answer.ok()) throw new Error(`${path}: ${answer.status()} ${await answer.text()}`)
  return (await answer.json()) as T
}

/** Signs a new founder up; gives their e-mail. */
async function beginFounder(context: BrowserContext): Promise<string> {
  const email = `ada-${Date.now()}-${Math.random().toString(36).slice(2)}@founders.example`
  await call(context, 'POST', 'founders', { name: 'Ada', email, password: 'a long enough one' })
  return email
}

/** A founder and an app of their own, open in the studio: what happens there touches no other test. */
export async function beginApp(page: Page, name: string, station = 'screens'): Promise<void> {
  await beginFounder(page.context())
  const { id } = await call<{ id: number }>(page.context(), 'POST', 'apps', { name })
  await page.goto(`/apps/${id}/${station}`)
  await expect(page.getByText(/Saved, revision/)).toBeVisible()
}

/** Adds rows to the sandbox of the open app. */
export async function rows(page: Page, table: string, all: Record<string, string>[]): Promise<void> {
  const id = /apps\/(\d+)/.exec(page.url())?.[1]
  for (let i = 0; i < all.length; i += 100) {
    const changes = all.slice(i, i + 100).map((values) => ({ id: null, values }))
    await call(page.context(), 'POST', `apps/${id}/rows/sandbox/${table}`, { changes })
  }
}

/** Rewrites the open app as this script. */
export async function script(page: Page, text: string, base = 1): Promise<void> {
  const id = /apps\/(\d+)/.exec(page.url())?.[1]
  await call(page.context(), 'POST', `apps/${id}/edits`, { base, edit: { do: 'rewrite', text } })
  await page.reload()
  await expect(page.getByText(`Saved, revision ${base + 1}`)).toBeVisible()
}

/** On a phone: goes on as a guest, from the tab that asks for signing in. */
export async function asGuest(phone: Page): Promise<void> {
  await phone.getByRole('button', { name: 'Mine' }).click()
  await phone.getByRole('button', { name: 'Sign in', exact: true }).click()
  await phone.getByText('Look around as a guest').click()
  await expect(phone.getByText(/^Good morning, Guest/)).toBeVisible()
}

/** The key to what the stand-ins keep for somebody: a founder by their number, the founder of the demo, or whoever runs this Lanai. */
export function practiceKey(whose: number | 'demo' | 'host' = 'demo'): string {
  const name = typeof whose === 'number' ? `founder ${whose}` : whose
  const secret = /^LANAI_STANDIN_TOKEN=(.+)$/m.exec(readFileSync('.env', 'utf8'))?.[1].trim() ?? ''
  return createHmac('sha256', secret).update(`practice of ${name}`).digest('hex')
}

/** In the Release station: opens one of its stops; the one that was open closes. */
export async function openStop(page: Page, name: string): Promise<Locator> {
  const stop = page.getByRole('region', { name, exact: true })
  const head = stop.getByRole('button', { name: new RegExp(`^${name}`) })
  if ((await head.getAttribute('aria-expanded')) === 'false') await head.click()
  return stop
}

/** In the Release station: packages may be built although no phone can reach this computer. */
export async function buildForHere(page: Page): Promise<void> {
  await openStop(page, 'What was built')
  await page.getByLabel('Build for this computer only, to try it out').check()
}

/** The newest letter to an address, as it lies in the Letterbox beside the server under test. */
export async function letterTo(page: Page, address: string, about = '', whose: number | 'demo' | 'host' = 'demo'): Promise<{ subject: string; text: string }> {
  type Letter = { subject: string; text: string }
  let found: Letter | undefined
  const look = async () => {
    const box = `${standins()}/letterbox/letters.json?key=${practiceKey(whose)}&to=${encodeURIComponent(address)}`
    const { letters } = (await (await page.request.get(box)).json()) as { letters: Letter[] }
    found = letters.find((letter) => letter.subject.includes(about))
    return found !== undefined
  }
  await expect.poll(look, `a letter to ${address}`).toBe(true)
  return found as Letter
}

/** The page and the frames in it, but those of the web. */
const ours = (page: Page) => page.frames().filter((frame) => frame.url().startsWith(new URL(page.url()).origin))

/** Waits until nothing loads, moves or is about to be drawn, in the page and in every frame of it. */
export async function settled(page: Page): Promise<void> {
  for (const frame of ours(page)) {
    await frame.waitForFunction(() => !document.querySelector('[aria-busy=true]'))
    await frame.evaluate(async () => {
      await document.fonts.ready
      // A frame out of sight is not drawn, and waits for nothing.
      const drawn = new Promise((done) => requestAnimationFrame(() => requestAnimationFrame(done)))
      await Promise.race([drawn, new Promise((done) => setTimeout(done, 500))])
    })
    await standsStill(frame)
  }
}

const standsStill = (frame: Frame) =>
  frame.waitForFunction(() => document.getAnimations().every((a) => a.playState !== 'running' || a.effect?.getTiming().iterations === Infinity))

const axe = readFileSync('node_modules/axe-core/axe.min.js', 'utf8')

/**
 * axe-core (WCAG 2.2 A and AA) finds nothing serious or critical.
 *
 * @param rules only these; what does not depend on colours need not be looked for twice
 */
export async function nothingSerious(page: Page, where: string, rules?: string[]): Promise<void> {
  for (const frame of ours(page)) {
    await frame.evaluate(axe)
    const look = () => frame.evaluate(async (rules) => {
      const run = await (
        window as unknown as {
          axe: { run: (c: Document, o: object) => Promise<{ violations: { id: string; impact: string; nodes: { html: string }[] }[] }> }
        }
      ).axe.run(document, { runOnly: rules ?? ['wcag2a', 'wcag2aa', 'wcag21aa', 'wcag22aa'], iframes: false })
      return run.violations
        .filter((v) => ['serious', 'critical'].includes(v.impact))
        .map(
          (v) =>
            `${v.id}: ${v.nodes
              .map((n) => n.html.slice(0, 140))
              .slice(0, 3)
              .join(' | ')}`,
        )
    }, rules)
    let found = await look()
    // Colours of what just comes or goes are those of neither: what is found must be there still when all stands still.
    if (found.length) found = await standsStill(frame).then(look)
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

/** Turns a wheel to what is typed. */
async function turnTo(sheet: Locator, wheel: string, value: string): Promise<void> {
  await sheet.getByRole('spinbutton', { name: wheel }).pressSequentially(value)
  await expect(sheet.getByRole('spinbutton', { name: wheel })).toHaveAttribute('aria-valuetext', new RegExp(`^0*${value}\\b`))
}

/**
 * Picks a day on the calendar of a box, a time on its wheels, or both.
 *
 * @param day such as 2031-06-21; '' where only a time is picked
 * @param time such as 05:30
 * @param look is done while the sheet is open
 */
export async function pick(form: Page | FrameLocator, label: string, day: string, time = '', look = async () => {}): Promise<void> {
  await form.getByRole('button', { name: `${label}: ` }).click()
  const sheet = form.getByRole('dialog', { name: label, exact: true })
  await expect(sheet.locator('.calendar-days, .wheels').first()).toBeVisible()
  await look()
  if (day) {
    const date = new Date(`${day}T12:00:00Z`)
    const month = date.toLocaleDateString('en', { timeZone: 'UTC', month: 'long' })
    await sheet.locator('.calendar-month').click()
    await turnTo(sheet, 'Month', month)
    await turnTo(sheet, 'Year', day.slice(0, 4))
    await sheet.locator('.calendar-month').click()
    await sheet.locator('.calendar-days button:not(.other)').nth(date.getUTCDate() - 1).click()
  }
  const [hours, minutes] = time.split(':')
  if (hours) await turnTo(sheet, 'Hours', String(Number(hours)))
  if (minutes) await turnTo(sheet, 'Minutes', String(Number(minutes)))
  await sheet.getByRole('button', { name: 'Done' }).click()
  await expect(sheet).toHaveCount(0)
}
