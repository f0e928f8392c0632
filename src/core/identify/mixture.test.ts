import { featureById, features } from './features'
import { hypothesesFor } from './history/history'
import { hypotheses, hypothesisOf, mixtureOf } from './hypotheses'
import { reportProbabilities, severalProbability } from './mixture'

const at = (featureId: string, state: string, ...parts: Parameters<typeof mixtureOf>[0]) => {
  const feature = featureById(featureId)
  return reportProbabilities(feature, mixtureOf(parts))[feature.states.findIndex(({ id }) => id === state)]!
}

describe('report probabilities', () => {
  it('sum to one for every hypothesis and feature, and are never zero', () => {
    for (const { components } of hypotheses) {
      for (const feature of features) {
        const row = reportProbabilities(feature, components)
        expect(row.reduce((a, b) => a + b, 0)).toBeCloseTo(1, 10)
        expect(Math.min(...row)).toBeGreaterThan(0)
      }
    }
  })

  it('show hard specks where some of it melts, and hardly any where none or all of it does', () => {
    const specks = (share: number) => at('residue', 'hard-specks-in-ash', ['cotton', 1 - share], ['polyester', share])
    expect(specks(0.3)).toBeGreaterThan(10 * at('residue', 'hard-specks-in-ash', ['cotton', 1]))
    expect(specks(0.3)).toBeGreaterThan(10 * at('residue', 'hard-specks-in-ash', ['polyester', 1]))
    expect(specks(0.1)).toBeLessThan(specks(0.3))
  })

  it('let a little hair smell through a lot of cotton', () => {
    expect(at('smell', 'hair-feather', ['cotton', 0.7], ['wool', 0.3])).toBeGreaterThan(0.3)
  })

  it('expect two smells of two families far oftener than of one', () => {
    const smell = featureById('smell')
    const [pure, mixed, kin] = [
      mixtureOf([['cotton', 1]]),
      mixtureOf([
        ['cotton', 0.5],
        ['wool', 0.5],
      ]),
      mixtureOf([
        ['wool', 0.5],
        ['silk', 0.5],
      ]),
    ]
    expect(severalProbability(smell, mixed)).toBeGreaterThan(2 * severalProbability(smell, pure))
    expect(severalProbability(smell, kin)).toBe(severalProbability(smell, pure))
    expect(severalProbability(featureById('crush'), mixed)).toBe(0)
  })
})

describe('hypotheses', () => {
  it('are every pure fibre and blends of two or three, with priors that sum to one and ids of their own', () => {
    expect(hypotheses.filter(({ components }) => components.length === 1)).toHaveLength(22)
    expect(hypotheses.filter(({ components }) => components.length === 3).length).toBeGreaterThan(20)
    expect(hypotheses.every(({ components }) => components.length <= 3)).toBe(true)
    expect(
      hypotheses.every(
        ({ components }) => Math.abs(components.reduce((sum, { weight }) => sum + weight, 0) - 1) < 1e-9,
      ),
    ).toBe(true)
    expect(new Set(hypotheses.map(({ id }) => id)).size).toBe(hypotheses.length)
    expect(hypotheses.reduce((sum, { prior }) => sum + prior, 0)).toBeCloseTo(1, 12)
  })

  it('write the larger share first and name the shares', () => {
    expect(
      hypothesisOf(
        mixtureOf([
          ['polyester', 0.3],
          ['cotton', 0.7],
        ]),
        1,
      ).id,
    ).toBe('cotton.main+polyester.minor')
    expect(
      hypothesisOf(
        mixtureOf([
          ['polyester', 0.5],
          ['cotton', 0.5],
        ]),
        1,
      ),
    ).toMatchObject({
      id: 'cotton.even+polyester.even',
      fibreSet: 'cotton+polyester',
      families: ['plant', 'synthetic'],
    })
  })

  it('keep a share of one another when years rule some out', () => {
    const early = hypothesesFor({ made: { before: 1890 } })
    expect(early.reduce((sum, { prior }) => sum + prior, 0)).toBeCloseTo(1, 12)
    expect(early.find(({ id }) => id === 'viscose')!.prior).toBeLessThan(1e-4)
    expect(hypothesesFor({})).toBe(hypotheses)
    expect(hypothesesFor({ made: { after: 1990 } })).toBe(hypotheses)
  })
})

it('lets a fibre show louder than its family: a core of elastane pulls the yarn back', () => {
  expect(at('yarn-break', 'snaps-back', ['cotton', 0.9], ['elastane', 0.1])).toBeGreaterThan(0.3)
  expect(at('yarn-break', 'snaps-back', ['cotton', 0.7], ['polyester', 0.3])).toBeLessThan(0.05)
})
