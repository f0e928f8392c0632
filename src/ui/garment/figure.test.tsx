import { renderToStaticMarkup } from 'react-dom/server'
import { DETAILS, GARMENTS } from '@/core/vocabulary/choosing'
import { BODIES } from '@/core/vocabulary/cloth'
import { tileUrl, type TileSpec } from '../cloth/tileUrl'
import { Figure } from './Figure'
import { detailDrawings } from './details'
import { garmentPaths } from './outline'
import { garmentShapes } from './shapes'

const tile: TileSpec = { weave: 'twill', warp: '#334455', weft: '#667788', colouring: 'plain', sheen: 0 }
const draw = (over: Partial<Parameters<typeof Figure>[0]> = {}) =>
  renderToStaticMarkup(
    <Figure garment="coat" details={[]} tile={tile} body="soft" sheer={false} pins={[]} label="Melton" {...over} />,
  )

it.each(GARMENTS.map((garment) => [garment]))('%s has a figure of its own that stays in its frame', (garment) => {
  for (const body of BODIES) {
    const { cloth, top, foot } = garmentPaths(garmentShapes[garment], body)
    const numbers = cloth
      .join(' ')
      .match(/-?\d+(?:\.\d+)?/g)!
      .map(Number)
    expect(numbers.every(Number.isFinite)).toBe(true)
    expect(top).toBeGreaterThanOrEqual(0)
    expect(foot).toBeLessThan(400)
    expect(Math.max(...numbers)).toBeLessThan(420)
  }
})

it('no two garments that differ are drawn alike', () => {
  const drawings = new Map<string, string[]>()
  for (const garment of GARMENTS) {
    const key = JSON.stringify(garmentShapes[garment])
    drawings.set(key, [...(drawings.get(key) ?? []), garment])
  }
  // A woven and a knit T-shirt, and a wrap dress beside a shirt dress, have one outline each.
  expect([...drawings.values()].filter((same) => same.length > 2)).toEqual([])
})

it('falls in more and closer folds the softer its cloth is, and stands out further the stiffer', () => {
  const of = (body: (typeof BODIES)[number]) => garmentPaths(garmentShapes['skirt-full'], body)
  expect(BODIES.map((body) => of(body).folds.length)).toEqual([9, 7, 5, 3, 1])
  const hems = BODIES.map((body) => of(body).hem)
  expect(hems).toEqual(hems.toSorted((a, b) => a - b))
})

it('shows its details, at most four slips, and light behind what is sheer', () => {
  const plain = draw()
  for (const detail of DETAILS.filter((one) => detailDrawings[one])) {
    expect(draw({ details: [detail] }).length).toBeGreaterThan(plain.length)
  }
  const pins = ['weight', 'belt', 'collar', 'season', 'stretch'].map((label, index) => ({
    label,
    at: index / 5,
    bad: true,
  }))
  expect(draw({ pins })).toContain('>season<')
  expect(draw({ pins })).not.toContain('>stretch<')
  expect(draw({ sheer: true })).toMatch(/<circle[^>]*light/)
  expect(plain).not.toMatch(/<circle[^>]*light/)
  expect(plain).toContain(tileUrl(tile).replaceAll('&', '&amp;'))
  expect(plain).toContain('aria-label="Melton"')
})
