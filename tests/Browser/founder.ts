import { expect, type FrameLocator, type Page } from '@playwright/test'

/** Signs in with the form that the demo has filled in, and opens the demo app. */
export async function openDemo(page: Page, station = 'screens'): Promise<void> {
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
