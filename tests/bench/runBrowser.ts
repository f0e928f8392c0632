import { join } from 'node:path'
import { chromium, type Browser, type CDPSession, type Page } from '@playwright/test'
import config from '../../playwright.config'
import { openNotebook } from '@/server/database'
import { pathsIn, type Paths } from './pages/paths'
import { served, untilLookedOver } from './pages/pages'
import { report, type Figure } from './tools/report'
import { mustHave } from '@/core/lists/items'

/** How much slower than this machine’s the processor is made. */
const SLOWER = 4
const PHONE = { viewport: { width: 390, height: 844 }, hasTouch: true, isMobile: true, deviceScaleFactor: 2 }
const [MOST_KB, MOST_REQUESTS, MOST_TASK_MS, MOST_HEAP_MB] = [300, 60, 100, 20]
const MB = 1e6

/** What pages over a large stash cost in a browser: `npm run bench -- --browser --home FOLDER`. */
async function run(): Promise<void> {
  const at = process.argv.indexOf('--home')
  const home = mustHave(process.argv[at + 1])
  const db = await openNotebook(join(home, 'notebook.sqlite'))
  const paths = await pathsIn(db)
  const figures = await served(home, async ({ url, get, clock }) => {
    await untilLookedOver(db, get, clock)
    const browser = await chromium.launch(config.use?.launchOptions)
    try {
      return [
        ...(await fetchedOnAPhone(browser, `${url}/stash`)),
        ...(await longestTasks(browser, url)),
        ...(await heaps(browser, url, paths)),
      ]
    } finally {
      await browser.close()
    }
  })
  await db.destroy()
  report('In the browser', `Over 20,000 fabrics; tasks with a processor that is ${SLOWER} times slower.`, figures)
}

async function opened(page: Page, address: string): Promise<CDPSession> {
  const session = await page.context().newCDPSession(page)
  await page.goto(address)
  await page.locator('html[data-alive]').waitFor({ state: 'attached' })
  await page.waitForLoadState('networkidle')
  return session
}

/** What a phone fetches for a page that it has never seen. */
async function fetchedOnAPhone(browser: Browser, address: string): Promise<Figure[]> {
  const page = await (await browser.newContext(PHONE)).newPage()
  const session = await page.context().newCDPSession(page)
  await session.send('Network.enable')
  let [bytes, requests] = [0, 0]
  session.on('Network.loadingFinished', ({ encodedDataLength }) => {
    bytes += encodedDataLength
    requests += 1
  })
  await opened(page, address)
  await page.context().close()
  const kb = bytes / 1000
  return [
    {
      what: 'the stash on a phone, fetched',
      figure: `${kb.toFixed(0)} kB`,
      aim: `${MOST_KB} kB`,
      isMet: kb <= MOST_KB,
    },
    {
      what: 'the stash on a phone, requests',
      figure: String(requests),
      aim: String(MOST_REQUESTS),
      isMet: requests <= MOST_REQUESTS,
    },
  ]
}

/** The longest task while something is done, ms. */
async function longestTasks(browser: Browser, url: string): Promise<Figure[]> {
  const deeds: Readonly<Record<string, (page: Page) => Promise<void>>> = {
    scrolling: async (page) => {
      await page.mouse.move(700, 500)
      for (let i = 0; i < 20; i++) {
        await page.mouse.wheel(0, 120)
        await page.waitForTimeout(60)
      }
    },
    typing: async (page) => {
      await page.keyboard.press('/')
      await page.keyboard.type('ballroom velvet', { delay: 120 })
      await page.waitForTimeout(800)
    },
    filtering: async (page) => {
      await page
        .getByRole('button', { name: /^Weight/ })
        .first()
        .click()
      await page.waitForTimeout(800)
    },
  }
  const figures: Figure[] = []
  for (const [what, work] of Object.entries(deeds)) {
    const page = await browser.newPage({ viewport: { width: 1280, height: 800 } })
    const session = await opened(page, `${url}/stash`)
    await session.send('Emulation.setCPUThrottlingRate', { rate: SLOWER })
    await page.evaluate(() => {
      window.longTasks = []
      const note = (list: PerformanceObserverEntryList) =>
        window.longTasks?.push(...list.getEntries().map(({ duration }) => duration))
      new PerformanceObserver(note).observe({ type: 'longtask' })
    })
    await work(page)
    const longest = await page.evaluate(() => Math.max(0, ...(window.longTasks ?? [])))
    await page.close()
    figures.push({
      what: `the longest task while ${what}`,
      figure: longest === 0 ? 'under 50 ms' : `${longest.toFixed(0)} ms`,
      aim: `${MOST_TASK_MS} ms`,
      isMet: longest <= MOST_TASK_MS,
    })
  }
  return figures
}

/** What each page holds once what it does not need any more is swept, the largest first. */
async function heaps(browser: Browser, url: string, paths: Paths): Promise<Figure[]> {
  const held: { name: string; mb: number }[] = []
  for (const [name, path] of Object.entries(paths)) {
    const page = await browser.newPage({ viewport: { width: 1280, height: 800 } })
    const session = await opened(page, url + path)
    await session.send('HeapProfiler.collectGarbage')
    const { usedSize } = await session.send('Runtime.getHeapUsage')
    held.push({ name, mb: usedSize / MB })
    await page.close()
  }
  return held
    .sort((a, b) => b.mb - a.mb)
    .map(({ name, mb }) => ({
      what: `heap: ${name}`,
      figure: `${mb.toFixed(1)} MB`,
      aim: `${MOST_HEAP_MB} MB`,
      isMet: mb <= MOST_HEAP_MB,
    }))
}

declare global {
  interface Window {
    longTasks?: number[]
  }
}

void run().then(() => process.exit(0))
