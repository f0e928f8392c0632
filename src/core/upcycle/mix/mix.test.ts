import { offerFrom, type Described } from '../../fabric/offer'
import { mixFabrics, mixTable } from './mix'
import { comeAfter } from './shrinkage'
import { type MixAsked, type MixProperty } from './types'

type How = Partial<Omit<MixAsked, 'a' | 'b'>>
const mix = (a: Described, b: Described, how: How = {}) =>
  mixFabrics({ a: offerFrom(a), b: offerFrom(b), seamMm: 600, washes: 5, purpose: 'garment', ...how })
const reason = (property: MixProperty, ...args: Parameters<typeof mix>) =>
  mix(...args).reasons.find((one) => one.property === property)!
const plain = { fibres: ['cotton'], construction: 'woven', gsm: 140, stretchPercent: { width: 1 } } as const

it.each([
  [{ called: 'poplin', washed: true }, { called: 'lawn', washed: true }, 'agrees'],
  [{ called: 'poplin' }, { called: 'poplin' }, 'agrees'],
  [{ called: 'linen' }, { called: 'poplin', fibres: ['polyester'] }, 'with-care'],
  [{ called: 'jersey', fibres: ['cotton'] }, { called: 'denim', washed: true }, 'with-care'],
  [{ called: 'denim' }, { called: 'chiffon' }, 'fights'],
  [{ called: 'melton' }, { called: 'poplin' }, 'fights'],
  [{}, {}, 'with-care'],
] as const)('%j with %j %s, either way round', (a, b, verdict) => {
  expect(mix(a, b).verdict).toBe(verdict)
  expect(mix(b, a).verdict).toBe(verdict)
})

it('says each property once, the worst first', () => {
  const { reasons } = mix({ called: 'denim' }, { called: 'chiffon' })
  expect(new Set(reasons.map(({ property }) => property)).size).toBe(8)
  const order = ['bad', 'near', 'unknown', 'good']
  const at = reasons.map(({ status }) => order.indexOf(status))
  expect(at).toEqual(at.toSorted((one, other) => one - other))
})

describe('a seam that puckers', () => {
  const loses = (length: number): Described => ({ ...plain, shrinkPercent: { length, width: 0 } })
  it('by the difference of what both lose, over its length, after so many washes', () => {
    const { mm, status } = reason('shrinkage', loses(5), loses(1), { washes: 30 })
    expect(mm).toBeCloseTo(600 * 0.04, 1)
    expect(status).toBe('bad')
    const first = reason('shrinkage', loses(5), loses(1), { washes: 1 }).mm!
    expect(first / mm!).toBeCloseTo(comeAfter(1), 2)
    expect(comeAfter(1)).toBeGreaterThan(0.5)
    expect(reason('shrinkage', loses(5), loses(1), { seamMm: 300, washes: 30 }).mm).toBeCloseTo(12, 1)
    expect(reason('shrinkage', loses(5), loses(1), { washes: 0 })).toMatchObject({ mm: 0, status: 'good' })
  })
  it('is borne longer in patchwork than in a garment', () => {
    expect(reason('shrinkage', loses(4.5), loses(1)).status).toBe('bad')
    expect(reason('shrinkage', loses(4.5), loses(1), { purpose: 'patchwork' }).status).toBe('near')
  })
  it('is mended by washing first', () => {
    expect(mix(loses(5), loses(1)).remedies.map(({ id }) => id)).toContain('wash-first')
    const washed = (one: Described) => ({ ...one, washed: true })
    expect(reason('shrinkage', washed(plain), washed({ ...plain, fibres: ['linen'] })).status).toBe('good')
  })
})

it.each([
  ['stretch', { ...plain, stretchPercent: { width: 50 } }, plain, 'bad'],
  ['stretch', { ...plain, stretchPercent: { width: 15 } }, plain, 'near'],
  ['stretch', plain, plain, 'good'],
  ['weight', { ...plain, gsm: 400 }, plain, 'bad'],
  ['weight', { ...plain, gsm: 260 }, plain, 'near'],
  ['weight', { ...plain, gsm: 160 }, plain, 'good'],
  ['weight', { fibres: ['cotton'] }, plain, 'unknown'],
  ['care', { called: 'melton' }, plain, 'bad'],
  ['care', { ...plain, fibres: ['silk'] }, plain, 'near'],
  ['care', plain, plain, 'good'],
  ['colour', { ...plain, colour: '#8b1a1a' }, { ...plain, colour: '#ffffff' }, 'bad'],
  ['colour', { ...plain, colour: '#8b1a1a', washed: true }, { ...plain, colour: '#ffffff' }, 'near'],
  ['colour', { ...plain, colour: '#8b1a1a' }, { ...plain, colour: '#203050' }, 'good'],
  ['colour', plain, { ...plain, colour: '#203050' }, 'unknown'],
  ['dye', { ...plain, fibres: ['wool'] }, plain, 'near'],
  ['dye', { ...plain, fibres: ['viscose'] }, plain, 'good'],
  ['structure', { ...plain, construction: 'knit' }, plain, 'near'],
  ['structure', { called: 'velvet' }, { called: 'velvet' }, 'good'],
  ['structure', { called: 'corduroy' }, plain, 'near'],
  ['fraying', { ...plain, handling: ['frays'] }, plain, 'near'],
  ['fraying', plain, plain, 'good'],
] as [MixProperty, Described, Described, string][])('%s of %j with %j: %s', (property, a, b, status) => {
  expect(reason(property, a, b).status).toBe(status)
})

it('says no length where nothing is known', () => {
  expect(reason('shrinkage', {}, plain)).toMatchObject({ status: 'unknown', mm: null })
})

it('cannot tape what stretches twice as far, nor underline ten times the weight', () => {
  expect(mix({ ...plain, stretchPercent: { width: 150 } }, plain).verdict).toBe('fights')
  expect(mix({ ...plain, gsm: 700 }, { ...plain, gsm: 60 }).verdict).toBe('fights')
})

it('lays a whole patchwork out, and names its worst pair', () => {
  const cloths = [plain, { ...plain, gsm: 130 }, { called: 'chiffon' }, { called: 'melton' }].map((one) =>
    offerFrom(one as Described),
  )
  const { pairs, worst } = mixTable(cloths, { seamMm: 200, washes: 10, purpose: 'patchwork' })
  expect(pairs).toHaveLength(6)
  expect(worst).toEqual([2, 3])
  expect(mixTable(cloths.slice(0, 2), { seamMm: 200, washes: 10, purpose: 'patchwork' }).worst).toBeNull()
})
