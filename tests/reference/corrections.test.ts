import { fibreById } from '@/core/fibres/catalogue'
import { featureById } from '@/core/identify/features'
import { identify } from '@/core/identify/identify'
import { hypotheses } from '@/core/identify/hypotheses'
import { type Observation } from '@/core/identify/types'
import { type FibreId } from '@/core/vocabulary/fibres'
import { seen } from '../support/seen'
import { weightsOf } from '@/core/identify/weights'

// An expert's reading of the tables, from memory of handbooks; sources stand beside the values.
const weights = (feature: string, id: FibreId) => weightsOf(featureById(feature))[id]
const likeliest = (feature: string, id: FibreId) =>
  Object.entries(weights(feature, id)).sort((a, b) => b[1] - a[1])[0]![0]
const present = (observations: readonly Observation[], ...ids: FibreId[]) =>
  identify({ observations })
    .hypotheses.filter(({ fibres }) => ids.every((id) => fibres.some((fibre) => fibre.id === id)))
    .reduce((sum, { probability }) => sum + probability, 0)
const times = (count: number, observation: Observation) => Array.from({ length: count }, () => observation)

describe('what is left', () => {
  it.each(['acetate', 'triacetate', 'acrylic', 'modacrylic'] as const)('of %s is hard, black and uneven', (id) => {
    expect(likeliest('residue', id)).toBe('hard-lump')
    expect(weights('residue', id)['hard-lump']! / weights('residue', id)['hard-bead']!).toBeGreaterThan(2)
    expect(likeliest('residue-colour', id)).toBe('black')
    expect(weights('crush', id).crumbles!).toBeGreaterThan(20)
  })

  it('round beads are polyester’s (black), nylon’s (grey to tan) and olefin’s (tan)', () => {
    for (const id of ['polyester', 'nylon', 'polypropylene'] as const)
      expect(likeliest('residue', id)).toBe('hard-bead')
    expect(likeliest('residue-colour', 'polyester')).toBe('black')
    const nylon = weights('residue-colour', 'nylon')
    expect(nylon.grey! + nylon.brown!).toBeGreaterThan(2 * nylon.black!)
    expect(likeliest('residue-colour', 'polypropylene')).toBe('brown')
  })

  it('ash that keeps its shape does not tell linen from cotton', () => {
    const ratio = (a: FibreId, b: FibreId) =>
      weights('residue', a)['shape-keeping-ash']! / weights('residue', b)['shape-keeping-ash']!
    expect(ratio('linen', 'cotton')).toBeLessThan(3)
    expect(ratio('lyocell', 'cotton')).toBeGreaterThan(1)
  })
})

describe('one sign, and three of them', () => {
  const cottonBurn = seen({ 'after-removal': 'burns-on', smell: 'paper', residue: 'soft-ash', melting: 'none' })

  it('a yarn that springs back is strong for elastane, three are near certain', () => {
    const snap: Observation = { feature: 'yarn-break', states: ['snaps-back'] }
    const [none, once, thrice] = [0, 1, 3].map((n) => present([...cottonBurn, ...times(n, snap)], 'elastane'))
    const odds = (probability: number) => probability / (1 - probability)
    // "Strong" from 20 times on (Kass & Raftery, 1995, from memory).
    expect(odds(once!) / odds(none!)).toBeGreaterThan(20)
    expect(thrice).toBeGreaterThan(0.97)
  })

  it('floating again and again is strong for polypropylene', () => {
    const floats: Observation = { feature: 'float', states: ['floats'] }
    const melts = seen({ melting: 'melts-drips', residue: 'hard-bead' })
    expect(present([...melts, floats], 'polypropylene')).toBeGreaterThan(0.5)
    expect(present([...melts, ...times(3, floats)], 'polypropylene')).toBeGreaterThan(0.95)
  })
})

it('cellulose with protein burns on, smells of both and leaves black that crumbles', () => {
  const { families } = identify({
    observations: seen({
      melting: 'none',
      'after-removal': 'burns-on',
      smell: ['paper', 'hair-feather'],
      residue: 'brittle-clinker',
      'residue-colour': 'black',
      crush: 'crumbles',
    }),
  })
  const inIt = (id: string) => families.find((family) => family.id === id)!
  expect(inIt('protein').present).toBeGreaterThan(0.9)
  expect(inIt('protein').only).toBeLessThan(0.1)
  expect(inIt('plant').present + inIt('regenerated').present).toBeGreaterThan(0.8)
})

it.each([
  ['linen', 8.75],
  ['hemp', 8],
] as const)('%s cloth regains %d %% (linen: ASTM D1909)', (id, percent) => {
  expect(fibreById(id).regain!.percent).toBe(percent)
})

it('wool is allowed 17.00 carded to 18.25 combed (Regulation (EU) 1007/2011, Annex IX)', () => {
  expect(fibreById('wool').allowance!.range).toEqual([17, 18.25])
})

it.each([
  ['viscose', 1890, 1905],
  ['acetate', 1919, 1921],
  ['cupro', 1890, 1909],
] as [FibreId, number, number][])('%s was first sold somewhere between %d and %d', (id, from, to) => {
  expect(fibreById(id).firstSold!).toBeGreaterThanOrEqual(from)
  expect(fibreById(id).firstSold!).toBeLessThanOrEqual(to)
})

it.each([
  ['acrylic', 'modacrylic'],
  ['cotton', 'hair'],
  ['cupro', 'polyester'],
  ['ramie', 'acrylic'],
] as [FibreId, FibreId][])('%s with %s is a blend that is reckoned with', (a, b) => {
  expect(
    hypotheses.some(
      ({ components }) =>
        components.length === 2 && [a, b].every((id) => components.some(({ fibre }) => fibre === id)),
    ),
  ).toBe(true)
})

it('acetone dissolves acetate, triacetate only in part, and some modacrylics', () => {
  expect(weights('acetone', 'acetate').dissolves!).toBeGreaterThan(80)
  expect(weights('acetone', 'triacetate').dissolves!).toBeLessThan(15)
  expect(weights('acetone', 'modacrylic').dissolves!).toBeGreaterThan(10)
})

it('viscose is the weakest when wet; acetate, cupro, wool and silk lose less, nylon a tenth', () => {
  const weaker = (id: FibreId) => weights('wet-strength', id).weaker!
  expect(weaker('viscose')).toBeGreaterThan(weaker('cupro'))
  expect(weaker('cupro')).toBeGreaterThan(weaker('wool'))
  expect(weaker('wool')).toBeGreaterThan(weaker('nylon'))
  expect(weaker('nylon')).toBeGreaterThan(weaker('polyester'))
})

it('mohair’s and alpaca’s scales are fainter than wool’s', () => {
  expect(weights('loupe-fibre', 'hair').scales!).toBeLessThan(weights('loupe-fibre', 'wool').scales!)
  expect(featureById('loupe-fibre').question).toMatch(/100 times/)
})

it('silk and silk with wool may still part by their yarns', () => {
  const { stop } = identify({
    observations: seen({
      'after-removal': 'dies-soon',
      smell: 'hair-feather',
      residue: 'crushable-bead',
      bleach: 'dissolves',
    }),
    atHand: [],
    asks: 'fibre',
  })
  if (stop?.startsWith('Stop here: nothing')) expect(stop).toMatch(/warp and one of the weft/)
})
