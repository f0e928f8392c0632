import { type Page, choose, expect, test, open, pick } from './fixtures'
import { answer, answerSeveral, begin, layOut, readCautions, unfold } from './atTheBench'

/** Answers of one burn, as keys: wool with a synthetic in it. */
const BURN_KEYS = ['2', '3', '3', '2', '3', '2', '2'] as const

/** Errors that the page logs from now on. */
function consoleErrors(page: Page): string[] {
  const errors: string[] = []
  page.on('console', (message) => {
    if (message.type() === 'error') errors.push(message.text())
  })
  page.on('pageerror', (error) => errors.push(error.message))
  return errors
}

test('from the first page to a ranked pattern, by mouse', async ({ page }) => {
  const errors = consoleErrors(page)
  await open(page, '/')
  await page.getByRole('link', { name: 'Identify a fabric' }).click()
  await page.getByRole('link', { name: /^Burn test Finds/ }).click()
  await page.getByRole('button', { name: 'Start burn test' }).click()

  // The gate stands before the first flame of a session.
  await expect(page.getByRole('heading', { name: 'Before you light anything' })).toBeVisible()
  await expect(page.getByText('Work over metal or ceramic, with water in reach.')).toBeVisible()
  await page.getByRole('button', { name: 'I’m ready: start with the flame' }).click()

  const question = page.locator('#question')
  await expect(question).toContainText('Bring the flame near')
  await page.getByRole('button', { name: 'Curls away' }).click()
  await expect(question).toContainText('how fast does it catch')

  // Undo brings the question back; a blank is possible.
  await page.getByRole('button', { name: 'Undo (U)' }).click()
  await expect(question).toContainText('Bring the flame near')
  await page.getByRole('button', { name: 'Not sure (N)' }).click()
  for (const name of ['Slowly', 'Sputters', 'Partly', 'Goes out soon', 'No glow', 'Pale'])
    await page.getByRole('button', { name, exact: false }).first().click()
  await expect(question).toContainText('smell')
  await page.getByRole('button', { name: 'Hair or feather' }).click()
  await page.getByRole('button', { name: 'Done (Enter)' }).click()
  await page.getByRole('button', { name: 'Bead that crushes' }).click()
  await page.getByRole('button', { name: 'Hard specks in ash' }).click()
  await page.getByRole('button', { name: 'Done (Enter)' }).click()
  await page.getByRole('button', { name: 'Black' }).click()
  await page.getByRole('button', { name: 'Crumbles' }).click()

  await expect(page.getByRole('heading', { name: 'Result' })).toBeVisible()
  await expect(page.getByRole('heading', { name: /Protein, with synthetic/ })).toBeVisible()
  await expect(page.getByRole('heading', { name: 'What would tell for certain' })).toBeVisible()

  // The label is judged as it is typed.
  await page.getByText('Is the label true?').click()
  await page.getByRole('button', { name: 'Enter what the label says' }).click()
  await page.getByLabel('Fibre').selectOption('wool')
  await expect(page.getByText('It does not fit.')).toBeVisible()

  // Every answer was kept: a reload shows the same verdict.
  await page.reload()
  await expect(page.getByRole('heading', { name: /Protein, with synthetic/ })).toBeVisible()

  await page.getByRole('link', { name: 'Save to stash' }).click()
  await expect(page.getByText('From the burn test:')).toBeVisible()
  await page.getByLabel('Weight on the scale').fill('201')
  await page.getByLabel('Sample length').fill('50')
  await page.getByLabel('Sample width').fill('150')
  await page.getByLabel('Sample width').blur()
  await expect(page.getByText('268 ± 2 g/m²').first()).toBeVisible()

  // A piece without a name is refused where it happened, and nothing is lost.
  await page.getByRole('button', { name: 'Add to stash' }).click()
  await expect(page.getByRole('alert').filter({ hasText: 'Not saved yet' })).toBeVisible()
  await expect(page.getByLabel('Weight on the scale')).toHaveValue('201')

  await page.getByLabel('Name').fill('Porter’s trousers cloth')
  await page.getByLabel('Fabric type').fill('gabardine')
  await page.getByLabel('Location').fill('Sail loft')
  await page.getByLabel('Width, edge to edge').fill('150')
  await page.getByLabel('Length', { exact: true }).fill('3.1')
  await page.getByRole('button', { name: 'Add to stash' }).click()
  await expect(page.getByRole('heading', { name: 'Porter’s trousers cloth' })).toBeVisible()
  await expect(page.getByText('3.1 m').first()).toBeVisible()
  await unfold(page, /^All properties/)
  await expect(page.getByRole('row', { name: /^Length left/ })).toContainText('3.1 m')

  await page.getByRole('link', { name: 'Find patterns' }).click()
  await page.getByRole('link', { name: 'Add a pattern' }).click()
  await page.getByLabel('Name').fill('Ferryman’s trousers')
  await choose(page, 'Garment', 'trousers')
  await pick(page, 'Add a detail', 'zip')
  await expect(page.getByRole('group', { name: 'Details' })).toContainText('zip')
  await page.getByRole('button', { name: 'Save pattern' }).click()
  await expect(page.getByRole('heading', { name: 'Ferryman’s trousers' })).toBeVisible()
  await page.getByRole('button', { name: 'Why: Porter’s trousers cloth' }).click()
  await expect(page.getByText(/^Suits: /)).toBeVisible()
  await page.getByRole('link', { name: 'Porter’s trousers cloth' }).click()
  await page.getByRole('link', { name: 'Find patterns' }).click()
  await expect(page.getByRole('link', { name: 'Ferryman’s trousers' })).toBeVisible()
  await page.getByRole('button', { name: 'Why: Ferryman’s trousers' }).click()
  await expect(page.getByText('within the 160 to 350 g/m²', { exact: false })).toBeVisible()
  expect(errors).toEqual([])
})

/** Tab until the element with that role and name has the focus; fails if it cannot be reached. */
async function tabTo(page: Page, role: 'link' | 'button' | 'textbox' | 'combobox', name: string | RegExp) {
  // A list that opens on the way hides all else from a reader until it closes.
  const target = page.getByRole(role, { name, includeHidden: true }).first()
  await expect(target).toBeVisible()
  for (let presses = 0; presses < 120; presses++) {
    if (await target.evaluate((element) => element === document.activeElement)) return
    await page.keyboard.press('Tab')
  }
  throw new Error(`Tab never reached ${role} ${String(name)}`)
}

test('from the first page to a ranked pattern, by keyboard alone', async ({ page }) => {
  await open(page, '/')
  await tabTo(page, 'link', 'Identify a fabric')
  await page.keyboard.press('Enter')
  await tabTo(page, 'link', /^Burn test Finds/)
  await page.keyboard.press('Enter')
  await tabTo(page, 'button', 'Start burn test')
  await page.keyboard.press('Enter')
  await tabTo(page, 'button', 'I’m ready: start with the flame')
  await page.keyboard.press('Enter')

  const question = page.locator('#question')
  await expect(question).toContainText('Bring the flame near')
  // Single keys: an answer, its undo, a blank in its place, then the rest.
  await page.keyboard.press('1')
  await expect(question).toContainText('how fast does it catch')
  await page.keyboard.press('u')
  await expect(question).toContainText('Bring the flame near')
  await answer(page, ...BURN_KEYS)
  await answerSeveral(page, '4')
  await expect(question).toContainText('What is left')
  await answerSeveral(page, '4', '7')
  await expect(question).toContainText('What colour')
  await page.keyboard.press('n')
  await expect(question).toContainText('Press it')
  await page.keyboard.press('2')
  await expect(page.getByRole('heading', { name: /Protein, with synthetic/ })).toBeVisible()

  await tabTo(page, 'button', 'the whole fabric')
  await page.keyboard.press('Enter')
  await expect(page.getByText('Sample 2')).toBeVisible()
  await page.keyboard.press('2')
  await tabTo(page, 'button', 'Show the result now')
  await page.keyboard.press('Enter')

  await tabTo(page, 'link', 'Save to stash')
  await page.keyboard.press('Enter')
  await tabTo(page, 'textbox', 'Weight on the scale')
  await page.keyboard.type('201')
  await tabTo(page, 'textbox', 'Sample length')
  await page.keyboard.type('50')
  await tabTo(page, 'textbox', 'Sample width')
  await page.keyboard.type('150')
  await tabTo(page, 'textbox', 'Name')
  await page.keyboard.type('Concierge twill')
  await tabTo(page, 'button', 'Add to stash')
  await page.keyboard.press('Enter')
  await expect(page.getByRole('heading', { name: 'Concierge twill' })).toBeVisible()

  await open(page, '/make/patterns/add')
  await tabTo(page, 'textbox', 'Name')
  await page.keyboard.type('Quay coat')
  await tabTo(page, 'combobox', 'Garment')
  await page.keyboard.press('Control+a')
  await page.keyboard.type('coat')
  await expect(page.getByRole('listbox')).toBeVisible()
  await page.keyboard.press('ArrowDown')
  await page.keyboard.press('Enter')
  await tabTo(page, 'combobox', 'Add a detail')
  await page.keyboard.type('lined')
  await expect(page.getByRole('option', { name: 'lined', exact: true })).toBeVisible()
  await page.keyboard.press('ArrowDown')
  await page.keyboard.press('Enter')
  await expect(page.getByRole('group', { name: 'Details' })).toContainText('lined')
  await tabTo(page, 'button', 'Save pattern')
  await page.keyboard.press('Enter')
  await expect(page.getByRole('heading', { name: 'Quay coat' })).toBeVisible()
  await tabTo(page, 'button', 'Why: Concierge twill')
  await page.keyboard.press('Enter')
  await expect(page.getByText('lighter than the 320 to 700 g/m²', { exact: false }).first()).toBeVisible()
  await tabTo(page, 'link', 'Concierge twill')
  await page.keyboard.press('Enter')
  await tabTo(page, 'link', 'Find patterns')
  await page.keyboard.press('Enter')
  await expect(page.getByRole('link', { name: 'Quay coat' })).toBeVisible()
})

test('the cautions come once a sitting and can be read again', async ({ page }) => {
  await open(page, '/identify/burn')
  await page.getByRole('button', { name: 'Start burn test' }).click()
  await page.getByRole('button', { name: 'I’m ready: start with the flame' }).click()
  await layOut(page)
  await expect(page.getByText('Work over metal or ceramic')).toHaveCount(0)
  await page.getByRole('link', { name: 'Safety' }).click()
  await expect(page.getByText('it may hold asbestos', { exact: false })).toBeVisible()
  await expect(page.getByText('It does not test how flammable it is', { exact: false })).toBeVisible()
})

test('another test from the verdict moves the belief, and an empty burn claims nothing', async ({ page }) => {
  await readCautions(page)
  await begin(page)
  const question = page.locator('#question')
  await answer(page, ...Array.from({ length: 10 }, () => 'n'))
  await page.keyboard.press('n')
  await expect(page.getByRole('heading', { name: 'Not clear yet' })).toBeVisible()
  await expect(page.getByText('No answers yet').first()).toBeVisible()
  await page
    .getByRole('button', { name: /^Try it:/ })
    .first()
    .click()
  await expect(question).toBeVisible()
  await page.keyboard.press('1')
  const finish = page.getByRole('button', { name: 'Done (Enter)' })
  if (await finish.isVisible()) await page.keyboard.press('Enter')
  await expect(page.getByText('No answers yet')).toHaveCount(0)
})

test('units and words are switched in one place and stay', async ({ page }) => {
  await open(page, '/settings')
  await page.getByText('inches, yards, oz/yd²').click()
  await page.getByText('US: rayon, spandex, color').click()
  await expect(page.getByRole('status').filter({ hasText: 'Saved' })).toBeAttached()
  await open(page, '/make/patterns/add')
  await expect(page.getByText('oz/yd²').first()).toBeVisible()
  await page.getByRole('combobox', { name: 'Garment' }).fill('pants')
  await expect(page.getByRole('option', { name: 'pants' })).toHaveCount(1)
  await open(page, '/stash/add')
  await expect(page.getByText('yd', { exact: true })).toBeVisible()
  await expect(page.locator('html')).toHaveAttribute('lang', 'en-US')
})

test('a page that is not there says so', async ({ page }) => {
  const answer = await page.goto('/stash/99999')
  expect(answer?.status()).toBe(404)
  await expect(page.getByRole('heading', { name: 'Page not found' })).toBeVisible()
  expect((await page.goto('/stash/nonsense'))?.status()).toBe(404)
  expect((await page.goto('/stash/01900000-0000-7000-8000-000000000000'))?.status()).toBe(404)
})
