import { expect, open, test, type Page } from './fixtures'
import { keepPiece } from './keepPiece'

test.describe.configure({ mode: 'serial' })

test('a number counts as it was typed; what can be read in two ways is asked, and nothing is saved meanwhile', async ({
  page,
}) => {
  await open(page, '/stash/new')
  await page.getByLabel('Name').fill('Lobby linen')
  await page.getByLabel('Width, edge to edge').fill('55 in')
  const length = page.getByLabel('Length', { exact: true })
  await length.fill('1,250')
  await page.getByRole('button', { name: 'Keep it in the stash' }).click()
  const asked = page.getByRole('group', { name: 'Length: Which of these do you mean?' })
  await expect(asked).toBeVisible()
  await expect(page).toHaveURL(/\/stash\/new/)
  await asked.getByRole('button', { name: '1.25 m' }).click()
  await expect(asked).toBeHidden()
  await length.fill('2,50')
  await page.keyboard.press('Tab')
  await expect(length).toHaveValue('2.5')
  await page.getByRole('button', { name: 'Keep it in the stash' }).click()
  await expect(page.getByRole('heading', { level: 1, name: 'Lobby linen' })).toBeVisible()
  await expect(page.getByText(/2\.5 m/).first()).toBeVisible()
})

test('a width that no fabric has is asked about', async ({ page }) => {
  await open(page, '/stash/new')
  const width = page.getByLabel('Width, edge to edge')
  await width.fill('1400')
  await page.keyboard.press('Tab')
  const asked = page.getByRole('group', { name: /Width, edge to edge: That is unusual/ })
  await asked.getByRole('button', { name: '1,400 mm' }).click()
  await expect(width).toHaveValue('140')
})

async function startProject(page: Page, name: string) {
  await open(page, '/patterns')
  await page.getByRole('link', { name: 'Ferry cape' }).click()
  await page.getByRole('link', { name: 'Start a project' }).click()
  await page.getByLabel('What it is called').fill(name)
  await page.getByRole('button', { name: 'Begin with its cloth' }).click()
  await expect(page.getByText('Next: choose the main cloth.')).toBeVisible()
  await page.getByRole('button', { name: 'Take Harbour melton' }).first().click()
  await expect(page.getByText('Next: choose the main cloth.')).toBeHidden()
}

test('two projects are not promised the same fabric', async ({ page }) => {
  await keepPiece(page, 'Harbour melton', 'melton', '4.8', ['150', '3'])
  await open(page, '/patterns/new')
  await page.getByLabel('Name', { exact: true }).fill('Ferry cape')
  await page.getByLabel('Lengths', { exact: true }).fill('150 cm 2 m')
  await page.getByRole('button', { name: 'Keep the pattern' }).click()
  await expect(page.getByRole('heading', { level: 1, name: 'Ferry cape' })).toBeVisible()
  await startProject(page, 'Cape for the fox')
  await expect(page.getByText(/There is enough: it takes about .* there is 3 m\./).first()).toBeVisible()
  await startProject(page, 'Cape for the owl')
  await expect(page.getByRole('heading', { name: 'Main cloth: not enough' })).toBeVisible()
  await expect(page.getByText(/left beside what is reserved for Cape for the fox/).first()).toBeVisible()
  // What is missing stands on the list for the shop: for the second alone.
  await open(page, '/shop')
  await expect(page.getByRole('heading', { name: /Cape for the owl/ })).toBeVisible()
  await expect(page.getByText('Not enough is left of Harbour melton.')).toBeVisible()
  await expect(page.getByRole('heading', { name: /Cape for the fox/ })).toBeHidden()
})
