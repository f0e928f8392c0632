import { chromium } from 'playwright-core'
const [who, size, ...paths] = process.argv.slice(2)
const b = await chromium.launch({
  executablePath: '/usr/bin/chromium-headless-shell',
  args: [
    '--no-sandbox',
    '--disable-gpu',
    '--disable-quic',
    '--no-first-run',
    '--disable-background-networking',
    '--disable-component-update',
    '--disable-sync',
  ],
})
const c = await b.newContext({
  locale: who === 'us' ? 'en-US' : 'en-GB',
  viewport: size === 'p' ? { width: 390, height: 844 } : { width: 1280, height: 800 },
})
const p = await c.newPage()
let i = 0
for (const path of paths) {
  await p.goto('http://127.0.0.1:4300' + path)
  await p.locator('html[data-alive]').waitFor()
  await p.waitForTimeout(900)
  await p.screenshot({ path: `/tmp/pic-${size}-${i++}.png` })
}
await b.close()
