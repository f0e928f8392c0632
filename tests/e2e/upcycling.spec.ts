import { findings } from './everyScreen'
import { expect, open, test, type Page } from './fixtures'
import { unfold } from './atTheBench'

test.describe.configure({ mode: 'serial' })

/** Something kept by quick entry. @returns its id */
async function keep(page: Page, thing: string, called: string): Promise<string> {
  await open(page, '/stash/quick-add')
  await page.getByLabel('What do you think it is?').fill(called)
  await page.getByLabel('Made up as', { exact: true }).selectOption(thing)
  await page.getByRole('button', { name: 'Save and add another' }).click()
  await page.getByRole('link', { name: 'See the last one' }).click()
  await expect(page.getByRole('heading', { level: 1, name: new RegExp(called) })).toBeVisible()
  return new URL(page.url()).pathname.split('/').at(-1)!
}

let jeans = ''

test('a garment is measured and taken apart: its panels lie in the stash, its zip in the box', async ({ page }) => {
  jeans = await keep(page, 'jeans', 'denim')
  await open(page, `/stash/${jeans}/take-apart`)
  await expect(page.getByText('Estimated for a usual size')).toBeVisible()
  await page.getByLabel('Around the hips').fill('104')
  await page.getByLabel('From the top to the hem').fill('100')
  await page.getByRole('radio', { name: /flat-felled/ }).check()
  await page.getByRole('checkbox', { name: 'knees' }).focus()
  await page.keyboard.press('Space')
  await page.getByRole('button', { name: 'Update' }).click()
  await expect(page.getByText('Estimated for a usual size')).toHaveCount(0)
  await expect(page.getByText(/Outseam: cut close/)).toBeVisible()
  await expect(page.getByText(/m² of fabric/)).toBeVisible()
  expect(await findings(page)).toEqual([])
  await page.getByRole('button', { name: 'I took it apart' }).click()
  await expect(page.getByText(/Taken apart on/)).toBeVisible()
  await open(page, `/stash/${jeans}`)
  await unfold(page, /^Offcuts/)
  await expect(page.getByRole('link', { name: /front leg 1/ })).toBeVisible()
  await open(page, '/stash/notions')
  await expect(page.getByText(/Zip from denim/)).toBeVisible()
})

test('what is not good is drawn on a garment’s panels, by mouse and in figures, and is no cloth', async ({
  page,
}) => {
  const dress = await keep(page, 'dress', 'chambray')
  await open(page, `/stash/${dress}/take-apart`)
  const cloth = async () => Number(/([\d.]+) m² of fabric/.exec((await page.locator('main').textContent())!)![1])
  const before = await cloth()
  const how = page.getByRole('region', { name: 'Condition' })
  const back = how.getByRole('img', { name: /^Back, 0 marked/ })
  await back.scrollIntoViewIfNeeded()
  const drawing = (await back.boundingBox())!
  const at = (x: number, y: number) => [drawing.x + drawing.width * x, drawing.y + drawing.height * y] as const
  await page.mouse.move(...at(0.45, 0.5))
  await page.mouse.down()
  await page.mouse.move(...at(0.55, 0.55), { steps: 3 })
  await page.mouse.up()
  await expect(how.getByRole('group', { name: 'Place 1' })).toBeVisible()
  await how.getByLabel('Panel').selectOption('2 × sleeve')
  await how.getByLabel('Problem').first().selectOption('worn thin')
  await how.getByRole('button', { name: 'Mark a place' }).press('Enter')
  await how.getByRole('textbox', { name: 'Width' }).fill('30')
  await how.getByRole('textbox', { name: 'Width' }).press('Tab')
  expect(await findings(page)).toEqual([])
  await page.getByRole('button', { name: 'Update' }).click()
  await expect(page.getByRole('img', { name: 'sleeve marked, drawn' })).toBeVisible()
  expect(await cloth()).toBeLessThan(before)
  await page.reload()
  await how.getByLabel('Panel').selectOption('back, 1 marked')
  await how.getByRole('button', { name: 'Delete place 1' }).click()
  await expect(how.getByRole('group', { name: 'Place 1' })).toHaveCount(0)
})

test('the box is counted down and up, and filled by keys, under one title', async ({ page }) => {
  await open(page, '/stash/notions')
  const title = await page.title()
  // A page that is refreshed after each count keeps its title meanwhile.
  await page.evaluate(() => {
    document.body.dataset.untitled = '0'
    new MutationObserver(() => {
      if (document.title === '') document.body.dataset.untitled = '1'
    }).observe(document.documentElement, { childList: true, subtree: true, characterData: true })
  })
  await page.getByLabel('Name', { exact: true }).first().fill('Brass buttons')
  await page.getByLabel('Number').fill('6')
  await page.keyboard.press('Tab')
  await page.getByRole('button', { name: 'Add notion' }).focus()
  await page.keyboard.press('Enter')
  await expect(page.getByText(/6 × Brass buttons/)).toBeVisible()
  for (const left of [5, 4, 3]) {
    await page.getByRole('button', { name: 'Use one Brass buttons' }).click()
    await expect(page.getByText(new RegExp(`${left} × Brass buttons`))).toBeVisible()
  }
  await expect(page.locator('body')).toHaveAttribute('data-untitled', '0')
  expect(await page.title()).toBe(title)
  expect(await findings(page)).toEqual([])
})

test('a dye is tried on the cloth itself, and the recipe follows', async ({ page }) => {
  await open(page, `/stash/${jeans}/dye`)
  await expect(page.getByRole('heading', { level: 1, name: 'Dyeing: this fabric takes dye' })).toBeVisible()
  const before = await page.getByRole('img', { name: /dyed: #/ }).getAttribute('aria-label')
  await page.getByLabel('Dye colour on white').fill('#101010')
  await page.getByLabel('Thread').selectOption('polyester')
  await page.getByRole('button', { name: 'Show the colour' }).click()
  await expect(page.getByRole('img', { name: /dyed: #/ })).not.toHaveAttribute('aria-label', before!)
  await expect(page.getByText(/polyester thread takes another colour/)).toBeVisible()
  await expect(page.getByText(/dust mask/)).toBeVisible()
  expect(await findings(page)).toEqual([])
})

test('two cloths are held together, and the worst pair is named', async ({ page }) => {
  const chiffon = await keep(page, 'cloth', 'chiffon')
  await open(page, '/make/combine')
  await page.getByRole('button', { name: /^chiffon/ }).click()
  await page.getByRole('textbox', { name: 'Another fabric' }).fill('denim')
  await page.getByRole('button', { name: /^denim, \d+ \w+, \d\d:\d\d$/ }).click()
  await expect(page.getByText(/don’t go together/)).toBeVisible()
  await expect(page).toHaveURL(new RegExp(chiffon))
  expect(await findings(page)).toEqual([])
})

test('a hole is mended with what was saved', async ({ page }) => {
  await open(page, `/make/mending?of=${jeans}&what=hole&mm=40`)
  await expect(page.getByRole('heading', { name: 'Fabric for the patch' })).toBeVisible()
  await expect(page.getByText('saved offcut').first()).toBeVisible()
  await page.getByLabel('Damage').selectOption('seam')
  await expect(page.getByText(/Sew the seam again/)).toBeVisible()
  expect(await findings(page)).toEqual([])
})

test('a jumper is looked at, and its yarn kept', async ({ page }) => {
  const jumper = await keep(page, 'jumper', 'sweater knit')
  await open(page, `/stash/${jumper}/unravel`)
  await expect(page.getByRole('heading', { level: 1, name: /with patience/ })).toBeVisible()
  await page.getByLabel('Side seams, from inside').selectOption('linked')
  await page.getByLabel('Wraps per inch').fill('9')
  await page.keyboard.press('Tab')
  await page.getByRole('button', { name: 'Check' }).click()
  await expect(page.getByRole('heading', { level: 1, name: 'You can unravel it' })).toBeVisible()
  await page.getByRole('button', { name: 'Save the yarn' }).click()
  await page.getByRole('link', { name: 'See all yarn' }).click()
  await expect(page.getByText(/Yarn of sweater knit/)).toBeVisible()
})
