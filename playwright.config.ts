import { defineConfig } from '@playwright/test'

const port = Number(process.env.LANAI_TEST_PORT ?? 8360)
const folder = process.env.LANAI_TEST_FOLDER ?? '/tmp/lanai-browser-tests'

export default defineConfig({
  testDir: 'tests/Browser',
  testMatch: process.env.LANAI_SHOTS ? 'shots.ts' : '*.spec.ts',
  outputDir: 'test-results',
  // Generous: they are reached only where something is wrong, and a busy machine is not.
  timeout: 150_000,
  expect: { timeout: 15_000 },
  workers: 1,
  retries: process.env.CI ? 2 : 0,
  reporter: [['list']],
  use: {
    actionTimeout: 15_000,
    baseURL: `http://localhost:${port}`,
    viewport: { width: 1280, height: 800 },
    launchOptions: {
      executablePath: '/usr/bin/chromium-headless-shell',
      args: ['--no-sandbox', '--disable-gpu', '--disable-quic', '--no-first-run', '--disable-background-networking', '--disable-component-update', '--disable-sync'],
    },
  },
  webServer: {
    command: `./lanai start --port ${port}`,
    url: `http://localhost:${port}/api/session`,
    timeout: 180_000,
    gracefulShutdown: { signal: 'SIGTERM', timeout: 5000 },
    stdout: 'pipe',
    env: {
      LANAI_DATABASE: `${folder}/lanai.sqlite`,
      LANAI_APPS: `${folder}/apps`,
      LANAI_CACHE: `${folder}/cache`,
      LANAI_STANDINS_FOLDER: `${folder}/standins`,
      LANAI_REVIEW_SECONDS: '3',
    },
  },
})
