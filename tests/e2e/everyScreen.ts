import { source as axeSource, type AxeResults, type RunOptions } from 'axe-core'
import { pages } from '@/features/shared/pages'
import { type PageInfo } from '@/features/shared/places'
import { benchInfos } from '@/features/identify/measure/info'
import { type Page, choose, expect, open } from './fixtures'
import { answer, enough, layOut, unfold } from './atTheBench'

/** Every page of the list that shows a record of these kinds, or none. */
export function addresses(ids: Record<Exclude<NonNullable<PageInfo['of']>, 'burn-test'>, string>): string[] {
  const own = pages.flatMap(({ path, of }) => {
    if (of === undefined) return [path]
    return of === 'burn-test' ? [] : [path.replace('[id]', ids[of])]
  })
  return [
    ...own,
    `/identify?piece=${ids.piece}`,
    '/search?q=viscose',
    '/kit',
    ...benchInfos.map(({ id }) => `/identify/measure/${id}`),
  ]
}

declare global {
  interface Window {
    axe?: { run(within: Document, options: RunOptions): Promise<AxeResults> }
  }
}

/**
 * What axe finds, however slight. It runs in the page itself: no page of ours has a frame, and a second page for every
 * finding takes longer than the finding.
 * @param rules only those; all of them where it is left out
 */
export async function findings(page: Page, rules?: string[]): Promise<string[]> {
  if (!(await page.evaluate(() => 'axe' in window))) await page.evaluate(axeSource)
  // What passed is not written down: on long pages that takes longest.
  const { violations } = await page.evaluate(
    (runOnly) => window.axe!.run(document, { resultTypes: ['violations'], ...(runOnly && { runOnly }) }),
    rules,
  )
  return violations.map(
    ({ id, nodes }) =>
      `${id}: ${nodes
        .map(({ html, failureSummary }) => `${html.slice(0, 160)} ${failureSummary}`)
        .slice(0, 3)
        .join(' | ')}`,
  )
}

/** Unfolds everything on a page, what lies within what is unfolded too. */
async function unfoldAll(page: Page): Promise<void> {
  await expect(async () => {
    const closed = page.locator('main details:not([open])')
    await closed.evaluateAll((folds) => folds.forEach((fold) => ((fold as HTMLDetailsElement).open = true)))
    await expect(closed).toHaveCount(0, { timeout: 400 })
  }).toPass({ timeout: 20_000 })
}

/** The least that a thumb meets surely, px. */
const THUMB_PX = 44

/** What stands by itself to be pressed and is lower than a thumb; a pixel of rounding is let go. */
async function tooSmall(page: Page): Promise<string[]> {
  return page.evaluate((least) => {
    const pressed = 'main :is(button, a[href], input, select, textarea, summary)'
    return [...document.querySelectorAll(pressed)].flatMap((target) => {
      const { width, height } = (target.closest('label') ?? target).getBoundingClientRect()
      const isShown = width > 1 && height > 1 && getComputedStyle(target).visibility !== 'hidden'
      // Words within a sentence, a part of a date, and what only reads a drop are pressed otherwise.
      const isWithinText = target.tagName === 'A' && getComputedStyle(target).display === 'inline'
      const isHelper = target.matches('[tabindex="-1"], [aria-hidden=true] *, [role=group] input, td *')
      if (!isShown || isWithinText || isHelper || height >= least - 1 || height < 8) return []
      return [
        `${target.tagName} ${Math.round(width)} × ${Math.round(height)} ${target.textContent?.trim().slice(0, 40)}`,
      ]
    })
  }, THUMB_PX)
}

export async function fits(page: Page): Promise<boolean> {
  return page.evaluate(() => document.documentElement.scrollWidth <= document.documentElement.clientWidth)
}

/** One piece, one pattern, one project and one heap to look at. */
export async function fill(page: Page) {
  await open(page, '/stash/add')
  await page.getByLabel('Name').fill('Palm court viscose')
  await page.getByLabel('Fabric type').fill('viscose twill')
  await page.getByLabel('Weight on the scale').fill('213')
  await page.getByLabel('Sample length').fill('100')
  await page.getByLabel('Sample width').fill('142')
  await page.getByRole('button', { name: 'Add to stash' }).click()
  await expect(page.getByRole('heading', { name: 'Palm court viscose' })).toBeVisible()
  const piece = new URL(page.url()).pathname.split('/').at(-1)!
  await open(page, '/make/patterns/add')
  await page.getByLabel('Name').fill('Heron’s wing cape')
  await choose(page, 'Garment', 'fluid dress')
  await page.getByRole('button', { name: 'Save pattern' }).click()
  await expect(page.getByRole('heading', { name: 'Heron’s wing cape' })).toBeVisible()
  const pattern = new URL(page.url()).pathname.split('/').at(-1)!
  await page.getByRole('link', { name: 'Start a project' }).click()
  await page.getByRole('button', { name: 'Continue with its fabric' }).click()
  await expect(page.getByRole('navigation', { name: 'Steps of the project' })).toBeVisible()
  const project = new URL(page.url()).pathname.split('/').at(-1)!
  await open(page, '/stash/piles')
  await page.getByLabel('Name of the pile').fill('Laundry hamper')
  await page.getByRole('button', { name: 'Start sorting' }).click()
  await expect(page.getByRole('heading', { level: 1, name: 'Laundry hamper' })).toBeVisible()
  await page.getByRole('button', { name: 'Test', exact: true }).click()
  await expect(page.getByRole('heading', { name: 'Sorted so far' })).toBeVisible()
  return {
    piece,
    pattern,
    project,
    heap: new URL(page.url()).pathname.split('/').at(-1)!,
    fibre: 'silk',
    unit: 'momme',
    test: 'smell',
    technique: 'french',
    care: 'wash-40-mild',
    cloth: 'denim',
  }
}

/** A phone, and a desk at 200 % zoom. */
const SMALL = [
  { width: 390, height: 844 },
  { width: 640, height: 400 },
] as const
const DESK = { width: 1280, height: 800 }

/** Nothing of a page runs off its side on a phone, or at 200 % zoom; on a phone nothing is too small for a thumb. */
async function fitsEverywhere(page: Page, path: string): Promise<void> {
  for (const viewport of SMALL) {
    await page.setViewportSize(viewport)
    // The page is laid out anew in the next frame.
    await expect.poll(() => fits(page), { message: `${path} at ${viewport.width}` }).toBe(true)
    if (viewport !== SMALL[0]) continue
    expect([path, 'on a phone', await findings(page)]).toEqual([path, 'on a phone', []])
    expect([path, 'under a thumb', await tooSmall(page)]).toEqual([path, 'under a thumb', []])
  }
  await page.setViewportSize(DESK)
}

/** Every other page of the list: two specs share them, so that both workers have something to do. */
export async function scannedPages(page: Page, remainder: 0 | 1): Promise<void> {
  const ids = await fill(page)
  for (const path of addresses(ids).filter((_, index) => index % 2 === remainder)) {
    await open(page, path)
    await unfoldAll(page)
    expect([path, await findings(page)]).toEqual([path, []])
    // By lamplight nothing differs but the colours.
    await page.emulateMedia({ colorScheme: 'dark' })
    expect([path, 'by lamplight', await findings(page, ['color-contrast'])]).toEqual([path, 'by lamplight', []])
    await page.emulateMedia({ colorScheme: 'light' })
    await fitsEverywhere(page, path)
  }
}

/** What is not a page of the list: a shelf as a list, the bench at work. */
export async function scanned(page: Page): Promise<void> {
  const found = async () => {
    const byDay = await findings(page)
    // By lamplight nothing differs but the colours.
    await page.emulateMedia({ colorScheme: 'dark' })
    const byLamp = await findings(page, ['color-contrast'])
    await page.emulateMedia({ colorScheme: 'light' })
    return [...byDay, ...byLamp]
  }
  await fill(page)
  await open(page, '/stash')
  await page.getByText('a list').click()
  await expect(page).toHaveURL(/as=list/)
  await expect(page).toHaveTitle(/Stash/)
  expect(await found()).toEqual([])
  await layOut(page)
  await unfold(page, /^The question/, /^Its history/, /^Known samples/, /^What can mislead/)
  expect(['laid out', await found()]).toEqual(['laid out', []])
  await page.getByRole('button', { name: 'Start with the flame' }).click()
  expect(['question', await found()]).toEqual(['question', []])
  await answer(page, '2')
  await enough(page)
  await unfold(page, /^Why/, /^What else/, /^Is the label true/, /^Its history/)
  expect(['verdict', await found()]).toEqual(['verdict', []])
  for (const view of ['What each answer did', 'How the odds changed']) {
    await page.getByText(view, { exact: true }).click()
    await expect(page.getByRole('img', { name: /figures are in the table below/ }).locator('svg')).toBeVisible()
    expect([view, await found()]).toEqual([view, []])
  }
  const address = new URL(page.url()).pathname
  for (const path of [`${address}/log`, `${address}/sheet`, `${address}/slip`]) {
    await open(page, path)
    expect([path, await found()]).toEqual([path, []])
  }
}
