import { answer, readCautions } from './atTheBench'
import { findings } from './everyScreen'
import { keepPiece } from './keepPiece'
import { allKept, expect, open, test } from './fixtures'

test.describe.configure({ mode: 'serial' })

test('a specimen is looked at by keys, answered, and told what told most', async ({ page }) => {
  await open(page, '/learn/practice')
  const say = page.getByRole('button', { name: 'Answer' })
  await expect(say).toBeDisabled()
  await page.getByRole('button', { name: 'Smell', exact: true }).focus()
  await page.keyboard.press('Enter')
  await expect(page.getByText(/^Smell:/)).toBeVisible()
  await page.getByRole('button', { name: 'What is left' }).press('Enter')
  await page.getByLabel('Main fibre family').selectOption('protein')
  await page.getByLabel('How sure are you of the family?').selectOption('0.9')
  expect(await findings(page)).toEqual([])
  await say.press('Enter')
  await expect(page.getByRole('heading', { name: 'What helped most' })).toBeVisible()
  await expect(page.getByText(/an expert would say/)).toBeVisible()
  await expect(page.getByText(/You will see it again/)).toBeVisible()
  await page.getByRole('button', { name: 'Next sample' }).click()
  await expect(page.getByRole('heading', { name: 'What do you look at?' })).toBeVisible()
})

test('answers are scored by how sure they were, in a table beside the picture', async ({ page }) => {
  await open(page, '/learn/practice')
  await page.getByRole('button', { name: 'Smell', exact: true }).click()
  await page.getByRole('button', { name: 'Answer' }).click()
  await expect(page.getByRole('heading', { name: 'What helped most' })).toBeVisible()
  await page.getByRole('link', { name: 'My score' }).last().click()
  await expect(page.getByText('2 answers.')).toBeVisible()
  await expect(page.getByRole('row', { name: /^90 %/ })).toContainText('1')
  await expect(page.getByRole('img', { name: /Share of right answers/ })).toBeVisible()
  expect(await findings(page)).toEqual([])
})

test('the desk converts, and words are found in either English', async ({ page }) => {
  await open(page, '/learn/convert')
  const weight = page.getByRole('region', { name: 'Fabric weight' })
  await weight.getByLabel('Fabric weight: in').selectOption('oz')
  await weight.getByLabel('Fabric weight: value').fill('5')
  await page.keyboard.press('Tab')
  await expect(weight.getByRole('row', { name: /g\/m²/ })).toContainText('170')
  await open(page, '/learn/words')
  await expect(page.getByRole('row', { name: /selvedge/ })).toContainText('selvage')
})

test('a blind box is packed, told letter by letter, and opened', async ({ page }) => {
  await readCautions(page)
  for (const [name, fibre] of [
    ['Tea cotton', 'cotton'],
    ['Bell silk', 'silk'],
    ['Mast wool', 'wool'],
  ] as const) {
    await open(page, '/identify/samples')
    await page.getByLabel('Name').fill(name)
    await page.getByLabel('Fibre', { exact: true }).selectOption(fibre)
    await page.getByRole('button', { name: 'Add sample' }).click()
    await expect(page.getByText(name).first()).toBeVisible()
  }
  await open(page, '/learn/blind-test')
  for (const name of ['Tea cotton', 'Bell silk', 'Mast wool'])
    await page.getByRole('checkbox', { name }).press('Space')
  await page.getByRole('button', { name: 'Shuffle' }).click()
  await expect(page.getByRole('row', { name: /^A/ })).toBeVisible()
  await page.getByRole('button', { name: 'They are packed' }).press('Enter')
  await expect(page.getByText('3 of 3 still to answer.')).toBeVisible()
  await expect(page.getByText('Bell silk')).toHaveCount(0)
  expect(await findings(page)).toEqual([])
  // The first is burnt at the bench, under its letter.
  await page.getByRole('button', { name: 'Start burn test' }).click()
  await expect(page.getByText(/sample of Envelope A/).first()).toBeVisible()
  await page.getByRole('button', { name: 'Start with the flame' }).click()
  await expect(page.locator('#question')).toContainText('Bring the flame near')
  await answer(page, '2')
  await allKept(page)
  await open(page, '/learn/blind-test')
  await expect(page.getByRole('link', { name: 'Burn 1 of it' })).toBeVisible()
  for (const code of ['A', 'B', 'C']) {
    await expect(page.getByRole('heading', { name: `Envelope ${code}` })).toBeVisible()
    await page.getByLabel('Main fibre family').selectOption('protein')
    await page.getByRole('button', { name: 'Answer' }).click()
  }
  await expect(page.getByText('2 of 3 families right.')).toBeVisible()
  await expect(page.getByText(/1 of these burn tests now count as burns of known samples/)).toBeVisible()
  await expect(page.getByRole('row', { name: /Tea cotton/ })).toContainText('no: plant')
})

test('a cloth is named by looking, and what parts it from its neighbour is told', async ({ page }) => {
  await open(page, '/learn/name')
  await expect(page.getByRole('img', { name: /under the loupe/ })).toBeVisible()
  const names = page.getByRole('group', { name: 'Names' }).getByRole('button')
  await expect(names).toHaveCount(4)
  await names.first().press('Enter')
  await expect(page.getByRole('heading', { name: /How to tell the two apart|How to recognise it/ })).toBeVisible()
  expect(await findings(page)).toEqual([])
  await page.getByRole('button', { name: 'Next fabric' }).click()
  await expect(names).toHaveCount(4)
  await expect(page.getByText(/of 1 right so far/)).toBeVisible()
})

test('warp, right side, pile, grain and wear are told from a drawn cloth, by keys', async ({ page }) => {
  await open(page, '/learn/warp-and-nap')
  const answers = page.getByRole('group', { name: 'Answers' }).getByRole('button')
  for (let asked = 1; asked <= 3; asked++) {
    await expect(answers.first()).toBeVisible()
    const pictures = page.getByRole('main').getByRole('img')
    expect(await pictures.count()).toBeGreaterThanOrEqual(1)
    expect(await pictures.first().evaluate((img: HTMLImageElement) => img.naturalWidth)).toBeGreaterThan(100)
    await page.getByLabel('How sure are you?').selectOption('fairly sure')
    await answers.first().focus()
    await page.keyboard.press('Enter')
    await expect(page.getByRole('heading', { name: 'How to tell' })).toBeVisible()
    await expect(page.getByRole('status')).toContainText(/^(Right|Not this time): /)
    expect(await findings(page)).toEqual([])
    await page.getByRole('button', { name: 'Next fabric' }).press('Enter')
    await expect(page.getByText(new RegExp(`of ${asked} right so far`))).toBeVisible()
  }
})

test('five minutes or twenty: what is due of everything, and a way to begin', async ({ page }) => {
  await open(page, '/learn/today')
  const steps = page.getByRole('region', { name: 'Today' }).getByRole('listitem')
  const few = await steps.allTextContents()
  expect(few.length).toBeGreaterThanOrEqual(2)
  expect(await findings(page)).toEqual([])
  await page.getByRole('link', { name: 'I have 20 minutes' }).press('Enter')
  await expect(page.getByText(/^In 20 minutes/)).toBeVisible()
  expect((await steps.allTextContents()).join()).not.toBe(few.join())
  await page.getByRole('link', { name: 'Start', exact: true }).press('Enter')
  await expect(page).toHaveURL(/learn\/(practice|looks|sides|numbers)/)
})

test('two fibres stand side by side, and the look that parts them first', async ({ page }) => {
  await open(page, '/learn/compare?a=silk&b=cotton')
  await expect(page.getByRole('heading', { level: 1, name: 'Silk or cotton?' })).toBeVisible()
  await expect(page.getByText(/tells them apart best/)).toBeVisible()
  await page.getByLabel('Second fibre').selectOption('polyester')
  await expect(page.getByRole('heading', { level: 1, name: 'Silk or polyester?' })).toBeVisible()
  await expect(page.getByRole('row', { name: /^Smell/ })).toContainText('hair or feather')
  expect(await findings(page)).toEqual([])
})

test('a cloth is looked up from the search: what it is taken for, its fibre, and what of it lies there', async ({
  page,
}) => {
  await keepPiece(page, 'Staff trousers', 'denim', '3.4', ['150', '1'])
  await page.keyboard.press('/')
  await page.keyboard.type('denim')
  await page
    .getByRole('option', { name: /^denim/i })
    .first()
    .click()
  await expect(page.getByRole('heading', { level: 1, name: 'Denim' })).toBeVisible()
  await expect(page.getByRole('list', { name: 'Your fabrics called denim' })).toContainText('Staff trousers')
  await page.getByRole('link', { name: 'Drill' }).click()
  await expect(page.getByRole('heading', { level: 1, name: 'Drill' })).toBeVisible()
  await page.getByRole('link', { name: 'cotton', exact: true }).first().click()
  await expect(page.getByRole('heading', { level: 1, name: 'Cotton' })).toBeVisible()
  await expect(page.getByText('None of your fabrics, as far as we know.')).toBeVisible()
  await page.getByRole('region', { name: 'Confused with' }).getByRole('link', { name: 'Compare' }).first().click()
  await expect(page.getByRole('heading', { level: 1 })).toBeVisible()
  expect((await page.request.get('/learn/fabrics/unheard-of')).status()).toBe(404)
})

test('a unit has a page, and a term leads to where it is told, from where it stands first', async ({ page }) => {
  await open(page, '/learn/convert')
  await page.getByRole('link', { name: 'momme' }).click()
  await expect(page.getByRole('heading', { level: 1, name: 'momme' })).toBeVisible()
  await expect(page.getByRole('row', { name: /^\d+ [\d.]+ \d/ }).first()).toBeVisible()
  expect(await findings(page)).toEqual([])
  await page.getByRole('link', { name: 'oz/yd²' }).click()
  await expect(page.getByRole('heading', { level: 1, name: 'oz/yd²' })).toBeVisible()
  await open(page, '/learn/fabrics/corduroy')
  const term = page.getByRole('main').locator('a[href^="/learn/words#term-"]').first()
  const words = (await term.textContent())!
  await term.press('Enter')
  await expect(page).toHaveURL(/\/learn\/words#term-/)
  const told = new URL(page.url()).hash.slice(1)
  await expect(page.locator(`[id="${told}"]`)).toBeInViewport()
  expect(words.length).toBeGreaterThan(2)
  expect((await page.request.get('/learn/units/cubit')).status()).toBe(404)
})

test('bench cards: every fibre, every test with its caution, needles and irons, and on paper nothing else', async ({
  page,
}) => {
  await open(page, '/learn/cards')
  const chart = page.getByRole('region', { name: 'Burn chart' }).first()
  await expect(chart.getByRole('row', { name: /^Silk .*hair or feather/ })).toBeVisible()
  await expect(page.getByRole('region', { name: 'Acetone' })).toContainText('flame')
  await expect(page.getByRole('row', { name: /150 °C/ })).toContainText('Silk')
  expect(await findings(page)).toEqual([])
  await page.emulateMedia({ media: 'print' })
  await expect(page.getByRole('button', { name: /Print or save/ })).toBeHidden()
  await expect(chart).toBeVisible()
})

test('the one search finds seams, tests, fibres and care symbols where they are told', async ({ page }) => {
  const search = async (text: string, title: string | RegExp) => {
    await open(page, `/search?q=${encodeURIComponent(text)}`)
    await page.getByRole('link', { name: title }).first().click()
  }
  await search('flat felled', 'Flat-felled seam')
  await expect(page).toHaveURL(/\/learn\/techniques\/flat-felled$/)
  await search('rayon', /viscose \(US rayon\)/)
  await expect(page).toHaveURL(/\/learn\/fibres\/viscose$/)
  await search('tumble low', /Tumble dry, low/)
  await expect(page).toHaveURL(/\/learn\/care\/tumble-low$/)
  await expect(page.getByText('A square with a circle and one dot in it')).toBeVisible()
  await search('acetone', 'Acetone')
  await expect(page).toHaveURL(/\/learn\/tests\/acetone$/)
})
