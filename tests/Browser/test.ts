import { test as base } from '@playwright/test'

export * from '@playwright/test'

/** What a test opens beside its own page is closed with it: phones that stay open go on asking the server, which counts that. */
export const test = base.extend<{ tidy: void }>({
  tidy: [
    async ({ browser }, use) => {
      const before = new Set(browser.contexts())
      await use()
      for (const opened of browser.contexts()) if (!before.has(opened)) await opened.close()
    },
    { auto: true },
  ],
})
