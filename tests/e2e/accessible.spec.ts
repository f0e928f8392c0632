import { type Page, choose, expect, test, open } from './fixtures'
import AxeBuilder from '@axe-core/playwright'
import { pages } from '@/features/shared/pages'
import { benchInfos } from '@/features/find-out/measure/info'
import { answer, answerSeveral, enough, layOut, readCautions } from './atTheBench'

/** Every page of the list that shows a record of these kinds, or none. */
function addresses(ids: { piece: string; pattern: string }): string[] {
  const own = pages.flatMap(({ path, of }) => {
    if (of === undefined) return [path]
    return of === 'burn-test' ? [] : [path.replace('[id]', ids[of])]
  })
  return [
    ...own,
    `/find-out?piece=${ids.piece}`,
    '/search?q=viscose',
    '/kit',
    ...benchInfos.map(({ id }) => `/measure/${id}`),
  ]
}

test.beforeEach(({ page }) => readCautions(page))

async function serious(page: Page): Promise<string[]> {
  const { violations } = await new AxeBuilder({ page }).analyze()
  return violations
    .filter(({ impact }) => impact === 'serious' || impact === 'critical')
    .map(
      ({ id, nodes }) =>
        `${id}: ${nodes
          .map(({ html, failureSummary }) => `${html.slice(0, 160)} ${failureSummary}`)
          .slice(0, 3)
          .join(' | ')}`,
    )
}

async function fits(page: Page): Promise<boolean> {
  return page.evaluate(() => document.documentElement.scrollWidth <= document.documentElement.clientWidth)
}

/** One piece and one pattern to look at. */
async function fill(page: Page) {
  await open(page, '/stash/new')
  await page.getByLabel('Name').fill('Palm court viscose')
  await page.getByLabel('What is it called?').fill('viscose twill')
  await page.getByLabel('Weight on the scale').fill('213')
  await page.getByLabel('Specimen length').fill('100')
  await page.getByLabel('Specimen width').fill('142')
  await page.getByRole('button', { name: 'Keep it in the stash' }).click()
  await expect(page.getByRole('heading', { name: 'Palm court viscose' })).toBeVisible()
  const piece = new URL(page.url()).pathname.split('/').at(-1)!
  await open(page, '/patterns/new')
  await page.getByLabel('Name').fill('Heron’s wing cape')
  await choose(page, 'What it makes', 'fluid dress')
  await page.getByRole('button', { name: 'Keep the pattern' }).click()
  await expect(page.getByRole('heading', { name: 'Heron’s wing cape' })).toBeVisible()
  return { piece, pattern: new URL(page.url()).pathname.split('/').at(-1)! }
}

for (const colorScheme of ['light', 'dark'] as const) {
  test(`no serious finding on any screen, ${colorScheme}`, async ({ page }) => {
    test.setTimeout(300_000)
    await page.emulateMedia({ colorScheme })
    const ids = await fill(page)
    for (const path of addresses(ids)) {
      await open(page, path)
      expect([path, await serious(page)]).toEqual([path, []])
    }
    await open(page, '/stash')
    await page.getByText('a list').click()
    expect(await serious(page)).toEqual([])
    await layOut(page)
    expect(['laid out', await serious(page)]).toEqual(['laid out', []])
    await page.getByRole('button', { name: 'To the flame' }).click()
    expect(['question', await serious(page)]).toEqual(['question', []])
    await answer(page, '2')
    await enough(page)
    expect(['verdict', await serious(page)]).toEqual(['verdict', []])
    for (const view of ['What each answer did', 'Where the belief came from']) {
      await page.getByText(view, { exact: true }).click()
      await expect(page.getByRole('img', { name: /figures stand in the table below/ }).locator('svg')).toBeVisible()
      expect([view, await serious(page)]).toEqual([view, []])
    }
    const address = new URL(page.url()).pathname
    for (const path of [`${address}/log`, `${address}/sheet`, `${address}/slip`]) {
      await open(page, path)
      expect([path, await serious(page)]).toEqual([path, []])
    }
  })
}

test('the gate has no serious finding', async ({ browser }) => {
  // A context of its own: no init script has read the cautions here.
  const context = await browser.newContext()
  const page = await context.newPage()
  await open(page, '/bench')
  await page.getByRole('button', { name: 'Burn a specimen' }).click()
  await expect(page.getByRole('heading', { name: 'Before you light anything' })).toBeVisible()
  expect(await serious(page)).toEqual([])
  await context.close()
})

for (const [name, viewport] of [
  ['a phone', { width: 390, height: 844 }],
  ['200 % zoom', { width: 640, height: 400 }],
] as const) {
  test(`nothing runs off the side on ${name}, and targets are big`, async ({ page }) => {
    test.setTimeout(240_000)
    await page.setViewportSize(viewport)
    const ids = await fill(page)
    for (const path of addresses(ids)) {
      await open(page, path)
      expect([path, await fits(page)]).toEqual([path, true])
    }
    await layOut(page)
    expect(await fits(page)).toBe(true)
    await page.getByRole('button', { name: 'To the flame' }).click()
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
