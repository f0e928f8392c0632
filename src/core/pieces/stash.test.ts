import fc from 'fast-check'
import { THINGS } from '../vocabulary/stash'
import { clothAmountOf, sidesOf, spansOf, type Sized } from './amount'
import { paidInAll, pricePerSquareMetre } from './price'
import { areaOf, isSimple, type Point } from '../shapes/polygon'
import { areaOfOutline, boundsOf } from './shape'
import { tallyOf } from './tally'
import { USUAL_THINGS } from './things'

const PLAIN: Sized = { thing: 'cloth', widthMm: 1400, lengthMm: 2500, sizeHow: 'measured', outline: null }
const SQUARE: Point[] = [
  [0, 0],
  [1000, 0],
  [1000, 1000],
  [0, 1000],
]

describe('shape', () => {
  it('has the area of a square, whichever way round and wherever it lies', () => {
    fc.assert(
      fc.property(fc.integer({ min: -5000, max: 5000 }), fc.boolean(), (shift, back) => {
        const moved = SQUARE.map(([x, y]): Point => [x + shift, y - shift])
        expect(areaOf(back ? moved.reverse() : moved)).toBe(1e6)
      }),
    )
  })
  it('takes holes off', () => {
    const hole: Point[] = [
      [100, 100],
      [300, 100],
      [300, 300],
    ]
    expect(areaOfOutline({ points: SQUARE, holes: [hole] })).toBe(1e6 - 20_000)
  })
  it('knows a bow tie from a square', () => {
    expect(isSimple(SQUARE)).toBe(true)
    expect(isSimple([SQUARE[0]!, SQUARE[2]!, SQUARE[1]!, SQUARE[3]!])).toBe(false)
    expect(boundsOf({ points: SQUARE })).toEqual({ widthMm: 1000, lengthMm: 1000 })
  })
})

describe('how much there is', () => {
  it('is width by length for cloth, all of it usable', () => {
    const { all, usable } = clothAmountOf(PLAIN)!
    expect(all.value).toBeCloseTo(3.5)
    expect(usable).toEqual(all)
    expect(all.sd / all.value).toBeCloseTo(Math.hypot(0.005, 0.005))
  })
  it('is unknown without a size, and usual for what was made up', () => {
    expect(clothAmountOf({ ...PLAIN, lengthMm: null })).toBeNull()
    const cover = clothAmountOf({ ...PLAIN, thing: 'duvet-cover-single', widthMm: null, lengthMm: null })!
    // Two layers of 1.37 m by 2 m; less is usable, and less surely.
    expect(cover.all.value).toBeCloseTo(5.48)
    expect(cover.usable.value).toBeLessThan(cover.all.value)
    expect(cover.usable.sd / cover.usable.value).toBeGreaterThan(cover.all.sd / cover.all.value)
  })
  it('follows the outline where there is one, and a person’s own sides before the usual ones', () => {
    expect(clothAmountOf({ ...PLAIN, outline: { points: SQUARE, holes: [] } })!.all.value).toBe(1)
    expect(sidesOf({ ...PLAIN, thing: 'curtain', widthMm: 900, lengthMm: null })!.width.value).toBe(900)
  })
  it('doubts an arm-span more than a tape, and a look more than an arm-span', () => {
    const doubts = (['measured', 'spans', 'guessed'] as const).map(
      (sizeHow) => clothAmountOf({ ...PLAIN, sizeHow })!.all.sd,
    )
    expect(doubts).toEqual(doubts.toSorted((a, b) => a - b))
    expect(spansOf(3, 1600).value).toBe(4800)
  })
  it('has a usual size for everything but cloth by the length, each within reason', () => {
    for (const thing of THINGS.filter((one) => one !== 'cloth' && one !== 'offcut')) {
      const usual = USUAL_THINGS[thing]!
      const { all, usable } = clothAmountOf({ ...PLAIN, thing, widthMm: null, lengthMm: null })!
      expect(all.value).toBeLessThan(9)
      expect(usable.value).toBeGreaterThan(0.1)
      expect(usual.look.length).toBeGreaterThan(0)
      expect(usual.source).toMatch(/common practice/)
    }
  })
})

describe('price', () => {
  const whole = { widthMm: 1120, area: { value: 2.24, sd: 0 }, kg: 0.5 }
  it('compares a narrow bargain and a broad cloth by the square metre', () => {
    const narrow = pricePerSquareMetre({ amount: 9, currency: '£', per: 'metre' }, whole)!
    const broad = pricePerSquareMetre({ amount: 11, currency: '£', per: 'metre' }, { ...whole, widthMm: 1500 })!
    expect(narrow).toBeCloseTo(9 / 1.12)
    expect(broad).toBeLessThan(narrow)
  })
  it.each([
    ['all', 8, 8 / 2.24, 8],
    ['yard', 8, 8 / (0.9144 * 1.12), (8 * 2) / 0.9144],
    ['kilogram', 8, (8 * 0.5) / 2.24, 4],
  ] as const)('of %s', (per, amount, perM2, inAll) => {
    const price = { amount, currency: '€', per }
    expect(pricePerSquareMetre(price, whole)).toBeCloseTo(perM2)
    expect(paidInAll(price, { lengthMm: 2000, kg: 0.5 })).toBeCloseTo(inAll)
  })
  it('says nothing where what it takes is not known', () => {
    const price = { amount: 1, currency: '', per: 'kilogram' } as const
    expect(pricePerSquareMetre(price, { ...whole, kg: null })).toBeNull()
    expect(paidInAll({ ...price, per: 'metre' }, { lengthMm: null, kg: null })).toBeNull()
  })
})

describe('a tally', () => {
  it('adds up what is known, and counts what is not', () => {
    const tally = tallyOf([
      { sorting: 'keep', m2: { value: 2 }, kg: 0.5 },
      { sorting: 'keep', m2: null, kg: null },
      { sorting: 'give-away', m2: { value: 1 }, kg: null },
    ])
    expect(tally).toMatchObject({ pieces: 3, m2: 3, withoutM2: 1, kg: 0.5, withoutKg: 2 })
    expect(tally.bySorting.keep).toEqual({ pieces: 2, m2: 2, withoutM2: 1, kg: 0.5, withoutKg: 1 })
    expect(tally.bySorting.test.pieces).toBe(0)
  })
})
