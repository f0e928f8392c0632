import { chromium } from '@playwright/test'
import { chromiumPath } from './chromium.mjs'
import { mkdirSync } from 'node:fs'
import { pages } from '../src/features/shared/pages.ts'

// Pictures of the main views, from a running demo: npm run shots -- http://127.0.0.1:4170 [FOLDER] [NAME …]
const [base = 'http://127.0.0.1:4170', folder = 'docs/screenshots', ...only] = process.argv.slice(2)
const DESK = { width: 1280, height: 800 }
const PHONE = { width: 390, height: 844 }

/** Keys of a burn of wool with something synthetic in it, up to the smell. */
const TO_SMELL = ['2', '3', '3', '2', '3', '2', '2']
const TO_END = [...TO_SMELL, '4', 'Enter', '4', '7', 'Enter', '4', '2']

/** A piece of the demo that is burnt, weighed and measured. */
const PIECE = 'Lobby curtain, sea green'

// `path` is an address of the list of pages; its `[id]` is the piece's, or with `burn` that of a burn of the piece.
const views = [
  { name: 'home', path: '/' },
  { name: 'identify', path: '/identify', query: 'piece' },
  { name: 'burn-test', keys: TO_SMELL.slice(0, 2) },
  { name: 'result', keys: TO_END },
  { name: 'project', path: '/make/projects/[id]' },
  { name: 'measure', path: '/identify/measure', query: 'piece' },
  { name: 'loupe', path: '/identify/measure', more: '/loupe', loupe: true },
  { name: 'practice', path: '/learn/practice', ask: ['Flame comes near', 'How it burns', 'Smell'] },
  { name: 'stash', path: '/stash' },
  { name: 'fabric', path: '/stash/[id]' },
  { name: 'matching', path: '/stash/[id]/patterns' },
  { name: 'layout', path: '/make/patterns/[id]/layout', cloth: true },
  { name: 'patterns', path: '/make/patterns' },
  { name: 'schedule', path: '/make/schedule' },
  { name: 'sew', path: '/stash/[id]/sew' },
  { name: 'take-apart', path: '/stash/[id]/take-apart', of: 'Chambermaid’s dress' },
  { name: 'dye', path: '/stash/[id]/dye', of: 'Dining room cloth', more: '?to=%237a1f2a&thread=polyester' },
  { name: 'burn-test-phone-dark', keys: TO_SMELL, size: PHONE, dark: true },
  { name: 'shopping-phone', path: '/make/shopping', size: PHONE },
]
for (const { path } of views)
  if (path && !pages.some((page) => page.path === path)) throw new Error(`${path} is no page of the list`)

mkdirSync(folder, { recursive: true })
const browser = await chromium.launch({
  executablePath: chromiumPath(),
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

const begun = await browser.newPage()
await begun.goto(`${base}/stash`)
const piece = await begun.getByRole('link', { name: PIECE }).first().getAttribute('href')
await begun.goto(base + piece)
await begun.locator('html[data-alive]').waitFor()
await begun.getByText(/^All properties/).click()
await begun.getByText(/^Reasons, and from which burn/).click()
const burn = await begun.locator('main a[href^="/identify/burn/"]').first().getAttribute('href')
const record = async (list, named) => {
  await begun.goto(`${base}${list}`)
  return begun.getByRole('link', { name: named }).first().getAttribute('href')
}
const project = await record('/make/projects', 'Harbour mistress')
const pattern = await record('/make/patterns', 'Ferryman’s jumpsuit')
await begun.goto(base + pattern)
const held = await begun
  .locator('main article h3 a')
  .evaluateAll((links) => links.slice(0, 1).map((link) => link.href))
const others = new Map()
for (const { of } of views) if (of) others.set(of, await record(`/stash?q=${encodeURIComponent(of)}`, of))
await begun.close()
const idOf = (address) => address.split('/').at(-1)
const RECORDS = [
  ['/identify/burn', burn],
  ['/make/projects', project],
  ['/make/patterns', pattern],
  ['/stash', piece],
]
const recordOf = (path) => RECORDS.find(([begins]) => path.startsWith(begins))?.[1] ?? piece
const addressOf = ({ path, query, more = '', cloth, of }) =>
  path.replace('[id]', idOf(of ? others.get(of) : recordOf(path))) +
  more +
  (query ? `?${query}=${idOf(piece)}` : '') +
  (cloth ? `?cloth=${idOf(held[0])}` : '')

for (const view of views) {
  const { name, path, keys, stay, type = [], ask = [], press, to, size = DESK, dark, loupe, charts, cloth } = view
  if (only.length > 0 && !only.includes(name)) continue
  const context = await browser.newContext({ locale: 'en-GB', viewport: size, colorScheme: dark ? 'dark' : 'light' })
  const page = await context.newPage()
  await page.addInitScript(() => localStorage.setItem('rough-swatch-safety-read', String(Date.now())))
  await page.goto(base + (path ? addressOf(view) : '/identify/burn'))
  await page.locator('html[data-alive]').waitFor()
  if (keys) {
    await page.getByRole('button', { name: 'Start burn test' }).click()
    await page.getByRole('heading', { name: 'Get ready' }).waitFor()
    if (!stay) await page.getByRole('button', { name: 'Start with the flame' }).click()
    if (!stay) await page.locator('#question').waitFor()
    for (const key of keys) {
      await page.keyboard.press(key)
      await page.waitForTimeout(250)
    }
  }
  for (const key of type) await page.keyboard.press(key)
  for (const one of ask) await page.getByRole('button', { name: one, exact: true }).click()
  if (loupe) {
    await page.getByText('No fabric at hand?').click()
    await page.getByRole('button', { name: 'Take photo' }).click()
    const picture = page.getByRole('img', { name: 'Photo', exact: true })
    await picture.waitFor()
    const box = await picture.boundingBox()
    // The made-up ruler: 308 of 1200 points to the cm.
    for (const x of [308, 924])
      await picture.click({ position: { x: (x / 1200) * box.width, y: box.height * 0.96 }, force: true })
    await page.getByLabel('From mark to mark').fill('20')
    await page.getByLabel('From mark to mark').blur()
    await page.getByRole('button', { name: 'Count threads' }).click()
    await page.getByText('Each line should lie on one thread.', { exact: false }).waitFor()
    await page.getByRole('heading', { name: '2. Result' }).evaluate((heading) => heading.scrollIntoView())
  }
  if (cloth) {
    await page.getByRole('button', { name: 'Lay out' }).click()
    await page.getByRole('button', { name: /^Lay out again/ }).waitFor()
  }
  if (charts) await page.locator('main svg').first().waitFor()
  if (press) await page.getByText(press, { exact: true }).click()
  if (to) await page.getByRole('heading', { name: to, exact: true }).evaluate((heading) => heading.scrollIntoView())
  await page.waitForTimeout(press ? 1200 : 300)
  await page.screenshot({ path: `${folder}/${name}.png` })
  // A test begun for its picture is deleted again.
  if (keys) {
    if (stay) {
      await page.getByRole('button', { name: 'Start with the flame' }).click()
      await page.keyboard.press('1')
    }
    const soFar = page.locator('summary').filter({ hasText: 'Looks most like' })
    if (await soFar.isVisible()) await soFar.click()
    const enough = page.getByRole('button', { name: 'Show the result now' })
    if (await enough.isVisible()) await enough.click()
    await page.getByRole('button', { name: 'Delete this test' }).click()
    await page.waitForURL(/\/identify\/burn$/)
  }
  await context.close()
}
await browser.close()
