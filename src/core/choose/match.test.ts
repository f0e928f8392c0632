import fc from 'fast-check'
import { DETAILS, GARMENTS, ROLES, SEASONS } from '../vocabulary/choosing'
import { namedCloths } from '../cloths/catalogue'
import vocabulary from '../../../tests/reference/vocabulary.json'
import { match } from './match'
import { fullNeed } from './need/need'
import { offerFrom, type Described } from '../fabric/offer'
import { type Need } from '../notebook/schemas/need'

const judge = (need: Need, fabric: Described) => match(need, offerFrom(fabric))
const property = (result: ReturnType<typeof judge>, name: string) =>
  result.reasons.find((reason) => reason.property === name)

const anyNeed = fc.record(
  {
    garment: fc.constantFrom(...GARMENTS),
    role: fc.constantFrom(...ROLES),
    details: fc.uniqueArray(fc.constantFrom(...DETAILS), { maxLength: 5 }),
    season: fc.constantFrom(...SEASONS),
  },
  { requiredKeys: [] },
)
const anyFabric = fc.record(
  {
    called: fc.constantFrom(...namedCloths.map(({ name }) => name.us)),
    gsm: fc.integer({ min: 15, max: 700 }),
    washed: fc.boolean(),
    stretchPercent: fc.record({ width: fc.integer({ min: 0, max: 120 }) }),
  },
  { requiredKeys: [] },
)

describe('vocabulary', () => {
  it('of choosing begins with the contract’s', () => {
    expect([...ROLES]).toEqual(vocabulary.choosing.roles)
    expect(GARMENTS.slice(0, vocabulary.choosing.garments.length)).toEqual(vocabulary.choosing.garments)
    expect(DETAILS.slice(0, vocabulary.choosing.details.length)).toEqual(vocabulary.choosing.details)
    expect(GARMENTS.length).toBeGreaterThanOrEqual(45)
    expect(DETAILS.length).toBeGreaterThanOrEqual(40)
    expect([...SEASONS]).toEqual(vocabulary.choosing.seasons)
  })
})

describe('score', () => {
  it('lies between 0 and 1, and remedies only ever raise it', () => {
    fc.assert(
      fc.property(anyNeed, anyFabric, (need, fabric) => {
        const { score, certainty, remedies, measureNext } = judge(need, fabric)
        expect(score).toBeGreaterThanOrEqual(0)
        expect(score).toBeLessThanOrEqual(1)
        expect(certainty).toBeGreaterThanOrEqual(0)
        for (const { scoreAfter } of remedies) expect(scoreAfter).toBeGreaterThan(score)
        for (const { gain } of measureNext) expect(gain).toBeGreaterThan(0)
      }),
    )
  })

  it('falls as a cloth gets too light, smoothly', () => {
    const scores = [200, 130, 110, 90, 70, 50].map(
      (gsm) => judge({ garment: 'jumpsuit' }, { called: 'chambray', gsm }).score,
    )
    scores.slice(1).forEach((score, index) => expect(score).toBeLessThanOrEqual(scores[index]! + 1e-9))
    expect(scores[0]! - scores.at(-1)!).toBeGreaterThan(0.4)
  })

  it('feels the doubt of a weight near the edge', () => {
    const sure = judge({ garment: 'jumpsuit' }, { gsm: 125, gsmUncertainty: 0.5 }).score
    const unsure = judge({ garment: 'jumpsuit' }, { gsm: 125, gsmUncertainty: 30 }).score
    expect(unsure).toBeLessThan(sure)
  })
})

describe('verdicts', () => {
  it.each([
    ['jeans', 'denim', 'suits'],
    ['leggings', 'swimwear knit', 'suits'],
    ['leggings', 'denim', 'unsuitable'],
    ['tee-knit', 'cotton jersey', 'suits'],
    ['dress-fluid', 'rayon challis', 'suits'],
    ['coat', 'melton', 'suits'],
    ['coat', 'chiffon', 'unsuitable'],
    ['blazer', 'silk habotai', 'unsuitable'],
    ['quilt', 'quilting cotton', 'suits'],
    ['curtain', 'curtain lining', 'suits'],
  ] as const)('%s from %s: %s', (garment, called, verdict) => {
    expect(judge({ garment }, { called }).verdict).toBe(verdict)
  })

  it('puts the weightiest reason first', () => {
    expect(judge({ garment: 'leggings' }, { called: 'canvas' }).reasons[0]!.property).toBe('structure')
    expect(judge({ garment: 'dress-fluid' }, { called: 'quilting cotton' }).reasons[0]).toMatchObject({
      property: 'body',
      status: 'bad',
    })
  })
})

describe('remedies', () => {
  it('leave the belt off where the cloth is too thick to knot', () => {
    const result = judge({ garment: 'jumpsuit', details: ['belt'] }, { called: 'drill', gsm: 340 })
    expect(property(result, 'belt')?.status).not.toBe('good')
    expect(result.remedies.map(({ id }) => id)).toContain('leave-off-belt')
  })

  it('line what shows through', () => {
    const result = judge({ garment: 'shirt-dress' }, { called: 'voile', gsm: 110, opacity: 'semi-sheer' })
    expect(result.remedies.map(({ id }) => id)).toContain('line-it')
  })

  it('give a coat’s belt the weight of a coat', () => {
    expect(
      property(judge({ garment: 'coat', details: ['belt'] }, { called: 'coating', gsm: 480 }), 'belt')?.status,
    ).toBe('good')
  })
})

describe('what is not known', () => {
  it('lowers certainty, not the score to nothing', () => {
    const bare = judge({ garment: 'shirt' }, { gsm: 130 })
    const full = judge(
      { garment: 'shirt' },
      {
        gsm: 130,
        construction: 'woven',
        body: 'soft',
        opacity: 'opaque',
        stretchPercent: { width: 2 },
        fibres: ['cotton'],
      },
    )
    expect(bare.score).toBeGreaterThan(0.5)
    expect(bare.certainty).toBeLessThan(full.certainty)
    expect(bare.measureNext[0]!.property).toBe('structure')
    expect(full.measureNext).toHaveLength(0)
  })

  it('is not made known by an empty list, nor twice as bad by naming a detail twice', () => {
    expect(property(judge({ garment: 'shirt' }, { fibres: [] }), 'season')).toMatchObject({ status: 'unknown' })
    const once = judge({ garment: 'jumpsuit', details: ['belt'] }, { gsm: 400 }).score
    expect(judge({ garment: 'jumpsuit', details: ['belt', 'belt'] }, { gsm: 400 }).score).toBe(once)
  })

  it('reports a name that nobody knows, without an error', () => {
    expect(property(judge({ garment: 'shirt' }, { called: 'blorbo' }), 'called')).toMatchObject({ status: 'unknown' })
  })

  it('guesses from a name with doubt, and prefers what is measured', () => {
    const guessed = offerFrom({ called: 'denim' })
    expect(guessed.gsm).toMatchObject({ how: 'estimated' })
    const measured = offerFrom({ called: 'denim', gsm: 250, gsmUncertainty: 4 })
    expect(measured.gsm).toEqual({ value: { value: 250, sd: 4 }, how: 'measured' })
    expect(measured.gsm!.value.sd).toBeLessThan(guessed.gsm!.value.sd)
    expect(offerFrom({ called: 'polyester georgette' }).fibres).toEqual({ value: ['polyester'], how: 'said' })
  })
})

describe('need', () => {
  it('follows from the garment, the role and the lining, and what is said goes first', () => {
    expect(fullNeed({ garment: 'coat' }).gsm[0]).toBeGreaterThan(fullNeed({ garment: 'blouse' }).gsm[1])
    expect(fullNeed({ garment: 'coat', role: 'lining' }).gsm[1]).toBeLessThan(200)
    expect(fullNeed({ garment: 'coat', details: ['lined'] }).opacity).toContain('sheer')
    expect(fullNeed({ garment: 'coat', gsm: [100, 200] }).gsm).toEqual([100, 200])
    expect(fullNeed({}).structure).toBe('either')
  })

  it('of hot weather prefers what takes up moisture', () => {
    const hot = (fibre: 'cotton' | 'polyester') =>
      judge({ garment: 'shirt', season: 'hot' }, { called: 'shirting', fibres: [fibre] }).score
    expect(hot('cotton')).toBeGreaterThan(hot('polyester'))
  })
})

describe('no tick without data', () => {
  const statuses = (need: Need, cloth: Described) =>
    Object.fromEntries(match(need, offerFrom(cloth)).reasons.map(({ property, status }) => [property, status]))
  test('of a fabric of which nothing is known, nothing is good', () => {
    for (const season of ['hot', 'mild', 'cold'] as const)
      expect(Object.values(statuses({ garment: 'shirt', season, care: 'machine' }, {}))).not.toContain('good')
  })
  test('an unweighed fabric is not good for heat or cold', () => {
    const cotton: Described = { fibres: ['cotton'], construction: 'woven' }
    expect(statuses({ garment: 'shirt', season: 'hot' }, cotton).season).toBe('unknown')
    expect(statuses({ garment: 'coat', season: 'cold' }, cotton).season).toBe('unknown')
    expect(statuses({ garment: 'shirt', season: 'hot' }, { ...cotton, gsm: 110 }).season).toBe('good')
  })
  test('a fibre’s name is understood, an unknown one is reported', () => {
    expect(statuses({ garment: 'coat' }, { called: 'cashmere' }).called).toBeUndefined()
    expect(statuses({ garment: 'coat' }, { called: 'wobblecloth' }).called).toBe('unknown')
  })
  test('an elastic waist is a fastening', () => {
    const poplin: Described = { called: 'poplin', gsm: 110, stretchPercent: { length: 1, width: 2 } }
    const skirt = (details: Need['details']) => statuses({ garment: 'skirt-full', details }, poplin)['pull-on']
    expect(skirt(['gathers', 'pull-on'])).not.toBe('good')
    for (const drawn of ['elastic-waist', 'drawstring', 'shirring'] as const)
      expect(skirt(['gathers', 'pull-on', drawn])).not.toBe('near')
  })
})
