import { mkdtempSync } from 'node:fs'
import { tmpdir } from 'node:os'
import { join } from 'node:path'
import { strToU8, unzipSync } from 'fflate'
import { startServer } from '../support/ownServer'
import { expect, open, test, type Page } from './fixtures'

async function keep(page: Page, name: string, at = ''): Promise<string> {
  await open(page, `${at}/stash/new`)
  await page.getByLabel('Name', { exact: true }).fill(name)
  await page.getByRole('button', { name: 'Add to stash' }).click()
  await expect(page.getByRole('heading', { level: 1, name })).toBeVisible()
  return new URL(page.url()).pathname
}

test('a change is taken back and done again, also after the server was started anew', async ({ page }) => {
  // Two servers are started on the way.
  const home = mkdtempSync(join(tmpdir(), 'rough-swatch-undo-'))
  const first = await startServer(home)
  const path = await keep(page, 'Lobby curtain', first.url)
  await open(page, `${first.url}${path}/edit`)
  await page.getByLabel('Location').fill('Wicker hamper')
  await page.getByRole('button', { name: 'Save changes' }).click()
  await expect(page.getByText('Wicker hamper').first()).toBeVisible()
  await first.stop()
  const second = await startServer(home)
  await open(page, second.url + path)
  await page.getByText('History and undo').click()
  await page.getByRole('button', { name: 'Undo: location changed' }).click()
  await expect(page.getByText('no location')).toBeVisible()
  await second.stop()
  const third = await startServer(home)
  await open(page, third.url + path)
  await page.getByText('History and undo').click()
  await page.getByRole('button', { name: 'Redo' }).click()
  await expect(page.getByText('Wicker hamper').first()).toBeVisible()
  await third.stop()
})

test('what is thrown away is taken out of the bin again, by keyboard', async ({ page }) => {
  await keep(page, 'Thrown away')
  await page.getByRole('button', { name: /Remove from stash/ }).click()
  await page.getByRole('button', { name: 'Remove', exact: true }).click()
  await expect(page).toHaveURL(/\/stash$/)
  await open(page, '/stash/backup')
  const out = page.getByRole('button', { name: 'Restore Thrown away from the bin' })
  await out.focus()
  await page.keyboard.press('Enter')
  await expect(out).toBeHidden()
  await open(page, '/stash?q=thrown')
  await expect(page.getByRole('link', { name: /Thrown away/ })).toBeVisible()
})

test('the notebook goes out, comes in after a look at what it would do, and is refused whole', async ({ page }) => {
  await keep(page, 'Ballroom lining')
  const document = await (await page.request.get('/api/v1/export')).text()
  const zip = unzipSync(new Uint8Array(await (await page.request.get('/api/v1/export?format=zip')).body()))
  expect(Object.keys(zip)).toEqual(expect.arrayContaining(['notebook.json', 'tables/pieces.csv']))
  const told = JSON.parse(document)
  told.records.find(({ data }: { data: { name?: string } }) => data.name === 'Ballroom lining').data.name = 'Renamed'
  const file = (text: string) => ({ name: 'book.json', mimeType: 'application/json', buffer: Buffer.from(text) })
  const choose = async (text: string) => {
    const picker = page.waitForEvent('filechooser')
    await page.getByRole('button', { name: 'Choose a file…' }).click()
    await (await picker).setFiles(file(text))
  }
  await open(page, '/stash/backup')
  await choose(JSON.stringify(told))
  // A worker thread looks it over: on a busy machine it is a while until it has begun.
  const foretold = page.getByText(/0 new, 1 changed, \d+ already here. Nothing has changed yet/)
  await expect(foretold).toBeVisible()
  await page.getByRole('button', { name: 'Import' }).click()
  await expect(page.getByText(/^Imported: 0 new, 1 changed/)).toBeVisible()
  told.records[0].data.name = 7
  await choose(JSON.stringify(told))
  await expect(page.getByText('records.0.data.name')).toBeVisible()
  await open(page, '/stash?q=renamed')
  await expect(page.getByRole('link', { name: /Renamed/ })).toBeVisible()
})

test('a backup is made, and put back; what was there before is in the next one', async ({ page }) => {
  const path = await keep(page, 'Before')
  await open(page, '/stash/backup')
  await page.getByRole('button', { name: 'Make a backup now' }).click()
  const list = page.getByRole('list', { name: 'Backups' })
  await expect(list.getByText(/by you/)).toHaveCount(1)
  await open(page, `${path}/edit`)
  await page.getByLabel('Name', { exact: true }).fill('After')
  await page.getByRole('button', { name: 'Save changes' }).click()
  await expect(page.getByRole('heading', { level: 1, name: 'After' })).toBeVisible()
  await open(page, '/stash/backup')
  await list.getByRole('button', { name: 'Restore' }).first().click()
  await list.getByRole('button', { name: 'Restore' }).click()
  await expect(list.getByText(/before another was restored/)).toHaveCount(1)
  await open(page, path)
  await expect(page.getByRole('heading', { level: 1, name: 'Before' })).toBeVisible()
})

test('over HTTP: out, in, the same, and refusals with a path', async ({ request }) => {
  const document = await (await request.get('/api/v1/export')).text()
  const again = await request.post('/api/v1/import', {
    data: Buffer.from(document),
    headers: { 'content-type': 'application/json' },
  })
  expect(await again.json()).toMatchObject({ created: 0, changed: 0 })
  const after = await (await request.get('/api/v1/export')).text()
  const bare = (text: string) => text.replace(/"exportedAt":"[^"]*"/, '')
  expect(bare(after)).toBe(bare(document))
  for (const [body, status] of [
    ['{', 422],
    ['', 400],
    ['{"format":"else","version":1,"exportedAt":"2026-05-02T10:00:00.000Z","records":[]}', 422],
  ] as const) {
    const answer = await request.post('/api/v1/import', { data: Buffer.from(strToU8(body)) })
    expect([body, answer.status()]).toEqual([body, status])
    expect((await answer.json()).error.issues[0].path).toMatch(/^(body|format)$/)
  }
  expect((await request.get('/api/v1/export?format=xls')).status()).toBe(400)
  const foreign = { origin: 'https://elsewhere.example' }
  expect((await request.post('/api/v1/import', { data: {}, headers: foreign })).status()).toBe(403)
})

test('after an import the first page counts at once what came in', async ({ page }) => {
  const own = await startServer(mkdtempSync(join(tmpdir(), 'rough-swatch-count-')))
  await keep(page, 'Bar towel', own.url)
  const told = JSON.parse(await (await page.request.get(`${own.url}/api/v1/export`)).text())
  const [one] = told.records.filter(({ kind }: { kind: string }) => kind === 'piece')
  const id = (at: number) => `${one.id.slice(0, -4)}${String(at).padStart(4, '0')}`
  told.records = Array.from({ length: 120 }, (_, at) => ({
    ...one,
    id: id(at),
    data: { ...one.data, name: `T ${at}` },
  }))
  await open(page, `${own.url}/stash/safe`)
  const picker = page.waitForEvent('filechooser')
  await page.getByRole('button', { name: 'Choose a file…' }).click()
  const buffer = Buffer.from(JSON.stringify(told))
  await (await picker).setFiles({ name: 'book.json', mimeType: 'application/json', buffer })
  await page.getByRole('button', { name: 'Import' }).click()
  await expect(page.getByText(/^Imported: 120 new/)).toBeVisible()
  // Clicked, not loaded anew: what the browser kept of it is of before.
  await page
    .getByRole('banner')
    .getByRole('link', { name: /Rough Swatch/ })
    .click()
  await expect(page.getByRole('heading', { level: 1, name: /What is this fabric/ })).toBeVisible()
  await expect(page.getByRole('link', { name: /^Show all \d+ fabrics/ })).toHaveText('Show all 121 fabrics')
  await own.stop()
})
