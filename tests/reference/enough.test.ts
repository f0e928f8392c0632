import { howMuchIsNeeded, type EnoughAsked } from '@/core/choose/enough/enough'
import { lengthAtWidth } from '@/core/choose/enough/widths'
import { offerFrom, type Described } from '@/core/fabric/offer'

const YARD = 914.4
const INCH = 25.4
const cloth = (fabric: Omit<EnoughAsked['fabric'], 'offer'>, described: Described = { washed: true }) => ({
  ...fabric,
  offer: offerFrom(described),
})
const lengths = [
  { widthMm: 1120, lengthMm: 2500, nap: false },
  { widthMm: 1500, lengthMm: 1900, nap: false },
]

describe('the width-for-width chart of the extension services (from memory)', () => {
  it.each([
    [2.125, 44.5, 1.625, 59],
    [2.125, 44.5, 2.5, 35.5],
    [3.375, 44.5, 2.625, 59],
    [3.375, 44.5, 4.5, 35.5],
  ])('%f yd at %f in goes with %f yd at %f in, within its doubt', (yards, inches, otherYards, otherInches) => {
    const { lengthMm } = lengthAtWidth(
      [{ widthMm: inches * INCH, lengthMm: yards * YARD, nap: false }],
      otherInches * INCH,
    )
    expect(Math.abs(lengthMm.value - otherYards * YARD)).toBeLessThan(2 * lengthMm.sd)
    expect(lengthMm.sd / lengthMm.value).toBeLessThan(0.12)
  })
})

it('a listed width says the envelope’s own length, and shops’ rounding of widths is the same width', () => {
  expect(howMuchIsNeeded({ lengths, fabric: cloth({ widthMm: 1120 }) })).toMatchObject({
    needMm: 2500,
    interval80: [2500, 2500],
    verdict: 'buy',
    haveMm: null,
    buy: { metres: 2.5, yards: 2.75 },
  })
  expect(howMuchIsNeeded({ lengths, fabric: cloth({ widthMm: 1143 }) }).needMm).toBe(2500)
})

it('between two widths it lies between their lengths, with doubt; beyond them it follows the area', () => {
  const at = (widthMm: number) => howMuchIsNeeded({ lengths, fabric: cloth({ widthMm }) })
  const { needMm, interval80 } = at(1370)
  expect(needMm).toBeGreaterThan(1900)
  expect(needMm).toBeLessThan(2500)
  expect(interval80[1] - interval80[0]).toBeGreaterThan(50)
  expect(at(1800).needMm).toBeCloseTo((1900 * 1500) / 1800, 0)
  expect(at(900).needMm).toBeGreaterThan(2800)
})

it.each([
  [2600, 'enough'],
  [2400, 'short'],
] as const)('with %i mm at a listed width: %s', (lengthMm, verdict) => {
  expect(howMuchIsNeeded({ lengths, fabric: cloth({ widthMm: 1120, lengthMm }) })).toMatchObject({
    verdict,
    haveMm: lengthMm,
  })
})

it('is perhaps enough inside the doubt, and must be laid out where the table says little', () => {
  const at = (widthMm: number, lengthMm: number) =>
    howMuchIsNeeded({ lengths, fabric: cloth({ widthMm, lengthMm }) }).verdict
  expect(at(1300, howMuchIsNeeded({ lengths, fabric: cloth({ widthMm: 1300 }) }).needMm)).toBe('perhaps')
  expect(at(700, 6000)).toBe('lay-it-out')
  expect(at(700, 1000)).toBe('short')
})

it('one way takes the envelope’s length with nap, or about an eighth more', () => {
  const oneWay = cloth({ widthMm: 1120, oneWay: true })
  const more = howMuchIsNeeded({ lengths, fabric: oneWay })
  expect(more.needMm / 2500).toBeCloseTo(1.12, 2)
  expect(more.parts.map(({ id }) => id)).toContain('nap')
  const said = howMuchIsNeeded({
    lengths: [...lengths, { widthMm: 1120, lengthMm: 2700, nap: true }],
    fabric: oneWay,
  })
  expect(said.needMm).toBe(2700)
  expect(said.parts.map(({ id }) => id)).not.toContain('nap')
  expect(
    howMuchIsNeeded({ lengths, fabric: cloth({ widthMm: 1120 }, { called: 'velvet', washed: true }) }).needMm,
  ).toBeGreaterThan(2700)
})

it('shrinkage still to come is bought: length over one less the loss', () => {
  const at = (described: Described) =>
    howMuchIsNeeded({ lengths, fabric: cloth({ widthMm: 1120 }, described) }).needMm
  expect(at({ washed: false, shrinkPercent: { length: 5 } })).toBeCloseTo(2500 / 0.95, 0)
  expect(at({ washed: true, shrinkPercent: { length: 5 } })).toBe(2500)
  expect(at({ washed: false, fibres: ['linen'] })).toBeGreaterThan(at({ washed: false, fibres: ['polyester'] }))
  // A quarter of a yard on a garment length is the habit (common practice): what is usual stays within it.
  expect(at({ washed: false, fibres: ['cotton'] }) - 2500).toBeLessThan(YARD / 4)
})

it('a repeat, a margin and copies come on top, each as a part that says so; the parts sum to the need', () => {
  const asked = {
    lengths,
    pieces: 9,
    marginMm: 100,
    copies: 2,
    fabric: cloth({ widthMm: 1120, repeatMm: { length: 320 } }),
  }
  const { parts, needMm } = howMuchIsNeeded(asked)
  expect(parts.map(({ id }) => id)).toEqual(['envelope', 'repeat', 'copies', 'margin'])
  expect(parts.reduce((sum, { addMm }) => sum + addMm, 0)).toBeCloseTo(needMm, 6)
  expect(parts[1]!.addMm).toBe(640)
  const few = howMuchIsNeeded({ ...asked, pieces: 3 })
  expect(few.needMm).toBeLessThan(needMm)
})

it('buys up to 0.1 m and ⅛ yd, and more where the need is in doubt', () => {
  const at = (lengthMm: number) =>
    howMuchIsNeeded({ lengths: [{ widthMm: 1400, lengthMm, nap: false }], fabric: cloth({ widthMm: 1400 }) }).buy
  expect(at(2100)).toMatchObject({ metres: 2.1, yards: 2.375 })
  expect(at(2101)).toMatchObject({ metres: 2.2, yards: 2.375 })
  expect(at(YARD * 2)).toMatchObject({ metres: 1.9, yards: 2 })
  expect(howMuchIsNeeded({ lengths, fabric: cloth({ widthMm: 1300 }) }).buy.text).toMatch(/to be safe/)
})

it('refuses an envelope that says nothing', () => {
  expect(() => howMuchIsNeeded({ lengths: [], fabric: cloth({ widthMm: 1400 }) })).toThrow(RangeError)
})
