import { allKept, expect, open, test } from './fixtures'
import { answer, begin, readCautions } from './atTheBench'

test('answers that could not be kept when the page was left are kept when it is opened again', async ({
  context,
  page,
}) => {
  await readCautions(page)
  await begin(page)
  await answer(page, '2')
  await allKept(page)
  const address = page.url()
  // From here on nothing that is written reaches the server.
  await page.route('**/*', (route) => (route.request().method() === 'POST' ? route.abort() : route.continue()))
  await answer(page, '1', '1')
  await expect(page.getByText(/stay in this browser/)).toBeVisible()
  await page.close({ runBeforeUnload: false })

  const again = await context.newPage()
  await readCautions(again)
  await open(again, address)
  await allKept(again)
  await again.goto(`${new URL(address).pathname}/log`)
  const lines = again.getByRole('region', { name: 'Answers' }).getByRole('button')
  await expect(lines.filter({ hasNotText: '–' })).toHaveCount(3)
  // The notebook has them: nothing waits any more.
  await open(again, address)
  await expect(again.getByText(/were not saved when you left/)).toBeHidden()
})
