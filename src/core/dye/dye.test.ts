import { deltaE } from '../colour/colour'
import { mixOf } from '../fabric/mix'
import { type SharedFibre } from '../fabric/types'
import { type FibreId } from '../vocabulary/fibres'
import { fibres } from '../fibres/catalogue'
import { uptakeIn } from './uptake'
import { planDyeing, type DyeAsked } from './dye'
import { asPlainText } from '../text/render'
import { joinTexts } from '../text/text'

const of = (fibres: readonly (FibreId | SharedFibre)[], more: Partial<Omit<DyeAsked, 'mix'>> = {}) =>
  planDyeing({
    mix: mixOf(fibres),
    thread: 'cotton',
    grams: 400,
    from: '#ffffff',
    to: '#1f3a7a',
    finish: null,
    ...more,
  })
const half = (a: FibreId, b: FibreId): SharedFibre[] => [
  { fibre: a, share: 'even' },
  { fibre: b, share: 'even' },
]

describe('whether it takes', () => {
  it.each([
    ['cotton', 'takes'],
    ['viscose', 'takes'],
    ['silk', 'takes'],
    ['wool', 'takes'],
    ['nylon', 'takes'],
    ['acetate', 'in-part'],
    ['polyester', 'hardly'],
    ['acrylic', 'hardly'],
    ['polypropylene', 'no'],
    ['glass', 'no'],
  ] as const)('%s %s', (fibre, verdict) => {
    expect(of([fibre]).verdict).toBe(verdict)
  })

  it('takes in part what is half of something else, by the dye that the cloth takes most of', () => {
    const { verdict, bath, byFibre } = of(half('polyester', 'cotton'))
    expect([verdict, bath]).toEqual(['in-part', 'reactive'])
    const uptake = Object.fromEntries(byFibre.map((one) => [one.fibre, one.uptake]))
    expect(uptake.cotton).toBeGreaterThan(0.9)
    expect(uptake.polyester).toBeLessThan(0.05)
    expect(byFibre.find(({ fibre }) => fibre === 'polyester')).toMatchObject({ dyeClass: 'disperse' })
  })
  it('dyes wool and nylon through in one bath, and a trace of elastane does not matter', () => {
    expect(of(['wool', 'nylon'])).toMatchObject({ verdict: 'takes', bath: 'acid' })
    expect(of(['cotton', 'elastane'])).toMatchObject({ verdict: 'takes', bath: 'reactive' })
  })
  it('is kept out by what lies on the cloth', () => {
    expect(of(['cotton'], { finish: 'coated' }).verdict).toBe('no')
    expect(of(['cotton'], { finish: 'waterproof' }).verdict).toBe('hardly')
    expect(of(['cotton'], { finish: 'resin' }).verdict).toBe('in-part')
  })
  it('knows of every fibre what it takes of its own dye, which is more than of another', () => {
    for (const [fibre, { dyeClass, other = {} }] of fibres.map(({ id, dye }) => [id, dye] as const)) {
      if (dyeClass === 'none') continue
      const own = uptakeIn(fibre as FibreId, dyeClass)
      for (const bath of Object.keys(other)) expect(uptakeIn(fibre as FibreId, bath as never)).toBeLessThan(own)
    }
  })
})

describe('the colour that comes', () => {
  it('is the dye’s own on white cloth that takes it', () => {
    for (const to of ['#1f3a7a', '#c02020', '#e8c030', '#202020', '#7fb08a'])
      expect(deltaE(of(['cotton'], { to }).expected, to)).toBeLessThan(1)
  })
  it('goes green where blue comes over yellow, and cannot be had pure', () => {
    const { expected, reachable, strip } = of(['cotton'], { from: '#f2d34a', to: '#2a4fa0' })
    const [red, green, blue] = [1, 3, 5].map((at) => Number.parseInt(expected.slice(at, at + 2), 16))
    expect(green! - red!).toBeGreaterThan(30)
    expect(Math.abs(green! - blue!)).toBeLessThan(30)
    expect(reachable).toBe(false)
    expect(strip).toMatchObject({ advised: true })
  })
  it('never gets lighter than the cloth was, but reaches what is darker', () => {
    expect(of(['cotton'], { from: '#202020', to: '#e0e0e0' }).reachable).toBe(false)
    expect(of(['cotton'], { from: '#c8d8f0', to: '#1f3a7a' })).toMatchObject({ reachable: true, strip: null })
  })
  it('stays paler where half of the cloth does not take it, and no stripping helps that', () => {
    const { expected, reachable, strip } = of(half('cotton', 'polyester'))
    expect(deltaE(expected, '#1f3a7a')).toBeGreaterThan(8)
    expect([reachable, strip]).toEqual([false, null])
  })
  it('lies between its two ends, the lighter first', () => {
    const { interval, expected } = of(['cotton'])
    const light = (hex: string) => [1, 3, 5].reduce((sum, at) => sum + Number.parseInt(hex.slice(at, at + 2), 16), 0)
    expect(light(interval[0])).toBeGreaterThan(light(expected))
    expect(light(interval[1])).toBeLessThan(light(expected))
  })
})

describe('seams', () => {
  it.each([
    ['cotton', 'polyester', true],
    ['cotton', 'cotton', false],
    ['silk', 'silk', false],
    ['wool', 'cotton', true],
    ['polyester', 'polyester', false],
  ] as const)('of %s sewn with %s show: %s', (fibre, thread, show) => {
    expect(of([fibre], { thread }).seams.show).toBe(show)
  })
  it('are likely to show where nobody knows the thread', () => {
    expect(of(['cotton'], { thread: null }).seams).toMatchObject({ show: true, text: expect.stringMatching(/Test/) })
  })
})

describe('stripping', () => {
  const dark = { from: '#303030', to: '#ffd0d0' }
  it.each([
    [['cotton'], true],
    [['viscose'], true],
    [['silk'], false],
    [['wool'], false],
    [['cotton', 'elastane'], false],
    [['nylon'], false],
  ] as const)('of %j: %s', (fibres, advised) => {
    expect(of(fibres, dark).strip).toMatchObject({ advised })
  })
  it('is bleach for cotton alone, with what never goes beside it', () => {
    expect(of(['cotton'], dark).strip!.cautions.map(({ id }) => id)).toContain('bleach-alone')
    expect(of(['viscose'], dark).strip!.cautions.map(({ id }) => id)).not.toContain('bleach-alone')
  })
})

describe('the bath', () => {
  it('is weighed by the goods and deeper with the shade', () => {
    const [pale, black] = ['#f4dada', '#0c0c0c'].map((to) => of(['cotton'], { to }).amounts)
    expect(pale!.dyeGrams[1]).toBeLessThanOrEqual(black!.dyeGrams[0])
    expect(pale!.salt!).toBeLessThan(black!.salt!)
    expect(of(['cotton'], { grams: 800 }).amounts.waterLitres).toBe(16)
  })
  it('has salt and soda for cellulose, acid for wool, and neither for polyester but a little acid', () => {
    expect(of(['linen']).amounts).toMatchObject({ salt: expect.any(Number), alkali: expect.any(Number), acid: null })
    expect(of(['wool']).amounts).toMatchObject({ salt: null, alkali: null, acid: 200 })
    expect(of(['polyester']).amounts).toMatchObject({ salt: null, alkali: null })
  })
  it('holds acetate under 80 °C and silk under 85', () => {
    const text = (fibre: FibreId) => asPlainText(joinTexts(of([fibre]).steps.map((step) => step.text)))
    expect(text('acetate')).toMatch(/to 80 °C, no more/)
    expect(text('silk')).toMatch(/to 85 °C/)
    expect(text('wool')).toMatch(/to 95 °C/)
  })
  it('puts the packet first, tries a snip, and says what protects', () => {
    const { steps, cautions } = of(['cotton'])
    expect(steps[0]!.text).toMatch(/packet’s own instructions first/)
    expect(steps.map(({ id }) => id)).toContain('strike-off')
    expect(cautions.map(({ id }) => id)).toEqual(
      expect.arrayContaining(['dust-mask', 'gloves', 'separate-pots', 'ventilation', 'alkali', 'waste']),
    )
    expect(of(['polypropylene'])).toMatchObject({ steps: [], cautions: [], amounts: { dyeGrams: [0, 0] } })
  })
})
