// What benchmarks/device.php measures in a browser.
import { execFileSync } from 'node:child_process'
import { chromium, devices } from '@playwright/test'

const LIGHTHOUSE = 'lighthouse@12.8.2'
const BROWSER = '/usr/bin/chromium-headless-shell'
const SLOWER = 4
const address = process.argv[2]
const short = process.env.LANAI_BENCH_SHORT !== undefined
const at = (part, sorted) => sorted[Math.min(sorted.length - 1, Math.floor(sorted.length * part))]

function judged() {
  const flags = '--chrome-flags=--no-sandbox --disable-gpu --headless'
  const only = '--only-categories=performance,accessibility,best-practices'
  const options = { env: { ...process.env, CHROME_PATH: BROWSER }, stdio: ['ignore', 'pipe', 'ignore'], maxBuffer: 1e8, timeout: 240_000 }
  const runs = Array.from({ length: 3 }, () =>
    JSON.parse(execFileSync('npx', ['--yes', LIGHTHOUSE, `${address}/a/saltlark`, '--quiet', '--output=json', flags, only], options)),
  )
  const score = (name) => Math.round(runs.map((run) => run.categories[name].score).sort()[1] * 100)
  for (const [name, words, aim] of [
    ['performance', 'performance', 95],
    ['accessibility', 'accessibility', 95],
    ['best-practices', 'best practices', 100],
  ]) {
    console.log(`a live app, judged by Lighthouse: ${words}  ${score(name)}   (the middle of three; aim: at least ${aim})`)
  }
}

const browser = await chromium.launch({ executablePath: BROWSER, args: ['--no-sandbox', '--disable-gpu'] })

async function phone() {
  const { viewport, userAgent, hasTouch, isMobile } = devices['Pixel 7']
  const page = await (await browser.newContext({ viewport, userAgent, hasTouch, isMobile, deviceScaleFactor: 1 })).newPage()
  return page
}

/** From a tap to the next picture of the page, as the browser itself measures it (W3C Event Timing). */
async function tapped() {
  const page = await phone()
  await page.addInitScript(() => {
    window.took = []
    new PerformanceObserver((seen) => window.took.push(...seen.getEntries().filter((one) => one.interactionId).map((one) => one.duration))).observe({
      type: 'event',
      durationThreshold: 16,
      buffered: true,
    })
  })
  await page.goto(`${address}/a/saltlark`)
  await page.getByText('Full moon float').waitFor()
  await (await page.context().newCDPSession(page)).send('Emulation.setCPUThrottlingRate', { rate: SLOWER })
  for (let i = 0; i < (short ? 1 : 5); i++) {
    for (const tab of ['Spots', 'Shore', 'Mine', 'Swims']) {
      await page.getByRole('button', { name: tab, exact: true }).tap()
      await page.locator('html:not(.turn)').waitFor()
    }
    await page.locator('.item').first().tap()
    await page.getByRole('button', { name: 'Back' }).tap()
    await page.locator('html:not(.turn)').waitFor()
  }
  const took = (await page.evaluate(() => window.took)).sort((a, b) => a - b)
  await page.context().close()
  console.log(
    `a tap to the next picture, processor ${SLOWER} times slower  ${at(0.98, took)} ms   ` +
      `(98 of 100 of ${took.length}; the middle one ${at(0.5, took)} ms; aim: under 100 ms)`,
  )
}

async function scrolled() {
  const page = await phone()
  await page.route('**/view', async (route) => {
    const answer = await route.fetch().then((fetched) => fetched.json())
    const list = answer.view.nodes.find((node) => node.kind === 'list')
    const items = Array.from({ length: 10_000 }, (_, i) => ({ id: i + 1, title: `Swim ${i + 1}`, note: 'A long list' }))
    answer.view.nodes = [{ ...list, layout: 'rows', items }]
    await route.fulfill({ json: answer })
  })
  await page.goto(`${address}/a/saltlark`)
  await page.getByText('Swim 1', { exact: true }).waitFor()
  const frames = await page.evaluate(
    (most) =>
      new Promise((done) => {
        const main = document.querySelector('main')
        const took = []
        let last = performance.now()
        const next = (now) => {
          took.push(now - last)
          last = now
          main.scrollBy(0, 90)
          if (took.length < most) requestAnimationFrame(next)
          else done(took.slice(1))
        }
        requestAnimationFrame(next)
      }),
    short ? 30 : 600,
  )
  await page.unrouteAll({ behavior: 'ignoreErrors' })
  frames.sort((a, b) => a - b)
  console.log(
    `a frame while 10,000 rows are scrolled  ${at(0.95, frames).toFixed(1)} ms   ` +
      `(95 of 100 of ${frames.length}; the middle one ${at(0.5, frames).toFixed(1)} ms; aim: 16.7 ms)`,
  )
}

if (!short) judged()
await tapped()
await scrolled()
await browser.close()
