import { chromium, type Page } from '@playwright/test'
import config from '../../../playwright.config'

/** A wheel that is turned goes on by so much, px: one notch a frame is faster than anybody reads. */
const NOTCH_PX = 120

/** The longest frames of what is done with a mouse and with keys, ms. */
export async function benchFrames(url: string): Promise<void> {
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
