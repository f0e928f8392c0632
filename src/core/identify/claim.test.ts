import { seen } from '../../../tests/support/seen'
import { identify } from './identify'
import { type ClaimItem } from './types'

const cotton = seen({
  flame: 'yellow-fast',
  melting: 'none',
  'after-removal': 'burns-on',
  smell: 'paper',
  residue: 'soft-ash',
  crush: 'powders',
})
const silk = seen({
  approach: 'curls-away',
  'after-removal': 'dies-soon',
  smell: 'hair-feather',
  residue: 'crushable-bead',
  crush: 'powders',
})
const polyester = seen({
  approach: 'melts-back',
  melting: 'melts-drips',
  smoke: 'black-sooty',
  smell: 'sweet-chemical',
  residue: 'hard-bead',
  crush: 'resists',
})
const polyCotton = seen({
  melting: 'partly',
  'after-removal': 'burns-on',
  smell: ['paper', 'sweet-chemical'],
  residue: 'hard-specks-in-ash',
  crush: 'crumbles',
})

const judge = (observations: typeof cotton, ...claim: [ClaimItem['fibre'], number][]) =>
  identify({ observations, claim: claim.map(([fibre, percent]) => ({ fibre, percent })) }).claim!

describe('a seller’s claim', () => {
  it.each([
    ['silk that burns as silk', silk, [['silk', 100]], 'supported'],
    ['polyester sold as silk', polyester, [['silk', 100]], 'contradicted'],
    ['cotton that burns as cotton', cotton, [['cotton', 100]], 'supported'],
    ['cotton with polyester in it, sold as cotton', polyCotton, [['cotton', 100]], 'contradicted'],
    [
      'half and half, sold as such',
      polyCotton,
      [
        ['cotton', 50],
        ['polyester', 50],
      ],
      'supported',
    ],
    ['cotton sold as wool', cotton, [['wool', 100]], 'contradicted'],
    ['cotton sold as polyester', cotton, [['polyester', 100]], 'contradicted'],
  ] as const)('%s', (_, observations, claim, verdict) => {
    expect(judge([...observations], ...(claim as unknown as [ClaimItem['fibre'], number][])).verdict).toBe(verdict)
  })

  it('of a trace of elastane is not contradicted by a burn that shows none', () => {
    expect(['supported', 'untested']).toContain(judge(cotton, ['cotton', 97], ['elastane', 3]).verdict)
  })

  it('is untested with nothing seen, at a factor of one', () => {
    expect(judge([], ['silk', 100])).toMatchObject({ verdict: 'untested', bayesFactor: 1 })
  })

  it('of a fibre that was not sold yet is contradicted by the years alone', () => {
    const claim = [
      { fibre: 'polyester' as const, percent: 50 },
      { fibre: 'cotton' as const, percent: 50 },
    ]
    const early = identify({ observations: [], claim, history: { made: { before: 1940 } } }).claim!
    expect(early).toMatchObject({ verdict: 'contradicted' })
    expect(early.bayesFactor).toBeLessThan(0.001)
    // The earliest year anywhere, not the one of plenty; and the years may be wrong.
    expect(early.text).toContain('1950')
    expect(early.text).toContain('if the years are right')
    expect(identify({ observations: [], claim, history: { made: { before: 1980 } } }).claim!.verdict).toBe('untested')
  })

  it('adds up a fibre named twice and does not mind the order', () => {
    const one = judge(polyCotton, ['cotton', 50], ['polyester', 50])
    const other = judge(polyCotton, ['polyester', 50], ['cotton', 25], ['cotton', 25])
    expect(other.bayesFactor).toBeCloseTo(one.bayesFactor, 8)
  })

  it('says in words how much likelier, without a percentage of its own making', () => {
    const { text, bayesFactor } = judge(silk, ['silk', 100])
    expect(bayesFactor).toBeGreaterThan(3)
    expect(text).toContain('100 % silk')
    expect(text).toContain(`about ${Math.round(bayesFactor)} times`)
  })
})

describe('what is said of a claim', () => {
  it('gives how many times likelier, which way round, and stops counting at a thousand', () => {
    const fake = judge(polyester, ['silk', 100])
    expect(fake.bayesFactor).toBeLessThan(1 / 1000)
    expect(fake.text).toMatch(/1,000 or more times likelier if that is not true/)
    const real = judge(silk, ['silk', 100])
    expect(real.bayesFactor).toBeGreaterThan(1)
    const times = real.bayesFactor > 1000.5 ? '1,000 or more' : `about ${Math.round(real.bayesFactor)}`
    expect(real.text).toContain(`are ${times} times likelier`)
  })

  it('names the signs loudest first, each with what the claim would have shown and what was seen', () => {
    const { signs } = judge(polyester, ['silk', 100])
    const loudness = signs.map(({ bits }) => Math.abs(bits))
    expect(loudness).toEqual(loudness.toSorted((a, b) => b - a))
    const smell = signs.find(({ feature }) => feature === 'smell')!
    expect(smell.expected).toBe('hair-feather')
    expect(smell.seen).toEqual(['sweet-chemical'])
    expect(smell.bits).toBeLessThan(-1)
    const agreeing = judge(silk, ['silk', 100]).signs.find(({ feature }) => feature === 'smell')!
    expect(agreeing.bits).toBeGreaterThan(0.5)
  })
})
