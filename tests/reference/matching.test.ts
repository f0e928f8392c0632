import { match } from '@/core/choose/match'
import { offerFrom, type Described } from '@/core/fabric/offer'
import { type Need } from '@/core/notebook/schemas/need'
import { namedCloths } from '@/core/cloths/catalogue'
import { DETAILS, GARMENTS } from '@/core/vocabulary/choosing'
import { asPlainText } from '@/core/text/render'

// What an expert said of the matching; common practice unless a law is named.
const judge = (need: Need, fabric: Described) => match(need, offerFrom(fabric))
const suits = (need: Need, fabric: Described) => ['suits', 'suits-with-changes'].includes(judge(need, fabric).verdict)

describe('swimwear', () => {
  const stretchy = { gsm: 220, stretchPercent: { width: 80 }, construction: 'knit' } as const

  it.each([
    ['nylon with elastane', ['nylon', 'elastane'], 'suits'],
    ['polyester with elastane', ['polyester', 'elastane'], 'suits'],
    ['cotton with elastane', ['cotton', 'elastane'], 'unsuitable'],
    ['viscose with elastane', ['viscose', 'elastane'], 'unsuitable'],
    ['wool', ['wool'], 'unsuitable'],
  ] as const)('of %s: %s', (_, fibres, verdict) => {
    const found = judge({ garment: 'swimwear' }, { ...stretchy, fibres, body: 'soft', opacity: 'opaque' })
    expect(found.verdict).toBe(verdict)
    expect(found.reasons.map(({ property }) => property)).not.toContain('season')
  })

  it('has a lining that stretches, and is asked for its fibre where that is not known', () => {
    const lining: Need = { garment: 'swimwear', role: 'lining' }
    expect(judge(lining, { called: 'lining' }).verdict).toBe('unsuitable')
    expect(suits(lining, { called: 'swimwear knit', gsm: 140 })).toBe(true)
    const unknown = judge({ garment: 'swimwear' }, stretchy)
    expect(unknown.reasons.find(({ property }) => property === 'water')!.status).toBe('unknown')
  })
})

it.each([
  ['a rib for the neck of a T-shirt', { garment: 'tee-knit', role: 'binding' }, { called: 'rib knit' }],
  ['a belt of towelling', { garment: 'dressing-gown', details: ['belt'] }, { called: 'towelling', gsm: 400 }],
  ['lace over a lining', { garment: 'gown', details: ['lined'] }, { called: 'lace' }],
  ['tulle gathered into a skirt', { garment: 'skirt-full', details: ['gathers', 'lined'] }, { called: 'tulle' }],
  ['a jacket of fleece', { garment: 'jacket-casual' }, { called: 'fleece' }],
  ['wadding in a quilt', { garment: 'quilt', role: 'wadding' }, { called: 'wadding' }],
  [
    'non-woven interfacing in a shirt',
    { garment: 'shirt', role: 'interfacing' },
    { called: 'non-woven interfacing' },
  ],
  ['a scarf of wool', { garment: 'scarf' }, { called: 'wool flannel', gsm: 260 }],
] as [string, Need, Described][])('%s suits', (_, need, fabric) => {
  expect([judge(need, fabric).verdict, suits(need, fabric)]).toEqual([expect.any(String), true])
})

it('polyester takes pleats for good, however softly it falls; viscose does not', () => {
  const pleated: Need = { garment: 'skirt-a-line', details: ['pleats'] }
  const pleats = (fibres: Described['fibres']) =>
    judge(pleated, { gsm: 130, body: 'fluid', construction: 'woven', fibres }).reasons.find(
      ({ property }) => property === 'pleats',
    )!
  expect(pleats(['polyester'])).toMatchObject({ status: 'good', text: expect.stringMatching(/heat sets them/) })
  expect(pleats(['viscose']).status).toBe('bad')
})

it('duck of 400 g is not fine for cuffs', () => {
  const cuffs = judge({ garment: 'shirt', details: ['cuffs'] }, { called: 'duck', gsm: 400 }).reasons.find(
    ({ property }) => property === 'cuffs',
  )!
  expect(cuffs.status).not.toBe('good')
  expect(cuffs.text).toMatch(/too thick to fold/)
})

it('nobody is told to underline needlecord, nor pleats that cannot hold', () => {
  const remedies = (need: Need, fabric: Described) => judge(need, fabric).remedies.map(({ id }) => id)
  expect(remedies({ garment: 'coat' }, { called: 'needlecord', gsm: 230 })).not.toContain('underline-it')
  expect(remedies({ garment: 'coat', details: ['pleats'] }, { called: 'lawn', gsm: 80 })).not.toContain(
    'underline-it',
  )
  expect(remedies({ garment: 'coat' }, { called: 'poplin', gsm: 120 })).toContain('underline-it')
})

it('a status of good carries no complaint, whatever is matched with whatever', () => {
  const complaints = /will grow|but the pattern|is lighter than|is heavier than|will not|too thick|too light|wants it/
  // Each garment with every sixth cloth, another sixth each time.
  for (const [index, garment] of GARMENTS.entries()) {
    for (const { name } of namedCloths.filter((_, at) => at % 6 === index % 6)) {
      const { reasons } = judge({ garment, details: [...DETAILS] }, { called: name.uk })
      expect(reasons.filter(({ status, text }) => status === 'good' && complaints.test(asPlainText(text)))).toEqual(
        [],
      )
    }
  }
})

describe('nightwear (UK Nightwear Regulations 1985; 16 CFR 1615/1616, from memory)', () => {
  const cautions = (garment: Need['garment'], fabric: Described) =>
    judge({ garment }, fabric).cautions.map(({ id }) => id)

  it.each(['winceyette', 'brushed cotton', 'gauze', 'towelling', 'candlewick', 'cotton lawn'])(
    'of %s brings a caution',
    (called) => {
      expect(cautions('pyjamas', { called })).toEqual(['nightwear-flames'])
      expect(cautions('dressing-gown', { called })).toEqual(['nightwear-flames'])
    },
  )

  it('brings none for wool, for polyester satin, or for a curtain', () => {
    expect(cautions('pyjamas', { called: 'satin', fibres: ['polyester'] })).toEqual([])
    expect(cautions('dressing-gown', { called: 'wool flannel', fibres: ['wool'] })).toEqual([])
    expect(cautions('curtain', { called: 'winceyette' })).toEqual([])
  })

  it('names both laws and defers to them', () => {
    const [{ text } = { text: '' }] = judge({ garment: 'pyjamas' }, { called: 'winceyette' }).cautions
    expect(text).toMatch(/1985/)
    expect(text).toMatch(/16 CFR 1615 and 1616/)
    expect(text).toMatch(/come before our advice/)
  })
})
