import { burnFeatures } from '../../src/core/identify/features'
import { type Page, allKept, expect, open, test } from './fixtures'
import { answer, begin, readCautions } from './atTheBench'

const PHONE = { width: 390, height: 844 }

/** The words that a page's own part shows, folded ones left out. */
async function wordsShown(page: Page): Promise<number> {
  return (await page.locator('main').innerText()).split(/\s+/).filter(Boolean).length
}

test('every burn question and its answers fit a phone, and at 200 % only what is asked scrolls', async ({ page }) => {
  await page.setViewportSize(PHONE)
  await readCautions(page)
  await begin(page)
  const answers = page.locator('.in-between')
  for (const { id, multi, question } of burnFeatures) {
    await expect(page.locator('#question')).toHaveText(question)
    const over = await answers.evaluate((box) => box.scrollHeight - box.clientHeight)
    expect([id, over]).toEqual([id, 0])
    const end = (await page.getByRole('button', { name: 'Not sure' }).boundingBox())!
    expect([id, end.y + end.height <= PHONE.height]).toEqual([id, true])
    for (const choice of await page.locator('[aria-labelledby=question][role=group] button').all()) {
      const box = (await choice.boundingBox())!
      expect([id, box.height >= 56, box.y + box.height <= end.y]).toEqual([id, true, true])
    }
    if (id === 'smell') {
      await page.setViewportSize({ width: 195, height: 422 })
      expect(await page.evaluate(() => document.documentElement.scrollWidth)).toBeLessThanOrEqual(195)
      const asked = page.locator('section[aria-labelledby=question]')
      expect(await asked.evaluate((box) => box.scrollHeight > box.clientHeight)).toBe(true)
      await expect(page.getByRole('button', { name: 'Undo' })).toBeInViewport()
      await page.setViewportSize(PHONE)
    }
    if (id === 'crush') break
    if (multi) {
      await page.keyboard.press('1')
      await page.keyboard.press('Enter')
    } else await page.keyboard.press('1')
  }
})

test('while something burns a phone shows the test alone, with the way back and first aid', async ({ page }) => {
  await page.setViewportSize(PHONE)
  await readCautions(page)
  await begin(page)
  await expect(page.getByRole('navigation')).toHaveCount(0)
  await page.getByText('First aid').click()
  await expect(page.getByText('under running water for 20 minutes', { exact: false })).toBeVisible()
  await page.getByText('First aid').first().click()
  await answer(page, '2')
  // The frame is the watch: it runs while it is held.
  const frame = page.getByRole('button', { name: 'Hold to time it until it catches fire' })
  await frame.focus()
  await page.keyboard.down('Enter')
  await expect(frame).toContainText(/0\.[3-9] s/)
  await page.keyboard.up('Enter')
  await expect(page.getByText('That is called “at once”.')).toBeVisible()
  await page.getByRole('link', { name: 'Back to burn tests' }).click()
  await expect(page.getByRole('heading', { name: 'Burn tests' })).toBeVisible()
  await expect(page.getByRole('navigation').first()).toBeVisible()
})

test('a burn that was left is found again on home and on its page, and goes on where it stopped', async ({
  page,
}) => {
  await readCautions(page)
  await begin(page)
  await answer(page, '2', '3', '3', '1', '4', '2', '2')
  await allKept(page)
  const back = page.locator(`a[href="${new URL(page.url()).pathname}"]`)
  await open(page, '/identify/burn')
  await expect(back).toContainText('Burn test: continue at question 8')
  await open(page, '/')
  await expect(back).toContainText('Burn test: continue at question 8')
  await back.click()
  await expect(page.locator('#question')).toHaveText('What does it smell of?')
  await expect(page.getByText('Question 8 of 11.')).toBeVisible()
  // Whoever asks for the result is done with it: nothing waits any more.
  await page.getByRole('button', { name: 'Show the result now' }).click()
  await expect(page.getByRole('heading', { name: 'Result' })).toBeVisible()
  await allKept(page)
  await open(page, '/')
  await expect(page.getByRole('heading', { level: 1 })).toBeVisible()
  await expect(back.filter({ hasText: 'continue at question' })).toHaveCount(0)
})

test('from the first page to the first question: four clicks, and few words at the cautions', async ({ page }) => {
  await open(page, '/')
  let clicks = 0
  const click = async (role: 'link' | 'button', name: RegExp) => {
    await page.getByRole(role, { name }).first().click()
    clicks += 1
  }
  // Each page is waited for by its title: a burn that was left stands on home under a name that begins alike.
  await click('link', /^Identify a fabric/)
  await expect(page.getByRole('heading', { level: 1, name: 'Identify a fabric' })).toBeVisible()
  await click('link', /^Burn test/)
  await expect(page.getByRole('heading', { level: 1, name: 'Burn tests' })).toBeVisible()
  await click('button', /^Start burn test/)
  await expect(page.getByRole('heading', { name: 'Before you light anything' })).toBeVisible()
  const words = await wordsShown(page)
  await click('button', /^I’m ready: start with the flame/)
  await expect(page.locator('#question')).toContainText('Bring the flame near')
  console.log(`First question after ${clicks} clicks and ${words} words of cautions`)
  expect(clicks).toBeLessThanOrEqual(4)
  expect(words).toBeLessThanOrEqual(150)
})
