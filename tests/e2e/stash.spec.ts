import { type Page, choose, expect, test, open } from './fixtures'
import { answer, answerSeveral, readCautions } from './atTheBench'

/** Keeps a piece with the fields given by label; ends on its page. */
async function keepPiece(page: Page, fields: Record<string, string>): Promise<string> {
  await open(page, '/stash/new')
  for (const [label, value] of Object.entries(fields)) {
    await page.getByLabel(label, { exact: true }).fill(value)
  }
  await page.getByRole('button', { name: 'Keep it in the stash' }).click()
  await expect(page.getByRole('heading', { level: 1, name: fields.Name! })).toBeVisible()
  return new URL(page.url()).pathname
}

test('a piece can be weighed again, a reading struck out, and the pooled weight follows', async ({ page }) => {
  await keepPiece(page, {
    Name: 'Ballroom lining',
    'Weight on the scale': '105',
    'Specimen length': '100',
    'Specimen width': '140',
  })
  await page.getByText('The weighings, and another one').click()
  const weight = page.getByRole('region', { name: 'Weight' })
  const readings = page.getByRole('row', { name: /^Weight/ }).getByRole('button', { name: 'Strike out' })
  await expect(weight.getByText('from one reading', { exact: false })).toBeVisible()
  await expect(weight.getByText('75.0 ± 0.7 g/m²').first()).toBeVisible()

  await weight.getByLabel('Weight on the scale').fill('54')
  await weight.getByLabel('Specimen length').fill('50')
  await weight.getByLabel('Specimen width').fill('140')
  await weight.getByLabel('Specimen width').blur()
  await weight.getByRole('button', { name: 'Keep this reading' }).click()
  await expect(weight.getByText('from 2 readings pooled', { exact: false })).toBeVisible()

  await readings.first().click()
  await expect(weight.getByText('from one reading', { exact: false })).toBeVisible()
  await expect(weight.getByText('77.1', { exact: false }).first()).toBeVisible()
})

test('what is written can be changed, and nonsense is refused without loss', async ({ page }) => {
  const path = await keepPiece(page, { Name: 'Games room corduroy', 'What is it called?': 'corduroy' })
  await page.getByRole('link', { name: 'Change what is written' }).click()
  await page.getByLabel('Where it lies').fill('Wicker hamper')
  await page.getByLabel('Name').fill('')
  await page.getByRole('button', { name: 'Keep the changes' }).click()
  await expect(page.getByRole('alert').filter({ hasText: 'Not kept yet' })).toBeVisible()
  await expect(page.getByLabel('Where it lies')).toHaveValue('Wicker hamper')

  await page.getByLabel('Name').fill('Brown corduroy')
  await page.getByRole('radio', { name: 'washed', exact: true }).check({ force: true })
  await page.getByRole('button', { name: 'Keep the changes' }).click()
  await expect(page.getByRole('heading', { level: 1, name: 'Brown corduroy' })).toBeVisible()
  await expect(page.getByText('Wicker hamper').first()).toBeVisible()
  expect(new URL(page.url()).pathname).toBe(path)
})

test('a half-filled weighing is asked about, not dropped', async ({ page }) => {
  await open(page, '/stash/new')
  await page.getByLabel('Name').fill('Half weighed')
  await page.getByLabel('Weight on the scale').fill('12')
  await page.getByLabel('Weight on the scale').blur()
  await page.getByRole('button', { name: 'Keep it in the stash' }).click()
  await expect(page.getByRole('alert').filter({ hasText: 'half filled in' })).toBeVisible()
  await open(page, '/stash')
  await expect(page.getByText('Half weighed')).toHaveCount(0)
})

test('a coarse scale is told how big a piece it wants', async ({ page }) => {
  await open(page, '/stash/new')
  await page.getByLabel('Weight on the scale').fill('3')
  await page.getByLabel('Specimen length').fill('10')
  await page.getByLabel('Specimen width').fill('10')
  await page.getByLabel('Specimen width').blur()
  await expect(page.getByText('This scale wants a bigger piece', { exact: false })).toBeVisible()
  await page.getByLabel('Smallest step of the scale').fill('0.01')
  await page.getByLabel('How true each side is').fill('1')
  await page.getByLabel('How true each side is').blur()
  await expect(page.getByText('This scale wants a bigger piece', { exact: false })).toBeHidden()
})

test('the stash is searched in UK and US words, on shelves and as a list', async ({ page }) => {
  await keepPiece(page, { Name: 'Laundry bolt', 'What is it called?': 'calico', 'Where it lies': 'Long shelf' })
  await keepPiece(page, { Name: 'Bundle without a ticket', 'Where it lies': 'Under the stage' })
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
  await expect(page.getByText('Nothing on the shelves answers to “zzz”.')).toBeVisible()
})

test('a piece comes off the shelf only when that is meant', async ({ page }) => {
  await keepPiece(page, { Name: 'Used up' })
  await page.getByRole('button', { name: /Take it off the shelf/ }).click()
  await page.getByRole('button', { name: 'Leave it' }).click()
  await expect(page.getByRole('heading', { level: 1, name: 'Used up' })).toBeVisible()
  await page.getByRole('button', { name: /Take it off the shelf/ }).click()
  await page.getByRole('button', { name: 'Take it off', exact: true }).click()
  await expect(page).toHaveURL(/\/stash$/)
  await expect(page.getByText('Used up')).toHaveCount(0)
})

test('a label is believed until a burn speaks against it', async ({ page }) => {
  await readCautions(page)
  await open(page, '/stash/new')
  await page.getByLabel('Name').fill('Staff sash')
  await page.getByRole('button', { name: 'Say what the label claims' }).click()
  await page.getByLabel('Fibre').selectOption('silk')
  await page.getByRole('button', { name: 'Keep it in the stash' }).click()
  await expect(page.getByText('silk, by its label').first()).toBeVisible()

  await page.getByRole('button', { name: 'Burn a specimen of it' }).click()
  await page.getByRole('button', { name: 'To the flame' }).click()
  await answer(page, '3', '3', '4', '4', '3', '2', '4')
  await answerSeveral(page, '7')
  await answerSeveral(page, '5')
  await answer(page, '4')
  await page.keyboard.press('3')
  await page.getByRole('link', { name: 'Back to Staff sash' }).click()
  await expect(page.getByText('not what its label says').first()).toBeVisible()
  await page.getByText('Why, and from which burn').click()
  await expect(page.getByText('It does not fit.')).toBeVisible()
})

test('a pattern can be put away, and says what it will ask for before it is kept', async ({ page }) => {
  await open(page, '/patterns/new')
  await page.getByLabel('Name').fill('Eel puppet skin')
  await choose(page, 'What it makes', 'leggings')
  await expect(page.getByRole('status').filter({ hasText: 'It will ask for' })).toContainText('at least 40 % stretch')
  await page.getByLabel('Cloth from').fill('300')
  await page.getByLabel('to', { exact: true }).fill('200')
  await page.getByLabel('to', { exact: true }).blur()
  await page.getByRole('button', { name: 'Keep the pattern' }).click()
  await expect(page.getByText('from the lower to the higher', { exact: false }).first()).toBeVisible()
  await page.getByLabel('to', { exact: true }).fill('350')
  await page.getByLabel('to', { exact: true }).blur()
  await page.getByRole('button', { name: 'Keep the pattern' }).click()
  await expect(page.getByRole('heading', { level: 1, name: 'Eel puppet skin' })).toBeVisible()
  await page.getByRole('button', { name: 'Put this pattern away' }).click()
  await page.getByRole('button', { name: 'Put it away', exact: true }).click()
  await expect(page).toHaveURL(/\/patterns$/)
  await expect(page.getByText('Eel puppet skin')).toHaveCount(0)
})
