import vocabulary from '../../../../tests/reference/vocabulary.json'
import { FIBRE_IDS } from '../../vocabulary/fibres'
import { burnFeatures, featureById, features, findFeature, otherFeatures, stateLabel } from './'
import { weightsOf } from '../weights'

type Entry = { states: string[]; multi?: boolean }

describe('the vocabulary', () => {
  it.each([
    ['burn', burnFeatures, vocabulary.burn],
    ['other', otherFeatures, vocabulary['other-tests']],
  ] as const)(
    'has every %s feature and state of the contract, in order; it may have more states',
    (_, own, contract) => {
      expect(own.map(({ id }) => id)).toEqual(Object.keys(contract))
      for (const feature of own) {
        const entry = (contract as Record<string, Entry>)[feature.id]!
        const own = feature.states.map(({ id }) => id)
        expect(own.filter((id) => entry.states.includes(id))).toEqual(entry.states)
        expect(feature.multi).toBe(entry.multi ?? false)
      }
    },
  )

  it('has every fibre, in order', () => {
    expect([...FIBRE_IDS]).toEqual(Object.values(vocabulary.fibres).flat())
  })
})

describe('every table', () => {
  it.each(features.map((feature) => [feature.id, feature] as const))(
    '%s has a full row of weights for each fibre, a source and words',
    (_, feature) => {
      for (const fibre of FIBRE_IDS) {
        const total = Object.values(weightsOf(feature)[fibre]).reduce((a, b) => a + b, 0)
        expect(total).toBeGreaterThan(92)
        expect(total).toBeLessThan(105)
      }
      expect(feature.source).toMatch(/common practice|memory|Morton|AATCC/)
      expect(feature.states.every(({ label, help }) => label.length > 0 && help.length > 0)).toBe(true)
    },
  )
})

describe('every test at the table', () => {
  it.each(otherFeatures.map((feature) => [feature.id, feature] as const))(
    '%s says how, what it tells apart, and what spoils it',
    (_, { guide, hazard }) => {
      expect(guide!.steps.length).toBeGreaterThanOrEqual(3)
      expect(guide!.separates.length).toBeGreaterThan(30)
      expect(guide!.spoiledBy.length).toBeGreaterThan(20)
      if (hazard !== 'none') expect(guide!.caution).toMatch(/local rules/)
    },
  )

  it('warns of acetone near a flame, and of bleach with anything', () => {
    expect(featureById('acetone').guide!.caution).toMatch(/no flame, spark or hot iron in the room.*Adults, gloves/)
    expect(featureById('bleach').guide!.caution).toMatch(
      /vinegar, ammonia, acetone.*poisonous gas\. Never in metal\. Adults, gloves/,
    )
  })
})

it('finds features and labels, and says plainly what it cannot find', () => {
  expect(findFeature('taste')).toBeUndefined()
  expect(() => featureById('taste')).toThrow(/taste/)
  expect(stateLabel('smell', 'paper')).toBe('Burnt paper')
  expect(stateLabel('smell', 'roses')).toBe('roses')
})
