import { type FibreId } from '../vocabulary/fibres'
import { hypothesisOf, mixtureOf } from './hypotheses'
import { type Scored } from './types'
import { doubtWords } from './words'
import { EVIDENCE_ALONE, VERDICT_THRESHOLD, fibreVerdictOf } from './verdict'

type Share = readonly [FibreId, number]

/** A scored hypothesis with a prior of its own; the evidence behind it is probability over prior. */
function scored(probability: number, prior: number, ...shares: Share[]): Scored {
  return { hypothesis: hypothesisOf(mixtureOf(shares), prior), probability }
}

describe('levels', () => {
  it('names a fibre where it alone passes, by the posterior and by the evidence', () => {
    const verdict = fibreVerdictOf(
      [scored(0.9, 0.1, ['polyester', 1]), scored(0.06, 0.1, ['nylon', 1]), scored(0.04, 0.1, ['cotton', 1])],
      true,
    )
    expect(verdict).toMatchObject({ level: 'fibre', ids: ['polyester'], probability: 0.9, sides: [] })
    expect(verdict.text).toBe('Probably polyester and nothing else.')
  })

  it('stays at the family where only the prior parts the fibres', () => {
    const verdict = fibreVerdictOf(
      [scored(0.85, 0.17, ['wool', 1]), scored(0.1, 0.02, ['hair', 1]), scored(0.05, 0.5, ['cotton', 1])],
      true,
    )
    expect(verdict).toMatchObject({ level: 'family', ids: ['protein'], leaning: ['wool'], leaningProbability: 0.85 })
    expect(verdict.probability).toBeCloseTo(0.95, 12)
  })

  it('takes cotton and viscose for lookalikes although they are of two families', () => {
    const verdict = fibreVerdictOf(
      [scored(0.82, 0.41, ['cotton', 1]), scored(0.16, 0.08, ['viscose', 1]), scored(0.02, 0.5, ['wool', 1])],
      true,
    )
    expect(verdict.level).not.toBe('fibre')
  })

  it('adds up the shares of one pair, the likelier main fibre first', () => {
    const verdict = fibreVerdictOf(
      [
        scored(0.5, 0.05, ['wool', 0.7], ['nylon', 0.3]),
        scored(0.2, 0.05, ['wool', 0.5], ['nylon', 0.5]),
        scored(0.2, 0.05, ['nylon', 0.7], ['wool', 0.3]),
        scored(0.1, 0.2, ['wool', 1]),
      ],
      true,
    )
    expect(verdict).toMatchObject({ level: 'blend', ids: ['wool', 'nylon'], sides: [['wool'], ['nylon']] })
    expect(verdict.probability).toBeCloseTo(0.9, 12)
    expect(verdict.text).toMatch(/blend of wool and nylon/)
  })

  it('names a blend by its families where the fibres cannot be told', () => {
    const verdict = fibreVerdictOf(
      [
        scored(0.45, 0.1, ['wool', 0.7], ['nylon', 0.3]),
        scored(0.45, 0.1, ['wool', 0.7], ['polyester', 0.3]),
        scored(0.1, 0.1, ['wool', 1]),
      ],
      true,
    )
    expect(verdict).toMatchObject({
      level: 'blend',
      ids: ['protein', 'synthetic'],
      sides: [['protein'], ['synthetic']],
    })
  })

  it('leaves one side of a blend open where two families would do', () => {
    const verdict = fibreVerdictOf(
      [
        scored(0.5, 0.1, ['cotton', 0.6], ['polyester', 0.4]),
        scored(0.4, 0.1, ['viscose', 0.6], ['polyester', 0.4]),
        scored(0.1, 0.1, ['cotton', 1]),
      ],
      true,
    )
    expect(verdict).toMatchObject({ level: 'blend', sides: [['plant', 'regenerated'], ['synthetic']] })
    expect(verdict.text).toContain('a plant fibre or a regenerated cellulose fibre, with a synthetic')
  })

  it('groups two families that cannot be parted, their blend included', () => {
    const verdict = fibreVerdictOf(
      [
        scored(0.4, 0.2, ['cotton', 1]),
        scored(0.4, 0.2, ['viscose', 1]),
        scored(0.15, 0.1, ['cotton', 0.5], ['viscose', 0.5]),
        scored(0.05, 0.5, ['wool', 1]),
      ],
      true,
    )
    expect(verdict).toMatchObject({ level: 'group', ids: ['plant', 'regenerated'] })
  })

  it('is undecided where nothing passes, and still says which way it leans', () => {
    const verdict = fibreVerdictOf(
      [scored(0.4, 0.25, ['cotton', 1]), scored(0.3, 0.25, ['wool', 1]), scored(0.3, 0.25, ['polyester', 1])],
      true,
    )
    expect(verdict).toMatchObject({ level: 'undecided', ids: [], leaning: ['cotton'] })
    expect(verdict.text).toMatch(/likeliest so far is cotton, at 40/)
  })
})

describe('thresholds', () => {
  const at = (probability: number) =>
    fibreVerdictOf([scored(probability, 0.1, ['glass', 1]), scored(1 - probability, 0.9, ['cotton', 1])], true).level

  it('hold exactly where they are documented', () => {
    expect(VERDICT_THRESHOLD).toBe(0.8)
    expect(EVIDENCE_ALONE).toBe(0.75)
    expect(at(0.8)).toBe('fibre')
    expect(at(0.799)).not.toBe('fibre')
  })

  it('never give a verdict without evidence, whatever the prior', () => {
    expect(fibreVerdictOf([scored(0.99, 0.99, ['cotton', 1]), scored(0.01, 0.01, ['wool', 1])], false).level).toBe(
      'undecided',
    )
  })

  it('have fixed words', () => {
    expect([0.995, 0.96, 0.85, 0.7, 0.4, 0.1].map(doubtWords)).toEqual([
      'almost certainly',
      'very probably',
      'probably',
      'more likely than not',
      'possibly',
      'hardly',
    ])
  })
})

describe('a trace that may hide', () => {
  const alone = (trace: number) =>
    fibreVerdictOf(
      [
        scored(0.9 - trace, 0.1, ['nylon', 1]),
        scored(trace, 0.03, ['nylon', 0.9], ['elastane', 0.1]),
        scored(0.1, 0.2, ['polyester', 1]),
      ],
      true,
    )

  it('is left open beside a fibre, said, and counted in', () => {
    const verdict = alone(0.15)
    expect(verdict).toMatchObject({ level: 'fibre', ids: ['nylon'] })
    expect(verdict.probability).toBeCloseTo(0.9, 12)
    expect(verdict.leaningProbability).toBeCloseTo(0.75, 12)
    expect(verdict.text).toMatch(/^Probably nylon\. We can’t rule out a trace of something stretchy/)
  })

  it('is not passed over where it is more than a quarter of the belief', () => {
    expect(alone(0.4)).toMatchObject({ level: 'family', ids: ['synthetic'] })
  })
})

describe('two families', () => {
  it('of which one is in it whichever way: that one is said, and only what it carries itself', () => {
    const verdict = fibreVerdictOf(
      [
        scored(0.6, 0.2, ['wool', 1]),
        scored(0.25, 0.1, ['wool', 0.7], ['nylon', 0.3]),
        scored(0.1, 0.2, ['nylon', 1]),
        scored(0.05, 0.4, ['cotton', 1]),
      ],
      true,
    )
    expect(verdict).toMatchObject({ level: 'group', ids: ['protein', 'synthetic'], sure: 'protein' })
    expect(verdict.probability).toBeCloseTo(0.85, 12)
    expect(verdict.text).toMatch(
      /^Probably a protein fibre, alone or with a synthetic in it: this can’t tell which\./,
    )
  })

  it('of which neither is sure stay a choice of two', () => {
    const verdict = fibreVerdictOf(
      [scored(0.5, 0.3, ['wool', 1]), scored(0.45, 0.3, ['nylon', 1]), scored(0.05, 0.4, ['cotton', 1])],
      true,
    )
    expect(verdict).toMatchObject({ level: 'group', ids: ['protein', 'synthetic'], sure: null })
    expect(verdict.text).toMatch(/or both: this can’t tell them apart/)
  })

  it('that burn alike are not parted by how common they are', () => {
    const likeCotton = [
      scored(0.85, 0.5, ['cotton', 1]),
      scored(0.12, 0.07, ['viscose', 1]),
      scored(0.03, 0.43, ['wool', 1]),
    ]
    expect(fibreVerdictOf(likeCotton, true)).toMatchObject({
      level: 'group',
      ids: ['plant', 'regenerated'],
      sure: null,
    })
    const likeLinen = [
      scored(0.95, 0.1, ['linen', 1]),
      scored(0.03, 0.1, ['viscose', 1]),
      scored(0.02, 0.8, ['wool', 1]),
    ]
    expect(fibreVerdictOf(likeLinen, true).ids).not.toContain('regenerated')
  })
})
