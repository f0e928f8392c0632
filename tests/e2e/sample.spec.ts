import { expect, open, test } from './fixtures'
import { keepPiece } from './keepPiece'

test('the sample notebook is opened beside one’s own, marked, and never mixed with it', async ({ page, request }) => {
  await keepPiece(page, 'My very own rag', 'calico', '2', ['90', '1'])
  const mine = new URL(page.url()).pathname
  await open(page, '/settings')
  await page.getByRole('button', { name: 'Look around in a sample notebook' }).click()
  const slip = page.getByRole('note', { name: 'Sample notebook' })
  // It is filled the first time.
  await expect(slip).toBeVisible({ timeout: 60_000 })
  await open(page, '/stash')
  await expect(slip).toBeVisible()
  await expect(page.getByRole('link', { name: /Lobby curtain, sea green/ })).toBeVisible()
  await expect(page.getByText('My very own rag')).toHaveCount(0)
  expect((await page.goto(mine))!.status()).toBe(404)
  await open(page, '/stash/add')
  await page.getByLabel('Name').fill('Not to be saved')
  await page.getByRole('button', { name: 'Add to stash' }).click()
  await expect(page.getByText('This is the sample notebook', { exact: false })).toBeVisible()
  await open(page, '/stash/backup')
  await page.getByRole('button', { name: 'Make a backup now' }).click()
  await expect(page.getByText('This is the sample notebook', { exact: false })).toBeVisible()
  // Who asks over HTTP without having chosen it is answered from the own one.
  const exported = await request.get('/api/v1/export')
  expect(await exported.text()).toContain('My very own rag')
  await slip.getByRole('button', { name: 'Back to my notebook' }).click()
  await expect(slip).toBeHidden()
  await open(page, '/stash')
  await expect(page.getByRole('link', { name: /My very own rag/ })).toBeVisible()
  await expect(page.getByText('Not to be saved')).toHaveCount(0)
})
