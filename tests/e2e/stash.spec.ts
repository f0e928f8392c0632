import { type Page, choose, expect, test, open } from './fixtures'
import { answer, answerSeveral, readCautions, unfold } from './atTheBench'

/** Keeps a piece with the fields given by label; ends on its page. */
async function keepPiece(page: Page, fields: Record<string, string>): Promise<string> {
  await open(page, '/stash/add')
  for (const [label, value] of Object.entries(fields)) {
    await page.getByLabel(label, { exact: true }).fill(value)
  }
  await page.getByRole('button', { name: 'Add to stash' }).click()
  await expect(page.getByRole('heading', { level: 1, name: fields.Name! })).toBeVisible()
  return new URL(page.url()).pathname
}

test('a piece can be weighed again, a reading struck out, and the pooled weight follows', async ({ page }) => {
  await keepPiece(page, {
    Name: 'Ballroom lining',
    'Weight on the scale': '105',
    'Sample length': '100',
    'Sample width': '140',
  })
  await unfold(page, /^All properties/)
  await page.getByText('Weighings, and add one').click()
  const weight = page.getByRole('region', { name: 'Weight' })
  const readings = page.getByRole('row', { name: /^Weight/ }).getByRole('button', { name: 'Delete' })
  await expect(weight.getByText('from one reading', { exact: false })).toBeVisible()
  await expect(weight.getByText('75.0 ± 0.7 g/m²').first()).toBeVisible()

  await weight.getByLabel('Weight on the scale').fill('54')
  await weight.getByLabel('Sample length').fill('50')
  await weight.getByLabel('Sample width').fill('140')
  await weight.getByLabel('Sample width').blur()
  await weight.getByRole('button', { name: 'Save reading' }).click()
  await expect(weight.getByText('from 2 readings combined', { exact: false })).toBeVisible()

  await readings.first().click()
  await expect(weight.getByText('from one reading', { exact: false })).toBeVisible()
  await expect(weight.getByText('77.1', { exact: false }).first()).toBeVisible()
})

test('what is written can be changed, and nonsense is refused without loss', async ({ page }) => {
  const path = await keepPiece(page, { Name: 'Games room corduroy', 'Fabric type': 'corduroy' })
  await page.getByRole('link', { name: 'Edit' }).click()
  await page.getByLabel('Location').fill('Wicker hamper')
  await page.getByLabel('Name').fill('')
  await page.getByRole('button', { name: 'Save changes' }).click()
  await expect(page.getByRole('alert').filter({ hasText: 'Not saved yet' })).toBeVisible()
  await expect(page.getByLabel('Location')).toHaveValue('Wicker hamper')

  await page.getByLabel('Name').fill('Brown corduroy')
  await page.getByRole('radio', { name: 'washed', exact: true }).check({ force: true })
  await page.getByRole('button', { name: 'Save changes' }).click()
  await expect(page.getByRole('heading', { level: 1, name: 'Brown corduroy' })).toBeVisible()
  await expect(page.getByText('Wicker hamper').first()).toBeVisible()
  expect(new URL(page.url()).pathname).toBe(path)
})

test('a half-filled weighing is asked about, not dropped', async ({ page }) => {
  await open(page, '/stash/add')
  await page.getByLabel('Name').fill('Half weighed')
  await page.getByLabel('Weight on the scale').fill('12')
  await page.getByLabel('Weight on the scale').blur()
  await page.getByRole('button', { name: 'Add to stash' }).click()
  await expect(page.getByRole('alert').filter({ hasText: 'is not complete' })).toBeVisible()
  await open(page, '/stash')
  await expect(page.getByText('Half weighed')).toHaveCount(0)
})

test('a coarse scale is told how big a piece it wants', async ({ page }) => {
  await open(page, '/stash/add')
  await page.getByLabel('Weight on the scale').fill('3')
  await page.getByLabel('Sample length').fill('10')
  await page.getByLabel('Sample width').fill('10')
  await page.getByLabel('Sample width').blur()
  await expect(page.getByText('This scale needs a bigger piece', { exact: false })).toBeVisible()
  await page.getByLabel('Smallest step of the scale').fill('0.01')
  await page.getByLabel('Error of each side').fill('1')
  await page.getByLabel('Error of each side').blur()
  await expect(page.getByText('This scale needs a bigger piece', { exact: false })).toBeHidden()
})

test('the stash is searched in UK and US words, on shelves and as a list', async ({ page }) => {
  await keepPiece(page, { Name: 'Laundry bolt', 'Fabric type': 'calico', Location: 'Long shelf' })
  await keepPiece(page, { Name: 'Bundle without a ticket', Location: 'Under the stage' })
  await open(page, '/stash')
  const search = page.getByLabel('Search the stash')
  await search.fill('muslin')
  await expect(page.getByRole('link', { name: /Laundry bolt/ })).toBeVisible()
  await expect(page.getByRole('link', { name: /Bundle without a ticket/ })).toBeHidden()
  await search.fill('mystery')
  await expect(page.getByRole('link', { name: /Bundle without a ticket/ })).toBeVisible()
  await search.fill('long shelf laundry')
  await page.getByText('a list').click()
  await expect(page.getByRole('row')).toHaveCount(2)
  await expect(page.getByRole('row', { name: /Laundry bolt/ })).toContainText('Long shelf')
  await search.fill('zzz')
  await expect(page.getByText('We found no fabric called “zzz”.')).toBeVisible()
})

test('a piece comes off the shelf only when that is meant', async ({ page }) => {
  await keepPiece(page, { Name: 'Used up' })
  await page.getByRole('button', { name: /Remove from stash/ }).click()
  await page.getByRole('button', { name: 'Cancel' }).click()
  await expect(page.getByRole('heading', { level: 1, name: 'Used up' })).toBeVisible()
  await page.getByRole('button', { name: /Remove from stash/ }).click()
  await page.getByRole('button', { name: 'Remove', exact: true }).click()
  await expect(page).toHaveURL(/\/stash$/)
  await expect(page.getByText('Used up')).toHaveCount(0)
})

test('a label is believed until a burn speaks against it', async ({ page }) => {
  await readCautions(page)
  await open(page, '/stash/add')
  await page.getByLabel('Name').fill('Staff sash')
  await page.getByRole('button', { name: 'Enter what the label says' }).click()
  await page.getByLabel('Fibre').selectOption('silk')
  await page.getByRole('button', { name: 'Add to stash' }).click()
  await expect(page.getByText('silk, from the label').first()).toBeVisible()

  await page.getByRole('button', { name: 'Start burn test' }).click()
  await page.getByRole('button', { name: 'Start with the flame' }).click()
  await answer(page, '3', '3', '4', '4', '3', '2', '4')
  await answerSeveral(page, '7')
  await answerSeveral(page, '5')
  await answer(page, '4')
  await page.keyboard.press('3')
  await page.getByRole('link', { name: 'Back to Staff sash' }).click()
  await expect(page.getByText('label is wrong').first()).toBeVisible()
  await unfold(page, /^All properties/)
  await page.getByText('Reasons, and from which burn test').click()
  await expect(page.getByText('It does not fit.')).toBeVisible()
})

test('a pattern can be put away, and says what it will ask for before it is kept', async ({ page }) => {
  await open(page, '/make/patterns/add')
  await page.getByLabel('Name').fill('Eel puppet skin')
  await choose(page, 'Garment', 'leggings')
  await expect(page.getByRole('status').filter({ hasText: 'Needs:' })).toContainText('at least 40 % stretch')
  await page.getByLabel('Fabric for').fill('300')
  await page.getByLabel('to', { exact: true }).fill('200')
  await page.getByLabel('to', { exact: true }).blur()
  await page.getByRole('button', { name: 'Save pattern' }).click()
  await expect(page.getByText('from the lower to the higher', { exact: false }).first()).toBeVisible()
  await page.getByLabel('to', { exact: true }).fill('350')
  await page.getByLabel('to', { exact: true }).blur()
  await page.getByRole('button', { name: 'Save pattern' }).click()
  await expect(page.getByRole('heading', { level: 1, name: 'Eel puppet skin' })).toBeVisible()
  await page.getByRole('button', { name: 'Delete pattern' }).click()
  await page.getByRole('button', { name: 'Delete', exact: true }).click()
  await expect(page).toHaveURL(/\/make\/patterns$/)
  await expect(page.getByText('Eel puppet skin')).toHaveCount(0)
})
