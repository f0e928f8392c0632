import { expect, open, test } from './fixtures'
import { keepPiece } from './keepPiece'

const ENVELOPE = `Quay overshirt
Fabrics: linen, chambray.
Fabric required
150 cm   1.8 m`

test('from an envelope to a project with its fabric in eight acts', async ({ page }) => {
  await keepPiece(page, 'Quay linen', 'linen', '1.8', ['150', '4'])
  await open(page, '/')
  let acts = 0
  const act = async (what: () => Promise<void>) => {
    acts += 1
    await what()
  }
  await act(() =>
    page.getByRole('navigation', { name: 'Places', exact: true }).getByRole('link', { name: 'Make' }).click(),
  )
  await act(() => page.getByRole('link', { name: 'Add a pattern' }).first().click())
  await act(async () => {
    await page.context().grantPermissions(['clipboard-read', 'clipboard-write'])
    await page.evaluate((text) => navigator.clipboard.writeText(text), ENVELOPE)
    await page.getByLabel('Text from the envelope').focus()
    await page.keyboard.press('Control+V')
  })
  await act(() => page.getByRole('button', { name: 'Use these lengths' }).click())
  // What was read of it moves the button: pressed meanwhile, it would be missed.
  await expect(page.getByRole('table', { name: 'Lengths by width and size' })).toBeVisible()
  await expect(page.getByLabel('Name', { exact: true })).toHaveValue('Quay overshirt')
  await act(() => page.getByRole('button', { name: 'Save pattern' }).click())
  await act(() => page.getByRole('link', { name: 'Start a project' }).click())
  await act(() => page.getByRole('button', { name: 'Continue with its fabric' }).click())
  await act(() => page.getByRole('button', { name: 'Use Quay linen' }).first().click())
  await expect(page.getByText(/There is enough/).first()).toBeVisible()
  console.log(`From an envelope to a project with its fabric: ${acts} acts.`)
  expect(acts).toBeLessThanOrEqual(8)
})
