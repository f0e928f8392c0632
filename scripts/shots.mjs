import { chromium } from '@playwright/test'
import { mkdirSync } from 'node:fs'

// Pictures of the main views, from a running demo: npm run shots -- http://127.0.0.1:4170 [FOLDER] [NAME …]
const [base = 'http://127.0.0.1:4170', folder = 'docs/screenshots', ...only] = process.argv.slice(2)
const DESK = { width: 1280, height: 800 }
const PHONE = { width: 390, height: 844 }

/** Keys of a burn of wool with something synthetic in it, up to the smell. */
const TO_SMELL = ['2', '3', '3', '2', '3', '2', '2']
const TO_END = [...TO_SMELL, '4', 'Enter', '4', '7', 'Enter', '4', '2']

const views = [
  { name: 'table', path: '/' },
  { name: 'bench', keys: TO_SMELL.slice(0, 2) },
  { name: 'verdict', keys: TO_END },
  { name: 'evidence', path: '/bench/18', press: 'What each answer did', to: 'Why' },
  { name: 'log', path: '/bench/19/log' },
  { name: 'controls', path: '/bench/controls' },
  { name: 'tests', path: '/bench/tests' },
  { name: 'inspect', path: '/inspect', type: ['1'] },
  { name: 'measure', path: '/measure?piece=1' },
  { name: 'loupe', path: '/measure/loupe?piece=1', loupe: true },
  { name: 'weave', path: '/weave' },
  { name: 'sheet', path: '/stash/1/sheet' },
  { name: 'stash', path: '/stash' },
  { name: 'piece', path: '/stash/8' },
  { name: 'match', path: '/stash/1/patterns' },
  { name: 'patterns', path: '/patterns' },
  {
    name: 'weigh',
    path: '/stash/new',
    fill: { 'Weight on the scale': '3', 'Specimen length': '10', 'Specimen width': '10' },
  },
  { name: 'safety', path: '/safety' },
  { name: 'bench-phone-dark', keys: TO_SMELL, size: PHONE, dark: true },
]

mkdirSync(folder, { recursive: true })
const browser = await chromium.launch({
  executablePath: process.env.CHROMIUM ?? '/usr/bin/chromium',
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
for (const { name, path, keys, stay, type = [], press, to, fill = {}, size = DESK, dark, loupe } of views) {
  if (only.length > 0 && !only.includes(name)) continue
  const context = await browser.newContext({ viewport: size, colorScheme: dark ? 'dark' : 'light' })
  const page = await context.newPage()
  await page.addInitScript(() => sessionStorage.setItem('rough-swatch-safety-read', 'yes'))
  await page.goto(base + (path ?? '/bench'), { waitUntil: 'networkidle' })
  if (keys) {
    await page.getByRole('button', { name: 'Burn a specimen' }).click()
    await page.getByRole('heading', { name: 'Lay it out' }).waitFor()
    if (!stay) await page.getByRole('button', { name: 'To the flame' }).click()
    for (const key of keys) {
      await page.keyboard.press(key)
      await page.waitForTimeout(150)
    }
  }
  for (const [label, value] of Object.entries(fill)) {
    await page.getByLabel(label).fill(value)
    await page.getByLabel(label).blur()
  }
  for (const key of type) await page.keyboard.press(key)
  if (loupe) {
    await page.getByText('No cloth at hand?').click()
    await page.getByRole('button', { name: 'Take its picture' }).click()
    const picture = page.getByRole('img', { name: 'The picture', exact: true })
    await picture.waitFor()
    const box = await picture.boundingBox()
    // The made-up ruler: 308 of 1200 points to the cm.
    for (const x of [308, 924])
      await picture.click({ position: { x: (x / 1200) * box.width, y: box.height * 0.96 }, force: true })
    await page.getByLabel('From mark to mark').fill('20')
    await page.getByLabel('From mark to mark').blur()
    await page.getByRole('button', { name: 'Count the threads' }).click()
    await page.getByText('Each line should lie along one thread.', { exact: false }).waitFor()
    await page.getByRole('heading', { name: '2. What was counted' }).evaluate((heading) => heading.scrollIntoView())
  }
  if (press) await page.getByText(press, { exact: true }).click()
  if (to) await page.getByRole('heading', { name: to, exact: true }).evaluate((heading) => heading.scrollIntoView())
  await page.waitForTimeout(press ? 1200 : 300)
  await page.screenshot({ path: `${folder}/${name}.png` })
  // A test begun for its picture is thrown away again.
  if (keys) {
    if (stay) {
      await page.getByRole('button', { name: 'To the flame' }).click()
      await page.keyboard.press('1')
    }
    const enough = page.getByRole('button', { name: 'Enough: show the verdict' })
    if (await enough.isVisible()) await enough.click()
    await page.getByRole('button', { name: 'Throw this test away' }).click()
    await page.waitForURL(/\/bench$/)
  }
  await context.close()
}
await browser.close()
