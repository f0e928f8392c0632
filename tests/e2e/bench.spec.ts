import { allKept, expect, test, open } from './fixtures'
import { answer, answerSeveral, begin, enough, readCautions, unfold } from './atTheBench'

test.beforeEach(({ page }) => readCautions(page))

test('the belief changes with each answer, in words and in picture', async ({ page }) => {
  await begin(page)
  const belief = page.getByRole('region', { name: 'Looks most like' })
  const synthetic = belief.getByRole('listitem').filter({ hasText: 'Synthetic' })
  await expect(belief).toContainText('No answers yet')
  const before = await synthetic.textContent()
  const drawnBefore = await synthetic.locator('path').count()
  await answer(page, '3')
  await answer(page, 'n')
  await answer(page, 'n')
  await page.keyboard.press('4')
  await expect(belief).toContainText('synthetic')
  expect(await synthetic.textContent()).not.toBe(before)
  expect(await synthetic.locator('path').count()).toBeGreaterThan(drawnBefore)
})

test('the strip is redrawn where the question is, and says the same in words', async ({ page }) => {
  await begin(page)
  const strip = page.getByRole('list', { name: 'The burn so far' })
  await expect(strip.locator('[aria-current=step]')).toContainText('Flame near')
  const near = strip.getByRole('listitem').nth(1)
  const plain = await near.locator('svg').innerHTML()
  await answer(page, '2')
  expect(await near.locator('svg').innerHTML()).not.toBe(plain)
  await expect(near).toContainText('curls away')
  await expect(strip.locator('[aria-current=step]')).toContainText('In the flame')
})

test('two answers that no one cloth gives are shown as such', async ({ page }) => {
  await begin(page)
  await answer(page, 'n', 'n', 'n', 'n', 'n', 'n', 'n')
  await answerSeveral(page, '4')
  await answerSeveral(page, '5')
  await enough(page)
  await expect(page.getByRole('heading', { name: 'Two answers don’t fit together' })).toBeVisible()
  await expect(page.getByText(/hair or feather.*hard round bead.*perhaps it is a blend/)).toBeVisible()
})

test('a second specimen is asked from the start, and both count', async ({ page }) => {
  await begin(page)
  await answer(page, 'n', 'n', 'n', 'n', 'n', 'n', 'n')
  await answerSeveral(page, '4')
  await enough(page)
  const likeliest = page.getByRole('list', { name: 'Likeliest fabrics' })
  await unfold(page, /^What else it could be/)
  const first = await likeliest.textContent()
  await page.getByRole('button', { name: 'the whole fabric' }).click()
  await expect(page.locator('#question')).toContainText('Bring the flame near')
  await expect(page.getByText('Sample 2, the whole fabric. Question 1 of 11.', { exact: false })).toBeVisible()
  await answer(page, '2')
  await enough(page)
  await unfold(page, /^What else it could be/)
  expect(await likeliest.textContent()).not.toBe(first)
  await page.getByRole('button', { name: 'Undo the last answer' }).click()
  await expect(page.locator('#question')).toContainText('Bring the flame near')
})

test('a burn that was left goes on where it was, and can be thrown away', async ({ page }) => {
  await begin(page)
  const address = page.url()
  await answer(page, '1')
  await answer(page, '2')
  await expect(page.locator('#question')).toContainText('How does it burn')
  // The last answer has been kept before the page is left.
  await allKept(page)
  await open(page, '/')
  await page.locator(`a[href="${new URL(address).pathname}"]`).click()
  await expect(page).toHaveURL(address)
  await expect(page.locator('#question')).toContainText('How does it burn')
  await enough(page)
  await page.getByRole('button', { name: 'Delete this test' }).click()
  await expect(page).toHaveURL(/\/identify\/burn$/)
  expect((await page.goto(address))?.status()).toBe(404)
})

test('an answer that cannot be kept is said, kept on the page and tried again', async ({ page }) => {
  await begin(page)
  let broken = true
  await page.route('**/identify/burn/*', (route) =>
    route.request().method() === 'POST' && broken ? route.abort() : route.continue(),
  )
  await answer(page, '2')
  await expect(page.getByRole('alert').filter({ hasText: 'could not save the last answers' })).toBeVisible()
  await answer(page, '3')
  broken = false
  await expect(page.getByRole('alert').filter({ hasText: 'could not save the last answers' })).toBeHidden()
  await page.reload()
  await expect(page.locator('#question')).toContainText('How does it burn')
})

test('keys do not answer while somebody types', async ({ page }) => {
  await begin(page)
  await answer(page, '2')
  await enough(page)
  await unfold(page, /^Is the label true/)
  await page.getByRole('button', { name: 'Enter what the label says' }).click()
  const share = page.getByLabel('Share')
  await share.fill('60')
  await share.press('1')
  await expect(page.getByRole('heading', { name: 'Result' })).toBeVisible()
  await page.getByRole('button', { name: 'Add a fibre' }).click()
  await expect(page.getByLabel('Fibre')).toHaveCount(2)
  await page.getByLabel('Share').first().fill('90')
  await page.getByLabel('Share').first().blur()
  await page.getByLabel('Share').nth(1).fill('50')
  await page.getByLabel('Share').nth(1).blur()
  await expect(page.getByText('more than the whole fabric', { exact: false })).toBeVisible()
})
