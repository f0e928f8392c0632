import { PREFERENCES_COOKIE } from '@/features/shared/settings/preferences'
import { british, metricAlone, textsOfHtml } from '../support/american'
import { addresses, fill } from './everyScreen'
import { expect, test } from './fixtures'

/** Where both kinds of words or units are what the page is about; and what is drawn anew each time, by chance. */
const ABOUT_BOTH = /^\/learn\/(?:words|convert|units|practice|warp-and-nap|name|figures)|^\/settings|^\/kit/
/** Machines are set in mm everywhere; sheets of stickers are sold by their metric size. */
const METRIC_EVERYWHERE = /^straight, |^zigzag, |^labels, .* on A4|“115 cm 2\.4 m”|momme|±/

test('whoever reads American English and inches finds nothing else on any page', async ({ page, server }) => {
  test.setTimeout(600_000)
  const ids = await fill(page)
  const american = JSON.stringify({
    units: 'imperial',
    words: 'us',
    paper: 'letter',
    theme: 'light',
    motion: 'still',
    spanMm: 1650,
  })
  const read = async (path: string, cookie?: string) => {
    const answer = await fetch(server.url + path, { headers: cookie ? { cookie } : {} })
    return textsOfHtml(await answer.text())
  }
  const cookie = `${PREFERENCES_COOKIE}=${encodeURIComponent(american)}`
  const found: string[] = []
  const paths = addresses(ids).filter((path) => !ABOUT_BOTH.test(path))
  for (const path of paths) {
    const texts = await read(path, cookie)
    const alone = metricAlone(texts).filter((text) => !METRIC_EVERYWHERE.test(text))
    found.push(...[...british(texts), ...alone].map((text) => `${path}: ${text}`))
  }
  expect(found).toEqual([])
  // The same pages for everybody else: there is something to be found.
  const plain = (await Promise.all(paths.map((path) => read(path)))).flat()
  expect(british(plain).length).toBeGreaterThan(100)
  expect(metricAlone(plain).length).toBeGreaterThan(20)
})

test('the first start takes words and units from the browser, and Settings changes them', async ({
  browser,
  server,
}) => {
  const context = await browser.newContext({ locale: 'en-US', baseURL: server.url })
  const page = await context.newPage()
  await page.goto('/settings')
  await expect(page.locator('html')).toHaveAttribute('lang', 'en-US')
  await expect(page.getByRole('radio', { name: 'inches, yards, oz/yd²' })).toBeChecked()
  await page.getByText('cm, m, g/m²').click()
  await expect(page.getByRole('status').filter({ hasText: 'Saved' })).toBeAttached()
  await page.reload()
  await expect(page.getByRole('radio', { name: 'cm, m, g/m²' })).toBeChecked()
  await context.close()
})
