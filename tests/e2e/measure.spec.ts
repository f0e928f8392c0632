import { type Page, alive, expect, open, test } from './fixtures'
import { unfold } from './atTheBench'

/** A new piece; answers its number. */
async function newPiece(page: Page, name: string): Promise<string> {
  await open(page, '/stash/add')
  await page.getByLabel('Name', { exact: true }).fill(name)
  await page.getByLabel('Fabric type').fill('poplin')
  await page.getByRole('button', { name: 'Add to stash' }).click()
  await expect(page.getByRole('heading', { level: 1, name })).toBeVisible()
  return new URL(page.url()).pathname.split('/').at(-1)!
}

async function fill(page: Page, fields: Record<string, string>) {
  for (const [label, value] of Object.entries(fields)) {
    await page.getByLabel(label, { exact: true }).fill(value)
    await page.getByLabel(label, { exact: true }).blur()
  }
}

test('pulls are pooled with their spread, kept by state of washing, and stand on the sheet', async ({ page }) => {
  const piece = await newPiece(page, 'Reading room blind')
  await open(page, `/identify/measure/stretch?piece=${piece}`)
  await page.getByLabel('State of the fabric').selectOption({ label: 'not washed' })
  for (const pulled of ['104', '106', '105']) {
    await fill(page, { 'Between the marks, relaxed': '100', 'Stretched firmly': pulled, 'After release': '101' })
    await page.getByRole('button', { name: 'Save reading' }).click()
    await expect(page.getByRole('button', { name: 'Delete' })).toHaveCount(['104', '106', '105'].indexOf(pulled) + 1)
  }
  await expect(page.getByText(/Mean of 3/).first()).toBeVisible()
  // The same cloth, washed, is another list.
  await page.getByLabel('State of the fabric').selectOption({ label: 'washed once' })
  await expect(page.getByText('No readings yet.').first()).toBeVisible()
  await open(page, `/stash/${piece}/sheet`)
  await unfold(page, /^All properties/)
  await expect(page.getByRole('row', { name: /Stretch across/ })).toBeVisible()
})

test('the ruler is fitted with a bank card and then reads by slides', async ({ page }) => {
  await open(page, '/identify/measure/stretch')
  await page.getByText('the ruler on this screen', { exact: true }).click()
  await expect(page.getByText('This ruler is not to scale yet')).toBeVisible()
  await page.getByRole('button', { name: 'Adjust with a card' }).click()
  await page.getByRole('button', { name: 'A little wider' }).click()
  await page.getByRole('button', { name: 'It fits' }).click()
  await expect(page.getByText(/Adjusted with a card: 1 mm is \d/)).toBeVisible()
  await page.reload()
  await alive(page)
  await page.getByText('the ruler on this screen', { exact: true }).click()
  await expect(page.getByText(/Adjusted with a card/)).toBeVisible()
})

test('a made-up scale settles and its weight becomes grams a square metre', async ({ page }) => {
  await open(page, '/identify/measure/weigh')
  await page.getByLabel('Scale', { exact: true }).selectOption({ label: 'Simulated letter scale, steps of 0.1 g' })
  await page.getByLabel('Simulated weight').fill('2.4')
  await page.getByLabel('Simulated weight').blur()
  await page.getByRole('button', { name: 'Put fabric on' }).click()
  await expect(page.getByText('steady', { exact: true })).toBeVisible()
  await expect(page.getByLabel('The scale shows')).toContainText(/2\.[345] g/)
  await page.getByRole('button', { name: 'Use this weight' }).click()
  await fill(page, { 'Sample length': '10', 'Sample width': '10' })
  await expect(page.getByText(/2[34]\d(\.\d)? ± \d+/).first()).toBeVisible()
})

test('grades are given by single keys, taken back, and averaged', async ({ page }) => {
  await open(page, '/identify/measure/crease')
  for (const key of ['2', '3', '4']) await page.keyboard.press(key)
  await expect(page.getByText(/Mean of 3/)).toBeVisible()
  await page.keyboard.press('u')
  await expect(page.getByText(/Mean of 2/)).toBeVisible()
  await open(page, '/identify/measure/opacity')
  await page.keyboard.press('2')
  await expect(page.getByRole('region', { name: 'Result' })).not.toContainText('No readings yet')
})

test('squares wash after wash give a curve and what to buy', async ({ page }) => {
  await open(page, '/identify/measure/shrinkage')
  for (const [length, width] of [
    ['250', '250'],
    ['240', '245'],
    ['236', '243'],
  ]) {
    await fill(page, { Lengthwise: length!, 'Across the width': width! })
    await page.getByRole('button', { name: /^Save as/ }).click()
  }
  await expect(page.getByText(/-5\.6/).first()).toBeVisible()
  await fill(page, { 'Length the garment needs': '2' })
  await expect(page.getByRole('status').filter({ hasText: /Buy 20(\.0)? cm more/ })).toBeVisible()
})

test('grain says how far off, which corner to pull, and yarns give the weight again', async ({ page }) => {
  await open(page, '/identify/measure/grain')
  await fill(page, { 'Width of the fabric': '140', 'Right end is off by': '30' })
  await expect(page.getByText(/2\.1 %/).first()).toBeVisible()
  await page.getByRole('button', { name: 'Save reading' }).click()
  await open(page, '/identify/measure/yarns')
  for (const index of [0, 1]) {
    for (const [label, value] of [
      ['Threads in the bundle', '20'],
      ['Weight of the bundle', '0.05'],
      ['Length in the fabric', '100'],
      ['Length straightened', '105'],
    ] as const) {
      await page.getByLabel(label).nth(index).fill(value)
      await page.getByLabel(label).nth(index).blur()
    }
  }
  await page.getByRole('button', { name: 'Save yarns' }).click()
  await fill(page, { 'Warp threads per cm': '25', 'Weft threads per cm': '22' })
  await page.getByRole('button', { name: 'Save count' }).click()
  await expect(page.getByText('from threads and yarns')).toBeVisible()
})

test('how a piece lies is weighed sign by sign, kept, and changed', async ({ page }) => {
  const piece = await newPiece(page, 'Card room baize')
  await open(page, `/identify/measure/lie?piece=${piece}`)
  const warp = page.getByRole('region', { name: 'The warp' })
  await warp.getByText('no difference', { exact: true }).click()
  await warp.locator('label').filter({ hasText: /^A$/ }).click()
  const outcome = page.getByRole('region', { name: 'Result' })
  await expect(outcome).toContainText('Not clear')
  await warp.locator('label').filter({ hasText: /^A$/ }).click()
  await expect(outcome).toContainText('The warp runs along A')
  const right = page.getByRole('region', { name: 'The right side' })
  for (let sign = 0; sign < 5; sign++) await right.getByText('no difference', { exact: true }).first().click()
  await expect(outcome).toContainText('choose one, and chalk a cross')
  await fill(page, { Repeat: '32', 'Off grain by': '60', 'Over a width of': '140' })
  await expect(page.getByText('You can never pull it straight', { exact: false })).toBeVisible()
  await page.getByRole('button', { name: 'Save' }).click()
  await expect(outcome.getByText(/Warp along A; both sides look alike/)).toBeVisible()
  await open(page, `/stash/${piece}/sheet`)
  await unfold(page, /^All properties/)
  await expect(page.getByRole('row', { name: /Warp, nap and right side/ })).toContainText('Warp along A')
})

test('an inspection is kept with its piece and is there again', async ({ page }) => {
  const piece = await newPiece(page, 'Smoking room curtain')
  await open(page, `/identify/name?piece=${piece}`)
  await page.keyboard.press('1')
  await expect(page.locator('#question')).toContainText('How do the threads cross?')
  await page.keyboard.press('7')
  await page.getByRole('button', { name: /Save these answers to/ }).click()
  await expect(page.getByText('Saved. You find it under')).toBeVisible()
  await open(page, `/identify/name?piece=${piece}`)
  await expect(page.getByRole('button', { name: 'Weave: satin' })).toBeVisible()
  await open(page, `/stash/${piece}/sheet`)
  await unfold(page, /^All properties/)
  await expect(page.getByRole('row', { name: /Looks like/ })).toContainText('weave: satin')
})
