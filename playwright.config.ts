import { defineConfig } from '@playwright/test'

const port = Number(process.env.LANAI_TEST_PORT ?? 8360)
const folder = process.env.LANAI_TEST_FOLDER ?? '/tmp/lanai-browser-tests'
const shots = process.env.LANAI_SHOTS !== undefined

/** Two halves of about the same length, each with a server, a demo and an order of its own, so that they can run at once. */
const halves = shots ? { shots: 'shots.ts' } : { 'a to f': /\/[a-f][^/]*\.spec\.ts$/, 'g to z': /\/[g-z][^/]*\.spec\.ts$/ }
const servers = Object.entries(halves).map(([name, testMatch], i) => ({
  name,
  testMatch,
  port: port + 10 * i,
  env: settings(`${folder}/${i}`, i === 0 && !shots),
}))

/** @param open to phones in the network, with the settings that this takes */
function settings(folder: string, open: boolean) {
  return {
    LANAI_DATABASE: `${folder}/lanai.sqlite`,
    LANAI_APPS: `${folder}/apps`,
    LANAI_CACHE: `${folder}/cache`,
    LANAI_LOGS: `${folder}/logs`,
    LANAI_STANDINS_FOLDER: `${folder}/standins`,
    LANAI_REVIEW_SECONDS: '3',
    // How slowly a password is told from its digest is no matter of these tests.
    BCRYPT_ROUNDS: '4',
    ...(open ? { LANAI_REGISTRATION: 'open', LANAI_DEMO_FORM: 'true' } : {}),
  }
}

export default defineConfig({
  testDir: 'tests/Browser',
  outputDir: 'test-results',
  // Generous: they are reached only where something is wrong, and a busy machine is not.
  timeout: 300_000,
  expect: { timeout: 30_000 },
  workers: servers.length,
  // A machine that is busy with everything else may fail one once; who needs the second try is named at the end as flaky.
  retries: 1,
  reporter: [['list']],
  use: {
    actionTimeout: 30_000,
    viewport: { width: 1280, height: 800 },
    // Dates are written as in Great Britain wherever the tests run.
    locale: 'en-GB',
    launchOptions: {
      executablePath: '/usr/bin/chromium-headless-shell',
      args: [
        '--no-sandbox',
        '--disable-gpu',
        // Letters as wide as phones have them, not rounded to whole pixels.
        '--font-render-hinting=none',
        '--disable-quic',
        '--no-first-run',
        '--disable-background-networking',
        '--disable-component-update',
        '--disable-sync',
      ],
    },
  },
  // Commands beside a server, which make what a test begins with, get its settings from here.
  projects: servers.map(({ name, testMatch, port, env }) => ({
    name,
    testMatch,
    workers: 1,
    metadata: { env },
    use: { baseURL: `http://localhost:${port}` },
  })),
  webServer: servers.map(({ port, env }, i) => ({
    // The first half is open to phones in the network, with the settings that this takes; the other stands as it is shipped.
    command: `./lanai start --port ${port}${i === 0 && !shots ? ' --host 0.0.0.0' : ''}`,
    url: `http://localhost:${port}/api/session`,
    timeout: 600_000,
    gracefulShutdown: { signal: 'SIGTERM' as const, timeout: 5000 },
    stdout: 'pipe' as const,
    env,
  })),
})
