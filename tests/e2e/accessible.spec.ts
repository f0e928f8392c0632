import { expect, open, test } from './fixtures'
import { readCautions } from './atTheBench'
import { scanned, findings } from './everyScreen'

test('no finding on any screen, by day and by lamplight', async ({ page }) => {
  test.setTimeout(600_000)
  await readCautions(page)
  await scanned(page)
})

test('the gate has no finding', async ({ browser }) => {
  // A context of its own: no init script has read the cautions here.
  const context = await browser.newContext({ locale: 'en-GB' })
  const page = await context.newPage()
  await open(page, '/identify/burn')
  await page.getByRole('button', { name: 'Start burn test' }).click()
  await expect(page.getByRole('heading', { name: 'Before you light anything' })).toBeVisible()
  expect(await findings(page)).toEqual([])
  await context.close()
})
