import { serious } from './everyScreen'
import { expect, open, test, type Page } from './fixtures'

test.describe.configure({ mode: 'serial' })

/** Something kept by quick entry. @returns its id */
async function keep(page: Page, thing: string, called: string): Promise<string> {
  await open(page, '/stash/quick')
  await page.getByLabel('What do you take it for?').fill(called)
  await page.getByLabel('What it is', { exact: true }).selectOption(thing)
  await page.getByRole('button', { name: 'Keep it, and the next' }).click()
  await page.getByRole('link', { name: 'Look at the last one' }).click()
  await expect(page.getByRole('heading', { level: 1, name: new RegExp(called) })).toBeVisible()
  return new URL(page.url()).pathname.split('/').at(-1)!
}

let jeans = ''

test('a garment is measured and taken apart: its panels lie in the stash, its zip in the box', async ({ page }) => {
  jeans = await keep(page, 'jeans', 'denim')
  await open(page, `/stash/${jeans}/apart`)
  await expect(page.getByText('Reckoned as such things usually are')).toBeVisible()
  await page.getByLabel('Round the hips').fill('104')
  await page.getByLabel('From top to hem').fill('100')
  await page.getByRole('radio', { name: /flat-felled/ }).check()
  await page.getByRole('checkbox', { name: 'knees' }).focus()
  await page.keyboard.press('Space')
  await page.getByRole('button', { name: 'Reckon it so' }).click()
  await expect(page.getByText('Reckoned as such things usually are')).toHaveCount(0)
  await expect(page.getByText(/Outseam: cut close/)).toBeVisible()
  await expect(page.getByText(/m² of cloth/)).toBeVisible()
  expect(await serious(page)).toEqual([])
  await page.getByRole('button', { name: 'I have taken it apart' }).click()
  await expect(page.getByText(/Taken apart on/)).toBeVisible()
  await open(page, `/stash/${jeans}`)
  await expect(page.getByRole('link', { name: /front leg 1/ })).toBeVisible()
  await open(page, '/stash/notions')
  await expect(page.getByText(/Zip off denim/)).toBeVisible()
})

test('what is not good is drawn on a garment’s panels, by mouse and in figures, and is no cloth', async ({
  page,
}) => {
  const dress = await keep(page, 'dress', 'chambray')
  await open(page, `/stash/${dress}/apart`)
  const cloth = async () => Number(/([\d.]+) m² of cloth/.exec((await page.locator('main').textContent())!)![1])
  const before = await cloth()
  const how = page.getByRole('region', { name: 'How it is' })
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
  await how.getByLabel('It is').first().selectOption('worn thin')
  await how.getByRole('button', { name: 'Mark a place' }).press('Enter')
  await how.getByRole('textbox', { name: 'Across' }).fill('30')
  await how.getByRole('textbox', { name: 'Across' }).press('Tab')
  expect(await serious(page)).toEqual([])
  await page.getByRole('button', { name: 'Reckon it so' }).click()
  await expect(page.getByRole('img', { name: 'sleeve marked, drawn' })).toBeVisible()
  expect(await cloth()).toBeLessThan(before)
  await page.reload()
  await how.getByLabel('Panel').selectOption('back, 1 marked')
  await how.getByRole('button', { name: 'Take place 1 away' }).click()
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
  await page.getByLabel('What it is', { exact: true }).fill('Brass buttons')
  await page.getByLabel('How many').fill('6')
  await page.keyboard.press('Tab')
  await page.getByRole('button', { name: 'Put it in the box' }).focus()
  await page.keyboard.press('Enter')
  await expect(page.getByText(/6 × Brass buttons/)).toBeVisible()
  for (const left of [5, 4, 3]) {
    await page.getByRole('button', { name: 'One Brass buttons used' }).click()
    await expect(page.getByText(new RegExp(`${left} × Brass buttons`))).toBeVisible()
  }
  await expect(page.locator('body')).toHaveAttribute('data-untitled', '0')
  expect(await page.title()).toBe(title)
  expect(await serious(page)).toEqual([])
})

test('a dye is tried on the cloth itself, and the recipe follows', async ({ page }) => {
  await open(page, `/stash/${jeans}/dye`)
  await expect(page.getByRole('heading', { level: 1, name: 'It takes the dye' })).toBeVisible()
  const before = await page.getByRole('img', { name: /dyed: #/ }).getAttribute('aria-label')
  await page.getByLabel('The packet’s colour, on white').fill('#101010')
  await page.getByLabel('Sewn with').selectOption('polyester')
  await page.getByRole('button', { name: 'See what comes' }).click()
  await expect(page.getByRole('img', { name: /dyed: #/ })).not.toHaveAttribute('aria-label', before!)
  await expect(page.getByText(/polyester thread comes out another colour/)).toBeVisible()
  await expect(page.getByText(/dust mask/)).toBeVisible()
  expect(await serious(page)).toEqual([])
})

test('two cloths are held together, and the worst pair is named', async ({ page }) => {
  const chiffon = await keep(page, 'cloth', 'chiffon')
  await open(page, '/mix')
  await page.getByRole('button', { name: /^chiffon/ }).click()
  await page.getByRole('textbox', { name: 'And another' }).fill('denim')
  await page.getByRole('button', { name: /^denim, no\. \d+$/ }).click()
  await expect(page.getByText(/fight each other/)).toBeVisible()
  await expect(page).toHaveURL(new RegExp(chiffon))
  expect(await serious(page)).toEqual([])
})

test('a hole is mended with what was saved', async ({ page }) => {
  await open(page, `/mend?of=${jeans}&what=hole&mm=40`)
  await expect(page.getByRole('heading', { name: 'What goes with it' })).toBeVisible()
  await expect(page.getByText('saved offcut').first()).toBeVisible()
  await page.getByLabel('It has').selectOption('seam')
  await expect(page.getByText(/Sew the seam again/)).toBeVisible()
  expect(await serious(page)).toEqual([])
})

test('a jumper is looked at, and its yarn kept', async ({ page }) => {
  const jumper = await keep(page, 'jumper', 'sweater knit')
  await open(page, `/stash/${jumper}/unravel`)
  await expect(page.getByRole('heading', { level: 1, name: /with patience/ })).toBeVisible()
  await page.getByLabel('Its side seams, from inside').selectOption('linked')
  await page.getByLabel('Wraps an inch').fill('9')
  await page.keyboard.press('Tab')
  await page.getByRole('button', { name: 'Will it unravel?' }).click()
  await expect(page.getByRole('heading', { level: 1, name: 'It unravels' })).toBeVisible()
  await page.getByRole('button', { name: 'It is wound: keep the yarn' }).click()
  await page.getByRole('link', { name: 'See it with the others' }).click()
  await expect(page.getByText(/Yarn of sweater knit/)).toBeVisible()
})
