import { expect, test } from './test'
import { buildForHere, device, fillBlank, openDemo, openStop, pick } from './founder'

test('from a sentence to an approved store submission', async ({ page }) => {
  test.setTimeout(300_000)
  await openDemo(page)

  await test.step('a changed sentence shows in the device', async () => {
    await fillBlank(page, /^a text: Pick a swim/, 'Pick a swim and never go in alone.')
    await expect(device(page).getByText('Pick a swim and never go in alone.')).toBeVisible()
  })

  await test.step('a row added on the device shows in Data', async () => {
    await device(page).getByRole('button', { name: 'Offer a swim' }).click()
    await device(page).getByLabel('Title').fill('Solstice swim')
    await device(page).getByRole('button', { name: 'Spot: nothing chosen' }).click()
    await device(page).getByRole('option', { name: 'Kelp Point' }).click()
    await pick(device(page), 'Starts', '2031-06-21', '05:30')
    await device(page).getByRole('textbox', { name: 'Places' }).fill('12')
    await device(page).getByRole('button', { name: 'Put it on the list' }).click()
    await expect(device(page).getByText('Your swim is on the list.')).toBeVisible()
    await expect(page.locator('.footprints')).toContainText('added Swim')
    await page.getByRole('button', { name: /^Data:/ }).click()
    await page.getByRole('navigation', { name: 'Tables' }).getByRole('button', { name: 'Swims' }).click()
    await expect(page.locator('[aria-label^="Title of row"]').last()).toHaveText('Solstice swim')
  })

  await test.step('the Android package is built', async () => {
    await page.getByRole('button', { name: /^Release:/ }).click()
    await openStop(page, 'What was built')
    await page.getByRole('button', { name: /^Put revision/ }).click()
    const android = page.locator('.target', { hasText: 'Android package' }).first()
    await buildForHere(page)
    await android.getByRole('button', { name: 'Build' }).click()
    await expect(android.locator('.build')).toHaveAttribute('data-state', 'done', { timeout: 60_000 })
    await android.getByRole('button', { name: 'Log' }).click()
    await expect(android.locator('.log')).toContainText('Signing')
  })

  const quay = page.locator('.target', { hasText: 'Quay' })
  await test.step('it is submitted and turned down for a real reason', async () => {
    await openStop(page, 'Where it stands')
    await quay.getByRole('button', { name: /^Submit APK/ }).click()
    await expect(quay.locator('.submission').first()).toHaveAttribute('data-state', 'turned down', { timeout: 30_000 })
    await expect(quay.getByText('The short description has 108 characters; at most 80 are allowed.')).toBeVisible()
  })

  await test.step('the mend is read as changed sentences, then applied', async () => {
    await quay.getByRole('button', { name: /^Shorten it to/ }).click()
    await expect(quay.locator('.was')).toContainText('Hosts, times and places')
    await expect(quay.locator('.now')).toContainText('summary is "Find a swim near you, in the sea and in good company."')
    await quay.getByRole('button', { name: 'Apply this mend' }).click()
    await expect(quay.getByText('This has been put right since. Submit again.')).toBeVisible()
  })

  await test.step('it is submitted again, approved and released', async () => {
    await quay.getByRole('button', { name: /^Submit APK/ }).click()
    await expect(quay.locator('.submission').first()).toHaveAttribute('data-state', 'approved', { timeout: 30_000 })
    await quay.getByRole('button', { name: '20 %' }).click()
    await expect(quay.getByText('It goes to 20 of a hundred people; the others still get the one before.')).toBeVisible()
    await quay.getByRole('button', { name: 'Halt it' }).click()
    await expect(quay.getByText('Nobody gets it any more; whoever has it keeps it.')).toBeVisible()
    await expect(quay.getByRole('button', { name: '5 %', exact: true })).toHaveCount(0)
    await quay.getByRole('button', { name: 'To everyone' }).click()
    const link = quay.getByRole('link', { name: 'its page in the store' })
    await expect(link).toBeVisible()
    const store = await page.context().newPage()
    await store.goto((await link.getAttribute('href')) ?? '')
    await expect(store.getByRole('heading', { level: 1 })).toHaveText('Saltlark: swim together')
    const download = store.waitForEvent('download')
    await store.getByRole('link', { name: /Install version 1.0.0/ }).click()
    expect((await download).suggestedFilename()).toBe('com.saltlark.companion.apk')
  })
})
