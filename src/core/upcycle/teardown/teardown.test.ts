import fc from 'fast-check'
import { offerFrom, type Described } from '../../fabric/offer'
import { laidOut } from '../../lay/lay'
import { byMoves } from '../../lay/search/budget'
import { areaOf, boxOf, isSimple, isWithin, rectangle } from '../../shapes/polygon'
import { plainPiece } from '../../../../tests/support/lay/jigsaw'
import { TAKEN } from './blocks'
import { tornDown, type TeardownAsked } from './teardown'
import { SEAM_MAKES, WORN_PLACES } from './types'
import { asPlainText } from '../../text/render'

const of = (garment: TeardownAsked['garment'], cloth: Described = {}, more: Partial<TeardownAsked> = {}) =>
  tornDown({
    garment,
    offer: offerFrom(cloth),
    chestMm: null,
    hipMm: null,
    lengthMm: null,
    seams: 'unknown',
    worn: [],
    ...more,
  })
const way = (seam: string, ...asked: Parameters<typeof of>) => of(...asked).plan.find((one) => one.seam === seam)!

describe('each seam', () => {
  it.each([
    ['side', 'shirt', { called: 'poplin', gsm: 140 }, { seams: 'plain' }, 'rip'],
    ['side', 'blouse', { called: 'chiffon' }, { seams: 'plain' }, 'cut-close'],
    ['side', 'shirt', { called: 'lawn', gsm: 90 }, { seams: 'plain' }, 'unpick'],
    ['side', 'tee-knit', { called: 'jersey' }, { seams: 'overlocked' }, 'cut-close'],
    ['side', 'tee-knit', { called: 'jersey' }, {}, 'cut-close'],
    ['side', 'jumper', { called: 'sweater-knit' }, { seams: 'linked' }, 'unpick'],
    ['inseam', 'jeans', { called: 'denim' }, {}, 'cut-close'],
    ['outseam', 'jeans', { called: 'denim' }, {}, 'rip'],
    ['hem', 'tee-knit', { called: 'jersey' }, {}, 'unpick'],
    ['hem', 'skirt', { called: 'linen' }, { worn: ['hem'] }, 'cut-close'],
    ['collar', 'shirt', { called: 'poplin' }, {}, 'leave'],
    ['collar', 'shirt', { called: 'poplin' }, { worn: ['collar'] }, 'cut-close'],
    ['waistband', 'trousers', { called: 'gabardine' }, {}, 'leave'],
    ['pocket', 'shirt', { called: 'poplin' }, {}, 'unpick'],
  ] as const)('%s of a %s of %j, %j: %s', (seam, garment, cloth, more, expected) => {
    expect(way(seam, garment, cloth as Described, more as Partial<TeardownAsked>).way).toBe(expected)
  })
  it('costs what its way costs', () => {
    expect(way('side', 'shirt', { called: 'poplin', gsm: 140 }, { seams: 'linked' }).loses).toBe(0)
    const felled = way('side', 'shirt', { called: 'poplin', gsm: 140 }, { seams: 'flat-felled' })
    const locked = way('side', 'shirt', { called: 'poplin', gsm: 140 }, { seams: 'overlocked' })
    expect(felled.loses).toBeGreaterThan(locked.loses)
    expect(way('collar', 'shirt')).toMatchObject({ minutes: 0, loses: 0 })
    const seam = [
      'side',
      'shirt',
      { gsm: 90, called: 'lawn' },
      { seams: 'plain', lengthMm: 1200, chestMm: 1000 },
    ] as const
    expect(way(...seam).minutes).toBeGreaterThan(way('side', 'shirt', seam[2], { ...seam[3], lengthMm: 600 }).minutes)
  })
  it('that is sewn over on the outside leaves holes', () => {
    expect(way('pocket', 'shirt', { called: 'poplin' })).toMatchObject({ because: 'topstitching-holes' })
  })
  it('comes in order: what is sewn on, hems, long seams, fittings', () => {
    const seams = of('shirt', { called: 'poplin' }).plan.map(({ seam }) => seam)
    const at = (seam: string) => seams.indexOf(seam)
    expect(at('pocket')).toBeLessThan(at('hem'))
    expect(at('hem')).toBeLessThan(at('side'))
    expect(at('side')).toBeLessThan(at('collar'))
  })
})

describe('panels', () => {
  it.each(TAKEN)('of a %s are simple, in one place, with their holes inside', (garment) => {
    for (const worn of [[], [...WORN_PLACES]]) {
      for (const scale of [0.5, 1.6]) {
        const { panels } = of(
          garment,
          {},
          { worn, chestMm: 1000 * scale, hipMm: 1020 * scale, lengthMm: 700 * scale },
        )
        expect(panels.length).toBeGreaterThan(0)
        for (const { outline, holes, count } of panels) {
          expect(isSimple(outline)).toBe(true)
          expect(outline.length).toBeLessThanOrEqual(400)
          expect(count).toBeGreaterThan(0)
          const { minX, minY } = boxOf(outline)
          expect([minX, minY]).toEqual([0, 0])
          for (const hole of holes) for (const point of hole) expect(isWithin(point, outline)).toBe(true)
        }
      }
    }
  })
  it('are there, and simple, whatever was measured', () => {
    const measure = fc.integer({ min: 100, max: 8000 })
    fc.assert(
      fc.property(
        fc.constantFrom(...TAKEN),
        measure,
        measure,
        fc.constantFrom(...SEAM_MAKES),
        (garment, round, long, seams) => {
          const { panels, clothMm2 } = of(garment, {}, { chestMm: round, hipMm: round, lengthMm: long, seams })
          expect(panels.length).toBeGreaterThan(0)
          for (const { outline } of panels) expect(isSimple(outline)).toBe(true)
          expect(clothMm2.value).toBeGreaterThan(0)
        },
      ),
      { numRuns: 150 },
    )
  })
  it('grow with the garment, and shrink with what its seams cost', () => {
    const area = (more: Partial<TeardownAsked>) => of('shirt', { called: 'poplin' }, more).clothMm2.value
    expect(area({ chestMm: 1300, lengthMm: 800 })).toBeGreaterThan(area({ chestMm: 1000, lengthMm: 800 }))
    expect(area({ seams: 'flat-felled' })).toBeLessThan(area({ seams: 'plain' }))
  })
  it('have a hole where they are worn, and less cloth', () => {
    const leg = (worn: TeardownAsked['worn']) =>
      of('jeans', { called: 'denim' }, { worn }).panels.find(({ id }) => id === 'front-leg')!
    expect(leg(['knees']).holes).toHaveLength(1)
    expect(leg([]).holes).toHaveLength(0)
    const whole = of('jeans', { called: 'denim' }).clothMm2.value
    const hole = areaOf(leg(['knees']).holes[0]!)
    expect(of('jeans', { called: 'denim' }, { worn: ['knees'] }).clothMm2.value).toBeCloseTo(whole - 2 * hole, -2)
    expect(of('shirt', {}, { worn: ['knees'] }).clothMm2).toEqual(of('shirt').clothMm2)
  })
  it('are what a shirt and a pair of jeans yield, about', () => {
    // Common practice: an adult shirt gives a metre or so, jeans about one and a quarter.
    expect(of('shirt', {}, { chestMm: 1120, lengthMm: 760 }).clothMm2.value / 1e6).toBeGreaterThan(0.9)
    expect(of('shirt', {}, { chestMm: 1120, lengthMm: 760 }).clothMm2.value / 1e6).toBeLessThan(1.5)
    expect(of('jeans', {}, { hipMm: 1040, lengthMm: 1040 }).clothMm2.value / 1e6).toBeGreaterThan(0.85)
    expect(of('jeans', {}, { hipMm: 1040, lengthMm: 1040 }).clothMm2.value / 1e6).toBeLessThan(1.5)
  })
  it('are surer where the garment was measured', () => {
    const width = (more: Partial<TeardownAsked>) => {
      const { value, interval80 } = of('shirt', {}, more).clothMm2
      return (interval80[1] - interval80[0]) / value
    }
    expect(width({ chestMm: 1120, lengthMm: 760 })).toBeLessThan(width({}))
  })
  it('go into the lay as they are', () => {
    const { panels } = of('jeans', { called: 'denim' }, { worn: ['knees'] })
    const pieces = [plainPiece('pocket', rectangle(150, 180), { count: 4 })]
    const answer = laidOut({ panels, pieces, match: [], gapMm: 0, seed: 1 }, byMoves(400))
    expect(answer.unplaced).toEqual([])
    expect(answer.placements).toHaveLength(4)
  })
})

it('says what it comes to, whether that is worth it, what to keep, and what to mind', () => {
  const { yields, worth, keep, cautions, minutes, plan } = of('shirt', { called: 'poplin' }, { seams: 'plain' })
  expect(asPlainText(yields)).toMatch(/one of \d+ × \d+ cm/)
  expect(minutes).toBe(plan.reduce((sum, one) => sum + one.minutes, 0))
  expect(worth.id).toBe('worth-it')
  expect(asPlainText(worth.text)).toMatch(/m² in \d+ minutes with pressing: worth it/)
  expect(keep.map(({ id }) => id)).toEqual(['buttons', 'labels', 'collar-and-cuffs'])
  expect(of('shirt', {}, { worn: ['collar'] }).keep.map(({ id }) => id)).not.toContain('collar-and-cuffs')
  expect(cautions.map(({ id }) => id)).toEqual(['blades', 'needles-left', 'wash-first', 'rip-slowly'])
  expect(of('blouse', { called: 'chiffon' }).cautions.map(({ id }) => id)).not.toContain('rip-slowly')
  expect(of('underwear', { called: 'lace' }).worth.id).not.toBe('worth-it')
  expect(of('curtain', { called: 'linen' }).worth.id).toBe('worth-it')
})
