import fc from 'fast-check'
import { seen } from '../../../tests/support/seen'
import { FAMILIES } from '../vocabulary/fibres'
import { features } from './features'
import { identify } from './identify'
import { type Observation } from './types'
import { type Part } from '../vocabulary/observations'
import { asPlainText } from '../text/render'

const cotton = {
  approach: 'unmoved',
  ignition: 'quick',
  flame: 'yellow-fast',
  melting: 'none',
  'after-removal': 'burns-on',
  smell: 'paper',
  residue: 'soft-ash',
  crush: 'powders',
}
const wool = {
  approach: 'curls-away',
  ignition: 'slow',
  flame: 'sputtering',
  melting: 'none',
  'after-removal': 'dies-at-once',
  smell: 'hair-feather',
  residue: 'crushable-bead',
  crush: 'crumbles',
}
const polyester = {
  approach: 'melts-back',
  flame: 'melting-small',
  melting: 'melts-drips',
  smoke: 'black-sooty',
  smell: 'sweet-chemical',
  residue: 'hard-bead',
  'residue-colour': 'black',
  crush: 'resists',
}
const woolWithSynthetic = {
  approach: 'curls-away',
  melting: 'partly',
  'after-removal': 'dies-soon',
  smell: 'hair-feather',
  residue: ['crushable-bead', 'hard-specks-in-ash'],
  crush: 'crumbles',
}

const observation: fc.Arbitrary<Observation> = fc.constantFrom(...features).chain((feature) =>
  fc.record({
    feature: fc.constant(feature.id),
    states: fc.uniqueArray(fc.constantFrom(...feature.states.map(({ id }) => id)), {
      minLength: 1,
      maxLength: feature.multi ? 2 : 1,
    }),
    part: fc.constantFrom<Part>('whole', 'whole', 'whole', 'warp', 'weft'),
  }),
)

/** Some observations, and the same in another order. */
const inTwoOrders = fc
  .array(observation, { minLength: 2, maxLength: 10 })
  .chain((observations) =>
    fc.tuple(
      fc.constant(observations),
      fc.shuffledSubarray(observations, { minLength: observations.length, maxLength: observations.length }),
    ),
  )

const probabilities = (observations: Observation[]) =>
  new Map(identify({ observations }).hypotheses.map(({ id, probability }) => [id, probability]))

describe('posterior', () => {
  it('sums to one whatever is reported', () => {
    fc.assert(
      fc.property(fc.array(observation, { maxLength: 14 }), (observations) => {
        const sum = identify({ observations }).hypotheses.reduce((total, { probability }) => total + probability, 0)
        expect(sum).toBeCloseTo(1, 9)
      }),
      { numRuns: 60 },
    )
  })

  it('does not depend on the order of the observations', () => {
    fc.assert(
      fc.property(inTwoOrders, ([observations, shuffled]) => {
        const [one, other] = [probabilities(observations), probabilities(shuffled)]
        for (const [id, probability] of one) expect(other.get(id)).toBeCloseTo(probability, 9)
      }),
      { numRuns: 40 },
    )
  })

  it('keeps presence at least as large as exclusiveness, and both within 0 and 1', () => {
    fc.assert(
      fc.property(fc.array(observation, { maxLength: 8 }), (observations) => {
        for (const { present, only } of identify({ observations }).families) {
          expect(only).toBeLessThanOrEqual(present + 1e-12)
          expect(present).toBeLessThanOrEqual(1)
        }
      }),
      { numRuns: 40 },
    )
  })
})

describe('verdict', () => {
  it.each([
    ['cotton', cotton, ['plant', 'regenerated']],
    ['wool', wool, ['protein']],
    ['polyester', polyester, ['synthetic']],
  ])('of %s stays within what the flame carries', (_, record, within) => {
    const { verdict } = identify({ observations: seen(record) })
    expect(verdict.level).not.toBe('undecided')
    expect(verdict.probability).toBeGreaterThanOrEqual(0.8)
    const families =
      verdict.level === 'fibre'
        ? identify({ observations: seen(record) })
            .fibres.filter(({ id }) => verdict.ids.includes(id))
            .map(({ family }) => family)
        : verdict.ids
    expect(families.every((family) => within.includes(family))).toBe(true)
  })

  it('names both parents of wool with a synthetic', () => {
    const { verdict, families } = identify({ observations: seen(woolWithSynthetic) })
    expect(verdict.level).toBe('blend')
    expect(verdict.sides.flat()).toEqual(expect.arrayContaining(['protein', 'synthetic']))
    expect(
      families
        .filter(({ present }) => present > 0.8)
        .map(({ id }) => id)
        .sort(),
    ).toEqual(['protein', 'synthetic'])
    expect(verdict.text).not.toMatch(/%/)
  })

  it('never takes a commoner lookalike for evidence: wool is not claimed where mohair burns the same', () => {
    // Everything that a flame can say, twice over: by the priors alone wool would pass 0.8 against fine hair.
    const { verdict } = identify({
      observations: [
        ...seen(wool),
        ...seen({ 'loupe-fibre': 'scales', touch: 'warm', bleach: 'dissolves', scrunch: 'springs-out' }),
      ],
    })
    expect(verdict.level).toBe('family')
    expect(verdict.leaning).toEqual(['wool'])
  })

  it('is undecided with nothing seen, and says so', () => {
    const { verdict, evidence } = identify({ observations: [] })
    expect(verdict.level).toBe('undecided')
    expect(verdict.text).toMatch(/no answers yet/i)
    expect(evidence).toEqual([])
  })

  it('becomes finer as better tests come in: the loupe tells cotton from viscose', () => {
    const before = identify({ observations: seen(cotton) })
    const after = identify({
      observations: seen({ ...cotton, 'loupe-fibre': 'twisted-ribbon', 'wet-strength': 'stronger' }),
    })
    expect(before.verdict.level).toBe('group')
    expect(after.verdict).toMatchObject({ level: 'fibre', ids: ['cotton'] })
  })

  it('uses the words of the chosen English', () => {
    const observations = seen({ ...cotton, 'wet-strength': 'weaker', 'loupe-fibre': 'lengthwise-lines' })
    expect(identify({ observations }, 'uk').verdict.text).toContain('viscose')
    expect(identify({ observations }, 'us').verdict.text).toContain('rayon')
  })
})

describe('years', () => {
  it('rule out what was not sold yet', () => {
    const { fibres } = identify({ observations: seen(polyester), history: { made: { before: 1945 } } })
    const present = (id: string) => fibres.find((fibre) => fibre.id === id)!.present
    // Never quite to nothing: years are remembered wrongly.
    expect(present('polyester')).toBeLessThan(0.05)
    expect(present('lyocell')).toBeLessThan(1e-4)
    expect(present('nylon')).toBeGreaterThan(0)
  })

  it('count a fibre that came in during the span by the part of it that was left', () => {
    const at = (before: number) =>
      identify({ observations: [], history: { made: { after: 1950, before } } }).fibres.find(
        ({ id }) => id === 'polyester',
      )!.present
    expect(at(1950)).toBeLessThan(at(1953))
    expect(at(1953)).toBeLessThan(at(1956))
    expect(at(1956)).toBeGreaterThan(0)
    expect(at(1970)).toBeGreaterThan(at(1956))
  })
})

describe('parts', () => {
  it('that differ make a mixed cloth, each with a verdict of its own', () => {
    const answer = identify({ observations: [...seen(wool, 'warp'), ...seen(cotton, 'weft')] })
    expect(answer.verdict.level).toBe('blend')
    expect(answer.families.find(({ id }) => id === 'protein')!.present).toBeGreaterThan(0.95)
    expect(answer.byPart?.warp?.verdict.ids).toEqual(['protein'])
    expect(answer.byPart?.weft?.verdict.ids).toEqual(['plant', 'regenerated'])
  })

  it('that agree strengthen one another', () => {
    const one = identify({ observations: seen(wool, 'warp') })
    const both = identify({ observations: [...seen(wool, 'warp'), ...seen(wool, 'weft')] })
    const only = (answer: typeof one) => answer.families.find(({ id }) => id === 'protein')!.only
    expect(only(both)).toBeGreaterThan(only(one))
  })
})

describe('next test', () => {
  it('never offers what has been seen, and offers the loupe or water for a cellulose', () => {
    const { next } = identify({ observations: seen(cotton) })
    expect(next.some(({ feature }) => feature in cotton)).toBe(false)
    expect(['loupe-fibre', 'wet-strength']).toContain(next[0]!.feature)
    expect(next.every(({ bits }) => bits > 0)).toBe(true)
  })

  it('stops when nothing would tell more', () => {
    const everything = features.map(({ id, states }): Observation => ({ feature: id, states: [states[0]!.id] }))
    expect(identify({ observations: everything }).next).toEqual([])
  })
})

describe('conflicts', () => {
  it('are named where hardly any cloth does both, and not in an ordinary burn', () => {
    const odd = identify({
      observations: seen({
        smell: 'hair-feather',
        residue: 'soft-ash',
        'after-removal': 'burns-on',
        melting: 'melts-drips',
      }),
    })
    expect(odd.conflicts.some(({ features: pair }) => pair.includes('melting'))).toBe(true)
    expect(
      identify({ observations: seen({ smell: 'hair-feather', residue: 'hard-bead' }) }).conflicts[0]!.text,
    ).toMatch(/protein.*synthetic.*blend/)
    expect(identify({ observations: seen(wool) }).conflicts).toEqual([])
    expect(identify({ observations: seen(cotton) }).conflicts).toEqual([])
  })
})

describe('specimens of two minds', () => {
  const twice = identify({
    observations: [
      ...seen({ smell: 'hair-feather', residue: 'crushable-bead' }),
      ...seen({ smell: 'hair-feather', residue: 'hard-bead' }),
    ],
  })

  it('conflict once for each pair of answers, and say what to burn', () => {
    const texts = twice.conflicts.map(({ text }) => asPlainText(text))
    expect(new Set(texts).size).toBe(texts.length)
    expect(texts.some((text) => /bead that crushes.*hard round bead.*Burn one yarn of each/.test(text))).toBe(true)
  })

  it('leave both readings standing: the belief is in a mixture, not in the mean', () => {
    const once = identify({ observations: seen({ smell: 'hair-feather', residue: 'crushable-bead' }) })
    const synthetic = ({ families }: typeof once) => families.find(({ id }) => id === 'synthetic')!.present
    expect(synthetic(twice)).toBeGreaterThan(3 * synthetic(once))
    expect(twice.families.find(({ id }) => id === 'protein')!.present).toBeGreaterThan(0.9)
  })
})

describe('evidence', () => {
  it('gives bits for every family, pointing the right way', () => {
    const { evidence } = identify({ observations: seen({ smell: 'hair-feather' }) })
    expect(evidence).toHaveLength(1)
    expect(Object.keys(evidence[0]!.bits).sort()).toEqual([...FAMILIES].sort())
    expect(evidence[0]!.bits.protein).toBeGreaterThan(2)
    expect(evidence[0]!.bits.plant).toBeLessThan(-2)
  })
})
