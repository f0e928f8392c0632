import { expect, open, test } from './fixtures'
import { answer, answerSeveral, enough, layOut, readCautions } from './atTheBench'
import { fits } from './everyScreen'

test.beforeEach(({ page }) => readCautions(page))

for (const [name, viewport] of [
  ['a phone', { width: 390, height: 844 }],
  ['200 % zoom', { width: 640, height: 400 }],
] as const) {
  test(`nothing of a burn runs off the side on ${name}, and targets are big`, async ({ page }) => {
    await page.setViewportSize(viewport)
    await layOut(page)
    expect(await fits(page)).toBe(true)
    await page.getByRole('button', { name: 'Start with the flame' }).click()
    await answer(page, 'n', 'n', 'n', 'n', 'n', 'n', 'n')
    expect(await fits(page)).toBe(true)
    const choices = page.getByRole('group', { name: 'What does it smell of?' }).getByRole('button')
    await expect(choices).toHaveCount(11)
    for (const box of await Promise.all((await choices.all()).map((choice) => choice.boundingBox()))) {
      expect(box!.height).toBeGreaterThanOrEqual(56)
      expect(box!.width).toBeGreaterThanOrEqual(56)
    }
    await answerSeveral(page, '4')
    await enough(page)
    const address = new URL(page.url()).pathname
    for (const path of [address, `${address}/log`, `${address}/sheet`]) {
      await open(page, path)
      expect([path, await fits(page)]).toEqual([path, true])
    }
  })
}
