import { expect, open, type Page } from './fixtures'

/** Keeps a piece by the form, with its weight by a square of ten centimetres. @param size width cm, length m */
export async function keepPiece(page: Page, name: string, called: string, grams: string, size: [string, string]) {
  await open(page, '/stash/add')
  await page.getByLabel('Name').fill(name)
  await page.getByLabel('Fabric type').fill(called)
  await page.getByLabel('Weight on the scale').fill(grams)
  await page.getByLabel('Sample length').fill('10')
  await page.getByLabel('Sample width').fill('10')
  await page.getByLabel('Width, edge to edge').fill(size[0])
  await page.getByLabel('Length', { exact: true }).fill(size[1])
  await page.getByRole('button', { name: 'Add to stash' }).click()
  await expect(page.getByRole('heading', { level: 1, name })).toBeVisible()
}
