import { expect, open, test } from './fixtures'
import { readFileSync } from 'node:fs'

test('a weave is chosen, changed by keys, seen from both sides, and goes out and comes back as WIF', async ({
  page,
}) => {
  await open(page, '/learn/weave')
  const told = page.getByRole('region', { name: 'Fabric', exact: true })
  await expect(told.getByText(/52° from the weft, climbing to the right/)).toBeVisible()
  await page.getByLabel('Start with').selectOption({ label: 'Satin' })
  await expect(told.getByText('80 %')).toBeVisible()
  await expect(told.getByText('longest over 4, 4.0 on average')).toBeVisible()

  // The crossing at the top left becomes the other.
  const first = page.getByRole('button', { name: /End 1, pick 5/ })
  const was = await first.getAttribute('aria-pressed')
  await first.focus()
  await page.keyboard.press('Space')
  await expect(first).not.toHaveAttribute('aria-pressed', was!)
  await page.keyboard.press('ArrowRight')
  await expect(page.getByRole('button', { name: /End 2, pick 5/ })).toBeFocused()
  await page.keyboard.press('ArrowDown')
  await expect(page.getByRole('button', { name: /End 2, pick 4/ })).toBeFocused()
  await expect(told.getByText('80 %')).toHaveCount(0)
  const share = await told.getByRole('status').locator('dd').first().textContent()

  const face = await told
    .getByRole('img', { name: 'The right side of the fabric, drawn to scale' })
    .getAttribute('src')
  await page.getByText('wrong side', { exact: true }).click()
  expect(
    await told.getByRole('img', { name: 'The wrong side of the fabric, drawn to scale' }).getAttribute('src'),
  ).not.toBe(face)

  const waiting = page.waitForEvent('download')
  await page.getByRole('button', { name: 'Save as WIF' }).click()
  const file = await (await waiting).path()
  expect(readFileSync(file, 'utf8')).toContain('[WIF]')
  await page.getByLabel('Start with').selectOption({ label: 'Plain' })
  await page
    .locator('input[type=file]')
    .setInputFiles({ name: 'weave.wif', mimeType: 'text/plain', buffer: readFileSync(file) })
  await expect(told.getByRole('status').locator('dd').first()).toHaveText(share!)
  await page
    .locator('input[type=file]')
    .setInputFiles({ name: 'letter.wif', mimeType: 'text/plain', buffer: Buffer.from('Dear sir') })
  await expect(page.getByRole('region', { name: 'Fabric', exact: true }).getByRole('alert')).toBeVisible()
})

test('yarns, stripes and pile change the drawn cloth, which is saved as SVG', async ({ page }) => {
  await open(page, '/learn/weave')
  const picture = page.getByRole('img', { name: /of the fabric, drawn to scale/ })
  const seen = new Set([await picture.getAttribute('src')])
  const changed = async () => {
    await expect.poll(async () => seen.has(await picture.getAttribute('src'))).toBe(false)
    seen.add(await picture.getAttribute('src'))
  }
  await page.getByText('continuous filament', { exact: true }).first().click()
  await changed()
  await page.getByLabel('Stripe every').first().fill('8')
  await page.getByLabel('Stripe every').first().blur()
  await changed()
  await page.getByLabel('Nap').fill('40')
  await page.getByLabel('Nap').blur()
  await changed()
  await page.getByText('looped', { exact: true }).click()
  await changed()
  await expect(page.getByRole('img', { name: /The cut edge: .*looped pile on it/ })).toBeVisible()
  const waiting = page.waitForEvent('download')
  await page.getByRole('button', { name: 'Save picture' }).click()
  expect(readFileSync(await (await waiting).path(), 'utf8')).toMatch(/^<svg xmlns=.*<\/svg>$/)
})
