import { seen } from '../../../../tests/support/seen'
import { FIBRE_IDS } from '../../vocabulary/fibres'
import { hypotheses } from '../hypotheses'
import { identify } from '../identify'
import { hypothesesFor, MOST_TILT } from './history'
import { TILTS } from './told'
import { type FabricHistory } from './types'

const present = (history: FabricHistory, id: string, observations = seen({})) =>
  identify({ observations, history }).fibres.find((fibre) => fibre.id === id)!.present
const pure = (list: typeof hypotheses, id: string) => list.find((hypothesis) => hypothesis.id === id)!.prior

it.each(Object.entries(TILTS).flatMap(([question, tilts]) => tilts.map(({ id }) => [question, id] as const)))(
  '%s %s leaves every hypothesis possible, within its bound',
  (question, id) => {
    const tilted = hypothesesFor({ [question]: id })
    expect(tilted.reduce((sum, { prior }) => sum + prior, 0)).toBeCloseTo(1, 9)
    const ratios = tilted.map(({ prior }, index) => prior / hypotheses[index]!.prior)
    expect(Math.min(...ratios)).toBeGreaterThan(0)
    expect(Math.max(...ratios) / Math.min(...ratios)).toBeLessThanOrEqual(MOST_TILT ** 2 * (1 + 1e-9))
  },
)

it.each(
  Object.values(TILTS)
    .flat()
    .map((tilt) => [tilt.id, tilt] as const),
)('%s names fibres of the vocabulary, once, with words', (_, { label, factors }) => {
  expect(label.length).toBeGreaterThan(2)
  for (const [fibre, factor] of Object.entries(factors)) {
    expect(FIBRE_IDS).toContain(fibre)
    expect(factor).toBeGreaterThan(0)
  }
})

it('makes the usual fibres of a thing likelier', () => {
  expect(present({ kind: 'lining' }, 'acetate')).toBeGreaterThan(2 * present({}, 'acetate'))
  // Most of what is sold to swim in has elastane in it; within the bound, the past can say so only in part.
  expect(present({ kind: 'swimwear' }, 'elastane')).toBeGreaterThan(3 * present({}, 'elastane'))
  expect(present({ kind: 'suiting', price: 'dear' }, 'wool')).toBeGreaterThan(present({ kind: 'suiting' }, 'wool'))
  expect(present({ kind: 'sack' }, 'jute')).toBeGreaterThan(5 * present({}, 'jute'))
})

it('is overruled by what is seen', () => {
  const woolly = seen({
    approach: 'curls-away',
    'after-removal': 'dies-at-once',
    smell: 'hair-feather',
    residue: 'crushable-bead',
    crush: 'crumbles',
  })
  const { verdict } = identify({ observations: woolly, history: { kind: 'sheets', price: 'cheap' } })
  expect(verdict.ids).toEqual(['protein'])
})

it('shows its effect, and shows none where nothing is known', () => {
  const observations = seen({ smell: 'acrid-chemical', melting: 'melts' })
  const { history } = identify({ observations, history: { kind: 'lining' } })
  const acetate = history!.families.find(({ id }) => id === 'acetate')!
  expect(acetate.with).toBeGreaterThan(acetate.without)
  expect(history!.text).toContain('an acetate')
  expect(identify({ observations }).history).toBeUndefined()
  const faint = identify({
    observations: seen({ smell: 'hair-feather', residue: 'crushable-bead', 'after-removal': 'dies-at-once' }),
    history: { country: 'north-west-europe' },
  }).history!
  expect(faint.text).toMatch(/almost nothing/)
})

it('rules out what was not sold yet, blends with it included, and keeps what is old', () => {
  const before1890 = hypothesesFor({ made: { before: 1890 } })
  for (const young of ['viscose', 'acetate', 'nylon', 'polyester', 'elastane', 'cotton.main+polyester.minor'])
    expect(pure(before1890, young)).toBeLessThan(1e-4)
  for (const old of ['cotton', 'wool', 'silk', 'linen'])
    expect(pure(before1890, old)).toBeGreaterThan(pure(hypotheses, old))
})

it('refuses what is not in its lists', () => {
  expect(() => hypothesesFor({ kind: 'spacesuit' })).toThrow(/no kind is called "spacesuit"/)
})
