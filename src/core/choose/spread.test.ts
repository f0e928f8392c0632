import { offerFrom, type Described } from '../fabric/offer'
import { match } from './match'
import { type Need } from '../notebook/schemas/need'

const of = (need: Need, fabric: Described) => match(need, offerFrom(fabric))
const wide = ({ interval80: [low, high] }: ReturnType<typeof of>) => high - low

it('what is measured is narrower than what is guessed, and that than what is unknown', () => {
  const measured = of(
    { garment: 'shirt' },
    {
      gsm: 120,
      gsmUncertainty: 1,
      construction: 'woven',
      fibres: ['cotton'],
      body: 'soft',
      opacity: 'opaque',
      stretchPercent: { width: 1, length: 0 },
    },
  )
  const named = of({ garment: 'shirt' }, { called: 'poplin' })
  const unknown = of({ garment: 'shirt' }, {})
  expect(wide(measured)).toBeLessThan(wide(named))
  expect(wide(named)).toBeLessThan(wide(unknown))
  for (const { interval80, score } of [measured, named, unknown]) {
    expect(interval80[0]).toBeLessThanOrEqual(score)
    expect(interval80[1]).toBeGreaterThanOrEqual(score)
    expect(interval80[1]).toBeLessThanOrEqual(1)
  }
})

it('says in fives what it knows, and what makes most of the doubt', () => {
  const leggings = of(
    { garment: 'leggings' },
    { gsm: 230, construction: 'knit', fibres: ['nylon', 'elastane'], body: 'soft', opacity: 'opaque' },
  )
  expect(leggings.spread).toMatch(/^\d+ to \d+ out of 100, usually because its stretch is not known$/)
  expect(
    leggings.spread
      .match(/\d+/g)!
      .slice(0, 2)
      .every((number) => Number(number) % 5 === 0),
  ).toBe(true)
})
