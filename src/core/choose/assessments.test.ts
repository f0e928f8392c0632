import { assess } from './assess'
import { fullNeed } from './need/need'
import { remediesFor } from './remedies'
import { type HowKnown, type Offer } from '../fabric/types'
import { type Assessment, type MatchProperty } from './fit/types'

// One property at a time, at the very limits, with no doubt in the values: what each says and how well it fits.
const exactly = (value: number, how: HowKnown = 'measured') => ({ value: { value, sd: 0 }, how })
const said = <T>(value: T) => ({ value, how: 'said' as const })
const need = (over: Parameters<typeof fullNeed>[0] = {}) => fullNeed({ garment: 'shirt', ...over })
const one = (property: MatchProperty, offer: Offer, over?: Parameters<typeof fullNeed>[0]) =>
  assess(need(over), offer).find((entry) => entry.property === property)!

describe('weight', () => {
  const weight = (gsm: number) => one('weight', { gsm: exactly(gsm) }, { gsm: [100, 200] })

  it.each([
    [100, 1, null],
    [200, 1, null],
    [99.999, 0.99, 'under'],
    [200.001, 0.99, 'over'],
    [80, 0.5, 'under'],
    [60, 0, 'under'],
    [250, 0.5, 'over'],
    [300, 0, 'over'],
  ] as const)('%d g/m² of 100 to 200 fits %d', (gsm, fit, miss) => {
    expect(weight(gsm).miss).toBe(miss)
    expect(weight(gsm).fit).toBeCloseTo(fit, 1)
  })

  it('says lighter, heavier or within', () => {
    expect(weight(80).text).toMatch(/is lighter than the/)
    expect(weight(250).text).toMatch(/is heavier than the/)
    expect(weight(150).text).toMatch(/, within the/)
  })
})

describe('stretch', () => {
  const across = (value: number, span: [number, number]) =>
    one('stretch-width', { stretchWidth: exactly(value) }, { stretchPercent: { width: span } })

  it('that a pattern relies on weighs more, from 12 % on', () => {
    expect(across(0, [12, 60]).importance).toBe(0.85)
    expect(across(0, [11.9, 60]).importance).toBe(0.35)
    const unknown = (least: number) => one('stretch-width', {}, { stretchPercent: { width: [least, 60] } })
    expect(unknown(12).text).toMatch(/needs at least 12 % stretch across; you have not measured it/)
    expect(unknown(5).text).toBe('Stretch across is not measured.')
    expect(unknown(5)).toMatchObject({ fit: null, certainty: 0, miss: null })
  })

  it.each([
    [40, [40, 80], 1, null],
    [80, [40, 80], 1, null],
    [28, [40, 80], 0.5, 'under'],
    [16, [40, 80], 0, 'under'],
    [102.5, [40, 80], 0.5, 'over'],
    [125, [40, 80], 0, 'over'],
    [0, [7.5, 30], 0.5, 'under'],
  ] as const)('%d %% of %p fits %d', (value, span, fit, miss) => {
    expect(across(value, [...span])).toMatchObject({ miss })
    expect(across(value, [...span]).fit).toBeCloseTo(fit, 9)
  })

  it('along the length is asked only where it is known', () => {
    expect(one('stretch-length', {})).toBeUndefined()
    expect(one('stretch-length', { stretchLength: exactly(5) }).text).toMatch(/5 % stretch along the length/)
  })
})

describe('structure', () => {
  it.each([
    ['woven', 'woven', 1],
    ['knit', 'woven', 0.05],
    ['felted', 'woven', 0.85],
    ['felted', 'either', 0.85],
    ['felted', 'knit', 0.05],
    ['knit', 'either', 1],
    ['woven', 'either', 1],
    ['net', 'either', 0.05],
  ] as const)('%s where %s is wanted fits %d', (construction, structure, fit) => {
    expect(one('structure', { construction: said(construction) }, { structure }).fit).toBe(fit)
  })

  it('is nearly certain from a name, and certain to the hand', () => {
    const certainty = (how: HowKnown) => one('structure', { construction: { value: 'woven', how } }).certainty
    expect([certainty('estimated'), certainty('said'), certainty('measured')]).toEqual([0.95, 0.9, 1])
  })
})

describe('light through it', () => {
  it.each([
    ['opaque', ['opaque'], 1, /^It is opaque: fine here/],
    ['semi-sheer', ['opaque'], 0.4, /^It is semi-sheer, and the pattern needs it opaque/],
    ['sheer', ['opaque'], 0.05, /^It is see-through, and the pattern needs it opaque/],
    ['opaque', ['sheer'], 0.05, /^It is opaque; the pattern needs it sheerer/],
  ] as const)('%s where %p is wanted fits %d', (opacity, wanted, fit, text) => {
    const found = one('opacity', { opacity: said(opacity) }, { opacity: [...wanted] })
    expect(found.fit).toBe(fit)
    expect(found.text).toMatch(text)
  })
})

describe('the season', () => {
  const season = (when: 'hot' | 'cold' | 'mild', gsm: number, fibre: 'cotton' | 'polyester' | 'nylon' = 'cotton') =>
    one('season', { gsm: exactly(gsm), fibres: said([fibre]) }, { season: when }).fit!

  it('in the heat wants moisture taken up and at most 200 g/m²', () => {
    expect(season('hot', 200)).toBeCloseTo(1, 9)
    expect(season('hot', 280)).toBeCloseTo(0.5, 9)
    expect(season('hot', 360)).toBeCloseTo(0, 9)
    // Polyester holds less than 1.5 % of water: nothing but 0.3 is left next to the skin.
    expect(season('hot', 120, 'polyester')).toBeCloseTo(0.3, 9)
  })

  it('in the cold wants at least 160 g/m²', () => {
    expect(season('cold', 160)).toBeCloseTo(1, 9)
    expect(season('cold', 104)).toBeCloseTo(0.75, 9)
    expect(season('cold', 48)).toBeCloseTo(0.5, 9)
  })

  it('on mild days minds clammy cloth a little, and only next to the skin', () => {
    expect(season('mild', 120)).toBeCloseTo(1, 9)
    expect(season('mild', 120, 'polyester')).toBeCloseTo(0.75, 9)
    const lined = one('season', { fibres: said(['polyester']) }, { season: 'mild', details: ['lined'] })
    expect(lined.fit).toBe(1)
    expect(lined.text).toBe('Its fibre suits mild days.')
  })

  it('averages what is in a blend', () => {
    const blend = one('season', { fibres: said(['cotton', 'polyester']) }, { season: 'mild' }).fit!
    expect(blend).toBeGreaterThan(season('mild', 120, 'polyester'))
    expect(blend).toBeLessThan(season('mild', 120))
  })
})

describe('a detail', () => {
  const judge = (detail: 'belt' | 'pleats' | 'pull-on', offer: Offer) =>
    assess(fullNeed({ garment: 'blouse', details: [detail] }), offer).find((entry) => entry.detail === detail)

  it('is not judged by what is not known', () => {
    expect(judge('belt', {})).toBeUndefined()
    expect(judge('pleats', { stretchWidth: exactly(5) })).toBeUndefined()
  })

  it.each([
    ['belt', 260, 1, null],
    ['belt', 260.001, 1, 'over'],
    ['belt', 312, 0.5, 'over'],
    ['belt', 364, 0, 'over'],
    ['pleats', 80, 1, null],
    ['pleats', 59.5, 0.5, 'under'],
    ['pleats', 39, 0, 'under'],
  ] as const)('%s of %d g/m² fits %d', (detail, gsm, fit, miss) => {
    const found = judge(detail, { gsm: exactly(gsm) })!
    expect(found.fit).toBeCloseTo(fit, 3)
    expect(found.miss).toBe(miss)
  })

  it('is as good as its worst side, and says that one', () => {
    const found = judge('pleats', { gsm: exactly(150), body: said('fluid') })!
    expect(found).toMatchObject({ fit: 0.15, miss: 'under', certainty: 0.9 })
    expect(found.text).toMatch(/will not hold their edge/)
    expect(judge('pleats', { gsm: exactly(150), body: said('crisp') })!.text).toBe('Fine for the pleats.')
  })
})

describe('a change to the making', () => {
  const missing = (property: MatchProperty, fit: number | null, over: Partial<Assessment> = {}): Assessment => ({
    property,
    importance: 0.5,
    fit,
    certainty: 1,
    miss: 'under',
    text: '',
    ...over,
  })
  const after = (id: string, assessment: Assessment) =>
    remediesFor([assessment], {})
      .find((rule) => rule.id === id)
      ?.rescues(assessment)

  it('underlines what is too light or limp, by 0.4 and to 0.85 at most', () => {
    expect(after('underline-it', missing('weight', 0.3))).toBeCloseTo(0.7, 9)
    expect(after('underline-it', missing('body', 0.6))).toBe(0.85)
    expect(after('underline-it', missing('opacity', 0.4))).toBe(0.9)
    expect(after('underline-it', missing('season', 0.4))).toBeUndefined()
    expect(after('underline-it', missing('weight', 0.3, { miss: 'over' }))).toBeUndefined()
  })

  it('helps nothing that does not need it', () => {
    for (const fit of [0.8, 1, null]) {
      expect(remediesFor([missing('opacity', fit), missing('weight', fit), missing('close-fit', fit)], {})).toEqual(
        [],
      )
    }
    expect(remediesFor([missing('opacity', 0.799)], {}).map(({ id }) => id)).toEqual(['line-it', 'underline-it'])
  })

  it('lines only what shows through, and washes first what is unwashed', () => {
    expect(after('line-it', missing('opacity', 0.4))).toBe(0.95)
    expect(after('line-it', missing('opacity', 0.4, { miss: 'over' }))).toBeUndefined()
    expect(after('wash-first', missing('washing', 0.4))).toBe(1)
  })

  it('gives give: on the bias, or with a fastening', () => {
    expect(after('cut-on-bias', missing('close-fit', 0.2))).toBe(0.85)
    expect(after('add-fastening', missing('close-fit', 0.2))).toBe(0.9)
    expect(after('add-fastening', missing('pull-on', 0.2))).toBe(0.9)
    expect(after('cut-on-bias', missing('pull-on', 0.2))).toBeUndefined()
  })

  it('leaves a belt off, or cuts it lighter where it is too heavy', () => {
    const belt = (miss: 'over' | 'under') => missing('belt', 0.3, { detail: 'belt', miss })
    expect(after('leave-off-belt', belt('over'))).toBe(1)
    expect(after('lighter-belt', belt('over'))).toBe(0.9)
    expect(after('lighter-belt', belt('under'))).toBeUndefined()
  })
})
