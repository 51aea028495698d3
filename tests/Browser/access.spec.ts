import { expect, test } from '@playwright/test'
import { nothingSerious, openDemo } from './founder'

for (const colorScheme of ['light', 'dark'] as const) {
  test(`studio and device hold up to axe in the ${colorScheme}`, async ({ browser }) => {
    const page = await (await browser.newContext({ colorScheme, viewport: { width: 1280, height: 800 }, bypassCSP: true })).newPage()
    await page.goto('/')
    await expect(page.getByRole('button', { name: 'Sign in', exact: true })).toBeVisible()
    await nothingSerious(page, 'sign-in')
    await openDemo(page)
    for (const station of ['Screens', 'Data', 'People', 'Release']) {
      await page.getByRole('button', { name: new RegExp(`^${station}:`) }).click()
      await page.waitForTimeout(900)
      await nothingSerious(page, station)
    }
    const app = /apps\/(\d+)/.exec(page.url())?.[1]
    for (const part of ['screens/map', 'screens/theme', 'screens/assets', 'screens/routines', 'people/access', 'people/sights', 'people/list', 'people/pages']) {
      await page.goto(`/apps/${app}/${part}`)
      await expect(page.getByText('Footprints').first()).toBeVisible()
      await page.waitForTimeout(900)
      await nothingSerious(page, part)
    }
    await page.goto(`/deck/${app}`)
    for (const [screen, args] of [['discover', []], ['post', [1]], ['profile', []], ['settings', []], ['welcome', []], ['spots', []], ['offer', []], ['sign-in', []], ['account', []], ['requests', []]] as [string, number[]][]) {
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
