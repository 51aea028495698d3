import { expect, test } from './test'
import { nothingSerious, openDemo, settled } from './founder'

for (const colorScheme of ['light', 'dark'] as const) {
  const rules = colorScheme === 'dark' ? ['color-contrast'] : undefined
  test(`studio and device hold up to axe in the ${colorScheme}`, async ({ browser }) => {
    const page = await (await browser.newContext({ colorScheme, viewport: { width: 1280, height: 800 }, bypassCSP: true })).newPage()
    await page.goto('/')
    await expect(page.getByRole('button', { name: 'Sign in', exact: true })).toBeVisible()
    await nothingSerious(page, 'sign-in', rules)
    const { id: app, slug } = await openDemo(page)
    for (const part of [
      'screens',
      'data',
      'people',
      'release',
      'screens/map',
      'screens/theme',
      'screens/assets',
      'screens/routines',
      'people/access',
      'people/sights',
      'people/list',
      'people/pages',
    ]) {
      await page.goto(`/apps/${app}/${part}`, { waitUntil: 'networkidle' })
      await expect(page.getByText('Footprints').first()).toBeVisible()
      await settled(page)
      await nothingSerious(page, part, rules)
    }
    await page.goto(`/deck/${app}`)
    await expect(page.getByText('Dawn dip')).toBeVisible()
    for (const [screen, args] of [
      ['discover', []],
      ['post', [1]],
      ['profile', []],
      ['settings', []],
      ['welcome', []],
      ['spots', []],
      ['offer', []],
      ['sign-in', []],
      ['account', []],
      ['requests', []],
    ] as [string, number[]][]) {
      const shown = page.waitForResponse((answer) => answer.url().endsWith('/view') && answer.request().postDataJSON().screen === screen)
      await page.evaluate(
        ([screen, args, dark]) => {
          window.postMessage({ lanai: 'set', choice: { person: 1, dark } }, location.origin)
          window.postMessage({ lanai: 'open', screen, args }, location.origin)
        },
        [screen, args, colorScheme === 'dark'] as const,
      )
      await shown
      await settled(page)
      await nothingSerious(page, screen, rules)
    }
    await page.goto(`/a/${slug}`)
    await page.getByText('Dawn dip').click()
    await expect(page.getByText('Who is coming')).toBeVisible()
    await nothingSerious(page, 'device', rules)
  })
}
