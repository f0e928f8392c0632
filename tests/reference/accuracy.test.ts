import { burnFeatures, features } from '@/core/identify/features'
import { accuracyOver, median, testsNeeded } from '../bench/accuracy'
import { dice } from '../support/seen'
import { drawCloth } from '../support/simulator/cloths'
import { calibrationOf } from '../support/simulator/judging'
import { ANSWERED_FEATURES, drawCase } from '../support/simulator/specimens'

// A simulator of specimens and people whose structure is not the tables': see docs/identify.md. The full figures are
// printed by `npm run bench`.
describe('under the simulator', () => {
  const burn = accuracyOver(
    'the burn alone',
    burnFeatures.map(({ id }) => id),
    250,
    41,
  )
  const all = accuracyOver(
    'everything',
    features.map(({ id }) => id),
    250,
    42,
  )

  it.each([
    ['the burn alone', burn],
    ['every test', all],
  ] as const)('%s is calibrated: what is said with 80 % is so in 80 of 100', (_, { verdicts, families, fibres }) => {
    expect(verdicts.error).toBeLessThan(0.05)
    expect(families.error).toBeLessThan(0.05)
    expect(fibres.error).toBeLessThan(0.05)
  })

  it('scores better than somebody who always says how common things are', () => {
    const base = calibrationOf(
      burn.families.bands.flatMap(({ count, so }) =>
        Array.from({ length: count }, (__, index) => ({ probability: burnRate(burn), so: index < so * count })),
      ),
    )
    expect(burn.families.brier).toBeLessThan(base.brier / 2)
    expect(all.families.brier).toBeLessThan(burn.families.brier)
  })

  it('reaches a verdict of 0.8 in at most 60 % of the tests that the fixed order needs', () => {
    const { fixed, suggested } = testsNeeded(80, 43)
    expect(median(suggested) / median(fixed)).toBeLessThanOrEqual(0.6)
  })
})

/** How often a family is in a cloth, taken over all of them. */
function burnRate({ families: { bands } }: ReturnType<typeof accuracyOver>): number {
  const all = bands.reduce((sum, { count }) => sum + count, 0)
  return bands.reduce((sum, { count, so }) => sum + count * so, 0) / all
}

describe('the simulator itself', () => {
  it('answers every feature of the vocabulary, with chances that sum to one', () => {
    expect(ANSWERED_FEATURES.map(({ id }) => id)).toEqual(features.map(({ id }) => id))
    const chance = dice(5)
    for (let i = 0; i < 50; i++) {
      for (const row of Object.values(drawCase(chance).reports)) {
        expect(row.reduce((sum, part) => sum + part, 0)).toBeCloseTo(1, 9)
        expect(Math.min(...row)).toBeGreaterThan(0)
      }
    }
  })

  it('draws cloths whose shares sum to one, blends of three among them', () => {
    const chance = dice(6)
    const cloths = Array.from({ length: 500 }, () => drawCloth(chance))
    for (const cloth of cloths) expect(cloth.reduce((sum, [, share]) => sum + share, 0)).toBeCloseTo(1, 9)
    expect(cloths.filter((cloth) => cloth.length === 3).length).toBeGreaterThan(10)
  })

  it('scores a forecaster as the textbooks do', () => {
    const { brier, logScore, error } = calibrationOf([
      { probability: 0.75, so: true },
      { probability: 0.75, so: true },
      { probability: 0.75, so: true },
      { probability: 0.75, so: false },
    ])
    expect(error).toBeCloseTo(0, 12)
    expect(brier).toBeCloseTo(0.75 * 0.25, 12)
    expect(logScore).toBeCloseTo(-0.75 * Math.log(0.75) - 0.25 * Math.log(0.25), 12)
  })
})
