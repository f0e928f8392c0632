import { chromium } from '@playwright/test'
import { chromiumPath } from './chromium.mjs'

// How evenly the board is drawn while a piece is dragged among sixty, from a running program with any notebook that may
// be written in: node scripts/frames.mjs http://127.0.0.1:4170
const [base = 'http://127.0.0.1:4170'] = process.argv.slice(2)
const PIECES = [
  ['bay', '0 0\n20 0\n18 6\n22 14\n15 22\n4 20\n-2 9'],
  ['wedge', '0 0\n12 2\n14 16\n6 20\n-3 12'],
  ['square', '0 0\n16 0\n16 16\n0 16'],
]
const OF_EACH = 20
const DRAG_MS = 4000

const browser = await chromium.launch({ executablePath: chromiumPath(), args: ['--no-sandbox', '--disable-gpu'] })
const page = await browser.newPage({ viewport: { width: 1280, height: 900 } })
const open = async (path) => {
  await page.goto(base + path)
  await page.waitForSelector('html[data-alive]', { state: 'attached' })
}

await open('/make/patterns/add')
await page.getByLabel('Name', { exact: true }).fill('Sixty pieces')
await page.getByRole('button', { name: 'Keep the pattern' }).click()
await page.getByRole('link', { name: 'Its pieces' }).click()
for (const [name, corners] of PIECES) {
  await page.getByLabel('Name of the piece').fill(name)
  await page.getByLabel('Corners, in cm').fill(corners)
  await page.getByRole('button', { name: 'Keep the piece' }).click()
  const piece = page.getByRole('article', { name, exact: true })
  await piece.getByRole('button', { name: `Change ${name}` }).click()
  await piece.getByRole('textbox', { name: 'How many' }).fill(String(OF_EACH))
  await piece.getByRole('button', { name: 'Keep it so' }).click()
  await piece.getByText(`Cut ${OF_EACH}`).waitFor()
}
await open(new URL(page.url()).pathname.replace(/pieces.*/, 'lay'))
await page.getByRole('button', { name: 'Lay it out' }).click()
const pieces = page.getByRole('group', { name: /The cloth, its length/ }).getByRole('button')
await pieces.nth(PIECES.length * OF_EACH - 1).waitFor()
await page.getByRole('button', { name: 'Stop here' }).click()

const { x, y, width, height } = await pieces.nth(5).boundingBox()
await page.mouse.move(x + width / 2, y + height / 2)
await page.mouse.down()
await page.evaluate(() => {
  window.frames60 = []
  let last = performance.now()
  const next = (now) => {
    window.frames60.push(now - last)
    last = now
    if (!window.isOver) requestAnimationFrame(next)
  }
  requestAnimationFrame(next)
})
const begun = Date.now()
for (let i = 0; Date.now() - begun < DRAG_MS; i++)
  await page.mouse.move(x + 60 + 60 * Math.sin(i / 10), y + 40 + 40 * Math.cos(i / 10))
const frames = await page.evaluate(() => {
  window.isOver = true
  return window.frames60.sort((a, b) => a - b)
})
const at = (share) => frames[Math.floor(share * (frames.length - 1))].toFixed(1)
console.log(
  `${await pieces.count()} pieces: ${frames.length} frames; median ${at(0.5)} ms, 95 % ${at(0.95)}, most ${at(1)}`,
)
await browser.close()
