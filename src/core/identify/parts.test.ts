import { seen } from '../../../tests/support/seen'
import { commonGrounds } from './grounds'
import { hypotheses } from './hypotheses'
import { identify } from './identify'
import { clothPosterior } from './parts'
import { SAME_THROUGHOUT } from './priors'

const wool = { smell: 'hair-feather', residue: 'crushable-bead', 'after-removal': 'dies-at-once' }
const cotton = { smell: 'paper', residue: 'soft-ash', 'after-removal': 'burns-on' }

function probabilityOf(observations: Parameters<typeof clothPosterior>[0], id: string): number {
  return (
    clothPosterior(observations, commonGrounds).scored.find(({ hypothesis }) => hypothesis.id === id)?.probability ??
    0
  )
}

it('with no parts, holds exactly the hypotheses given', () => {
  const { scored } = clothPosterior(seen(wool), commonGrounds)
  expect(scored).toHaveLength(hypotheses.length)
  expect(scored.reduce((sum, { probability }) => sum + probability, 0)).toBeCloseTo(1, 12)
})

it('with nothing told apart, gives "the same throughout" its prior', () => {
  // An answer that every cloth finds about equally likely leaves the division between same and different as it was.
  const { scored } = clothPosterior(seen({ float: 'sinks' }, 'warp'), commonGrounds)
  const pure = scored
    .filter(({ hypothesis }) => hypothesis.components.length === 1)
    .reduce((sum, { probability }) => sum + probability, 0)
  const purePrior = hypotheses
    .filter(({ components }) => components.length === 1)
    .reduce((sum, { prior }) => sum + prior, 0)
  expect(pure / purePrior).toBeCloseTo(SAME_THROUGHOUT, 1)
})

it('names each mixture once, whichever way it came about', () => {
  const { scored } = clothPosterior([...seen(wool, 'warp'), ...seen(cotton, 'weft')], commonGrounds)
  expect(new Set(scored.map(({ hypothesis }) => hypothesis.id)).size).toBe(scored.length)
  expect(scored.reduce((sum, { probability }) => sum + probability, 0)).toBeCloseTo(1, 9)
})

it('gives a mixture of the two when the parts disagree, the same either way round', () => {
  const there = probabilityOf([...seen(wool, 'warp'), ...seen(cotton, 'weft')], 'cotton.even+wool.even')
  const back = probabilityOf([...seen(cotton, 'warp'), ...seen(wool, 'weft')], 'cotton.even+wool.even')
  expect(there).toBeCloseTo(back, 12)
  expect(there).toBeGreaterThan(0.2)
})

it('lets a single tested part leave the other open', () => {
  const whole = probabilityOf(seen(wool), 'wool')
  const oneWay = probabilityOf(seen(wool, 'warp'), 'wool')
  expect(oneWay).toBeLessThan(whole)
  expect(oneWay).toBeGreaterThan(whole * 0.5)
})

it('hears the whole cloth beside its parts', () => {
  const parts = [...seen(wool, 'warp'), ...seen(cotton, 'weft')]
  const even = (observations: typeof parts) =>
    clothPosterior(observations, commonGrounds)
      .scored.filter(
        ({ hypothesis }) => hypothesis.families.includes('protein') && hypothesis.families.includes('plant'),
      )
      .reduce((sum, { probability }) => sum + probability, 0)
  expect(even([...parts, ...seen({ smell: ['hair-feather', 'paper'] })])).toBeGreaterThan(even(parts) - 1e-9)
})

it('knows three parts: ground and pile apart', () => {
  const { scored } = clothPosterior(
    [
      ...seen(cotton, 'warp'),
      ...seen(cotton, 'weft'),
      ...seen({ smell: 'hair-feather', residue: 'crushable-bead' }, 'pile'),
    ],
    commonGrounds,
  )
  const best = [...scored].sort((a, b) => b.probability - a.probability)[0]!
  expect(best.hypothesis.families).toContain('protein')
  expect(best.hypothesis.families.some((family) => family === 'plant' || family === 'regenerated')).toBe(true)
})

describe('in words', () => {
  const say = (...observations: ReturnType<typeof seen>[]) => identify({ observations: observations.flat() }).parts

  it('calls two different verdicts a mixed cloth, and says what each is', () => {
    const parts = say(seen(wool, 'warp'), seen(cotton, 'weft'))!
    expect(parts.differ).toBeGreaterThan(0.95)
    expect(parts.text).toMatch(
      /^A mixed fabric: its warp and weft are .* not the same fibre\. The warp is .*protein.*; the weft is .*plant/,
    )
  })

  it('says that two alike are of the same stuff, and that one part alone leaves the other open', () => {
    expect(say(seen(wool, 'warp'), seen(wool, 'weft'))!.text).toMatch(/the same fibre\.$/)
    const alone = say(seen(wool, 'warp'))!
    expect(alone.differ).toBeNull()
    expect(alone.text).toMatch(/burn one of each direction/)
    expect(say(seen(wool))).toBeUndefined()
  })
})
