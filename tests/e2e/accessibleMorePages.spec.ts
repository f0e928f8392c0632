import { test } from './fixtures'
import { readCautions } from './atTheBench'
import { scannedPages } from './everyScreen'

test('no finding on any page, and nothing runs off its side: the second half', async ({ page }) => {
  test.setTimeout(600_000)
  await readCautions(page)
  await scannedPages(page, 1)
})
