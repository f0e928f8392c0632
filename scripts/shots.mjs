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
  { name: 'table', path: '/' },
  { name: 'find-out', path: '/find-out', query: 'piece' },
  { name: 'bench', keys: TO_SMELL.slice(0, 2) },
  { name: 'verdict', keys: TO_END },
  { name: 'project', path: '/projects/[id]' },
  { name: 'measure', path: '/measure', query: 'piece' },
  { name: 'loupe', path: '/measure', more: '/loupe', loupe: true },
  { name: 'practice', path: '/learn/practice', ask: ['Flame comes near', 'How it burns', 'Smell'] },
  { name: 'stash', path: '/stash' },
  { name: 'piece', path: '/stash/[id]' },
  { name: 'match', path: '/stash/[id]/patterns' },
  { name: 'lay', path: '/patterns/[id]/lay', cloth: true },
  { name: 'patterns', path: '/patterns' },
  { name: 'plan', path: '/projects/[id]/plan' },
  { name: 'sew', path: '/stash/[id]/sew' },
  { name: 'apart', path: '/stash/[id]/apart', of: 'Chambermaid’s dress' },
  { name: 'dye', path: '/stash/[id]/dye', of: 'Dining room cloth', more: '?to=%237a1f2a&thread=polyester' },
  { name: 'bench-phone-dark', keys: TO_SMELL, size: PHONE, dark: true },
  { name: 'shop-phone', path: '/shop', size: PHONE },
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
await begun.getByText(/^Why, and from which burn/).click()
const burn = await begun.locator('main a[href^="/bench/"]').first().getAttribute('href')
const record = async (list, named) => {
  await begun.goto(`${base}${list}`)
  return begun.getByRole('link', { name: named }).first().getAttribute('href')
}
const project = await record('/projects', 'Harbour mistress')
const pattern = await record('/patterns', 'Ferryman’s jumpsuit')
await begun.goto(base + pattern)
const held = await begun
  .locator('main article h2 a')
  .evaluateAll((links) => links.slice(0, 1).map((link) => link.href))
const others = new Map()
for (const { of } of views) if (of) others.set(of, await record(`/stash?q=${encodeURIComponent(of)}`, of))
await begun.close()
const idOf = (address) => address.split('/').at(-1)
const RECORDS = [
  ['/bench', burn],
  ['/projects', project],
  ['/patterns', pattern],
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
  const context = await browser.newContext({ viewport: size, colorScheme: dark ? 'dark' : 'light' })
  const page = await context.newPage()
  await page.addInitScript(() => sessionStorage.setItem('rough-swatch-safety-read', 'yes'))
  await page.goto(base + (path ? addressOf(view) : '/bench'))
  await page.locator('html[data-alive]').waitFor()
  if (keys) {
    await page.getByRole('button', { name: 'Burn a specimen' }).click()
    await page.getByRole('heading', { name: 'Lay it out' }).waitFor()
    if (!stay) await page.getByRole('button', { name: 'To the flame' }).click()
    if (!stay) await page.locator('#question').waitFor()
    for (const key of keys) {
      await page.keyboard.press(key)
      await page.waitForTimeout(250)
    }
  }
  for (const key of type) await page.keyboard.press(key)
  for (const one of ask) await page.getByRole('button', { name: one, exact: true }).click()
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
  if (cloth) {
    await page.getByRole('button', { name: 'Lay it out' }).click()
    await page.getByRole('button', { name: /^Lay it again/ }).waitFor()
  }
  if (charts) await page.locator('main svg').first().waitFor()
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
