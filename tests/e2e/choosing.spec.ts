import { expect, open, test } from './fixtures'
import { keepPiece } from './keepPiece'
import { openSteps } from './atTheBench'

const ENVELOPE = `Winter coat, fully lined, with lapels.
Fabrics: heavyweight wool, melton, tweed. Not suitable for obvious diagonals.
Lining: lightweight lining such as cupro
Our testers loved it
Notions: thread, 5 large buttons
140 cm 2.4 m
150 cm 2.2 m
Lining: 140 cm 1.9 m`

test.describe.configure({ mode: 'serial' })

test('from an envelope’s words to a pattern, looked over and corrected', async ({ page }) => {
  await open(page, '/make/patterns/add')
  await page.getByLabel('Text from the envelope').fill(ENVELOPE)
  await page.getByRole('button', { name: 'Read the text' }).click()
  await expect(page.getByText('“Our testers loved it”')).toBeVisible()
  await expect(page.getByRole('combobox', { name: 'Garment' })).toHaveValue('coat')
  await expect(page.getByRole('group', { name: 'Details' }).getByRole('button', { name: 'lapel' })).toBeVisible()
  // Nothing counts before it is confirmed, beside the line that it was read from.
  const confirm = page.getByRole('region', { name: 'Lengths to confirm' })
  await expect(confirm.getByRole('row')).toHaveCount(4)
  await expect(confirm.getByRole('row').last()).toHaveText('Lining140 cm1.9 m“Lining: 140 cm 1.9 m”')
  await expect(page.getByLabel('Lengths', { exact: true })).toHaveValue('')
  await confirm.getByRole('button', { name: 'Use these lengths' }).click()
  await expect(page.getByRole('table', { name: 'Lengths by width and size' }).first()).toContainText('2.4 m')
  await expect(page.getByRole('region', { name: 'lining 1' })).toBeVisible()
  await page.getByLabel('Name', { exact: true }).fill('Winter coat')
  await page.getByRole('button', { name: 'Save pattern' }).click()
  await expect(page.getByRole('heading', { level: 1, name: 'Winter coat' })).toBeVisible()
  await page.getByText('Pattern details').click()
  await expect(
    page
      .getByText('Recommended fabrics: wool, melton, tweed')
      .or(page.getByText('Recommended fabrics: melton, tweed')),
  ).toBeVisible()
})

test('what was read wrongly is put right, and what was typed outlives a reload', async ({ page }) => {
  await open(page, '/make/patterns')
  await page.getByRole('link', { name: 'Winter coat' }).click()
  await page.getByRole('link', { name: 'Edit' }).click()
  await page.getByLabel('Lengths', { exact: true }).fill('140 cm 2.4 m\nnonsense')
  await expect(page.getByText('We found no length in “nonsense”')).toBeVisible()
  await page.reload()
  await expect(page.getByLabel('Lengths', { exact: true })).toHaveValue('140 cm 2.4 m\nnonsense')
  await page.getByLabel('Lengths', { exact: true }).fill('140 cm 2.4 m\n150 cm 2.2 m')
  await page.getByRole('button', { name: 'Save pattern' }).click()
  await expect(page.getByRole('heading', { level: 1, name: 'Winter coat' })).toBeVisible()
})

test('a project gets its cloths, sees whether they are enough, and knows what is next', async ({ page }) => {
  await keepPiece(page, 'Bellboy red melton', 'melton', '4.8', ['150', '3'])
  await keepPiece(page, 'Champagne lining', 'lining', '0.8', ['140', '1.2'])
  await open(page, '/make/patterns')
  await page.getByRole('link', { name: 'Winter coat' }).click()
  await page.getByText(/^Suggested combinations/).click()
  await expect(page.getByRole('heading', { name: 'Suggested combinations' })).toBeVisible()
  await page.getByRole('link', { name: 'Start a project' }).click()
  await page.getByRole('button', { name: 'Continue with its fabric' }).click()
  await expect(page.getByText('Next: choose the main fabric.')).toBeVisible()
  await page.getByRole('button', { name: 'Use Bellboy red melton' }).first().click()
  await expect(page.getByText('Next: choose the lining.')).toBeVisible()
  await page.getByRole('region', { name: 'Lining' }).getByRole('button', { name: 'Use Champagne lining' }).click()
  await expect(page.getByText(/^Together:/)).toBeVisible()
  // 1.2 m of lining is too little, and it says so.
  await expect(page.getByText('Next: check whether there is enough lining.')).toBeVisible()
  await expect(page.getByRole('heading', { name: 'Lining: not enough' })).toBeVisible()
  await page.getByText('Choose another lining').click()
  await page.getByRole('button', { name: 'Buy the lining instead' }).click()
  await expect(page.getByText('To buy.')).toBeVisible()
})

test('what a project keeps back is not offered twice without a word', async ({ page }) => {
  await open(page, '/make/patterns')
  await page.getByRole('link', { name: 'Winter coat' }).click()
  await expect(page.getByText('Reserved for Winter coat.').first()).toBeVisible()
})

test('by keys alone: notions are ticked off and steps put behind', async ({ page }) => {
  await open(page, '/make/projects')
  await page.getByRole('link', { name: 'Winter coat' }).focus()
  await page.keyboard.press('Enter')
  await expect(page.getByRole('navigation', { name: 'Steps of the project' })).toBeVisible()
  await openSteps(page, 'Enough', 'Buy', 'Prepare', 'Cut', 'Sew')
  for (const notion of ['thread', '5 large buttons']) {
    await page.getByRole('checkbox', { name: notion }).focus()
    await page.keyboard.press('Space')
    await expect(page.getByRole('checkbox', { name: notion })).toBeChecked()
  }
  for (const tick of [
    'I laid it out, and there is enough',
    'I have everything',
    /^The fabric is washed/,
    /^It is cut/,
    /^It is sewn/,
  ]) {
    const box = page.getByRole('checkbox', { name: tick })
    await box.focus()
    await page.keyboard.press('Space')
    await expect(box).toBeChecked()
  }
  await expect(page.getByText('Next: record how it turned out.')).toBeVisible()
})

test('what was made teaches: how it wore stands beside such cloth the next time', async ({ page }) => {
  await open(page, '/make/projects')
  await page.getByRole('link', { name: 'Winter coat' }).click()
  await openSteps(page, 'Done')
  await page.getByRole('button', { name: 'Mark as done' }).click()
  await page.getByRole('button', { name: 'pilled' }).click()
  await page.getByRole('button', { name: 'Save how it wore' }).click()
  await expect(page.getByText(/^Done on/)).toBeVisible()
  await open(page, '/make/patterns')
  await page.getByRole('link', { name: 'Winter coat' }).click()
  await page.getByRole('button', { name: 'Why: Bellboy red melton' }).click()
  await expect(page.getByText('Your last project in this fabric (Winter coat): pilled.').first()).toBeVisible()
  await expect(page.getByRole('button', { name: 'Close' })).toBeFocused()
  await page.keyboard.press('Enter')
  await expect(page.getByRole('button', { name: 'Why: Bellboy red melton' })).toBeFocused()
  await expect(page.getByText('Reserved for')).toHaveCount(0)
})

test('cloths are held side by side', async ({ page }) => {
  await open(page, '/make/patterns')
  await page.getByRole('link', { name: 'Winter coat' }).click()
  for (const at of [0, 1])
    await page
      .getByText(/^Compare /)
      .nth(at)
      .click()
  await page.getByRole('link', { name: 'Compare 2 fabrics' }).click()
  await expect(page.getByRole('columnheader')).toHaveCount(2)
  await expect(page.getByRole('row', { name: /^Enough\?/ })).toContainText('There is enough')
})

test('in the shop, on a phone: what to ask and how much to buy; a listing is checked', async ({ page }) => {
  await page.setViewportSize({ width: 390, height: 844 })
  await open(page, '/make/shopping')
  await page.getByRole('button', { name: 'Add Winter coat to the list' }).click()
  const sheet = page.getByRole('region', { name: 'Winter coat' })
  await expect(sheet).toContainText('Not obvious diagonals')
  await expect(sheet).toContainText('140 cm wide')
  await expect(sheet).toContainText('Bellboy red melton')
  await page.getByRole('link', { name: 'Check an online listing' }).click()
  await page.getByLabel('Name', { exact: true }).fill('melton')
  await page.getByLabel('Weight').fill('14')
  await page.getByLabel('in', { exact: true }).selectOption('oz')
  await page.getByLabel('Width').fill('150')
  await page.getByLabel('Fibre content').fill('80 % wool, 20 % nylon')
  await page.getByLabel('Price').fill('30')
  await page.getByRole('button', { name: 'Check it' }).click()
  const found = page.getByRole('region', { name: 'Result' })
  await expect(found).toContainText('Probably opaque')
  await expect(found).toContainText('20.00')
  await expect(found).toContainText('Winter coat')
})
