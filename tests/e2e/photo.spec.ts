import sharp from 'sharp'
import { photograph, type Scene } from '../support/photo/scene'
import { dice } from '../support/seen'
import { expect, open, test, type Page } from './fixtures'
import { keepPiece } from './keepPiece'

/** A bodice of blue cloth on a wooden floor, held askew, with its shadow: 0.193 m². */
const scene: Scene = {
  shape: [
    [0, 0],
    [400, 0],
    [440, 300],
    [380, 330],
    [360, 500],
    [80, 520],
    [60, 350],
    [0, 320],
  ],
  sheet: { at: [520, 90], degrees: 5, sides: [210, 297] },
  tiltDeg: 22,
  floor: [150, 118, 84],
  cloth: () => [40, 70, 120],
  shadow: { by: [18, -14], soft: 9, left: 0.5 },
  slope: 0.2,
  noise: 0.05,
  width: 1000,
  height: 750,
}
const AREA = 0.1928

async function choose(page: Page) {
  const { data, width, height } = photograph(scene, dice(5))
  const png = await sharp(Buffer.from(data.buffer), { raw: { width, height, channels: 4 } })
    .png()
    .toBuffer()
  const chooser = page.waitForEvent('filechooser')
  await page.getByRole('button', { name: 'Choose a photo' }).click()
  await (await chooser).setFiles({ name: 'floor.png', mimeType: 'image/png', buffer: png })
}

const areaSaid = async (page: Page) =>
  Number(/([\d.]+) m²/.exec((await page.getByText(/to about 1 %/).textContent())!)![1])

test('a photograph of a paper piece becomes its outline, put right by keys', async ({ page }) => {
  await open(page, '/make/patterns/add')
  await page.getByLabel('Name', { exact: true }).fill('Heron bodice')
  await page.getByRole('button', { name: 'Save pattern' }).click()
  await page.getByRole('link', { name: 'Pattern pieces', exact: true }).click()
  await page.getByText('From a photo of the paper piece').click()
  await choose(page)
  await expect(page.getByText(/to about 1 %/)).toBeVisible()
  expect(Math.abs((await areaSaid(page)) / AREA - 1)).toBeLessThan(0.012)
  const before = await areaSaid(page)
  await page.getByRole('slider', { name: 'Corner 1 of the sheet' }).focus()
  for (let i = 0; i < 3; i++) await page.keyboard.press('Shift+ArrowRight')
  expect(await areaSaid(page)).toBeGreaterThan(before * 1.02)
  for (let i = 0; i < 3; i++) await page.keyboard.press('Shift+ArrowLeft')
  await page.getByText('Show points to move them').click()
  const points = page.getByRole('slider', { name: /Point \d+ of the outline/ })
  const count = await points.count()
  expect(count).toBeGreaterThanOrEqual(8)
  await points.first().focus()
  await page.keyboard.press('Delete')
  await expect(points).toHaveCount(count - 1)
  await page.getByLabel('Name of the piece').last().fill('Bodice front')
  await page.getByRole('button', { name: 'Save outline' }).click()
  await expect(page.getByText('1 piece saved.')).toBeVisible()
  await expect(page.getByRole('article', { name: 'Bodice front' })).toBeVisible()
})

test('where there is no sheet of paper it says so, and a ruler will do', async ({ page }) => {
  await keepPiece(page, 'Odd sail', 'linen', '2', ['90', '1.5'])
  await page.getByText('Shape, stains, holes and worn places').click()
  await page.getByText('Irregular shape? Get its outline from a photo').click()
  await choose(page)
  await page.getByRole('combobox', { name: 'Scale from' }).selectOption('ruler')
  await page.getByLabel('From mark to mark').fill('60')
  await page.getByLabel('From mark to mark').blur()
  const said = await areaSaid(page)
  await page.getByRole('slider', { name: 'Mark 1 on the ruler' }).focus()
  await page.keyboard.press('Shift+ArrowRight')
  await expect.poll(() => areaSaid(page)).toBeGreaterThan(said)
  await page.getByRole('button', { name: 'Save shape' }).click()
  await expect(page.getByText(/m² as it is, warp upright/)).toBeVisible()
})

test('a stain is marked by mouse and moved in figures, and the lay is told', async ({ page }) => {
  await keepPiece(page, 'Wine cloth', 'linen', '2', ['100', '1'])
  await page.getByText('Shape, stains, holes and worn places').click()
  const cloth = page.getByRole('img', { name: /Wine cloth with 0 marked/ })
  const box = (await cloth.boundingBox())!
  await page.mouse.move(box.x + box.width * 0.45, box.y + box.height * 0.45)
  await page.mouse.down()
  await page.mouse.move(box.x + box.width * 0.55, box.y + box.height * 0.55, { steps: 4 })
  await page.mouse.up()
  const mark = page.getByRole('group', { name: 'Mark 1' })
  await mark.getByLabel('From the left').fill('30')
  await mark.getByLabel('Width').fill('20')
  await mark.getByLabel('Width').blur()
  await page.getByRole('button', { name: 'Mark a place' }).click()
  await page.getByRole('button', { name: 'Delete mark 2' }).click()
  await page.getByRole('button', { name: 'Save marks' }).click()
  await expect(page.getByText(/m² without its stains/)).toBeVisible()
  await page.reload()
  await page.getByText('Shape, stains, holes and worn places').click()
  await expect(page.getByRole('group', { name: 'Mark 1' }).getByLabel('From the left')).toHaveValue('30')
})
