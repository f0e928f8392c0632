import { CLO_PER_CM, comfortOf } from '@/core/choose/comfort/comfort'
import { offerFrom, type Described } from '@/core/fabric/offer'
import { thicknessOf } from '@/core/fabric/thickness'

const of = (fabric: Described, nextToSkin = true) => comfortOf(offerFrom(fabric), nextToSkin)

it('puts cloths in the order that wearers do; common practice', () => {
  const order = (season: 'hot' | 'cold', names: string[]) =>
    names.map((called) => of({ called })[season].score).every((score, i, all) => i === 0 || score < all[i - 1]!)
  expect(order('hot', ['cotton lawn', 'linen-medium', 'denim', 'melton', 'fleece'])).toBe(true)
  expect(order('hot', ['voile', 'flannel', 'polyester satin', 'scuba'])).toBe(true)
  expect(order('cold', ['melton', 'tweed', 'denim', 'poplin', 'chiffon'])).toBe(true)
  expect(order('cold', ['terry', 'corduroy', 'wool suiting', 'quilting cotton', 'gauze'])).toBe(true)
})

it('regain in the order that ASTM D1909 gives: wool, silk and viscose, acetate, nylon, acrylic, polyester', () => {
  const regain = (fibre: NonNullable<Described['fibres']>[number]) =>
    of({ called: 'jersey', fibres: [fibre] }).regainPercent!
  expect(regain('wool')).toBe(13.6)
  expect(regain('silk')).toBe(11)
  expect(regain('viscose')).toBe(11)
  expect(regain('acetate')).toBe(6.5)
  expect(regain('nylon')).toBe(4.5)
  expect(regain('acrylic')).toBe(1.5)
  expect(regain('polyester')).toBe(0.4)
})

it('the same cloth of a thirstier fibre wears better in the heat', () => {
  const hot = (fibre: 'cotton' | 'nylon' | 'polyester') =>
    of({ called: 'shirting', gsm: 110, fibres: [fibre], construction: 'woven', body: 'soft' }).hot.score
  expect(hot('cotton')).toBeGreaterThan(hot('nylon'))
  expect(hot('nylon')).toBeGreaterThan(hot('polyester'))
})

it('about 1.57 clo a cm, 4 an inch (Burton & Edholm, 1955, from memory)', () => {
  const felt = offerFrom({ called: 'felt', gsm: 400, fibres: ['wool'], construction: 'felted' })
  const { warmthClo } = comfortOf(felt, false)
  expect(warmthClo.value / (thicknessOf(felt)!.value / 10)).toBeCloseTo(CLO_PER_CM, 1)
  expect(CLO_PER_CM * 2.54).toBeCloseTo(4, 1)
  expect(warmthClo.interval80[0]).toBeLessThan(warmthClo.value)
  expect(warmthClo.interval80[1]).toBeGreaterThan(warmthClo.value)
})

it('a blend wears by its shares, half and half otherwise than mostly one, and less surely where nobody says', () => {
  const shares = (polyester: 'main' | 'even' | 'minor', cotton: 'main' | 'even' | 'minor') =>
    of({
      called: 'shirting',
      gsm: 110,
      fibres: [
        { fibre: 'polyester', share: polyester },
        { fibre: 'cotton', share: cotton },
      ],
    })
  const [mostlyCotton, even, mostlyPolyester] = [
    shares('minor', 'main'),
    shares('even', 'even'),
    shares('main', 'minor'),
  ]
  expect(mostlyCotton.hot.score).toBeGreaterThan(even.hot.score + 0.02)
  expect(even.hot.score).toBeGreaterThan(mostlyPolyester.hot.score + 0.02)
  const unsaid = of({ called: 'shirting', gsm: 110, fibres: ['polyester', 'cotton'] })
  const wide = ({
    hot: {
      interval80: [low, high],
    },
  }: typeof unsaid) => high - low
  expect(wide(unsaid)).toBeGreaterThan(wide(even))
  expect(unsaid.reasons.map(({ id }) => id)).toContain('shares-unknown')
  expect(even.reasons.map(({ id }) => id)).not.toContain('shares-unknown')
})

it('a coated cloth lets no air through, whatever it is of; a net lets it all through', () => {
  expect(of({ called: 'oilcloth' }).airPermeability.word).toBe('sealed')
  expect(of({ handling: ['coated'], gsm: 120, fibres: ['cotton'] }).airPermeability.word).toBe('sealed')
  expect(of({ called: 'tulle' }).airPermeability.word).toBe('open')
  expect(of({ called: 'twill', gsm: 280 }).airPermeability.word).toMatch(/middling|close/)
})

it('says which school was picked, where they disagree', () => {
  expect(of({ called: 'linen' }).schools.map(({ id }) => id)).toEqual(['linen-breathes'])
  expect(of({ fibres: ['viscose'] }).schools.map(({ id }) => id)).toEqual(['viscose-moisture'])
  expect(of({ fibres: ['polyester'] }).schools).toEqual([])
})

it('of an unknown cloth it says little, widely, and falls over nothing', () => {
  const nothing = of({})
  expect(nothing.regainPercent).toBeNull()
  expect(nothing.hot.interval80[1] - nothing.hot.interval80[0]).toBeGreaterThan(0.25)
})
