// Takes pictures of pages: what to take comes as JSON on the input, and a line goes out for each picture that is there.
import { chromium } from 'playwright-core'
import { readFileSync, writeFileSync } from 'node:fs'

const PATIENCE = 30_000
/**
 * @typedef {{ size: string, file: string, width: number, height: number, scale: number }} Picture one size of a page, in dp, with pixels to a dp
 * @type {{ browser: string, sandboxed: boolean, bases: string[], pages: { path: string, agent: string, locale: string, pictures: Picture[] }[] }}
 */
const { browser: program, sandboxed, bases, pages } = JSON.parse(readFileSync(0, 'utf8'))
/** Pages that are looked at side by side; a browser paints one picture at a time, so there is one for each server. */
const AT_ONCE = 3
/** So long nothing more may be asked for until a page is whole, in ms. */
const QUIET = 120

const hosts = bases.map((base) => new URL(base).hostname)
const launch = () => chromium.launch({
  executablePath: program,
  args: [
    ...(sandboxed ? [] : ['--no-sandbox']),
    '--disable-gpu',
    '--hide-scrollbars',
    // What the app shows of the web comes through the server; the browser itself finds nobody else.
    `--host-resolver-rules=MAP * ~NOTFOUND, ${[...new Set(hosts)].map((host) => `EXCLUDE ${host}`).join(', ')}`,
  ],
})

/** Another size, in which words that are too many for their room are set smaller. */
function become(size) {
  document.documentElement.className = size
  for (const box of document.querySelectorAll('[data-fits]')) {
    box.style.fontSize = ''
    let letters = parseFloat(getComputedStyle(box).fontSize)
    while (letters > 9 && box.scrollHeight > Math.min(box.clientHeight + 1, parseFloat(getComputedStyle(box).maxHeight) || Infinity)) box.style.fontSize = `${(letters -= 1)}px`
  }
}

/** The app is there, with its letters and its pictures. */
const there = () =>
  document.querySelector('main') !== null &&
  document.querySelector('.coming, .skeleton, [aria-busy="true"]') === null &&
  // Those further down are not asked for before somebody comes near.
  [...document.images].every((image) => image.complete || image.getBoundingClientRect().top > innerHeight) &&
  document.fonts.status === 'loaded'

const line = (told) => process.stdout.write(`${JSON.stringify(told)}\n`)

/** Resolves once nothing has been asked for or is on its way for a while. */
function quiet(page) {
  const open = new Set()
  let last = Date.now()
  page.on('request', (request) => {
    // Whether anything has changed is asked again and again.
    if (!request.url().includes('/pulse')) open.add(request)
    last = Date.now()
  })
  for (const name of ['requestfinished', 'requestfailed']) {
    page.on(name, (request) => {
      open.delete(request)
      last = Date.now()
    })
  }
  return async () => {
    const until = Date.now() + PATIENCE
    while ((open.size > 0 || Date.now() - last < QUIET) && Date.now() < until) await new Promise((done) => setTimeout(done, 30))
    open.clear()
  }
}

async function worker(browser, base, queue) {
  const contexts = new Map()
  for (let next = queue.shift(); next; next = queue.shift()) {
    const { path, agent, locale, pictures } = next
    const kind = `${agent} ${locale}`
    let page = contexts.get(kind)
    if (!page) {
      const context = await browser.newContext({
        deviceScaleFactor: 2,
        userAgent: agent,
        locale,
        reducedMotion: 'reduce',
        colorScheme: 'light',
        serviceWorkers: 'block',
      })
      const opened = await context.newPage()
      page = { opened, quiet: quiet(opened), shoot: await context.newCDPSession(opened) }
      contexts.set(kind, page)
    }
    const { opened } = page
    const [first] = pictures
    await opened.setViewportSize({ width: first.width, height: first.height })
    await opened.goto(base + path, { timeout: PATIENCE })
    for (const { size, file, width, height, scale } of pictures) {
      await opened.setViewportSize({ width, height })
      if (size) await opened.evaluate(become, size)
      // In its frame, or by itself.
      const app = opened.frame({ name: 'app' }) ?? opened.mainFrame()
      await app.waitForFunction(there, undefined, { timeout: PATIENCE })
      await page.quiet()
      await app.waitForFunction(there, undefined, { timeout: PATIENCE })
      const clip = { x: 0, y: 0, width, height, scale }
      const { data } = await page.shoot.send('Page.captureScreenshot', { format: 'png', optimizeForSpeed: true, clip })
      writeFileSync(file, Buffer.from(data, 'base64'))
      line({ taken: file })
    }
    await opened.goto('about:blank')
  }
}

const browsers = await Promise.all(bases.map(launch))
const close = () => Promise.allSettled(browsers.map((browser) => browser.close()))
process.on('SIGTERM', () => void close().finally(() => process.exit(1)))
try {
  const queue = [...pages]
  await Promise.all(bases.flatMap((base, n) => Array.from({ length: AT_ONCE }, () => worker(browsers[n], base, queue))))
} catch (error) {
  line({ failed: String(error).split('\n')[0].slice(0, 400) })
  process.exitCode = 1
} finally {
  await close()
}
