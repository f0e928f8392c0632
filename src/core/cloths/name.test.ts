import vocabulary from '../../../tests/reference/vocabulary.json'
import { namedCloths } from './catalogue'
import { inspectionById, inspectionFeatures } from './inspection'
import { markLikelihoodsOf, logWeightDensity } from './likelihood'
import { cloths, type ToldCloth } from './groups/define'
import { nameCloth } from './name'
import { substitutions } from './substitutions'
import { asPlainText } from '../text/render'

const top = (...args: Parameters<typeof nameCloth>) => nameCloth(...args).names[0]!

describe('the inspection', () => {
  it('asks the contract’s features with the contract’s states, in their order; it may have more states', () => {
    const known = vocabulary.inspection as Record<string, { states: string[]; multi?: boolean }>
    expect(inspectionFeatures.map(({ id }) => id)).toEqual(Object.keys(known))
    for (const { id, states, multi } of inspectionFeatures) {
      const asked = known[id]!.states
      const own = states.map((state) => state.id).filter((state) => asked.includes(state))
      expect([id, own, multi]).toEqual([id, asked, known[id]!.multi ?? false])
    }
  })

  it('refuses what is not in it', () => {
    expect(() => inspectionById('smell')).toThrow(/smell/)
    expect(() => nameCloth({ inspection: { back: ['upside-down'] } })).toThrow(/upside-down/)
  })
})

describe('the catalogue', () => {
  it('refuses a mark, a feature and a fibre that nobody knows, by name', () => {
    const told = (rest: object) =>
      cloths('woven', [{ id: 'x', name: 'x', marks: {}, fibres: [], ...rest } as unknown as ToldCloth])
    expect(() => told({ marks: { back: ['upside-down'] } })).toThrow(/cloth x: "upside-down" is no state of back/)
    expect(() => told({ marks: { taste: ['salty'] } })).toThrow(/cloth x: nothing to inspect is called "taste"/)
    expect(() => told({ fibres: ['mithril'] })).toThrow(/cloth x: no fibre is called "mithril"/)
    expect(told({ marks: { back: ['same'] }, fibres: ['cotton'] })[0]).toMatchObject({
      common: 1,
      name: { uk: 'x', us: 'x' },
    })
  })

  it('has at least 230 cloths, each with what makes it that', () => {
    expect(namedCloths.length).toBeGreaterThanOrEqual(230)
    for (const { id, makes, marks } of namedCloths) {
      expect([id, asPlainText(makes).length > 25]).toEqual([id, true])
      expect([id, Object.keys(marks).length > 1]).toEqual([id, true])
    }
    expect(new Set(namedCloths.map(({ makes }) => makes)).size).toBe(namedCloths.length)
  })

  it.each([
    'voile',
    'muslin',
    'pinwale corduroy',
    'home decor fabric',
    'sweater knit',
    'plaid',
    'eyelet',
    'dupioni',
    'organdy',
  ])('%s is known by its US word', (word) => {
    expect(namedCloths.some(({ name, also }) => name.us === word || also.includes(word))).toBe(true)
  })

  it('gives each answer a chance, summing to one, for every cloth', () => {
    for (const cloth of namedCloths) {
      for (const feature of inspectionFeatures) {
        const row = markLikelihoodsOf(cloth, feature)
        // Of a skin nobody asks how its threads lie: such an answer is a slip.
        const isAsked = !feature.only || !['hide', 'sheet'].includes(cloth.construction)
        expect(row.reduce((sum, value) => sum + value, 0)).toBeCloseTo(isAsked ? 1 : 0.002, 9)
        expect(Math.min(...row)).toBeGreaterThan(0)
      }
    }
  })

  it('names cloths of the catalogue in its substitutions', () => {
    const ids = namedCloths.map(({ id }) => id)
    for (const { soldAs, often } of substitutions) expect(ids).toEqual(expect.arrayContaining([soldAs, often]))
  })
})

describe('a name', () => {
  const denim = {
    inspection: { construction: ['woven'], interlacing: ['twill'], back: ['colours-reversed'] },
    gsm: 330,
    fibres: ['cotton'],
  } as const

  it('is ranked with reasons for and against, and sums to one over all', () => {
    const { names, none } = nameCloth(denim)
    expect(none).toBeLessThan(0.01)
    expect(names[0]).toMatchObject({ id: 'denim', name: 'Denim' })
    expect(names[0]!.for).toContain('the back: colours changed over')
    expect(names.find(({ id }) => id === 'habotai')!.against.map((text) => asPlainText(text))).toContain('330 g/m²')
    expect(names.reduce((sum, { probability }) => sum + probability, none)).toBeCloseTo(1, 9)
  })

  it('is none of these where nothing of the list fits: a woven net that foams, pebbled and metallic', () => {
    const odd = nameCloth({
      inspection: {
        construction: ['net'],
        surface: ['foamy'],
        back: ['colours-reversed'],
        'yarn-look': ['coarse-cords'],
        pile: ['looped'],
        colouring: ['yarn-dyed'],
      },
      gsm: 600,
    })
    expect(odd.none).toBeGreaterThan(odd.names[0]!.probability)
    expect(odd.warnings[0]).toMatch(/None of the names here/)
  })

  it('tells faux leather from fleece, and wadding from felt', () => {
    const leather = nameCloth({
      inspection: {
        construction: ['knit'],
        surface: ['smooth'],
        back: ['different-cloth'],
        pile: ['none'],
        body: ['stiff'],
      },
      gsm: 420,
    })
    expect(leather.names.slice(0, 3).map(({ id }) => id)).toContain('faux-leather')
    expect(leather.names[0]!.id).not.toBe('fleece')
    const wadding = nameCloth({
      inspection: { construction: ['felted'], surface: ['foamy'], body: ['soft'] },
      gsm: 150,
    })
    expect(wadding.names[0]!.id).toBe('wadding')
  })

  it('follows the weight: shirt, jeans and heavy denim differ in nothing else', () => {
    expect([180, 340, 480].map((gsm) => top({ ...denim, gsm }).id)).toEqual(['denim-shirt', 'denim', 'denim-heavy'])
  })

  it('follows the stretch', () => {
    expect(top({ ...denim, stretchPercent: { width: 22 } }).id).toBe('denim-stretch')
  })

  it('speaks the person’s English, and knows the other', () => {
    const calico = {
      inspection: { construction: ['woven'], interlacing: ['plain'], colouring: ['undyed'] },
      gsm: 140,
      fibres: ['cotton'],
    } as const
    expect(top(calico, 'uk')).toMatchObject({ name: 'Calico', also: expect.arrayContaining(['muslin']) })
    expect(top(calico, 'us')).toMatchObject({ name: 'Muslin', also: expect.arrayContaining(['calico']) })
  })

  it('is not shut out by one mistaken answer', () => {
    expect(
      nameCloth({ ...denim, inspection: { ...denim.inspection, body: ['fluid'] } })
        .names.slice(0, 3)
        .map(({ id }) => id),
    ).toContain('denim')
  })

  it('warns of what shops sell in its place', () => {
    expect(
      nameCloth({
        inspection: { construction: ['knit'], surface: ['pebbled', 'foamy'] },
        fibres: ['polyester'],
      }).warnings.join(),
    ).toMatch(/foamy double knit is often sold as crepe/)
    expect(nameCloth(denim).warnings.join()).not.toMatch(/crepe/)
  })
})

describe('what to look at next', () => {
  it('is never what was seen, nor what the construction rules out', () => {
    const { next } = nameCloth({ inspection: { construction: ['knit'], back: ['same'] } })
    const offered = next.map(({ feature }) => feature)
    for (const feature of ['construction', 'back', 'interlacing', 'twill-line', 'floats-on-face', 'pile-height'])
      expect(offered).not.toContain(feature)
    expect(offered[0]).toBe('knit-structure')
  })

  it('asks how deep a pile is once there is one', () => {
    expect(
      nameCloth({ inspection: { construction: ['woven'], pile: ['cut-in-ribs'] } }).next.map(
        ({ feature }) => feature,
      ),
    ).toContain('pile-height')
  })

  it('says what the likely ones would show, the most telling first', () => {
    const { next } = nameCloth({ inspection: { construction: ['woven'], interlacing: ['satin'] }, gsm: 110 })
    next.slice(1).forEach(({ bits }, index) => expect(bits).toBeLessThanOrEqual(next[index]!.bits))
    expect(next[0]!.text).toMatch(/would show “.*”, .* “.*”/)
  })
})

it('gives a weight within the span more than one without, and never nothing', () => {
  expect(logWeightDensity(150, [100, 200])).toBeGreaterThan(logWeightDensity(260, [100, 200]))
  expect(logWeightDensity(5000, [100, 200])).toBeGreaterThan(-10)
})
