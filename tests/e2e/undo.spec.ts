import { expect, open, test, type Page } from './fixtures'
import { keepPiece } from './keepPiece'

const slip = (page: Page) => page.getByRole('alertdialog')

test('what was saved is told with its undoing, and who takes it back stands at the list again', async ({ page }) => {
  await keepPiece(page, 'Awning stripe', 'canvas', '3', ['140', '2'])
  await expect(slip(page)).toContainText('Saved: a fabric')
  await slip(page).getByRole('button', { name: 'Undo' }).click()
  await expect(page).toHaveURL(/\/stash$/)
  await expect(slip(page)).toContainText('Undone: a fabric')
  await expect(page.getByRole('link', { name: /Awning stripe/ })).toHaveCount(0)
  await slip(page).getByRole('button', { name: 'Redo' }).click()
  await expect(page.getByRole('link', { name: /Awning stripe/ })).toBeVisible()
})

test('what was removed is brought back by keyboard, from the page that it led to', async ({ page }) => {
  await keepPiece(page, 'Deck cloth', 'canvas', '3', ['140', '2'])
  await page.getByRole('button', { name: /Remove from stash/ }).click()
  await page.getByRole('button', { name: 'Remove', exact: true }).click()
  await expect(page).toHaveURL(/\/stash$/)
  await expect(slip(page)).toContainText('Deleted: a fabric')
  // The landmark of what was done is one key away from anywhere.
  await page.keyboard.press('F6')
  await expect(page.getByRole('region', { name: 'What was done' })).toBeVisible()
  for (let i = 0; i < 20; i++) {
    if (
      await slip(page)
        .getByRole('button', { name: 'Undo' })
        .evaluate((it) => it === document.activeElement)
    )
      break
    await page.keyboard.press('Tab')
  }
  await page.keyboard.press('Enter')
  await expect(page.getByRole('link', { name: /Deck cloth/ })).toBeVisible()
})

test('a change that was made again since is not taken back, and that is said', async ({ page }) => {
  await keepPiece(page, 'Cabin curtain', 'canvas', '3', ['140', '2'])
  const address = new URL(page.url()).pathname
  await open(page, `${address}/edit`)
  await page.getByLabel('Location').fill('Loft')
  await page.getByRole('button', { name: 'Save changes' }).click()
  await expect(slip(page)).toContainText('Changed: location')
  const other = await page.context().newPage()
  await open(other, `${address}/edit`)
  await other.getByLabel('Location').fill('Attic')
  await other.getByRole('button', { name: 'Save changes' }).click()
  await expect(other.getByText('Attic').first()).toBeVisible()
  await slip(page).getByRole('button', { name: 'Undo' }).click()
  await expect(slip(page).getByText('This was changed again later', { exact: false })).toBeVisible()
  await open(page, address)
  await expect(page.getByText('Attic').first()).toBeVisible()
})
