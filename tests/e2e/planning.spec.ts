import { readFileSync } from 'node:fs'
import { type Locator, type Page } from '@playwright/test'
import { PIXEL } from '../support/pixel'
import { openSteps } from './atTheBench'
import { fill } from './everyScreen'
import { expect, open, test } from './fixtures'

test.describe.configure({ mode: 'serial' })

let ids: Awaited<ReturnType<typeof fill>>

/** Types a time into its parts, as one does by keys. */
async function typeTime(page: Page, within: Locator, label: string, digits: string): Promise<void> {
  await within.getByRole('group', { name: label }).getByRole('spinbutton').first().focus()
  await page.keyboard.type(digits)
}

test('from a chosen cloth to a plan, in the hours that were said', async ({ page }) => {
  ids = await fill(page)
  await open(page, '/make/equipment')
  await page.getByRole('button', { name: 'Add a time' }).click()
  const time = page.getByRole('group', { name: 'Time 1' })
  await time.getByLabel('Day').selectOption('Sunday')
  await typeTime(page, time, 'From', '1400')
  await typeTime(page, time, 'To', '1300')
  await page.getByRole('button', { name: 'Save' }).click()
  await expect(page.getByText('The time must end after it begins.')).toBeVisible()
  await typeTime(page, time, 'To', '1800')
  await page.getByRole('button', { name: 'Save' }).click()
  await expect(page.getByText('Saved.')).toBeVisible()
  await open(page, `/make/projects/${ids.project}`)
  await page.getByRole('button', { name: /^Use / }).first().click()
  await expect(page.getByText(/Next: check whether|Next: buy|Next: wash/).first()).toBeVisible()
  await page.getByRole('link', { name: 'Project schedule' }).first().click()
  await expect(page.getByRole('heading', { level: 1, name: 'Project schedule' })).toBeVisible()
  await expect(page.getByRole('status').first()).toContainText(/Done by Sunday .* of work in \d+ steps/)
  // What hands do stands in the hours that were said: Sunday afternoon.
  const hands = page.getByRole('group', { name: 'Your hands' }).getByRole('button')
  for (const label of await hands.evaluateAll((all) => all.map((one) => one.getAttribute('aria-label')!)))
    expect(label).toMatch(/Sunday \d+ \w+ at 1[4-7]:/)
})

test('a step is moved by keys and by dragging, and goes back where it fits; why not is said', async ({ page }) => {
  await page.setViewportSize({ width: 1280, height: 800 })
  await open(page, `/make/projects/${ids.project}/schedule`)
  const hands = page.getByRole('group', { name: 'Your hands' }).getByRole('button')
  const buy = page.getByRole('button', { name: /^Shopping/ })
  const before = (await buy.getAttribute('aria-label'))!
  await hands.first().focus()
  while (!(await buy.evaluate((one) => one === document.activeElement))) await page.keyboard.press('ArrowRight')
  await page.keyboard.press('Shift+ArrowRight')
  await page.keyboard.press('Shift+ArrowRight')
  await page.keyboard.press('Enter')
  await expect(page.getByRole('status').filter({ hasText: /^Shopping is now on Sunday/ })).toBeAttached()
  await expect(buy).toHaveAttribute('aria-label', /Put there by you$/)
  expect(await buy.getAttribute('aria-label')).not.toContain(before)
  await buy.click()
  await page.getByRole('button', { name: 'Put it back where it fits' }).click()
  await expect(buy).toHaveAttribute('aria-label', before)
  // Dragged out of the free hours it says why, and stays where it was.
  const box = (await buy.boundingBox())!
  await page.mouse.move(box.x + box.width / 2, box.y + 10)
  await page.mouse.down()
  await page.mouse.move(20, box.y + 10, { steps: 8 })
  await expect(page.getByRole('alert').filter({ hasText: /over|no free time/ })).toBeVisible()
  await page.mouse.up()
  await expect(buy).toHaveAttribute('aria-label', before)
  // What waits for another step cannot go before it: the server says which, and when that is over.
  await page.getByRole('button', { name: 'Later week' }).click()
  const later = hands.first()
  const atFirst = (await later.getAttribute('aria-label'))!
  await later.focus()
  const beyond = page.getByRole('status').filter({ hasText: 'There is no free time beyond that.' })
  for (let i = 0; i < 40 && (await beyond.count()) === 0; i++) await page.keyboard.press('Shift+ArrowLeft')
  await page.keyboard.press('Enter')
  await expect(
    page.getByRole('alert').filter({ hasText: /“Test a square” comes first, and is over on/ }),
  ).toBeVisible()
  await expect(later).toHaveAttribute('aria-label', atFirst)
})

test('a wish date and a priority are kept, and whether it will be late is said', async ({ page }) => {
  await open(page, `/make/projects/${ids.project}/schedule`)
  await page.getByText('Wanted by, and how it stands to your other projects').click()
  await page.getByRole('group', { name: 'Wanted by' }).getByRole('spinbutton').first().focus()
  await page.keyboard.type('02012020')
  await expect(page.getByRole('status').first()).toContainText(/Wanted by Thursday 2 January, \d+ days late/)
  // Loaded anew before the answer is there, what was chosen would not have been sent yet.
  const kept = page.waitForResponse((answer) => answer.request().method() === 'POST')
  await page.getByLabel('It gets your time').selectOption('first')
  await kept
  await page.reload()
  await page.getByText('Wanted by, and how it stands to your other projects').click()
  await expect(page.getByLabel('It gets your time')).toHaveValue('first')
})

test('free time on a single day is typed in, used by the plan, and removed', async ({ page }) => {
  await open(page, '/make/schedule')
  const first = page.getByRole('region', { name: 'Next step' })
  const before = await first.textContent()
  await page.getByText('Free time on single days').click()
  await typeTime(page, page.locator('#single-times'), 'From', '2330')
  await typeTime(page, page.locator('#single-times'), 'To', '2300')
  await page.getByRole('button', { name: 'Add this time' }).click()
  await expect(page.getByText('The time must end after it begins.')).toBeVisible()
  await typeTime(page, page.locator('#single-times'), 'From', '0000')
  await typeTime(page, page.locator('#single-times'), 'To', '2359')
  await page.getByRole('button', { name: 'Add this time' }).click()
  await expect(page.getByText(/, 00:00 to 23:59: free/)).toBeVisible()
  await expect(first).not.toHaveText(before!)
  await page.getByRole('button', { name: 'Remove' }).click()
  await expect(first).toHaveText(before!)
})

test('a step is ticked with one thumb, another put off, and the tick taken back', async ({ page }) => {
  await page.setViewportSize({ width: 390, height: 844 })
  await open(page, `/make/projects/${ids.project}/schedule`)
  const next = page.getByRole('region', { name: 'Next step' })
  const first = await next.getByText(/^Next: /).textContent()
  await next.getByRole('button', { name: 'Move to tomorrow' }).click()
  await expect(next.getByText(/^Next: /)).not.toHaveText(first!)
  await next.getByRole('button', { name: 'Done' }).focus()
  await page.keyboard.press('Enter')
  await expect(page.getByText('1 step is done.')).toBeVisible()
  await expect(page.getByRole('status').first()).toContainText('to go')
  await page.getByRole('button', { name: 'Undo the last tick' }).click()
  await expect(page.getByText('1 step is done.')).toHaveCount(0)
})

test('the plan is printed as a list to tick, without what only a screen needs', async ({ page }) => {
  await open(page, `/make/projects/${ids.project}/schedule`)
  await expect(page.getByRole('button', { name: 'Print list' })).toBeVisible()
  await page.emulateMedia({ media: 'print' })
  await expect(page.getByRole('button', { name: 'Print list' })).toBeHidden()
  await expect(page.getByRole('heading', { level: 2, name: /day \d+ \w+$/ }).first()).toBeVisible()
  await expect(page.getByRole('checkbox').first()).toBeVisible()
  await page.emulateMedia({ media: 'screen' })
})

test('the plan goes into a calendar', async ({ page }) => {
  await open(page, `/make/projects/${ids.project}/schedule`)
  const download = page.waitForEvent('download')
  await page.getByRole('link', { name: 'Add to calendar' }).click()
  const text = readFileSync((await (await download).path())!, 'utf8')
  expect(text).toMatch(/^BEGIN:VCALENDAR/)
  expect(text.match(/BEGIN:VEVENT/g)!.length).toBeGreaterThan(8)
  expect(text).toMatch(/DTSTART:\d{8}T1[4-7]\d{4}\r?\n/)
  // The page stays where it is: what is ticked after it is saved.
  await expect(page).toHaveURL(new RegExp(`/make/projects/${ids.project}/schedule$`))
  const saved = page.waitForResponse((answer) => answer.request().method() === 'POST')
  await page.getByRole('region', { name: 'These days' }).getByRole('checkbox').first().press('Space')
  const answer = await saved
  expect([answer.status(), new URL(answer.url()).pathname]).toEqual([200, `/make/projects/${ids.project}/schedule`])
  await page.getByRole('button', { name: 'Undo the last tick' }).click()
  await expect(page.getByRole('button', { name: 'Undo the last tick' })).toBeHidden()
})

test('everything that is planned stands on one page, each step with its project', async ({ page }) => {
  await open(page, '/make/schedule')
  await expect(page.getByRole('status').first()).toContainText(/1 project, .* of work, done by Sunday/)
  await page.getByRole('region', { name: 'Projects' }).locator('summary').first().click()
  await page.getByRole('link', { name: 'Schedule of this project' }).click()
  await expect(page.getByRole('heading', { level: 1, name: 'Project schedule' })).toBeVisible()
})

test('how to sew it follows the cloth, what is made of it, and what the person has', async ({ page }) => {
  await open(page, `/stash/${ids.piece}/sew`)
  await expect(page.getByText(/75 to 80|80 to 90/)).toBeVisible()
  const seams = page.getByRole('region', { name: 'Seams', exact: true })
  await expect(seams).not.toContainText('overlocked')
  await open(page, '/make/equipment')
  await page.getByText('An overlocker (serger)').click()
  await page.getByRole('button', { name: 'Save' }).click()
  await expect(page.getByText('Saved.')).toBeVisible()
  await open(page, `/stash/${ids.piece}/sew`)
  await expect(seams.getByRole('listitem').first()).toContainText('overlocked')
  await page.getByLabel('Garment', { exact: true }).selectOption('jeans')
  await expect(page.getByRole('region', { name: 'Order of work' })).toContainText('Sew twice where there is strain')
})

test('a test seam that came out well changes the advice, and only so far', async ({ page }) => {
  await open(page, `/stash/${ids.piece}/sew`)
  const seams = page.getByRole('region', { name: 'Test seams' })
  await seams.getByLabel('Needle').selectOption('110/18')
  await seams.getByLabel('Stitch length').fill('2.2')
  await seams.getByRole('button', { name: 'Save test seam' }).click()
  await expect(
    page.getByText(/This worked for you on this fabric: NM 110, 2.2 mm.*only part of the way/).first(),
  ).toBeVisible()
  await expect(page.getByText(/^90, /)).toBeVisible()
  await seams.getByRole('button', { name: 'Delete' }).click()
  await expect(page.getByText(/worked for you/)).toHaveCount(0)
})

test('what has to be bought to sew it is listed, and ticked off', async ({ page }) => {
  await open(page, `/make/projects/${ids.project}`)
  await openSteps(page, 'Buy')
  const supplies = page.getByRole('region', { name: 'For sewing' })
  await expect(supplies).toContainText(/thread, \d+ to \d+ m/)
  await supplies.getByText(/thread, \d+ to \d+ m/).click()
  await page.reload()
  await openSteps(page, 'Buy')
  await expect(supplies.getByRole('checkbox').first()).toBeChecked()
})

test('a calendar that is read keeps the plan clear of what stands in it', async ({ page }) => {
  await open(page, '/make/equipment')
  const calendar = page.getByRole('region', { name: 'Your calendar' })
  const give = (text: string) =>
    calendar
      .locator('input[type=file]')
      .setInputFiles({ name: 'mine.ics', mimeType: 'text/calendar', buffer: Buffer.from(text) })
  await give('a shopping list')
  await expect(calendar.getByRole('alert')).toContainText('This is not a calendar')
  // Every Sunday afternoon but its last hour is taken.
  const event = ['BEGIN:VEVENT', 'UID:choir@elsewhere', 'DTSTART:20240107T130000', 'DURATION:PT4H']
  const lines = ['BEGIN:VCALENDAR', 'VERSION:2.0', ...event, 'RRULE:FREQ=WEEKLY', 'END:VEVENT', 'END:VCALENDAR', '']
  await give(lines.join('\r\n'))
  await expect(calendar.getByRole('status')).toContainText(/1[1-3] times busy/)
  await open(page, `/make/projects/${ids.project}/schedule`)
  await page.emulateMedia({ media: 'print' })
  await expect(page.locator('time').nth(4)).toBeVisible()
  const times = await page.locator('time').allTextContents()
  await page.emulateMedia({ media: 'screen' })
  expect(times.length).toBeGreaterThan(4)
  for (const time of times) expect(time).toMatch(/^17:/)
  await open(page, '/make/equipment')
  await calendar.getByRole('button', { name: 'Forget calendar' }).click()
  await expect(calendar.getByRole('button', { name: 'Forget calendar' })).toHaveCount(0)
})

test('a step is timed, the timer outlives a reload, and what it took makes the plan this person’s own', async ({
  page,
}) => {
  await page.clock.install()
  await open(page, `/make/projects/${ids.project}/schedule`)
  const next = page.getByRole('region', { name: 'Next step' })
  await next.getByRole('button', { name: /Time the work/ }).click()
  await expect(next.getByRole('timer').first()).toContainText('to go')
  await page.reload()
  await expect(next.getByRole('timer').first()).toContainText('to go')
  await page.clock.fastForward('10:00:00')
  await expect(next.getByText('The planned time is over.')).toBeVisible()
  await next.getByRole('button', { name: 'Done' }).click()
  await expect(page.getByText('1 step is done.')).toBeVisible()
  await expect(page.getByText(/Your timed work takes you \d+ % longer than usual/)).toBeVisible()
})

test('a test seam keeps its picture, and stands under the way that it was sewn in', async ({ page }) => {
  await open(page, `/stash/${ids.piece}/sew`)
  const seams = page.getByRole('region', { name: 'Test seams' })
  await seams.getByLabel('Seam', { exact: true }).selectOption('French seam')
  await seams.locator('input[type=file]').setInputFiles({ name: 'seam.png', mimeType: 'image/png', buffer: PIXEL })
  await expect(seams.getByText('seam.png will be saved with it.')).toBeVisible()
  await seams.getByRole('button', { name: 'Save test seam' }).click()
  await expect(seams.getByRole('img', { name: /^The seam: NM/ })).toBeVisible()
  await open(page, '/learn/techniques')
  const french = page.getByRole('region', { name: 'French seam' })
  await expect(french.getByRole('img', { name: /^On Palm court viscose: NM/ })).toBeVisible()
  await french.getByRole('link', { name: 'Palm court viscose' }).click()
  await expect(page).toHaveURL(/\/sew$/)
})

test('what things cost is written down, and added up', async ({ page }) => {
  await open(page, `/make/projects/${ids.project}`)
  await openSteps(page, 'Buy')
  await page.getByText('Costs', { exact: true }).click()
  const price = page.getByRole('textbox', { name: /thread, \d+ to \d+ m/ })
  await price.fill('4.5')
  await price.press('Tab')
  await expect(page.getByText(/^It costs 4\.50, and \d+ without a price yet$/)).toBeVisible()
})
