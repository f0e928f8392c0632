import {
  chmodSync,
  cpSync,
  mkdirSync,
  mkdtempSync,
  readdirSync,
  readFileSync,
  statSync,
  truncateSync,
  writeFileSync,
} from 'node:fs'
import { tmpdir } from 'node:os'
import { join } from 'node:path'
import Database from 'libsql'
import { startServer } from '../support/ownServer'
import { findings } from './everyScreen'
import { open, expect, test, type Page } from './fixtures'

/** A notebook with a piece in it, made through the pages' own server, and then a copy of it that is done some harm. */
async function harmed(server: { url: string; home: string }, page: Page, harm: (home: string) => void) {
  await open(page, '/identify')
  await page.getByRole('button', { name: 'Start with this fabric' }).click()
  await page.waitForURL(/piece=/)
  const home = mkdtempSync(join(tmpdir(), 'rough-swatch-trouble-'))
  for (const name of ['notebook.sqlite', 'notebook.sqlite-wal'])
    cpSync(join(server.home, name), join(home, name), { force: true })
  // All of it into the one file, so that the harm is done to all of it.
  const db = new Database(notebookIn(home))
  db.exec('pragma wal_checkpoint(truncate)')
  db.close()
  harm(home)
  return home
}

const notebookIn = (home: string) => join(home, 'notebook.sqlite')

const HARMS: [string, RegExp, (home: string) => void][] = [
  [
    'cut in half',
    /This notebook is damaged/,
    (home) => truncateSync(notebookIn(home), Math.floor(statSync(notebookIn(home)).size / 2)),
  ],
  [
    'overwritten at its head',
    /This notebook is damaged/,
    (home) => writeFileSync(notebookIn(home), Buffer.alloc(8192, 7), { flag: 'r+' }),
  ],
]

for (const [what, title, harm] of HARMS) {
  test(`a notebook that is ${what} is told of on every page, and not written to`, async ({ page, server }) => {
    const home = await harmed(server, page, harm)
    const before = readFileSync(notebookIn(home))
    const { url, stop } = await startServer(home)
    for (const path of ['/', '/stash', '/identify/samples']) {
      await open(page, url + path)
      await expect(page.getByRole('heading', { level: 1, name: title })).toBeVisible()
      await expect(page.getByRole('heading', { name: 'What to do' })).toBeVisible()
    }
    expect(await findings(page)).toEqual([])
    // What needs no notebook is there as ever; a computation that needs none answers.
    await open(page, `${url}/safety`)
    await expect(page.getByRole('heading', { level: 1 })).not.toHaveText(title)
    const weighed = await page.request.post(`${url}/api/v1/weigh`, {
      data: { readings: [{ grams: 3, lengthMm: 100, widthMm: 100 }] },
    })
    expect(weighed.status()).toBe(200)
    const matched = await page.request.post(`${url}/api/v1/match`, { data: { need: {}, fabricId: 1 } })
    expect(matched.status()).toBe(503)
    expect((await page.request.get(`${url}/rescue`)).status()).toBe(200)
    expect(readFileSync(notebookIn(home)).equals(before)).toBe(true)
    await stop()
  })
}

test('a second server with the same notebook says that there is a first', async ({ page, server }) => {
  await open(page, '/stash')
  const second = await startServer(server.home)
  await open(page, `${second.url}/stash`)
  await expect(page.getByRole('heading', { name: 'Another Rough Swatch has this notebook open' })).toBeVisible()
  await second.stop()
  await open(page, `${server.url}/stash`)
  await expect(page.getByRole('heading', { name: /Another Rough Swatch/ })).toBeHidden()
})

test(
  'a protected notebook is shown, says so, and keeps what was typed when it cannot ' + 'be kept',
  async ({ page, server }) => {
    const home = await harmed(server, page, (folder) => chmodSync(notebookIn(folder), 0o444))
    const { url, stop } = await startServer(home)
    await open(page, `${url}/stash`)
    await expect(page.getByText('This notebook is read-only.')).toBeVisible()
    await open(page, `${url}/identify`)
    await expect(page.getByRole('link', { name: /Unnamed fabric/ }).first()).toBeVisible()
    await open(page, `${url}/make/patterns/add`)
    await page.getByLabel('Name').first().fill('Smock for the fox')
    await page.getByRole('button', { name: /Save/ }).click()
    await expect(page.getByText(/Nothing was saved/)).toBeVisible()
    await expect(page.getByLabel('Name').first()).toHaveValue('Smock for the fox')
    // What the page still loads would fail with the server that goes.
    await page.goto('about:blank')
    await stop()
  },
)

test('a folder that cannot be one is told of', async ({ page }) => {
  const parent = mkdtempSync(join(tmpdir(), 'rough-swatch-trouble-'))
  const home = join(parent, 'taken')
  mkdirSync(parent, { recursive: true })
  writeFileSync(home, 'a file, not a folder')
  const { url, stop } = await startServer(home)
  await open(page, `${url}/stash`)
  await expect(page.getByRole('heading', { name: 'We can’t use the notebook’s folder' })).toBeVisible()
  await stop()
})

test('another program’s file, and a folder by its name, have a page each, and nothing of them is changed', async ({
  page,
}) => {
  const home = mkdtempSync(join(tmpdir(), 'rough-swatch-trouble-'))
  const songs = new Database(notebookIn(home))
  songs.exec('create table songs (id integer primary key, title text)')
  songs.close()
  const before = readFileSync(notebookIn(home))
  const first = await startServer(home)
  await open(page, `${first.url}/stash`)
  await expect(page.getByRole('heading', { name: 'This file belongs to another program' })).toBeVisible()
  await first.stop()
  expect(readFileSync(notebookIn(home)).equals(before)).toBe(true)
  expect(readdirSync(home)).toEqual(['notebook.sqlite'])
  const other = mkdtempSync(join(tmpdir(), 'rough-swatch-trouble-'))
  mkdirSync(notebookIn(other))
  const second = await startServer(other)
  await open(page, `${second.url}/stash`)
  await expect(page.getByRole('heading', { name: 'There is a folder where the notebook should be' })).toBeVisible()
  await second.stop()
})
