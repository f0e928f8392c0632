import { dxfOfPieces } from '@/core/formats/dxf/write'
import { plainFound } from '@/core/outlines/types'
import { answer, readCautions } from './atTheBench'
import { expect, open, test } from './fixtures'
import { heardSince, hears, listen } from './heard'
import { keepPiece } from './keepPiece'

/** Prints what was heard, in order: it is what is listened to when a text is changed. */
const told = (title: string, heard: readonly string[]) => console.log([title, ...heard].join('\n  '))

test('a burn test is heard from question to question, with what each answer told and what is chosen', async ({
  page,
}) => {
  await listen(page)
  await readCautions(page)
  await open(page, '/identify/burn')
  await page.getByRole('button', { name: 'Start burn test' }).press('Enter')
  await page.getByRole('button', { name: 'Start with the flame' }).press('Enter')
  const all = await hears(page, /^Bring the flame near/m)
  for (const [key, next] of [
    ['2', /^In the flame: how fast/m],
    ['3', /^How does it burn/m],
    ['4', /^Does it melt/m],
    ['4', /^Take the flame away/m],
    ['3', /^Once the flame is out/m],
    ['2', /^What smoke/m],
    ['4', /^What does it smell of/m],
  ] as const) {
    await answer(page, key)
    const heard = await hears(page, next)
    // The question comes before how it stands, so that who knows the way need not wait for the rest.
    const [asked, stands] = [
      heard.findIndex((text) => next.test(text)),
      heard.findIndex((text) => /likel/.test(text)),
    ]
    if (stands >= 0) expect(asked).toBeLessThan(stands)
    all.push(...heard)
  }
  // Of several answers each is heard as it is chosen, and as it is let go.
  await page.keyboard.press('7')
  all.push(...(await hears(page, /^Chosen: [^,]+$/m)))
  await page.keyboard.press('2')
  all.push(...(await hears(page, /^Chosen: .+, .+$/m)))
  await page.keyboard.press('2')
  all.push(...(await hears(page, /^Chosen: [^,]+$/m)))
  await page.keyboard.press('Enter')
  all.push(...(await hears(page, /^Wait until it is completely cold/m)))
  await page.keyboard.press('u')
  all.push(...(await hears(page, /^What does it smell of/m)))
  told('Burn test', all)
})

test('a layout is heard: what is missing, that it is enough, where a piece lies and where it went', async ({
  page,
}) => {
  await listen(page)
  await keepPiece(page, 'Tender canvas', 'canvas', '3', ['140', '2'])
  await open(page, '/make/patterns/add')
  await page.getByLabel('Name', { exact: true }).fill('Tern')
  await page.getByRole('button', { name: 'Save pattern' }).press('Enter')
  const all = await hears(page, /^Saved: a pattern$/m)
  await page.getByRole('link', { name: 'Pattern pieces', exact: true }).press('Enter')
  const chooser = page.waitForEvent('filechooser')
  await page.getByRole('button', { name: 'Choose a file…' }).press('Enter')
  const square = (name: string, width: number, length: number) =>
    plainFound(name, [
      [0, 0],
      [width, 0],
      [width * 0.9, length],
      [0, length],
    ])
  const text = dxfOfPieces([square('Tern wing', 300, 400), square('Tern back', 200, 300)])
  await (await chooser).setFiles({ name: 'tern.dxf', mimeType: 'text/plain', buffer: Buffer.from(text) })
  all.push(...(await hears(page, /^2 pieces saved\.$/m)))
  await open(page, '/make/patterns')
  await page.getByRole('link', { name: 'Tern', exact: true }).press('Enter')
  await page.getByRole('link', { name: 'Lay out pattern pieces', exact: true }).press('Enter')
  all.push(...(await hears(page, /^Choose a fabric/m)))
  await page
    .getByRole('group', { name: /^From the stash/ })
    .getByRole('button', { name: /Tender canvas/ })
    .focus()
  all.push(...(await hears(page, /^→ Tender canvas 140 cm wide/m)))
  await page.keyboard.press('Enter')
  await expect(page).toHaveURL(/cloth=/)
  await page.getByRole('button', { name: /^Lay out/ }).press('Enter')
  all.push(...(await hears(page, /There is enough/)))
  await expect(page.getByRole('button', { name: /^Lay out (the rest )?again/ })).toBeVisible({ timeout: 60_000 })
  all.push(...(await heardSince(page)))
  await page
    .getByRole('group', { name: /The fabric, its length/ })
    .getByRole('button')
    .first()
    .focus()
  all.push(...(await hears(page, /^→ Tern (wing|back)/m)))
  await page.keyboard.press('ArrowRight')
  all.push(...(await hears(page, /^Tern (wing|back): .+ along, .+ across/m)))
  told('Layout', all)
})
