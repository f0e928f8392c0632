import { mixOf } from '../../fabric/mix'
import { type FibreId } from '../../vocabulary/fibres'
import { planUnravelling, type UnravelAsked } from './unravel'
import { metresPerGram, yarnClassOf } from './yarn'

const of = ({ fibres = ['wool'], ...more }: Partial<UnravelAsked> & { fibres?: FibreId[] } = {}) =>
  planUnravelling({
    construction: 'knit',
    seams: 'linked',
    grams: 400,
    mix: mixOf(fibres),
    strands: 1,
    wrapsPerInch: 9,
    surface: 'plain',
    ...more,
  })

it.each([
  [{}, 'yes'],
  [{ seams: 'overlocked' }, 'no'],
  [{ seams: 'cut-and-sewn' }, 'no'],
  [{ seams: 'unknown' }, 'with-patience'],
  [{ surface: 'felted' }, 'no'],
  [{ surface: 'fuzzy' }, 'with-patience'],
  [{ surface: 'metallic' }, 'with-patience'],
  [{ surface: 'multicolour' }, 'with-patience'],
  [{ fibres: ['hair'] }, 'with-patience'],
  [{ wrapsPerInch: 28 }, 'with-patience'],
  [{ wrapsPerInch: 45 }, 'no'],
  [{ construction: 'woven' }, 'no'],
  [{ strands: 2 }, 'yes'],
  [{ fibres: ['viscose'] }, 'yes'],
] as const)('%j: %s', (asked, verdict) => {
  expect(of(asked as never).verdict).toBe(verdict)
})

it('names every rule that it rests on, and says nothing of metres where there are none', () => {
  expect(of().reasons.map(({ id }) => id)).toEqual(['seams-linked'])
  expect(of({ seams: 'overlocked', surface: 'felted' }).reasons.map(({ id }) => id)).toEqual(['seams-cut', 'felted'])
  expect(of({ surface: 'felted' })).toMatchObject({ metres: null, steps: [], balls: null })
  expect(of({ wrapsPerInch: null })).toMatchObject({ metres: null, yarnClass: null })
})

it('reckons metres as usual labels have them, within their doubt', () => {
  // A hundred grams of wool: 9 wraps about 200 m, 15 about 420 m, 20 about 750 m; cotton of the same less. From memory.
  for (const [wraps, metres] of [
    [9, 200],
    [15, 420],
    [20, 750],
  ] as const) {
    const { value } = metresPerGram(wraps, mixOf(['wool']))
    expect(Math.abs(value * 100 - metres) / metres).toBeLessThan(0.15)
  }
  expect(metresPerGram(9, mixOf(['cotton'])).value).toBeLessThan(metresPerGram(9, mixOf(['wool'])).value)
  expect(metresPerGram(9, mixOf(['acrylic'])).value).toBeGreaterThan(metresPerGram(9, mixOf(['wool'])).value)
  const { value, interval80 } = of().metres!
  expect(interval80[0]).toBeLessThan(value)
  expect(interval80[1]).toBeGreaterThan(value)
  expect(of({ grams: 800 }).metres!.value / value).toBeCloseTo(2, 1)
  expect(of({ surface: 'fuzzy' }).metres!.value).toBeLessThan(value)
})

it.each([
  [20, 'lace'],
  [15, 'fingering'],
  [12, 'sport'],
  [11, 'dk'],
  [9, 'worsted'],
  [8, 'aran'],
  [7, 'bulky'],
  [5, 'super-bulky'],
] as const)('calls %d wraps %s', (wraps, name) => {
  expect(yarnClassOf(wraps)).toBe(name)
})

it('undoes seams before it winds, begins where the knitting ended, and is washed in the skein', () => {
  const ids = of().steps.map(({ id }) => id)
  expect(ids.indexOf('undo-seams')).toBeLessThan(ids.indexOf('begin-at-end'))
  expect(ids.indexOf('begin-at-end')).toBeLessThan(ids.indexOf('wind'))
  expect(ids.indexOf('wind')).toBeLessThan(ids.indexOf('wash-skein'))
  expect(of({ seams: 'unknown' }).steps.map(({ id }) => id)).toContain('look-at-seams')
})
