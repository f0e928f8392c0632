import { chromium } from '@playwright/test'
import { mkdirSync } from 'node:fs'

// Pictures of the running program: node scripts/shots.mjs BASE FOLDER NAME=PATH[@WIDTHxHEIGHT][!dark] …
const [base, folder, ...views] = process.argv.slice(2)
mkdirSync(folder, { recursive: true })
const browser = await chromium.launch({
  executablePath: process.env.CHROMIUM ?? '/usr/bin/chromium',
  args: ['--no-sandbox', '--disable-gpu', '--disable-quic', '--no-first-run', '--disable-background-networking', '--disable-component-update', '--disable-sync'],
})
for (const view of views) {
  const [, name, path, width = '1280', height = '800', dark] = /^([\w-]+)=([^@!]+)(?:@(\d+)x(\d+))?(!dark)?$/.exec(view)
  const page = await browser.newPage({ viewport: { width: Number(width), height: Number(height) }, colorScheme: dark ? 'dark' : 'light' })
  await page.addInitScript(() => sessionStorage.setItem('rough-swatch-safety-read', 'yes'))
  await page.goto(base + path, { waitUntil: 'networkidle' })
  await page.screenshot({ path: `${folder}/${name}.png`, fullPage: process.env.FULL === '1' })
  await page.close()
}
await browser.close()
