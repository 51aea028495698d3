import { readFileSync } from 'node:fs'
import { expect, test, type Page } from '@playwright/test'
import { openDemo } from './founder'

const axe = readFileSync('node_modules/axe-core/axe.min.js', 'utf8')

/** axe-core (WCAG 2.2 A and AA) finds nothing serious or critical. */
async function nothingSerious(page: Page, where: string): Promise<void> {
  for (const frame of page.frames()) {
    await frame.evaluate(axe)
    const found = await frame.evaluate(async () => {
      const run = await (window as unknown as { axe: { run: (c: Document, o: object) => Promise<{ violations: { id: string; impact: string; nodes: { html: string }[] }[] }> } }).axe.run(document, { runOnly: ['wcag2a', 'wcag2aa', 'wcag21aa', 'wcag22aa'], iframes: false })
      return run.violations.filter((v) => ['serious', 'critical'].includes(v.impact)).map((v) => `${v.id}: ${v.nodes.map((n) => n.html.slice(0, 140)).slice(0, 3).join(' | ')}`)
    })
    expect(found, `${where}, ${frame.url()}`).toEqual([])
  }
}

for (const colorScheme of ['light', 'dark'] as const) {
  test(`studio and device hold up to axe in the ${colorScheme}`, async ({ browser }) => {
    const page = await (await browser.newContext({ colorScheme, viewport: { width: 1280, height: 800 }, bypassCSP: true })).newPage()
    await page.goto('/')
    await expect(page.getByRole('button', { name: 'Sign in', exact: true })).toBeVisible()
    await nothingSerious(page, 'sign-in')
    await openDemo(page)
    for (const station of ['Screens', 'Data', 'Release']) {
      await page.getByRole('button', { name: new RegExp(`^${station}:`) }).click()
      await page.waitForTimeout(900)
      await nothingSerious(page, station)
    }
    const app = /apps\/(\d+)/.exec(page.url())?.[1]
    for (const part of ['map', 'theme', 'assets', 'routines']) {
      await page.goto(`/apps/${app}/screens/${part}`)
      await expect(page.getByText('Footprints').first()).toBeVisible()
      await page.waitForTimeout(900)
      await nothingSerious(page, part)
    }
    await page.goto(`/deck/${app}`)
    for (const [screen, args] of [['discover', []], ['post', [1]], ['profile', []], ['settings', []], ['welcome', []], ['spots', []], ['offer', []]] as [string, number[]][]) {
      const shown = page.waitForResponse((answer) => answer.url().endsWith('/view') && answer.request().postDataJSON().screen === screen)
      await page.evaluate(([screen, args, dark]) => {
        window.postMessage({ lanai: 'set', choice: { person: 1, dark } }, location.origin)
        window.postMessage({ lanai: 'open', screen, args }, location.origin)
      }, [screen, args, colorScheme === 'dark'] as const)
      await shown
      await page.waitForTimeout(400)
      await nothingSerious(page, screen)
    }
    await page.goto('/a/saltlark')
    await page.getByText('Dawn dip').click()
    await expect(page.getByText('Who is coming')).toBeVisible()
    await nothingSerious(page, 'device')
  })
}
