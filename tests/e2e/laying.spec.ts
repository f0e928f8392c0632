import { readFileSync } from 'node:fs'
import { readDxf } from '@/core/formats/dxf/read'
import { dxfOfPieces } from '@/core/formats/dxf/write'
import { plainFound, type FoundPiece } from '@/core/outlines/types'
import { findings } from './everyScreen'
import { expect, open, test, type Page } from './fixtures'
import { textsOf } from '../support/pdfTexts'
import { keepPiece } from './keepPiece'

test.describe.configure({ mode: 'serial' })

const piece = (name: string, width: number, length: number, rest: Partial<FoundPiece> = {}): FoundPiece => ({
  ...plainFound(name, [
    [0, 0],
    [width, 0],
    [width * 0.9, length],
    [0, length],
  ]),
  ...rest,
})
const PIECES = [
  piece('Gull front', 300, 620, { count: 2, pair: true }),
  piece('Gull back', 330, 640, { onFold: true }),
  piece('Gull wing', 240, 380, { count: 2 }),
]

/** What the pattern’s page leads to. */
async function fromGull(page: Page, link: string) {
  await open(page, '/make/patterns')
  await page.getByRole('link', { name: 'Gull', exact: true }).click()
  await page.getByRole('link', { name: link, exact: true }).click()
}

async function chooseFile(page: Page, name: string, text: string) {
  const chooser = page.waitForEvent('filechooser')
  await page.getByRole('button', { name: 'Choose a file…' }).click()
  await (await chooser).setFiles({ name, mimeType: 'text/plain', buffer: Buffer.from(text) })
}

async function layPage(page: Page) {
  await fromGull(page, 'Lay out pattern pieces')
  await expect(page.getByRole('heading', { level: 1, name: 'Pattern layout' })).toBeVisible()
  await page.getByText('Layout settings').click()
  await page.getByRole('combobox', { name: 'Fold' }).selectOption({ label: 'Single layer' })
}

const board = (page: Page) => page.getByRole('group', { name: /The fabric, its length/ })
/** Lays for a second, and stops: the search itself is tested elsewhere. */
async function laid(page: Page) {
  await page.getByRole('button', { name: /^Lay out/ }).click()
  await expect(board(page).getByRole('button').first()).toBeVisible()
  const progress = page.getByRole('progressbar', { name: 'Layout progress' })
  await expect.poll(() => progress.evaluate((bar: HTMLProgressElement) => bar.value)).toBeGreaterThanOrEqual(1)
  await page.getByRole('button', { name: 'Stop' }).click()
  await expect(page.getByRole('button', { name: /^Lay out (the rest )?again/ })).toBeVisible()
}

/** Lays until there is nothing more to be had in the time. */
async function laidToTheEnd(page: Page) {
  await page.getByRole('button', { name: /^Lay out/ }).click()
  await expect(page.getByRole('button', { name: 'Stop' })).toBeVisible()
  await expect(page.getByRole('button', { name: /^Lay out again/ })).toBeVisible()
}

test('pieces come in from a DXF, from measures and corner by corner', async ({ page }) => {
  await open(page, '/make/patterns/add')
  await page.getByLabel('Name', { exact: true }).fill('Gull')
  await page.getByRole('button', { name: 'Save pattern' }).click()
  await page.getByRole('link', { name: 'Pattern pieces', exact: true }).click()
  await chooseFile(page, 'gull.dxf', dxfOfPieces(PIECES))
  await expect(page.getByText('3 pieces saved.')).toBeVisible()
  await expect(page.getByRole('article', { name: 'Gull back' })).toContainText('on the fold')
  await expect(page.getByRole('article', { name: 'Gull front' })).toContainText('Cut 2, left and right')
  await page.getByRole('combobox', { name: 'Shape' }).selectOption({ label: 'Rectangle' })
  await page.getByRole('button', { name: 'Draw' }).click()
  await expect(page.getByRole('article', { name: 'rectangle' })).toContainText('Cut 1')
  await page.getByLabel('Name of the piece').fill('Beak')
  await page.getByLabel('Corners, in cm').fill('0 0\n20 ten')
  await expect(page.getByText('Each line needs two numbers.')).toBeVisible()
  await page.getByLabel('Corners, in cm').fill('0 0\n20 0\n10 15')
  await page.getByRole('button', { name: 'Save piece' }).click()
  await expect(page.getByRole('article', { name: 'Beak' })).toBeVisible()
})

test('what is no outline is refused in words, and nothing is kept of it', async ({ page }) => {
  await fromGull(page, 'Pattern pieces')
  await chooseFile(page, 'x.svg', '<svg></svg>')
  await expect(page.getByText('We found no closed outline in this SVG file: it has no lines.')).toBeVisible()
  await expect(page.getByText('5 different pieces')).toBeVisible()
})

test('a piece is changed, and thrown away', async ({ page }) => {
  await fromGull(page, 'Pattern pieces')
  await page.getByRole('button', { name: 'Edit Gull wing' }).click()
  const wing = page.getByRole('article', { name: 'Gull wing' })
  await wing.getByText('Left and right').click()
  await wing.getByRole('textbox', { name: 'Number of pieces' }).fill('3')
  await wing.getByRole('button', { name: 'Save' }).click()
  await expect(wing.getByText('A pair needs an even number of pieces.').first()).toBeVisible()
  await wing.getByRole('textbox', { name: 'Number of pieces' }).fill('4')
  await wing.getByRole('button', { name: 'Save' }).click()
  await expect(wing).toContainText('Cut 4, left and right')
  await page.getByRole('button', { name: 'Edit rectangle' }).click()
  const spare = page.getByRole('article', { name: 'rectangle' })
  await spare.getByRole('button', { name: 'Delete piece' }).click()
  await spare.getByRole('button', { name: 'Delete', exact: true }).click()
  await expect(spare).toHaveCount(0)
})

test('the first press lays it out, however late the code of the search comes', async ({ page }) => {
  await layPage(page)
  // The search is fetched when it is first asked for, over a slow network.
  await page.context().route('**/_next/static/**', async (route) => {
    await new Promise((resolve) => setTimeout(resolve, 1500))
    await route.continue()
  })
  await page.getByRole('button', { name: 'Lay out', exact: true }).click()
  await expect(board(page).getByRole('button').first()).toBeVisible()
  await page.getByRole('button', { name: 'Stop' }).click()
  // What comes after the layout is fetched as slowly: nothing is on its way any more when the network is itself again.
  await expect(page.getByText('Cutting order')).toBeVisible()
  await page.context().unrouteAll({ behavior: 'wait' })
})

test('they are laid, two are held, the rest is tried again', async ({ page }) => {
  await layPage(page)
  await laid(page)
  await expect(page.getByText(/You need .* buy .* % is used/)).toBeVisible()
  await expect(board(page).getByRole('button')).toHaveCount(8)
  for (const name of [/^Gull back/, /^Gull wing, copy 1/]) {
    await board(page).getByRole('button', { name }).focus()
    await page.keyboard.press('h')
  }
  await expect(board(page).getByRole('button', { name: /held/ })).toHaveCount(2)
  const back = await board(page)
    .getByRole('button', { name: /^Gull back/ })
    .locator('path')
    .first()
    .getAttribute('d')
  await laid(page)
  await expect(
    board(page)
      .getByRole('button', { name: /^Gull back/ })
      .locator('path')
      .first(),
  ).toHaveAttribute('d', back!)
})

test('a piece is moved by key and by mouse, what lies on another is said, and it is taken back', async ({ page }) => {
  await layPage(page)
  await laid(page)
  await board(page)
    .getByRole('button', { name: /^Gull back/ })
    .focus()
  for (let i = 0; i < 14; i++) await page.keyboard.press('ArrowUp')
  for (let i = 0; i < 6; i++) await page.keyboard.press('ArrowRight')
  await expect(page.getByText(/ overlaps |is off the fabric/).first()).toBeVisible()
  await expect(page.getByRole('button', { name: 'Save layout' })).toBeDisabled()
  for (let i = 0; i < 20; i++) await page.keyboard.press('z')
  await expect(page.getByText(/ overlaps |is off the fabric/)).toHaveCount(0)
  const wing = board(page).getByRole('button', { name: /^Gull wing, copy 1/ })
  await wing.scrollIntoViewIfNeeded()
  const box = (await wing.boundingBox())!
  const before = await wing.locator('path').first().getAttribute('d')
  await page.mouse.move(box.x + box.width / 2, box.y + box.height / 2)
  await page.mouse.down()
  await page.mouse.move(box.x + box.width / 2 + 60, box.y + box.height / 2 + 25, { steps: 6 })
  await page.mouse.up()
  await expect(wing.locator('path').first()).not.toHaveAttribute('d', before!)
  await page.getByRole('button', { name: 'Undo' }).click()
  await expect(wing.locator('path').first()).toHaveAttribute('d', before!)
})

test('the plan is saved one to one, as DXF that reads back', async ({ page }) => {
  await layPage(page)
  await laid(page)
  await page.getByText('Print or save as a file').click()
  const download = page.waitForEvent('download')
  await page.getByRole('button', { name: 'Save as DXF' }).click()
  const { pieces } = readDxf(readFileSync((await (await download).path())!, 'utf8'))
  expect(pieces).toHaveLength(8)
  const other = page.waitForEvent('download')
  await page.getByRole('button', { name: 'Save as SVG, 1 : 1' }).click()
  expect(readFileSync((await (await other).path())!, 'utf8')).toMatch(/^<svg [^>]*width="[\d.]+mm"/)
  await page.getByText('Every piece at full size').click()
  const plan = page.waitForEvent('download')
  await page.getByRole('button', { name: 'Save as PDF' }).click()
  const file = (await (await plan).path())!
  const [pages] = textsOf([readFileSync(file)])
  expect(pages!.length).toBeGreaterThan(4)
  expect(pages![0]!.items.map(({ str }) => str).join(' ')).toContain('Gull wing')
})

test('with a border print, feet lie on it, and a foot that is moved off it is said', async ({ page }) => {
  await layPage(page)
  await page.getByRole('combobox', { name: 'Border print' }).selectOption('left')
  const feet = page.getByRole('group', { name: /With their bottom edge on the border/ })
  await expect(feet.getByRole('checkbox', { name: /Gull front/ })).toBeChecked()
  await feet.getByRole('checkbox', { name: /Gull wing/ }).focus()
  await page.keyboard.press('Space')
  await expect(page.getByRole('combobox', { name: 'Fold' }).getByRole('option')).toHaveCount(1)
  expect(await findings(page)).toEqual([])
  await laid(page)
  await expect(page.getByText(/You need .* buy .* % is used/)).toBeVisible()
  await board(page)
    .getByRole('button', { name: /^Gull front, copy 1/ })
    .focus()
  await page.keyboard.press('ArrowDown')
  await expect(page.getByText('Gull front does not have its bottom edge on the border')).toBeVisible()
  await page.keyboard.press('z')
  await expect(page.getByText(/bottom edge on the border\./)).toHaveCount(0)
  await page.getByRole('button', { name: 'Save layout' }).click()
  await expect(page.getByText('Saved.')).toBeVisible()
  await page.getByRole('combobox', { name: 'Border print' }).selectOption('none')
  await expect(feet).toHaveCount(0)
})

test('what each width takes, and what would make it fit', async ({ page }) => {
  await layPage(page)
  await page.getByText('Fabric to buy').click()
  await page.getByRole('textbox', { name: 'Width of the fabric' }).fill('90')
  await page.getByRole('textbox', { name: 'Length', exact: true }).fill('100')
  await page.getByRole('textbox', { name: 'Length', exact: true }).press('Tab')
  await laidToTheEnd(page)
  await expect(page.getByText('Some pieces don’t fit')).toBeVisible()
  await page.getByRole('button', { name: 'What would make it fit?' }).click()
  await expect(page.getByText(/It needs .* then\./).first()).toBeVisible()
  await page.getByRole('button', { name: 'How much of each width?' }).click()
  await expect(page.getByRole('table', { name: 'How much of each width' }).getByRole('row')).toHaveCount(4)
})

test('once it is cut so, the offcuts are in the stash and the piece is shorter', async ({ page }) => {
  await keepPiece(page, 'Sailcloth remnant', 'canvas', '2.4', ['150', '3'])
  await layPage(page)
  await page.getByText(/^Sailcloth remnant/).click()
  await expect(page).toHaveURL(/cloth=/)
  await laid(page)
  await expect(page.getByText(/^There is enough: you need/)).toBeVisible()
  await page.getByRole('button', { name: 'Mark as cut' }).click()
  await page.getByRole('link', { name: 'offcut 1', exact: true }).click()
  await expect(page.getByRole('heading', { level: 1, name: /Sailcloth remnant, offcut 1/ })).toBeVisible()
  await expect(page.getByRole('img', { name: /Outline of Sailcloth remnant, offcut 1/ })).toBeVisible()
  await page.getByText('Uses (binding, patches, pockets)').click()
  await expect(page.getByRole('table', { name: /What Sailcloth remnant, offcut 1 can be used for/ })).toBeVisible()
})

test('a piece is moved by buttons, told each time, and the keys stay where they are', async ({ page }) => {
  await page.setViewportSize({ width: 390, height: 844 })
  await layPage(page)
  await laid(page)
  // The button that began it is the one that stopped it.
  await expect(page.getByRole('button', { name: /^Lay out/ })).toBeFocused()
  await board(page)
    .getByRole('button', { name: /^Gull wing, copy 1/ })
    .focus()
  const right = page.getByRole('button', { name: 'To the right' })
  await right.focus()
  await page.keyboard.press('Enter')
  const told = page.getByRole('status').filter({ hasText: /^Gull wing: .* along, .* across/ })
  const first = await told.textContent()
  await page.keyboard.press('Enter')
  await expect(told).not.toHaveText(first!)
  await expect(right).toBeFocused()
  const undo = page.getByRole('button', { name: 'Undo' })
  await undo.focus()
  for (let i = 0; i < 6 && (await undo.count()) > 0; i++) await page.keyboard.press('Enter')
  await expect(undo).toHaveCount(0)
  expect(await page.evaluate(() => document.activeElement?.tagName)).toBe('BUTTON')
})

test('on a phone the smallest piece can be looked at as wide as a finger', async ({ page }) => {
  await page.setViewportSize({ width: 390, height: 844 })
  await layPage(page)
  await laid(page)
  const narrowest = async () => {
    const boxes = await Promise.all((await board(page).getByRole('button').all()).map((one) => one.boundingBox()))
    return Math.min(...boxes.map((box) => Math.min(box!.width, box!.height)))
  }
  const closer = page.getByRole('button', { name: 'Look closer' })
  while ((await narrowest()) < 44 && (await closer.isEnabled())) await closer.click()
  expect(await narrowest()).toBeGreaterThanOrEqual(24)
  expect(await page.evaluate(() => document.documentElement.scrollWidth)).toBe(390)
  const all = page.getByRole('button', { name: 'See all of it' })
  if (await all.isVisible()) await all.click()
  await expect(page.getByRole('button', { name: 'See more of it' })).toBeDisabled()
})

test('a fabric is chosen by its swatch, or found by its name, and the keys stay on it', async ({ page }) => {
  await layPage(page)
  const fabrics = page.getByRole('group', { name: /^From the stash/ })
  const first = fabrics.getByRole('button').first()
  await first.focus()
  await page.keyboard.press('Enter')
  await expect(first).toHaveAttribute('aria-pressed', 'true')
  await expect(page).toHaveURL(/cloth=/)
  await expect(first).toBeFocused()
  await page.keyboard.press('Enter')
  await expect(first).toHaveAttribute('aria-pressed', 'false')
  await page.getByLabel('Find another fabric').fill('nothing is called so')
  await expect(page.getByText('We found no such fabric.')).toBeVisible()
})
