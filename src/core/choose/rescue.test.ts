import fc from 'fast-check'
import { offerFrom } from '../fabric/offer'
import { namedCloths } from '../cloths/catalogue'
import { DETAILS, GARMENTS } from '../vocabulary/choosing'
import { match, matchScore } from './match'
import { SUITS } from './fit/steps'

const anyCase = fc.record({
  garment: fc.constantFrom(...GARMENTS),
  details: fc.uniqueArray(fc.constantFrom(...DETAILS), { maxLength: 4 }),
  called: fc.constantFrom(...namedCloths.map(({ name }) => name.uk)),
  gsm: fc.integer({ min: 25, max: 600 }),
  season: fc.constantFrom('hot' as const, 'mild' as const, 'cold' as const),
})

it('changes together bring it to where it suits, are at most three, and each of them helps by itself', () => {
  fc.assert(
    fc.property(anyCase, ({ called, gsm, ...need }) => {
      const { together, remedies, score } = match(need, offerFrom({ called, gsm }))
      if (!together) return
      expect(score).toBeLessThan(SUITS)
      expect(together.scoreAfter).toBeGreaterThanOrEqual(SUITS)
      expect(together.ids.length).toBeLessThanOrEqual(3)
      expect(together.ids.every((id) => remedies.some((one) => one.id === id))).toBe(true)
    }),
  )
})

it('the short answer for long lists is the long answer’s score and verdict', () => {
  fc.assert(
    fc.property(anyCase, ({ called, gsm, ...need }) => {
      const offer = offerFrom({ called, gsm })
      const { score, certainty, verdict } = match(need, offer)
      expect(matchScore(need, offer)).toEqual({ score, certainty, verdict })
    }),
  )
})

it('a lining in the heat says that it is warmer, and is counted so', () => {
  const voile = { called: 'voile', gsm: 110, fibres: ['cotton' as const], opacity: 'semi-sheer' as const }
  const remedy = (season: 'hot' | 'mild') =>
    match({ garment: 'shirt-dress', season }, offerFrom(voile)).remedies.find(({ id }) => id === 'line-it')!
  expect(remedy('hot').costs).toMatch(/warmer/)
  expect(remedy('hot').scoreAfter).toBeLessThan(remedy('mild').scoreAfter)
})

it.each([
  ['buttonholes', { called: 'georgette', gsm: 55 }, 'swap-buttonholes'],
  ['gathers', { called: 'canvas', gsm: 300 }, 'swap-gathers'],
  ['button-loops', { called: 'denim', gsm: 300 }, 'swap-button-loops'],
] as const)('%s that a cloth cannot take are swapped', (detail, cloth, id) => {
  const { remedies } = match({ garment: 'tunic', details: [detail] }, offerFrom(cloth))
  expect(remedies.map((one) => one.id)).toContain(id)
})

it.each([
  ['double-it', { garment: 'tunic' }, { called: 'voile', gsm: 60 }],
  ['stay-tape', { garment: 'dress-fitted' }, { called: 'stretch sateen', gsm: 220, stretchPercent: { width: 48 } }],
  ['pre-soften', { garment: 'blouse' }, { called: 'linen', gsm: 120, body: 'crisp', fibres: ['linen'] }],
  ['face-the-hem', { garment: 'shirt' }, { called: 'drill', gsm: 200 }],
  ['turn-the-print', { garment: 'shirt', print: 'small' }, { called: 'poplin', gsm: 120, repeatMm: 300 }],
  ['use-the-back', { garment: 'trousers', avoid: ['diagonals'] }, { called: 'gabardine', gsm: 260 }],
] as const)('%s is offered where it helps', (id, need, cloth) => {
  const { remedies } = match({ ...need, avoid: 'avoid' in need ? [...need.avoid] : undefined }, offerFrom(cloth))
  expect(remedies.map((one) => one.id)).toContain(id)
})
