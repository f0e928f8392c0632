import fc from 'fast-check'
import { seen } from '../../../tests/support/seen'
import { featureById, features } from './features'
import { gatherReports, REPEAT_CORRELATION, SAME_LOOK_FRACTION, weighReports } from './evidence'
import { commonGrounds } from './grounds'
import { hypotheses } from './hypotheses'
import { identify } from './identify'
import { evidenceOfPart } from './posterior'
import { type Observation } from './types'

/** Log odds of the protein family against all others, bits. */
function proteinOdds(observations: Observation[]): number {
  const { only } = identify({ observations }).families.find(({ id }) => id === 'protein')!
  return Math.log2(only / (1 - only))
}

describe('correlated answers', () => {
  it('of one feature saturate: a hundred repeats weigh less than twice the first', () => {
    const hair: Observation = { feature: 'smell', states: ['hair-feather'] }
    const prior = proteinOdds([])
    const gain = (count: number) => proteinOdds(Array.from({ length: count }, () => hair)) - prior
    expect(gain(2)).toBeGreaterThan(gain(1))
    expect(gain(100)).toBeLessThan(gain(1) / REPEAT_CORRELATION + 0.5)
    expect(gain(100) - gain(50)).toBeLessThan(0.2)
  })

  it('of one residue (form, colour, crush) count for less than three independent ones', () => {
    const three = seen({ residue: 'hard-bead', 'residue-colour': 'black', crush: 'resists' })
    const { reports, byFeature, logLikelihoods } = evidenceOfPart(three, commonGrounds)
    expect(reports.map(({ weight }) => weight).sort()).toEqual([SAME_LOOK_FRACTION ** 2, SAME_LOOK_FRACTION, 1])
    const index = hypotheses.findIndex(({ id }) => id === 'cotton')
    const full = byFeature.reduce((sum, column, i) => sum + column[index]! / reports[i]!.weight, 0)
    expect(Math.abs(logLikelihoods[index]!)).toBeLessThan(Math.abs(full))
    expect(logLikelihoods[index]).toBeCloseTo(
      byFeature.reduce((sum, column) => sum + column[index]!, 0),
      10,
    )
  })

  it('never make an ambiguous smell certain, however often it is smelt', () => {
    const observations = Array.from({ length: 60 }, (): Observation => ({
      feature: 'smell',
      states: ['acrid-chemical'],
    }))
    expect(identify({ observations }).verdict.level).not.toBe('fibre')
  })
})

describe('an uninformative answer', () => {
  it('changes nothing: the weights of the others stay as they were', () => {
    const gathered = gatherReports(seen({ residue: 'hard-bead', crush: 'resists', 'residue-colour': 'black' }))
    const before = weighReports(gathered.slice(0, 2), [3, 2]).map(({ weight }) => weight)
    const after = weighReports(gathered, [3, 2, 0]).map(({ weight }) => weight)
    expect(after.slice(0, 2)).toEqual(before)
  })

  it('that every hypothesis finds equally likely leaves the posterior as it was', () => {
    // A drying twist "both ways" says next to nothing of fibres that have no twist: restrict to those.
    const flat = hypotheses.filter(({ families }) =>
      families.every((family) => family === 'synthetic' || family === 'protein'),
    )
    const { logLikelihoods } = evidenceOfPart([{ feature: 'drying-twist', states: ['both-ways'] }], {
      ...commonGrounds,
      hypotheses: flat,
    })
    const [first] = logLikelihoods
    for (const value of logLikelihoods) expect(value).toBeCloseTo(first!, 10)
  })

  it('adds its own column and nothing else: without it the rest is as if it had never been seen', () => {
    const paper: Observation = { feature: 'smell', states: ['paper'], part: 'whole' }
    const ofAnotherLook = features.filter(({ look }) => look !== featureById('smell').look)
    fc.assert(
      fc.property(
        fc
          .constantFrom(...ofAnotherLook)
          .chain(({ id, states }) =>
            fc.record({ feature: fc.constant(id), states: fc.constantFrom(...states).map((state) => [state.id]) }),
          ),
        (added) => {
          const alone = evidenceOfPart([paper], commonGrounds)
          const both = evidenceOfPart([paper, added], commonGrounds)
          const own = both.byFeature[both.reports.findIndex(({ feature }) => feature.id === added.feature)]!
          expect(Math.max(...own.map(Math.abs))).toBeGreaterThan(0)
          alone.logLikelihoods.forEach((value, index) =>
            expect(both.logLikelihoods[index]! - own[index]!).toBeCloseTo(value, 9),
          )
        },
      ),
    )
  })
})

describe('gather', () => {
  it('puts the reports of a feature together, in the order of the vocabulary, refusing strangers', () => {
    const gathered = gatherReports([
      { feature: 'crush', states: ['powders'] },
      { feature: 'smell', states: ['paper'] },
      { feature: 'smell', states: ['none'] },
    ])
    expect(gathered.map(({ feature, reports }) => [feature.id, reports.length])).toEqual([
      ['smell', 2],
      ['crush', 1],
    ])
    expect(() => gatherReports([{ feature: 'taste', states: ['salty'] }])).toThrow(/taste/)
    expect(() => gatherReports([{ feature: 'smell', states: ['roses'] }])).toThrow(/roses/)
  })

  it('knows every look', () => {
    const looks = new Set(features.map(({ look }) => look))
    expect(looks.size).toBe(12)
  })
})
