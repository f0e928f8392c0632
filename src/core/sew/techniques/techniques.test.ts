import { ORDER_RULES } from '../order'
import { HEM_WORDS, SEAM_WORDS } from '../seamWords'
import { techniqueOf, techniques } from './index'
import { asPlainText } from '../../text/render'

it('have ids of their own, each of a seam, a hem or a rule where it is one', () => {
  const ids = techniques.map(({ id }) => id)
  expect(new Set(ids).size).toBe(ids.length)
  for (const { id, what } of techniques) {
    if (what === 'seam') expect(Object.keys(SEAM_WORDS)).toContain(id)
    if (what === 'hem') expect(Object.keys(HEM_WORDS)).toContain(id)
  }
  expect(ORDER_RULES.some(({ id }) => techniqueOf(id) !== undefined)).toBe(true)
  expect(techniqueOf('sail-making')).toBeUndefined()
})

it.each(techniques.map((one) => [one.name, one] as const))(
  '%s is drawn inside its box, step by step',
  (_, { steps }) => {
    expect(steps.length).toBeGreaterThanOrEqual(2)
    for (const { text, drawing } of steps) {
      expect(asPlainText(text)).toMatch(/\.$/)
      expect(drawing.some(([kind]) => kind === 'cloth')).toBe(true)
      for (const [, ...points] of drawing) {
        expect(points.length).toBeGreaterThanOrEqual(2)
        for (const [x, y] of points) expect(x >= 0 && x <= 100 && y >= 0 && y <= 60).toBe(true)
      }
    }
  },
)

it('look different from step to step', () => {
  for (const { steps } of techniques)
    expect(new Set(steps.map(({ drawing }) => JSON.stringify(drawing))).size).toBe(steps.length)
})
