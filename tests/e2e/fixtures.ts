import { spawn } from 'node:child_process'
import { mkdtempSync } from 'node:fs'
import { createServer } from 'node:net'
import { tmpdir } from 'node:os'
import { join } from 'node:path'
import { expect, test as base, type Page } from '@playwright/test'

/** A server of its own for each spec, with an empty notebook. */
interface OwnServer {
  url: string
  home: string
}

/** A port that nobody listens on at this moment. */
function freePort(): Promise<number> {
  return new Promise((resolve, reject) => {
    const probe = createServer()
    probe.once('error', reject)
    probe.listen(0, '127.0.0.1', () => {
      const address = probe.address()
      probe.close(() =>
        typeof address === 'object' && address ? resolve(address.port) : reject(new Error('no port')),
      )
    })
  })
}

async function answers(url: string): Promise<boolean> {
  try {
    return (await fetch(url)).ok
  } catch {
    return false
  }
}

const LONGEST_START_MS = 30_000

/** A server with the notebook of that folder, and how to stop it. */
export async function serve(home: string): Promise<{ url: string; stop: () => Promise<void> }> {
  const port = await freePort()
  const url = `http://127.0.0.1:${port}`
  const child = spawn(
    process.execPath,
    ['node_modules/next/dist/bin/next', 'start', '-H', '127.0.0.1', '-p', String(port)],
    {
      env: { ...process.env, ROUGH_SWATCH_HOME: home, ROUGH_SWATCH_KIT: 'shown', NEXT_TELEMETRY_DISABLED: '1' },
      stdio: ['ignore', 'ignore', 'inherit'],
    },
  )
  const since = Date.now()
  while (!(await answers(`${url}/settings`))) {
    if (Date.now() - since > LONGEST_START_MS) throw new Error('the server did not start')
    await new Promise((resolve) => setTimeout(resolve, 100))
  }
  const ended = new Promise<void>((resolve) => child.once('exit', () => resolve()))
  return {
    url,
    stop: () => {
      child.kill('SIGTERM')
      return ended
    },
  }
}

export const test = base.extend<object, { server: OwnServer }>({
  server: [
    async ({}, provide) => {
      const home = mkdtempSync(join(tmpdir(), 'rough-swatch-e2e-'))
      const { url, stop } = await serve(home)
      await provide({ url, home })
      await stop()
    },
    { scope: 'worker' },
  ],
  baseURL: async ({ server }, provide) => provide(server.url),
  // Whatever a test does: nothing that the page's own policy forbids is ever tried.
  page: async ({ page }, provide) => {
    const forbidden: string[] = []
    page.on('console', (message) => {
      if (/Content Security Policy|Permissions policy/i.test(message.text())) forbidden.push(message.text())
    })
    await provide(page)
    expect(forbidden).toEqual([])
  },
})

export { expect, type Page }

/** Goes to a page, and waits until it has come alive: from then on keys and buttons count. */
export async function open(page: Page, path: string): Promise<void> {
  await page.goto(path)
  await alive(page)
}

export async function alive(page: Page): Promise<void> {
  await expect(page.locator('html[data-alive]')).toBeAttached()
}

/** Waits until every answer of a burn test lies in the notebook. */
export async function allKept(page: Page): Promise<void> {
  await expect(page.locator('[data-kept="yes"]').first()).toBeAttached()
}

/** Chooses one of many in a field that completes. */
export async function choose(page: Page, label: string, words: string): Promise<void> {
  const field = page.getByRole('combobox', { name: label })
  const option = page.getByRole('option', { name: words, exact: true })
  // The list is fetched when the field is come to: typed before it is there, the words find nothing.
  await expect(async () => {
    await field.fill('')
    await field.fill(words)
    await expect(option).toBeVisible({ timeout: 2000 })
  }).toPass({ timeout: 20_000 })
  await option.click()
  await expect(field).toHaveValue(words)
}
