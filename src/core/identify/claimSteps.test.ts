import {
  CLAIM_CONTRADICTED,
  CLAIM_DOUBTFUL,
  CLAIM_SUPPORTED,
  RIVAL_CONTRADICTS,
  RIVAL_DOUBT,
  claimText,
  claimVerdict,
} from './claimSteps'

const less = (limit: number) => limit * (1 - 1e-9)
const more = (limit: number) => limit * (1 + 1e-9)

describe('the name of a claim', () => {
  it.each([
    [CLAIM_SUPPORTED, 'supported'],
    [less(CLAIM_SUPPORTED), 'untested'],
    [more(CLAIM_DOUBTFUL), 'untested'],
    [CLAIM_DOUBTFUL, 'doubtful'],
    [more(CLAIM_CONTRADICTED), 'doubtful'],
    [CLAIM_CONTRADICTED, 'contradicted'],
    [1 / 100, 'contradicted'],
  ])('at a factor of %d is %s', (factor, verdict) => {
    expect(claimVerdict(factor, factor)).toBe(factor <= RIVAL_DOUBT && verdict === 'untested' ? 'doubtful' : verdict)
    expect(claimVerdict(factor, 100)).toBe(verdict)
  })

  it.each([
    [RIVAL_CONTRADICTS, 'contradicted'],
    [more(RIVAL_CONTRADICTS), 'doubtful'],
    [RIVAL_DOUBT, 'doubtful'],
    [more(RIVAL_DOUBT), 'supported'],
  ])('suffers from one kind that explains all far better, at %d: %s', (rival, verdict) => {
    expect(claimVerdict(10, rival)).toBe(verdict)
  })

  it('keeps its steps where common practice has them', () => {
    // 3 and 20 times: "positive" and "strong" in Kass & Raftery (1995), from memory.
    expect(1 / CLAIM_DOUBTFUL).toBeCloseTo(3, 9)
    expect(1 / CLAIM_CONTRADICTED).toBeCloseTo(20, 9)
    expect([1 / RIVAL_DOUBT, 1 / RIVAL_CONTRADICTS, CLAIM_SUPPORTED].map(Math.round)).toEqual([4, 60, 2])
  })
})

describe('the sentence', () => {
  const words = '100 % silk'

  it.each([
    [1000, 'about 1000 times'],
    [1001, '1,000 or more times'],
    [2.4, 'about 2 times'],
    [2.6, 'about 3 times'],
  ])('counts a support of %d', (factor, amount) => {
    expect(claimText('supported', factor, words)).toContain(`are ${amount} likelier if “100 % silk” is true`)
  })

  it('counts the other way round against a claim, unless one rival alone speaks against it', () => {
    expect(claimText('contradicted', CLAIM_CONTRADICTED, words)).toContain(
      'are about 20 times likelier if that is not true',
    )
    expect(claimText('contradicted', 1 / 5000, words)).toContain('1,000 or more times')
    expect(claimText('contradicted', 0.4, words)).toBe(
      'Your answers fit something else far better than “100 % silk”.',
    )
  })

  it('asks for another sample before a doubt is spoken, and says where nothing is known', () => {
    expect(claimText('doubtful', 0.2, words)).toMatch(/Burn another sample before you say so/)
    expect(claimText('untested', 1, words)).toMatch(/neither for nor against/)
  })
})
