import { gzipSync } from 'node:zlib'
import { chromium, type Page } from '@playwright/test'
import config from '../../playwright.config'
import { startServer } from '../support/ownServer'

/** Each page is asked for so often; the first few times open what it needs. */
const ASKED = 13
const FIRST = 4

/** Addresses of every page whose time hangs on how much there is; `[x]` stands for the first of its kind. */
const PATHS = [
  '/',
  '/stash',
  '/stash?family=plant&weight=light',
  '/stash/overview',
  '/stash/[id]',
  '/make/patterns',
  '/make/patterns/[id]',
  '/make/projects',
  '/make/projects/[id]',
  '/make/schedule',
  '/search?q=ballroom',
]

/**
 * How long the built program takes for its pages over that notebook, against a page that reads nothing of it; and how
 * long a frame takes while its shelves are scrolled and filtered.
 * @param home folder of the notebook
 */
export async function benchPages(home: string): Promise<void> {
  const { url, stop } = await startServer(home)
  try {
    await untilLookedOver(url)
    const bare = await medianMs(`${url}/safety`)
    console.log(`\nPages over it (a page that reads none of it: ${bare.ms.toFixed(0)} ms)`)
    for (const path of PATHS) {
      const address = url + (await withId(url, path))
      const { ms, html } = await medianMs(address)
      const size = gzipSync(html).length / 1000
      console.log(
        `  ${path}: ${ms.toFixed(0)} ms, ${(ms / bare.ms).toFixed(1)} times that; ` +
          `${(html.length / 1000).toFixed(0)} kB of HTML, ${size.toFixed(0)} kB compressed`,
      )
    }
    await benchFrames(url)
  } finally {
    await stop()
  }
}

async function untilLookedOver(url: string): Promise<void> {
  while (/pieces? (is|are) (still )?(to be|being) looked over/i.test(await (await fetch(`${url}/stash`)).text()))
    await new Promise((resolve) => setTimeout(resolve, 500))
}

async function withId(url: string, path: string): Promise<string> {
  if (!path.endsWith('[id]')) return path
  const list = path.slice(0, -'/[id]'.length)
  const [, id] = new RegExp(`href="${list}/([0-9a-f-]{36})`).exec(await (await fetch(url + list)).text()) ?? []
  return `${list}/${id}`
}

async function medianMs(address: string): Promise<{ ms: number; html: string }> {
  const times: number[] = []
  let html = ''
  for (let i = 0; i < ASKED; i++) {
    const since = performance.now()
    html = await (await fetch(address)).text()
    if (i >= FIRST) times.push(performance.now() - since)
  }
  return { ms: times.sort((a, b) => a - b)[Math.floor(times.length / 2)]!, html }
}

/** A wheel that is turned goes on by so much, px: one notch a frame is faster than anybody reads. */
const NOTCH_PX = 120

/** The longest frames of what is done with a mouse and with keys, ms. */
async function benchFrames(url: string): Promise<void> {
  const browser = await chromium.launch(config.use?.launchOptions)
  const page = await browser.newPage({ viewport: { width: 1280, height: 800 } })
  // tsx keeps the names of functions by a helper, which a page has not.
  await page.addInitScript('globalThis.__name = (named) => named')
  await page.goto(`${url}/stash`)
  await page.locator('html[data-alive]').waitFor()
  await watchFrames(page)
  await page.mouse.move(700, 500)
  for (let i = 0; i < 60; i++) {
    await page.mouse.wheel(0, NOTCH_PX)
    await page.waitForTimeout(16)
  }
  console.log(`  frames while the shelves are scrolled: ${await framesOf(page)}`)
  await watchFrames(page)
  await page.keyboard.press('/')
  await page.keyboard.type('ballroom velvet', { delay: 60 })
  console.log(`  frames while the search is typed into: ${await framesOf(page)}`)
  await browser.close()
}

declare global {
  interface Window {
    framesSeen?: number[]
  }
}

async function watchFrames(page: Page): Promise<void> {
  await page.evaluate(() => {
    const frames: number[] = (window.framesSeen = [])
    let before = performance.now()
    requestAnimationFrame(function next(at) {
      if (window.framesSeen !== frames) return
      frames.push(at - before)
      before = at
      requestAnimationFrame(next)
    })
  })
}

async function framesOf(page: Page): Promise<string> {
  const frames = await page.evaluate(() => window.framesSeen ?? [])
  const inOrder = frames.slice(1).sort((a, b) => a - b)
  const at = (share: number) => inOrder[Math.min(inOrder.length - 1, Math.floor(inOrder.length * share))] ?? 0
  return `${inOrder.length}, median ${at(0.5).toFixed(0)} ms, longest ${at(1).toFixed(0)} ms`
}
