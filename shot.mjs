import { chromium } from '@playwright/test'
const b = await chromium.launch({ executablePath: '/usr/bin/chromium', args: ['--no-sandbox','--disable-gpu','--disable-quic','--no-first-run','--disable-background-networking','--disable-component-update','--disable-sync'] })
const p = await b.newPage({ viewport: { width: 1280, height: 800 }, colorScheme: process.env.DARK ? 'dark' : 'light' })
p.on('console', m => ['error','warning'].includes(m.type()) && console.log('console', m.text().slice(0,300)))
p.on('pageerror', e => console.log('pageerror', e.message.slice(0,300)))
await p.goto('http://localhost:8000/')
await p.waitForTimeout(1200)
if (process.argv[2] === 'sign') { await p.screenshot({ path: '/tmp/s.png' }); }
else {
  await p.getByRole('button', { name: 'Sign in' }).click()
  await p.waitForTimeout(900)
  await (await import(process.argv[2])).default(p)
}
await b.close()
