import { type Page, expect, open } from './fixtures'

/** The cautions count as read. */
export function readCautions(page: Page): Promise<unknown> {
  return page.addInitScript(() => localStorage.setItem('rough-swatch-safety-read', String(Date.now())))
}

/** Begins a test, and stands before what is laid out. */
export async function layOut(page: Page): Promise<void> {
  await open(page, '/identify/burn')
  await page.getByRole('button', { name: 'Start burn test' }).click()
  await expect(page.getByRole('heading', { name: 'Get ready' })).toBeVisible()
}

/** Begins a test, and goes to the first question at the flame. */
export async function begin(page: Page): Promise<void> {
  await layOut(page)
  await page.getByRole('button', { name: 'Start with the flame' }).click()
  await expect(page.locator('#question')).toContainText('Bring the flame near')
}

/** Presses the keys of one question, and waits until the next question stands there. */
async function andNext(page: Page, press: () => Promise<void>): Promise<void> {
  const question = page.locator('#question')
  const before = await question.textContent()
  await press()
  await expect(question).not.toHaveText(before!)
}

/** Answers one question after the other, a key each. */
export async function answer(page: Page, ...keys: string[]): Promise<void> {
  for (const key of keys) await andNext(page, () => page.keyboard.press(key))
}

/** Answers one question with several states. */
export async function answerSeveral(page: Page, ...keys: string[]): Promise<void> {
  await andNext(page, async () => {
    for (const key of keys) await page.keyboard.press(key)
    await page.keyboard.press('Enter')
  })
}

/** Opens steps of a project, whatever is open already. */
export async function openSteps(page: Page, ...steps: string[]): Promise<void> {
  const strip = page.getByRole('navigation', { name: 'Steps of the project' })
  for (const step of steps) await strip.locator(`a[href="#step-${step.toLowerCase()}"]`).click()
}

/** Opens something that is folded. */
export async function unfold(page: Page, ...named: RegExp[]): Promise<void> {
  for (const name of named) await page.locator('summary').filter({ hasText: name }).first().click()
}

export async function enough(page: Page): Promise<void> {
  // On a small screen the way to the result is under the line of what it looks like.
  const soFar = page.locator('summary').filter({ hasText: 'Looks most like' })
  if (await soFar.isVisible()) await soFar.click()
  await page.getByRole('button', { name: 'Show the result now' }).click()
  await expect(page.getByRole('heading', { name: 'Result' })).toBeVisible()
}
