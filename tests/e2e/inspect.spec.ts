import { expect, open, test } from './fixtures'

test('a cloth is named by looking, by keys, and kept under its name', async ({ page }) => {
  // Keys count once the page has come alive.
  await open(page, '/identify/name')
  const question = page.locator('#question')
  await expect(question).toContainText('How is it made?')
  await page.keyboard.press('1')
  await expect(question).toContainText('How do the threads cross?')
  await page.keyboard.press('4')
  const names = page.getByRole('region', { name: 'Looks most like' })
  await expect(names.getByRole('heading', { level: 3 }).first()).toBeVisible()
  await page.getByLabel('Weight').fill('330')
  await page.getByLabel('Weight').blur()
  await page.getByLabel('Answer another question').selectOption('back')
  await page.getByRole('button', { name: /Colours changed over/ }).click()
  await expect(names.getByRole('heading', { level: 3 }).first()).toContainText('Denim')
  await expect(names).toContainText('Fits: ')

  // An answer can be taken back and given anew.
  await page.getByRole('button', { name: 'The back: colours changed over' }).click()
  await page.getByRole('button', { name: /Plainer/ }).click()
  await expect(names.getByRole('heading', { level: 3 }).first()).not.toContainText('Denim')
  await page.keyboard.press('u')
  await page.getByLabel('Answer another question').selectOption('back')
  await page.getByRole('button', { name: /Colours changed over/ }).click()

  await page.getByRole('link', { name: 'Save to stash as denim' }).click()
  await expect(page.getByLabel('Fabric type')).toHaveValue('denim')
})

test('shops’ substitutions are warned of', async ({ page }) => {
  // Keys count once the page has come alive.
  await open(page, '/identify/name')
  await expect(async () => {
    await page.keyboard.press('2')
    await expect(page.locator('#question')).toContainText('knit', { timeout: 2_000 })
  }).toPass({ timeout: 60_000 })
  await page.getByLabel('Answer another question').selectOption('surface')
  await page.getByRole('button', { name: /Pebbled/ }).click()
  await page.getByRole('button', { name: /Foamy/ }).click()
  await page.getByRole('button', { name: /Done/ }).click()
  await expect(page.getByText('A foamy double knit is often sold as crepe', { exact: false })).toBeVisible()
})
