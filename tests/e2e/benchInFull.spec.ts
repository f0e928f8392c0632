import { type Page, allKept, expect, test, open } from './fixtures'
import { PIXEL } from '../support/pixel'
import { answer, answerSeveral, begin, enough, layOut, readCautions, unfold } from './atTheBench'

test.beforeEach(({ page }) => readCautions(page))

/** A burn of wool, to the verdict. */
async function burnWool(page: Page) {
  await answer(page, '2', '3', '3', '1', '4', '2', '2')
  await answerSeveral(page, '4')
  await answerSeveral(page, '4')
  await enough(page)
}

test('what is laid out counts: the question, the past and its switch, the part', async ({ page }) => {
  await layOut(page)
  await unfold(page, /^The question/, /^Its history/)
  await page.getByText('Whether there is any plastic in it').click()
  await page.getByLabel('What is it from?').selectOption('lining')
  await page.getByLabel('Made before').fill('1940')
  await page.getByLabel('Made before').blur()
  const effect = page.getByRole('table', { name: /without and with its history/ })
  await expect(effect.getByRole('row', { name: /Synthetic/ })).toContainText('under 1')
  await page.getByText('No, only what I see').click()
  await expect(effect).toBeHidden()
  await page.getByText('Yes, as a hint').click()
  await page.getByText('warp yarns', { exact: true }).click()
  await page.getByRole('button', { name: 'Start with the flame' }).click()
  await expect(page.getByText('Sample 1, warp yarns. Question 1 of 11.', { exact: false })).toBeVisible()
  await answer(page, '1')
  await enough(page)
  await expect(page.getByText('You asked whether there is plastic in it.')).toBeVisible()
  // It stays, over a reload.
  await allKept(page)
  await page.reload()
  await expect(page.getByText('You asked whether there is plastic in it.')).toBeVisible()
  await unfold(page, /^Its history/)
  await expect(page.getByRole('region', { name: 'Its history' })).toContainText('with its history')
})

test('warp and weft burnt apart make a mixed cloth, by keyboard', async ({ page }) => {
  await layOut(page)
  await unfold(page, /^The question/)
  await page.getByText('warp yarns', { exact: true }).click()
  await page.getByRole('button', { name: 'Start with the flame' }).click()
  await burnWool(page)
  await page.getByRole('button', { name: 'weft yarns' }).press('Enter')
  await expect(page.getByText('Sample 2, weft yarns. Question 1 of 11.', { exact: false })).toBeVisible()
  await answer(page, '1', '2', '1', '1', '1', '1', '2')
  await answerSeveral(page, '1')
  await answerSeveral(page, '1')
  await enough(page)
  await expect(page.getByText(/A mixed fabric: its warp and weft are .*not the same fibre/)).toBeVisible()
  await expect(page.getByRole('region', { name: 'Warp' })).toContainText('protein')
  await expect(page.getByRole('region', { name: 'Weft' })).toContainText('plant')
  await page.getByText('How much of each?').click()
  await expect(page.getByText(/ISO 1833 series/)).toBeVisible()
})

test('without a flame it asks what tells most, shows how, and never lights anything', async ({ page }) => {
  await layOut(page)
  await page.getByRole('button', { name: 'Start without a flame' }).click()
  await expect(page.getByRole('heading', { name: 'Without a flame' })).toBeVisible()
  for (let asked = 0; asked < 4; asked++) {
    await expect(page.getByText('Why this question:')).toBeVisible()
    await expect(page.getByText('Misled by')).toBeVisible()
    await expect(page.getByRole('heading', { name: 'Without a flame' })).toBeVisible()
    await answer(page, '1')
  }
  await enough(page)
  await page.getByRole('button', { name: 'Start with the flame' }).click()
  await expect(page.locator('#question')).toContainText('Bring the flame near')
})

test('every test without a flame stands on one page, with its cautions', async ({ page }) => {
  await open(page, '/identify/tests')
  await expect(page.getByRole('region')).toHaveCount(12)
  await expect(page.getByRole('region', { name: 'Acetone' })).toContainText('no flame, spark or hot iron in the room')
  await expect(page.getByRole('region', { name: 'Chlorine bleach' })).toContainText('poisonous gas')
  await expect(page.getByText('use a laboratory', { exact: false })).toBeVisible()
})

test('why, as a picture, and what another answer would have made of it', async ({ page }) => {
  await begin(page)
  await burnWool(page)
  const title = page.locator('#verdict')
  const before = await title.textContent()
  await unfold(page, /^Why/)
  await page.getByText('What each answer did', { exact: true }).click()
  await expect(
    page
      .getByRole('img', { name: /What each answer did/ })
      .locator('svg text')
      .filter({ hasText: '÷' })
      .first(),
  ).toBeVisible()
  await page.getByText('How the odds changed', { exact: true }).click()
  await page.getByText('Figures', { exact: true }).click()
  await expect(page.getByRole('row', { name: /^before/ })).toBeVisible()
  await expect(page.getByRole('row', { name: /^What is left/ })).toContainText('over 99')
  await page.getByRole('button', { name: 'Vinegar' }).click()
  await expect(page.getByText(/^Then it would be/)).toBeVisible()
  expect(await title.textContent()).toBe(before)
})

test('a label that is not true: what true cloth would have shown, and a slip for the shop', async ({ page }) => {
  await begin(page)
  await burnWool(page)
  await unfold(page, /^Is the label true/)
  await page.getByRole('button', { name: 'Enter what the label says' }).click()
  await page.getByLabel('Fibre', { exact: true }).selectOption('polyester')
  await expect(page.getByText('It does not fit.')).toBeVisible()
  await expect(page.getByRole('list', { name: 'What a true label would have shown' })).toContainText(
    'The labelled fabric would most often give',
  )
  await allKept(page)
  await page.getByRole('link', { name: 'Note to take back to the shop' }).click()
  await expect(page.getByText('Sold or labelled as: 100 % polyester')).toBeVisible()
  await expect(page.getByText('a dispute needs a textile laboratory', { exact: false })).toBeVisible()
  await page.emulateMedia({ media: 'print' })
  await expect(page.getByRole('button', { name: 'Print or save as PDF' })).toBeHidden()
  await expect(page.getByText('It does not fit.')).toBeVisible()
})

test(
  'the log: a stopwatch, a correction that the verdict follows, two side by side, a note and a picture, ' +
    'on paper',
  async ({ page }) => {
    await begin(page)
    await answer(page, '2')
    await page.keyboard.press('t')
    await expect(page.getByRole('group', { name: /Stopwatch/ }).locator('output')).toHaveText(/0\.[2-9] s/)
    await page.keyboard.press('t')
    await expect(page.getByText('That is called “at once”.')).toBeVisible()
    await answer(page, '3', '3', '1', '4', '2', '2')
    await answerSeveral(page, '4')
    await answerSeveral(page, '4')
    await enough(page)
    await page.getByRole('button', { name: 'the whole fabric' }).click()
    await answer(page, '3')
    await enough(page)
    await allKept(page)
    await page.getByRole('link', { name: 'Burn log: correct, compare, print' }).click()

    await expect(page.getByText('They differ in 1 of 1 thing that you saw on both:', { exact: false })).toBeVisible()
    const verdict = page.getByRole('status').first()
    await expect(verdict).toContainText('Protein')
    const before = await verdict.innerText()
    await page.getByRole('button', { name: /^Smell, sample 1: hair or feather/ }).click()
    await page
      .getByRole('group', { name: 'What does it smell of?' })
      .getByRole('button', { name: 'Burnt paper' })
      .click()
    await page.getByRole('button', { name: 'Done (Enter)' }).click()
    await expect(page.getByRole('button', { name: /^Smell, sample 1: burnt paper/ })).toBeVisible()
    await expect(verdict).not.toHaveText(before)

    const notes = page.getByRole('region', { name: 'Notes on sample 1' })
    await expect(notes.getByLabel('Caught fire after')).not.toHaveValue('')
    await notes.getByLabel('Length burnt').fill('20')
    await notes.getByLabel('in', { exact: true }).fill('5')
    await notes.getByLabel('in', { exact: true }).blur()
    await expect(notes).toContainText('mm a second')
    await notes.getByLabel('Note', { exact: true }).fill('cut from the hem of the awning')
    await notes.locator('input[type=file]').setInputFiles({ name: 'pixel.png', mimeType: 'image/png', buffer: PIXEL })
    const picture = notes.getByRole('img', { name: 'Photo of sample 1' })
    await expect(picture).toBeVisible()
    expect((await page.request.get((await picture.getAttribute('src'))!)).headers()['content-type']).toBe(
      'image/jpeg',
    )
    await notes
      .locator('input[type=file]')
      .setInputFiles({ name: 'no.png', mimeType: 'image/png', buffer: Buffer.from('no picture') })
    await expect(notes.getByRole('alert')).toContainText('could not read that photo')
    await allKept(page)
    await page.reload()
    await expect(notes.getByLabel('Note', { exact: true })).toHaveValue('cut from the hem of the awning')
    await expect(picture).toBeVisible()

    await page.getByRole('link', { name: 'Print this log' }).click()
    await expect(page.getByRole('heading', { name: /^Burn log/ })).toBeVisible()
    await expect(page.getByText('cut from the hem of the awning')).toBeVisible()
    await open(page, '/identify/blank-log')
    await expect(page.getByRole('row', { name: /^Smell burnt paper · wood or leaves/ })).toBeVisible()
  },
)

test('the controls box teaches, reminds, and is laid out before the flame', async ({ page }) => {
  await open(page, '/identify/samples')
  await expect(page.getByText('You have none yet.', { exact: false })).toBeVisible()
  await page.getByLabel('Fibre').selectOption('wool')
  await page.getByLabel('Name').fill('Darning wool')
  await page.getByLabel('Why you are sure').fill('the band says so')
  await page.getByRole('button', { name: 'Add sample' }).click()
  await page.getByRole('button', { name: 'Burn a bit of it' }).click()
  await page.getByRole('button', { name: 'Start with the flame' }).click()
  await expect(page.getByText('of Darning wool', { exact: false })).toBeVisible()
  await watchPlace(page, '#question')
  // It burns like polyester: is it pure?
  await answer(page, '3', '3', '4', '4', '3', '2', '4')
  await answerSeveral(page, '7')
  await answerSeveral(page, '5')
  await allKept(page)
  // A button that jumps while it is pressed is not pressed.
  expect(await placesSeen(page)).toHaveLength(1)
  await enough(page)
  await allKept(page)
  await page.getByRole('link', { name: 'Back to Darning wool' }).click()
  await expect(page.getByText('Is it pure?')).toBeVisible()
  await layOut(page)
  await unfold(page, /^Known samples/)
  await expect(page.getByText('your sample did not burn like wool alone', { exact: false })).toBeVisible()
  await open(page, '/identify/samples')
  await page.getByRole('button', { name: 'Delete sample' }).click()
  await page.getByRole('button', { name: 'Delete', exact: true }).click()
  await expect(page.getByText('You have none yet.', { exact: false })).toBeVisible()
})

/** From now on, notes each height on the page at which that element stands. */
function watchPlace(page: Page, selector: string): Promise<void> {
  return page.evaluate((watched) => {
    const seen = new Set<number>()
    Object.assign(window, { placesSeen: seen })
    const look = () => {
      const top = document.querySelector(watched)?.getBoundingClientRect().top
      if (top !== undefined) seen.add(Math.round(top + window.scrollY))
      requestAnimationFrame(look)
    }
    look()
  }, selector)
}

function placesSeen(page: Page): Promise<number[]> {
  return page.evaluate(() => [...(window as unknown as { placesSeen: Set<number> }).placesSeen])
}
