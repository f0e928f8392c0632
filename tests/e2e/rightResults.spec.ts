import { expect, open, test, type Page } from './fixtures'
import { keepPiece } from './keepPiece'

test.describe.configure({ mode: 'serial' })

test('a number counts as it was typed; what can be read in two ways is asked, and nothing is saved meanwhile', async ({
  page,
}) => {
  await open(page, '/stash/add')
  await page.getByLabel('Name').fill('Lobby linen')
  await page.getByLabel('Width, edge to edge').fill('55 in')
  const length = page.getByLabel('Length', { exact: true })
  await length.fill('1,250')
  await page.getByRole('button', { name: 'Add to stash' }).click()
  const asked = page.getByRole('group', { name: 'Length: Which of these do you mean?' })
  await expect(asked).toBeVisible()
  await expect(page).toHaveURL(/\/stash\/add/)
  await asked.getByRole('button', { name: '1.25 m' }).click()
  await expect(asked).toBeHidden()
  await length.fill('2,50')
  await page.keyboard.press('Tab')
  await expect(length).toHaveValue('2.5')
  await page.getByRole('button', { name: 'Add to stash' }).click()
  await expect(page.getByRole('heading', { level: 1, name: 'Lobby linen' })).toBeVisible()
  await expect(page.getByText(/2\.5 m/).first()).toBeVisible()
})

test('a width that no fabric has is asked about', async ({ page }) => {
  await open(page, '/stash/add')
  const width = page.getByLabel('Width, edge to edge')
  await width.fill('1400')
  await page.keyboard.press('Tab')
  const asked = page.getByRole('group', { name: /That is unusual/ })
  await asked.getByRole('button', { name: '1,400 mm' }).click()
  await expect(width).toHaveValue('140')
})

async function startProject(page: Page, name: string) {
  await open(page, '/make/patterns')
  await page.getByRole('link', { name: 'Ferry cape' }).click()
  await page.getByRole('link', { name: 'Start a project' }).click()
  await page.getByLabel('Name of the project').fill(name)
  await page.getByRole('button', { name: 'Continue with its fabric' }).click()
  await expect(page.getByText('Next: choose the main fabric.')).toBeVisible()
  await page.getByRole('button', { name: 'Use Harbour melton' }).first().click()
  await expect(page.getByText('Next: choose the main fabric.')).toBeHidden()
}

test('two projects are not promised the same fabric', async ({ page }) => {
  await keepPiece(page, 'Harbour melton', 'melton', '4.8', ['150', '3'])
  await open(page, '/make/patterns/add')
  await page.getByLabel('Name', { exact: true }).fill('Ferry cape')
  await page.getByLabel('Lengths', { exact: true }).fill('150 cm 2 m')
  // What was read of it moves the button down: pressed meanwhile, it would be missed.
  await expect(page.getByRole('table', { name: 'Lengths by width and size' })).toBeVisible()
  await page.getByRole('button', { name: 'Save pattern' }).click()
  await expect(page.getByRole('heading', { level: 1, name: 'Ferry cape' })).toBeVisible()
  await startProject(page, 'Cape for the fox')
  await expect(page.getByText(/There is enough: you need about .* you have 3 m\./).first()).toBeVisible()
  await startProject(page, 'Cape for the owl')
  await expect(page.getByRole('heading', { name: 'Main fabric: not enough' })).toBeVisible()
  await expect(page.getByText(/left after what is reserved for Cape for the fox/).first()).toBeVisible()
  // What is missing stands on the list for the shop: for the second alone.
  await open(page, '/make/shopping')
  await expect(page.getByRole('heading', { name: /Cape for the owl/ })).toBeVisible()
  await expect(page.getByText('There is not enough left of Harbour melton.')).toBeVisible()
  await expect(page.getByRole('heading', { name: /Cape for the fox/ })).toBeHidden()
})
