import { test } from './fixtures'
import { readCautions } from './atTheBench'
import { scanned } from './everyScreen'

test('no serious finding on any screen, by lamplight', async ({ page }) => {
  test.setTimeout(300_000)
  await readCautions(page)
  await scanned(page, 'dark')
})
