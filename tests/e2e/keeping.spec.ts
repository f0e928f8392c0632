import sharp from 'sharp'
import { textsOf } from '../support/pdfTexts'
import { expect, open, test, type Page } from './fixtures'
import { unfold } from './atTheBench'
import { keepPiece } from './keepPiece'

async function keep(page: Page, fields: Record<string, string>): Promise<string> {
  await open(page, '/stash/add')
  for (const [label, value] of Object.entries(fields)) await page.getByLabel(label, { exact: true }).fill(value)
  await page.getByRole('button', { name: 'Add to stash' }).click()
  await expect(page.getByRole('heading', { level: 1, name: fields.Name! })).toBeVisible()
  return new URL(page.url()).pathname
}

/** The first thing that is sent reaches the notebook; that it was done never comes back. Gives how many were lost. */
async function loseOneAnswer(page: Page, address: string): Promise<() => number> {
  let lost = 0
  await page.route(address, async (route) => {
    if (route.request().method() !== 'POST' || lost > 0) return route.continue()
    lost += 1
    await route.fetch()
    await route.abort()
  })
  return () => lost
}

async function picture(page: Page, button: string | RegExp, colour: string) {
  const buffer = await sharp({ create: { width: 60, height: 40, channels: 3, background: colour } })
    .jpeg()
    .toBuffer()
  const picker = page.waitForEvent('filechooser')
  await page.getByRole('button', { name: button }).click()
  await (await picker).setFiles({ name: 'cloth.jpg', mimeType: 'image/jpeg', buffer })
}

test('quick entry, one hand on a phone: a picture, spans, a guess, a price, in under twelve taps', async ({
  page,
}) => {
  await page.setViewportSize({ width: 390, height: 844 })
  await open(page, '/stash/quick-add')
  await page.getByRole('button', { name: 'Save and add another' }).click()
  await expect(page.getByText('Nothing to save yet', { exact: false })).toBeVisible()
  await picture(page, 'Take a photo', '#8c2f39')
  await expect(page.getByAltText('Your photo')).toBeVisible()
  for (let i = 0; i < 3; i++) await page.getByRole('button', { name: 'Half a span more' }).click()
  await page.getByRole('button', { name: '140 cm' }).click()
  await page.getByLabel('What do you think it is?').fill('velvet')
  await page.getByLabel('Price').fill('6')
  await page.getByRole('button', { name: 'Save and add another' }).click()
  await page.getByRole('link', { name: 'See the last one' }).click()
  await expect(page.getByRole('heading', { level: 1, name: /velvet, \d+ \w+/ })).toBeVisible()
  // A span and a half of 1.65 m each.
  await expect(page.getByText(/2\.48 m of 140 cm width|2\.47 m of 140 cm width/).first()).toBeVisible()
  await unfold(page, /^Photos · 1/)
  await expect(page.getByAltText(/^Photo 1/)).toBeVisible()
  await open(page, '/stash/quick-add')
  await page.getByRole('link', { name: /not identified/ }).click()
  await expect(page.getByRole('row', { name: /velvet, / })).toBeVisible()
})

test('at a stall six touches are enough, and all of them lie on the first screen', async ({ page }) => {
  await page.setViewportSize({ width: 390, height: 844 })
  await open(page, '/stash/quick-add')
  const touched = [
    page.getByRole('button', { name: 'Take a photo' }),
    page.getByRole('button', { name: '2 spans' }),
    page.getByRole('button', { name: '140 cm' }),
    page.getByLabel('What do you think it is?'),
    page.getByLabel('Price'),
    page.getByRole('button', { name: 'Save and add another' }),
  ]
  const foot = await page.getByRole('navigation', { name: /at the foot/ }).boundingBox()
  for (const target of touched) {
    const box = (await target.boundingBox())!
    expect(box.y + box.height).toBeLessThanOrEqual(foot!.y)
    expect(box.height).toBeGreaterThanOrEqual(44)
  }
  await picture(page, 'Take a photo', '#5b7f95')
  await touched[1]!.click()
  await touched[2]!.click()
  await touched[3]!.fill('gabardine')
  await touched[4]!.fill('4')
  await touched[5]!.click()
  await page.getByRole('link', { name: 'See the last one' }).click()
  await expect(page.getByText(/3\.3 m of 140 cm width/).first()).toBeVisible()
})

test('a heap is sorted, stopped and carried on, by keyboard', async ({ page }) => {
  await open(page, '/stash/piles')
  await page.getByLabel('Name of the pile').fill('Linen cupboard')
  await page.getByLabel('Location for kept fabrics').fill('Loft')
  await page.getByRole('button', { name: 'Start sorting' }).press('Enter')
  await expect(page.getByRole('heading', { level: 1, name: 'Linen cupboard' })).toBeVisible()
  await page.getByLabel('Made up as', { exact: true }).selectOption('tablecloth')
  await page.getByRole('button', { name: 'Keep', exact: true }).press('Enter')
  await expect(page.getByRole('row', { name: /^keep/ })).toContainText('1 fabric, 2.5 m²')
  await page.getByLabel('What do you think it is?').fill('polyester net')
  await page.getByRole('button', { name: 'Give away' }).press('Enter')
  await expect(page.getByRole('row', { name: /^give away/ })).toContainText('1 fabric')
  const address = page.url()
  await open(page, '/')
  await open(page, new URL(address).pathname)
  await expect(page.getByRole('status').filter({ hasText: '2 fabrics' })).toBeVisible()
  await page.getByRole('link', { name: 'List to give away' }).click()
  await expect(page.getByRole('row')).toHaveCount(2)
  await open(page, new URL(address).pathname)
  await page.getByRole('button', { name: 'That was the last one' }).press('Enter')
  await expect(page.getByText('You have looked at every fabric in it.')).toBeVisible()
})

test('filters combine, say what they would leave, stand in the address and are kept as a view', async ({ page }) => {
  await keep(page, { Name: 'Filtered denim', 'Fabric type': 'denim', Location: 'Filter box' })
  await keep(page, { Name: 'Filtered jersey', 'Fabric type': 'jersey', Location: 'Filter box' })
  await open(page, '/stash')
  const chips = page.getByRole('group', { name: 'Filters' })
  await chips.getByRole('button', { name: 'Location' }).press('Enter')
  await page
    .getByRole('group', { name: 'Location' })
    .getByText(/^Filter box/)
    .click()
  await expect(page).toHaveURL(/place=Filter/)
  await expect(chips.getByRole('button', { name: 'Location: Filter box' })).toBeVisible()
  await chips.getByRole('button', { name: 'Woven or knit' }).press('Enter')
  const knit = page.getByRole('checkbox', { name: /^knit/ })
  await expect(page.getByText(/^knit/)).toContainText('1')
  await knit.focus()
  await page.keyboard.press('Space')
  await expect(page.getByRole('link', { name: /Filtered jersey/ })).toBeVisible()
  await expect(page.getByRole('link', { name: /Filtered denim/ })).toBeHidden()
  await chips.getByRole('button', { name: 'Saved filters' }).click()
  await page.getByLabel('Save these filters as').fill('Knits of the box')
  await page.getByRole('button', { name: 'Save filter' }).click()
  await page.getByRole('button', { name: 'Clear all filters' }).click()
  await expect(page).toHaveURL(/\/stash$/)
  // Still open: the chip was not pressed again.
  await page.getByRole('link', { name: 'Knits of the box' }).click()
  await expect(page.getByRole('link', { name: /Filtered jersey/ })).toBeVisible()
  await expect(page.getByRole('link', { name: /Filtered denim/ })).toBeHidden()
})

test('one search over everything: by “/”, past a slip of the pen, in US words, by keys alone', async ({ page }) => {
  await keep(page, { Name: 'Sought seersucker', 'Fabric type': 'seersucker' })
  await page.locator('body').press('/')
  const search = page.getByRole('combobox', { name: 'Search pages, fabrics and patterns' })
  await expect(search).toBeFocused()
  await search.fill('seersuker')
  await expect(page.getByRole('option', { name: 'Sought seersucker' })).toBeVisible()
  await page.keyboard.press('ArrowDown')
  await page.keyboard.press('Enter')
  await expect(page.getByRole('heading', { level: 1, name: 'Sought seersucker' })).toBeVisible()
  await page.keyboard.press('Control+k')
  await search.fill('muslin')
  await expect(page.getByRole('group', { name: 'Fabric names' }).getByRole('option').first()).toBeVisible()
  await page.keyboard.press('Escape')
  await expect(page.getByRole('listbox')).toBeHidden()
  await open(page, '/search?q=bakup')
  await expect(page.locator('main a[href="/stash/backup"]').first()).toBeVisible()
})

test('cutting takes from a piece and leaves an offcut that knows where it is from', async ({ page }) => {
  const path = await keep(page, { Name: 'Cut curtain', 'Width, edge to edge': '140', Length: '2.5' })
  await unfold(page, /^Offcuts, cuts and lot/)
  await page.getByText('Cut from it', { exact: true }).click()
  await page.getByLabel('Length cut off').fill('1.2')
  await page.getByLabel('For', { exact: true }).fill('a heron')
  await page.getByRole('button', { name: 'Add an offcut' }).click()
  await page.getByLabel('Offcut’s width').fill('140')
  await page.getByLabel('Offcut’s length').fill('15')
  await page.getByLabel('Offcut’s length').blur()
  await page.getByRole('button', { name: 'Mark as cut' }).click()
  await expect(page.getByText('1.3 m of 140 cm width').first()).toBeVisible()
  await page.getByRole('link', { name: 'Cut curtain, offcut 1' }).click()
  await expect(page.getByRole('heading', { level: 1, name: 'Cut curtain, offcut 1' })).toBeVisible()
  await page.getByRole('link', { name: 'Cut curtain', exact: true }).click()
  await expect(page).toHaveURL(new RegExp(`${path}$`))
})

test('photographs: several, one stands for the piece, its colours go into the drawing', async ({ page }) => {
  await keep(page, { Name: 'Photographed' })
  await unfold(page, /^Photos/)
  await picture(page, 'Add a photo', '#8c2f39')
  await expect(page.getByAltText('Photo 1 of Photographed')).toBeVisible()
  await picture(page, 'Add a photo', '#1f3a2e')
  await expect(page.getByAltText('Photo 2 of Photographed')).toBeVisible()
  await page.getByRole('button', { name: 'Use as main photo' }).last().click()
  await expect(page.getByAltText('Photo of Photographed')).toBeVisible()
  await page.getByRole('button', { name: 'Use the drawing instead' }).click()
  const drawing = page.getByRole('img', { name: 'Photographed, drawn from its weave and colours' })
  await page.getByRole('button', { name: 'Take the drawing’s colours from the photo' }).click()
  await expect(drawing).toHaveAttribute('style', /warp=8[a-d]/)
  await page.getByRole('button', { name: 'Delete photo 2' }).click()
  await expect(page.getByAltText(/^Photo 2/)).toHaveCount(0)
})

test('a table is looked over, put right in its columns, and what is doubtful is left open', async ({ page }) => {
  await open(page, '/stash/spreadsheet')
  const table = page.getByLabel('Your list, headings first')
  await table.fill('piece\twide\twhich box\nTabled one\t140 cm\tBox 9\nTabled two\tbroad\tBox 9\n')
  await page.getByRole('button', { name: 'Check the list' }).click()
  await expect(page.getByText('Line 3, wide: “broad”: we can’t read this width')).toBeVisible()
  await expect(page.getByRole('button', { name: 'Save 2 fabrics' })).toBeEnabled()
  await table.fill('piece\twide\twhich box\nTabled one\t140 cm\tBox 9\nTabled two\t90 cm\tBox 9\n')
  await page.getByRole('button', { name: 'Check the list' }).click()
  await page.getByLabel('which box').selectOption('place')
  await page.getByRole('button', { name: 'Save 2 fabrics' }).click()
  await page.getByRole('link', { name: 'Show them' }).click()
  await expect(page.getByRole('link', { name: /Tabled two/ })).toBeVisible()
})

test('labels are made for the shelf as well as for the piece, and what is given away is a list', async ({ page }) => {
  await keepPiece(page, 'Blind of the tea room', 'ticking', '2', ['140', '2'])
  await open(page, '/stash/cards')
  const file = page.getByRole('link', { name: 'Create PDF' })
  const said = async () => {
    const answer = await page.request.get((await file.getAttribute('href'))!)
    expect(answer.headers()['content-type']).toBe('application/pdf')
    return textsOf([await answer.body()])[0]!
      .flatMap(({ items }) => items.map(({ str }) => str))
      .join(' ')
  }
  expect(await said()).toContain('Staple a snip')
  await page.getByText('each shelf or box', { exact: true }).click()
  const label = await said()
  expect(label).toContain('Blind of the tea room')
  expect(label).not.toContain('Staple a snip')
  await page.getByText('a checklist by location').click()
  await expect(page.getByText('each shelf or box', { exact: true })).toBeHidden()
  expect(await said()).toMatch(/^Stash/)
})

test('a save whose answer is lost on its way, and that is tried again, keeps one piece', async ({ page }) => {
  await open(page, '/stash/add')
  await page.getByLabel('Name', { exact: true }).fill('Twice sent')
  const lost = await loseOneAnswer(page, '**/stash/add*')
  await page.getByRole('button', { name: 'Add to stash' }).click()
  await expect(page.getByText(/can’t reach the notebook/).first()).toBeVisible()
  await page.getByRole('button', { name: 'Add to stash' }).click()
  await expect(page.getByRole('heading', { level: 1, name: 'Twice sent' })).toBeVisible()
  expect(lost()).toBe(1)
  await open(page, '/stash?q=twice+sent')
  await expect(page.getByRole('link', { name: /Twice sent/ })).toHaveCount(1)
})

test('an action of any kind whose answer is lost is done once: a piece that is copied', async ({ page }) => {
  await keep(page, { Name: 'Copied once' })
  const lost = await loseOneAnswer(page, '**/stash/*')
  await unfold(page, /^More: dye/)
  await page.getByRole('button', { name: 'Add another like it' }).click()
  await expect(page.getByText(/did not answer/).first()).toBeVisible()
  await page.getByRole('button', { name: 'Add another like it' }).click()
  await expect(page.getByRole('heading', { level: 1, name: /Copied once.+/ })).toBeVisible()
  expect(lost()).toBe(1)
  await open(page, '/stash?q=copied+once')
  await expect(page.getByRole('link', { name: /Copied once/ })).toHaveCount(2)
})
