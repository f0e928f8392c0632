import { type Page, expect, open, test } from './fixtures'
import { unfold } from './atTheBench'
import { writeFileSync } from 'node:fs'
import sharp from 'sharp'
import { drafts } from '@/core/weave/drafts'
import { weavePicture } from '@/devices/standins/weavePicture'
import { dice } from '../support/seen'
import { keepPiece } from './keepPiece'

/** The made-up camera’s own size, pixels. */
const [WIDE, HIGH] = [1200, 900]

/** Opens the made-up camera and takes a picture of what is chosen. */
async function shoot(page: Page, of: string, fields: Record<string, string> = {}) {
  await page.getByText('No fabric at hand?').click()
  await page.getByLabel('Point it at').selectOption({ label: of })
  for (const [label, value] of Object.entries(fields)) {
    await page.getByLabel(label).fill(value)
    await page.getByLabel(label).blur()
  }
  await page.getByRole('button', { name: 'Take photo' }).click()
  await expect(page.getByRole('img', { name: 'Photo', exact: true })).toBeVisible()
}

/** Clicks two places of the picture, given in its own pixels. */
async function mark(page: Page, ...spots: readonly (readonly [x: number, y: number])[]) {
  const picture = page.getByRole('img', { name: 'Photo', exact: true })
  const box = (await picture.boundingBox())!
  for (const [x, y] of spots)
    await picture.click({ position: { x: (x / WIDE) * box.width, y: (y / HIGH) * box.height }, force: true })
}

/** Threads a cm in the table of what was counted, upright and level. */
async function counts(page: Page): Promise<number[]> {
  const rows = page.getByRole('region', { name: '2. Result' }).locator('tbody tr')
  await expect(rows).toHaveCount(2)
  return Promise.all([0, 1].map(async (row) => Number(await rows.nth(row).locator('td').first().textContent())))
}

test('a made-up picture is counted by mouse, its threads drawn, a count by hand agrees, and both are kept', async ({
  page,
}) => {
  await open(page, '/identify/measure/loupe')
  await shoot(page, 'a twill', { 'Warp threads per cm': '28', 'Weft threads per cm': '22' })
  await expect(page.getByRole('button', { name: 'Count threads' })).toBeDisabled()
  // Its ruler has 308 points to the cm.
  await mark(page, [308, 865], [924, 865])
  await page.getByLabel('From mark to mark').fill('20')
  await page.getByLabel('From mark to mark').blur()
  await page.getByRole('button', { name: 'Count threads' }).click()
  const [upright, level] = await counts(page)
  expect(Math.abs(upright! / 28 - 1)).toBeLessThan(0.02)
  expect(Math.abs(level! / 22 - 1)).toBeLessThan(0.02)
  const region = page.getByRole('region', { name: '2. Result' })
  await expect(region.getByRole('status')).toContainText('a twill')
  await expect(region.locator('svg path')).toHaveCount(2)
  await region.getByLabel('Show the horizontal lines').uncheck()
  await expect(region.locator('svg path')).toHaveCount(1)
  await region.getByRole('button', { name: 'Save count' }).click()
  await expect(region.getByText('from a photo')).toBeVisible()

  await page.getByRole('button', { name: 'Zoom in and mark threads' }).click()
  const near = page.getByRole('application', { name: /Threads zoomed in/ })
  await near.focus()
  // Six steps to an end, eight to a pick.
  for (let thread = 0; thread < 9; thread++) {
    await page.keyboard.press('Enter')
    for (let step = 0; step < 6; step++) await page.keyboard.press('ArrowRight')
  }
  await expect(page.getByText('Your count and the photo agree on the upright threads.')).toBeVisible()
  await page.getByText('the horizontal threads', { exact: true }).click()
  await near.focus()
  for (let thread = 0; thread < 9; thread++) {
    await page.keyboard.press('Enter')
    for (let step = 0; step < 8; step++) await page.keyboard.press('ArrowDown')
  }
  await page.getByRole('button', { name: 'Save hand count' }).click()
  await expect(region.getByText(/weft threads per cm, by hand/)).toBeVisible()
  await near.focus()
  await page.keyboard.press('Backspace')
  await expect(page.getByText('Horizontal: 8 marks', { exact: false })).toBeVisible()
})

test('a count of a piece keeps the picture that it was read from', async ({ page }) => {
  await keepPiece(page, 'Linen store sheet', 'poplin', '1.2', ['150', '2'])
  const piece = new URL(page.url()).pathname.split('/').at(-1)!
  await open(page, `/identify/measure/loupe?piece=${piece}`)
  await shoot(page, 'plain weave')
  await mark(page, [308, 865], [924, 865])
  await page.getByLabel('From mark to mark').fill('20')
  await page.getByLabel('From mark to mark').blur()
  await page.getByRole('button', { name: 'Count threads' }).click()
  await counts(page)
  const region = page.getByRole('region', { name: '2. Result' })
  await region.getByRole('button', { name: 'Save count' }).click()
  await expect(region.getByRole('img', { name: 'The photo that was counted' })).toBeVisible()
  await open(page, `/stash/${piece}`)
  await unfold(page, /^All properties/)
  await page
    .getByRole('row', { name: /^Thread count/ })
    .getByText('Reading', { exact: true })
    .click()
  const picture = page.getByRole('img', { name: 'The photo that was counted' })
  await expect(picture).toBeVisible()
  const whole = await page.request.get((await picture.locator('..').getAttribute('href'))!)
  expect((await sharp(await whole.body()).metadata()).width).toBe(WIDE)
})

test('the scale is set by keys, and where there is nothing to count it says so', async ({ page }) => {
  await open(page, '/identify/measure/loupe')
  await shoot(page, 'a bare wall')
  const first = page.getByRole('slider', { name: 'First mark of the scale' })
  await first.focus()
  const before = Number(await first.getAttribute('aria-valuenow'))
  await page.keyboard.press('Shift+ArrowLeft')
  expect(Number(await first.getAttribute('aria-valuenow'))).toBeLessThan(before)
  await page.getByText('a coin in it', { exact: true }).click()
  await expect(page.getByLabel('Width of the coin')).toHaveValue('23')
  await page.getByRole('button', { name: 'Count threads' }).click()
  await expect(page.getByRole('alert').filter({ hasText: 'can’t find two sets of threads' })).toBeVisible()
})

test('what is no picture is refused in words', async ({ page }, info) => {
  await open(page, '/identify/measure/loupe')
  const file = info.outputPath('letter.png')
  writeFileSync(file, 'Dear sir, the curtains have arrived.')
  await page.locator('input[type=file]').first().setInputFiles(file)
  await expect(page.getByRole('alert').filter({ hasText: 'can’t open that photo' })).toBeVisible()
})

test('a picture of 24 megapixels is turned as its EXIF says, can be stopped, and leaves the page awake', async ({
  page,
}, info) => {
  const [width, height, endsPerCm, picksPerCm, pixelsPerCm] = [6000, 4000, 20, 30, 330]
  const { data } = weavePicture(
    { drawdown: drafts.plain!, endsPerCm, picksPerCm, pixelsPerCm, width, height, noise: 4 },
    dice(8),
  )
  const file = info.outputPath('large.jpg')
  // 6: to be shown turned a quarter clockwise.
  await sharp(Buffer.from(Uint8Array.from(data)), { raw: { width, height, channels: 1 } })
    .withMetadata({ orientation: 6 })
    .jpeg({ quality: 90 })
    .toFile(file)
  await page.addInitScript(() => {
    const longest = { ms: 0 }
    Object.assign(window, { longest })
    new PerformanceObserver((list) =>
      list.getEntries().forEach(({ duration }) => {
        longest.ms = Math.max(longest.ms, duration)
      }),
    ).observe({ entryTypes: ['longtask'] })
  })
  await open(page, '/identify/measure/loupe')
  await page.evaluate(() => {
    ;(window as unknown as { longest: { ms: number } }).longest.ms = 0
  })
  const start = Date.now()
  await page.locator('input[type=file]').first().setInputFiles(file)
  const picture = page.getByRole('img', { name: 'Photo', exact: true })
  await expect(picture).toBeVisible()
  const shown = (await picture.boundingBox())!
  expect(shown.height / shown.width).toBeCloseTo(1.5, 1)
  // Two marks as far apart as the picture is wide, to its edges by keys: 4000 points.
  for (const [name, key] of [
    ['First', 'ArrowLeft'],
    ['Second', 'ArrowRight'],
  ] as const) {
    await page.getByRole('slider', { name: `${name} mark of the scale` }).focus()
    for (let step = 0; step < 30; step++) await page.keyboard.press(`Shift+${key}`)
  }
  await page.getByLabel('From mark to mark').fill(String((4000 / pixelsPerCm) * 10))
  await page.getByLabel('From mark to mark').blur()
  await page.getByRole('button', { name: 'Count threads' }).click()
  await page.getByRole('button', { name: 'Stop' }).click()
  await expect(page.getByRole('progressbar')).toHaveCount(0)
  await page.getByRole('button', { name: 'Count threads' }).click()
  const [upright, level] = await counts(page)
  // Turned, its picks stand upright.
  expect(Math.abs(upright! / picksPerCm - 1)).toBeLessThan(0.01)
  expect(Math.abs(level! / endsPerCm - 1)).toBeLessThan(0.01)
  const longest = await page.evaluate(() => (window as unknown as { longest: { ms: number } }).longest.ms)
  const whole = Date.now() - start
  console.log(`24 megapixels: longest task on the page ${longest.toFixed(0)} ms, of ${whole} ms altogether`)
  // Were the picture worked on by the page itself, one task would take most of the time.
  expect(longest / whole).toBeLessThan(0.05)
})

test('a draped disc is found in its picture, and its coefficient follows', async ({ page }) => {
  await open(page, '/identify/measure/drape')
  await page.getByText('a picture of a disc', { exact: true }).click()
  await shoot(page, 'a disc of fabric on a tin', { Drape: '45' })
  await mark(page, [0, 865], [1100, 865])
  await page.getByLabel('From mark to mark').fill('500')
  await page.getByLabel('From mark to mark').blur()
  await page.getByRole('button', { name: 'Find the outline' }).click()
  const told = page.getByRole('region', { name: 'Photo of a disc' }).getByRole('status')
  await expect(told).toContainText('drape coefficient')
  expect(Math.abs(Number(/coefficient (\d+) %/.exec((await told.textContent())!)![1]) - 45)).toBeLessThanOrEqual(3)
  await page.getByRole('button', { name: 'Save disc' }).click()
  await expect(page.getByRole('region', { name: 'Result' })).toContainText('Disc: shadow of')
})
