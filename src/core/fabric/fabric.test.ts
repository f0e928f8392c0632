import fc from 'fast-check'
import { namedCloths } from '../cloths/catalogue'
import { FIBRE_IDS } from '../vocabulary/fibres'
import { SHARES } from '../vocabulary/shares'
import { careOf } from './care'
import { handlingOf, isOneWay } from './handling'
import { meanOver, mixOf, mixOfUsual } from './mix'
import { offerFrom, type Described } from './offer'
import { airinessOf, AIRINESS, opennessOf } from './openness'
import { shrinkOf } from './shrink'
import { thicknessOf } from './thickness'

const of = (described: Described) => offerFrom(described)

describe('shares', () => {
  const anyMix = fc.uniqueArray(
    fc.record({ fibre: fc.constantFrom(...FIBRE_IDS), share: fc.constantFrom(...SHARES) }),
    { minLength: 1, maxLength: 5, selector: ({ fibre }) => fibre },
  )

  it('sum to one, the largest first, whatever is told', () => {
    fc.assert(
      fc.property(anyMix, (fibres) => {
        const mix = mixOf(fibres)
        expect(mix.reduce((sum, { fraction }) => sum + fraction.value, 0)).toBeCloseTo(1, 9)
        const values = mix.map(({ fraction }) => fraction.value)
        expect(values).toEqual(values.toSorted((a, b) => b - a))
      }),
    )
  })

  it('a single fibre is all of it, without doubt; elastane beside another is a trace', () => {
    expect(mixOf(['silk'])).toEqual([{ fibre: 'silk', fraction: { value: 1, sd: 0 } }])
    const [cotton, elastane] = mixOf(['elastane', 'cotton'])
    expect([cotton!.fibre, elastane!.fibre]).toEqual(['cotton', 'elastane'])
    expect(elastane!.fraction.value).toBeLessThan(0.1)
  })

  it('what nobody said is doubted more than what a label says', () => {
    const said = mixOf([
      { fibre: 'cotton', share: 'even' },
      { fibre: 'linen', share: 'even' },
    ])
    expect(mixOf(['cotton', 'linen'])[0]!.fraction.sd).toBeGreaterThan(said[0]!.fraction.sd)
  })

  it('usual fibres of a name are alternatives: the first is likelier, all are doubted', () => {
    const mix = mixOfUsual(['cotton', 'viscose', 'polyester'])
    expect(mix[0]!.fraction.value).toBeGreaterThan(mix[1]!.fraction.value)
    expect(mix.every(({ fraction }) => fraction.sd > 0.2)).toBe(true)
  })

  it('a mean over a mix leaves out what a fibre does not have, and knows nothing of nothing', () => {
    const mix = mixOf(['cotton', 'wool'])
    expect(meanOver(mix, ({ id }) => (id === 'cotton' ? 4 : undefined))!.value).toBe(4)
    expect(meanOver(mix, () => undefined)).toBeUndefined()
    expect(meanOver([], () => 1)).toBeUndefined()
  })
})

describe('how it behaves on the table (common practice)', () => {
  it.each([
    ['charmeuse', ['silk'], 'slippery', true],
    ['chiffon', ['silk'], 'delicate', true],
    ['chiffon', ['polyester'], 'sheer', true],
    ['lining', ['acetate'], 'slippery', true],
    ['poplin', ['cotton'], 'slippery', false],
    ['jersey', ['cotton'], 'curls', true],
    ['ponte', ['viscose'], 'curls', false],
    ['velvet', ['cotton'], 'pile', true],
    ['corduroy', ['cotton'], 'pile', true],
    ['tweed', ['wool'], 'frays', true],
    ['linen', ['linen'], 'frays', true],
    ['felt', ['wool'], 'frays', false],
    ['jersey', ['cotton'], 'frays', false],
    ['melton', ['wool'], 'bulky', true],
    ['cotton lawn', ['cotton'], 'bulky', false],
    ['oilcloth', ['cotton'], 'coated', true],
    ['oilcloth', ['cotton'], 'frays', false],
  ] as const)('%s of %o: %s is %s', (called, fibres, handling, expected) => {
    expect(handlingOf(of({ called, fibres })).includes(handling)).toBe(expected)
  })

  it('what somebody said comes before what would follow', () => {
    expect(handlingOf(of({ called: 'charmeuse', handling: ['frays'] }))).toEqual(['frays'])
    expect(isOneWay(of({ called: 'velvet' }))).toBe(true)
    expect(isOneWay(of({ called: 'velvet', nap: false }))).toBe(false)
    expect(isOneWay(of({ called: 'poplin' }))).toBe(false)
  })
})

describe('care', () => {
  it.each([
    ['poplin', ['cotton'], 60, 'normal', 3],
    ['poplin', ['cotton', 'polyester'], 40, 'low', 2],
    ['challis', ['viscose'], 30, 'never', 2],
    ['habotai', ['silk'], 30, 'never', 2],
    ['melton', ['wool'], null, 'never', 2],
    ['lining', ['acetate'], 30, 'never', 1],
    ['velvet', ['silk'], null, 'never', 2],
    ['velvet', ['cotton'], 60, 'normal', 2],
    ['oilcloth', ['cotton'], null, 'never', 0],
  ] as const)('%s of %o is washed at %s, tumbled %s, ironed at %i dots', (called, fibres, celsius, tumble, dots) => {
    expect(careOf(of({ called, fibres }))).toMatchObject({ washCelsius: celsius, tumble, ironDots: dots })
  })

  it('a trace of elastane does not make jeans tender; an unknown cloth is looked after as if it were', () => {
    expect(careOf(of({ called: 'denim', fibres: ['cotton', 'elastane'] }))).toMatchObject({
      washCelsius: 60,
      ironDots: 2,
    })
    expect(careOf(of({}))).toMatchObject({ washCelsius: 30, tumble: 'never', isGentle: true })
  })
})

describe('what it still loses in the wash', () => {
  const length = (described: Described) => shrinkOf(of(described)).value.length

  it('is more for cellulose and wool than for synthetics, more for a knit, and little once washed', () => {
    expect(length({ fibres: ['linen'] }).value).toBeGreaterThan(length({ fibres: ['polyester'] }).value)
    expect(length({ fibres: ['wool'] }).value).toBeGreaterThan(length({ fibres: ['nylon'] }).value)
    expect(length({ fibres: ['cotton'], construction: 'knit' }).value).toBeGreaterThan(
      length({ fibres: ['cotton'], construction: 'woven' }).value,
    )
    expect(length({ fibres: ['cotton'], washed: true }).value).toBeLessThan(1)
  })

  it('of a blend lies between its fibres, nearer to the one that holds', () => {
    const blend = length({ fibres: ['cotton', 'polyester'] }).value
    const middle = (length({ fibres: ['cotton'] }).value + length({ fibres: ['polyester'] }).value) / 2
    expect(blend).toBeLessThan(middle)
    expect(blend).toBeGreaterThan(length({ fibres: ['polyester'] }).value)
  })

  it('what was said or measured comes before what is usual', () => {
    const { value, how } = shrinkOf(of({ fibres: ['cotton'], shrinkPercent: { length: 9 } }))
    expect([value.length.value, value.width.value, how]).toEqual([9, 0, 'said'])
    expect(shrinkOf(of({})).value.length.sd).toBeGreaterThan(2)
  })
})

describe('air and thickness', () => {
  it('every named cloth has an openness within its scale, and a word for it', () => {
    for (const { name } of namedCloths) {
      const { value, sd } = opennessOf(of({ called: name.uk }))
      expect(value).toBeGreaterThanOrEqual(0)
      expect(value).toBeLessThanOrEqual(1)
      expect(sd).toBeGreaterThan(0)
      expect(AIRINESS).toContain(airinessOf(value))
    }
  })

  it('closes as the cloth gets heavier', () => {
    const at = (gsm: number) => opennessOf(of({ called: 'linen', gsm })).value
    const values = [90, 130, 180, 260, 380].map(at)
    expect(values).toEqual(values.toSorted((a, b) => b - a))
  })

  it('counted threads say it better than a name', () => {
    const gauze = of({ called: 'duck' })
    expect(opennessOf(gauze, 0.4).value).toBeGreaterThan(opennessOf(gauze).value)
    expect(opennessOf(gauze, 0).value).toBeCloseTo(0.3, 9)
  })

  it('thickness grows with weight and with bulk, and is not guessed where nothing was weighed', () => {
    const mm = (described: Described) => thicknessOf(of(described))?.value
    expect(mm({ gsm: 200, fibres: ['wool'] })!).toBeGreaterThan(mm({ gsm: 200, fibres: ['cotton'] })!)
    expect(mm({ gsm: 300, fibres: ['cotton'] })! / mm({ gsm: 150, fibres: ['cotton'] })!).toBeCloseTo(2, 9)
    expect(mm({ called: 'wadding', gsm: 100 })!).toBeGreaterThan(4)
    expect(mm({ fibres: ['cotton'] })).toBeUndefined()
  })
})
