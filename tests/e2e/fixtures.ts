import { mkdtempSync } from 'node:fs'
import { tmpdir } from 'node:os'
import { join } from 'node:path'
import { expect, test as base, type Page } from '@playwright/test'
import { startServer } from '../support/ownServer'

/** A server of its own for each spec, with an empty notebook. */
interface SpecServer {
  url: string
  home: string
}

export const test = base.extend<object, { server: SpecServer }>({
  server: [
    async ({}, provide) => {
      const home = mkdtempSync(join(tmpdir(), 'rough-swatch-e2e-'))
      const { url, stop } = await startServer(home)
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

/** Chooses one of many in a field that completes, and empties itself again. */
export async function pick(page: Page, label: string, words: string): Promise<void> {
  const field = page.getByRole('combobox', { name: label })
  const option = page.getByRole('option', { name: words, exact: true })
  // The list is fetched when the field is come to: typed before it is there, the words find nothing.
  await expect(async () => {
    await field.fill('')
    await field.fill(words)
    await expect(option).toBeVisible({ timeout: 2000 })
  }).toPass({ timeout: 60_000 })
  await option.click()
}

/** Chooses one of many in a field that completes, and keeps it. */
export async function choose(page: Page, label: string, words: string): Promise<void> {
  await pick(page, label, words)
  await expect(page.getByRole('combobox', { name: label })).toHaveValue(words)
}
