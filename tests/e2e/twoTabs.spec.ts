import { join } from 'node:path'
import Database from 'libsql'
import { type Page, allKept, expect, open, test } from './fixtures'
import { answer, begin, readCautions } from './atTheBench'

test.beforeEach(({ context }) =>
  context.addInitScript(() => localStorage.setItem('rough-swatch-safety-read', String(Date.now()))),
)

/** Keeps a piece; ends on its page, and gives its address. */
async function keepPiece(page: Page, name: string): Promise<string> {
  await open(page, '/stash/add')
  await page.getByLabel('Name', { exact: true }).fill(name)
  await page.getByRole('button', { name: 'Add to stash' }).click()
  await expect(page.getByRole('heading', { level: 1, name })).toBeVisible()
  return new URL(page.url()).pathname
}

test('a second tab is told, and nothing is overwritten', async ({ context, page }) => {
  const path = await keepPiece(page, 'Lounge brocade')
  const other = await context.newPage()
  await open(page, `${path}/edit`)
  await open(other, `${path}/edit`)

  await page.getByLabel('Location').fill('Wicker hamper')
  await page.getByRole('button', { name: 'Save changes' }).click()
  await expect(page.getByText('Wicker hamper').first()).toBeVisible()

  await other.getByLabel('Location').fill('Tin trunk')
  await other.getByRole('button', { name: 'Save changes' }).click()
  const told = other.getByRole('alert').filter({ hasText: 'changed in another window' })
  await expect(told).toContainText('Tin trunk')
  await expect(told).toContainText('Wicker hamper')
  await page.reload()
  await expect(page.getByText('Wicker hamper').first()).toBeVisible()

  await other.getByRole('button', { name: 'Save my version' }).click()
  await expect(other.getByText('Tin trunk').first()).toBeVisible()
})

test('two tabs at one burn test: both answers are kept', async ({ context, page }) => {
  await readCautions(page)
  await begin(page)
  await answer(page, '2')
  await allKept(page)
  const other = await context.newPage()
  await open(other, page.url())
  await expect(other.locator('#question')).not.toContainText('Bring the flame near')

  await answer(page, '1')
  await allKept(page)
  await answer(other, '1', '2')
  await allKept(other)
  await page.goto(`${new URL(page.url()).pathname}/log`)
  const lines = page.getByRole('region', { name: 'Answers' }).getByRole('button')
  await expect(lines.filter({ hasNotText: '–' })).toHaveCount(3)
})

test('what cannot be read is told in its place, with what it holds, and can be taken out', async ({
  page,
  server,
}) => {
  const path = await keepPiece(page, 'Sun room canvas')
  await keepPiece(page, 'Billiard baize')
  const id = path.split('/').at(-1)!
  const notebook = new Database(join(server.home, 'notebook.sqlite'), { timeout: 5000 })
  const raw = '{"name":"Sun room canvas","widthMm":-4}'
  notebook.prepare('update record set data = ? where id = ?').run(raw, id)
  notebook.close()

  await open(page, '/stash')
  await expect(page.getByText('Billiard baize').first()).toBeVisible()
  const told = page.getByRole('region', { name: 'Unreadable records' })
  await expect(told).toContainText('There is a fabric here that we can’t read')
  await expect(told).toContainText('widthMm')
  await told.getByText('Its content', { exact: true }).click()
  await expect(told).toContainText(raw)

  await open(page, path)
  await expect(page.getByRole('heading', { level: 1, name: 'Unreadable record' })).toBeVisible()
  await page.getByRole('button', { name: 'Delete from the notebook' }).click()
  await page.getByRole('button', { name: 'Yes, delete it' }).click()
  await open(page, '/stash')
  await expect(page.getByText('Billiard baize').first()).toBeVisible()
  await expect(page.getByRole('region', { name: 'Unreadable records' })).toHaveCount(0)
})
