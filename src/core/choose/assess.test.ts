import { type Need } from '../notebook/schemas/need'
import { match } from './match'
import { offerFrom, type Described } from '../fabric/offer'
import { asPlainText } from '../text/render'

const judge = (need: Need, fabric: Described) => match(need, offerFrom(fabric))
const reason = (need: Need, fabric: Described, property: string) =>
  judge(need, fabric).reasons.find((one) => one.property === property)!

describe('structure', () => {
  it('fits where it is as drafted, and says which it is where it is not', () => {
    const leggings: Need = { garment: 'leggings' }
    expect(reason(leggings, { called: 'jersey' }, 'structure')).toMatchObject({
      status: 'good',
      text: 'Knit, as the pattern needs.',
    })
    expect(reason(leggings, { called: 'denim' }, 'structure')).toMatchObject({
      status: 'bad',
      text: 'The pattern is drafted for a knit fabric; this one is woven.',
    })
  })
})

describe('season', () => {
  const cotton = ['cotton'] as const
  const polyester = ['polyester'] as const
  const said = (season: Need['season'], gsm: number, fibres: Described['fibres'] = cotton) =>
    reason({ garment: 'shirt', season }, { called: 'poplin', gsm, fibres }, 'season').text

  it('in the heat asks for moisture first, then for lightness', () => {
    expect(said('hot', 90)).toMatch(/^Light, and takes up moisture/)
    expect(said('hot', 199)).toMatch(/^Light, and takes up moisture/)
    expect(said('hot', 330)).toMatch(/is heavy for hot days/)
    expect(said('hot', 90, polyester)).toMatch(/clammy in hot weather/)
  })

  it('in the cold asks for weight', () => {
    expect(said('cold', 400)).toBe('Warm enough for cold days.')
    expect(said('cold', 161)).toBe('Warm enough for cold days.')
    expect(said('cold', 70)).toMatch(/^Thin for cold days/)
  })

  it('on mild days hardly asks at all, but next to the skin for moisture', () => {
    expect(said('mild', 120)).toBe('Fibre and weight suit mild days.')
    expect(said('mild', 120, polyester)).toMatch(/closer to the skin it may feel clammy/)
  })
})

describe('details', () => {
  const sentence = (detail: NonNullable<Need['details']>[number], fabric: Described) =>
    judge({ garment: 'dress-fit-and-flare', details: [detail] }, fabric).reasons.find(({ property }) =>
      property.includes(detail),
    )

  it('say why, in their own words where they have some', () => {
    const heavy = sentence('gathers', { called: 'canvas', gsm: 450 })!
    expect(heavy.status).not.toBe('good')
    expect(heavy.text).toMatch(/gather/i)
    expect(heavy.text).not.toMatch(/undefined/)
  })

  it('are content with what suits them', () => {
    expect(sentence('gathers', { called: 'lawn', gsm: 75 })?.status ?? 'good').toBe('good')
  })
})

describe('remedies', () => {
  it('underline what is too light, not what is too heavy', () => {
    const remedies = (fabric: Described) => judge({ garment: 'coat' }, fabric).remedies.map(({ id }) => id)
    expect(remedies({ called: 'poplin', gsm: 180 })).toContain('underline-it')
    expect(judge({ garment: 'blouse' }, { called: 'canvas', gsm: 450 }).remedies.map(({ id }) => id)).not.toContain(
      'underline-it',
    )
  })
})

describe('body and stretch', () => {
  const skirt: Need = { garment: 'dress-fluid' }

  it('say how it falls, as wanted or against it', () => {
    expect(reason(skirt, { called: 'crepe de chine', body: 'fluid' }, 'body')).toMatchObject({ status: 'good' })
    expect(reason(skirt, { called: 'crepe de chine', body: 'fluid' }, 'body').text).toMatch(/, as the pattern needs/)
    const stiff = reason(skirt, { called: 'crepe de chine', body: 'stiff' }, 'body')
    expect(stiff.status).toBe('bad')
    expect(stiff.text).toMatch(/; the pattern needs .* drape\.$/)
  })

  it('lose fit by as much as the stretch is short of what the pattern relies on', () => {
    const leggings = (width: number) =>
      judge({ garment: 'leggings' }, { called: 'jersey', stretchPercent: { width, length: 50 } }).score
    const scores = [10, 20, 30, 40, 60].map(leggings)
    expect(scores).toEqual(scores.toSorted((a, b) => a - b))
    expect(scores[4]!).toBeGreaterThan(scores[0]! + 0.2)
  })
})

it('a verdict follows the score: what suits has no fatal miss, and what has one never does', () => {
  const verdicts = ['leggings', 'coat', 'blouse', 'shirt'].flatMap((garment) =>
    ['jersey', 'denim', 'chiffon', 'poplin', 'melton'].map((called) =>
      judge({ garment: garment as Need['garment'] }, { called }),
    ),
  )
  for (const { verdict, score, remedies } of verdicts) {
    if (verdict === 'suits') expect(score).toBeGreaterThanOrEqual(0.6)
    if (verdict === 'suits-with-changes') expect(remedies.length).toBeGreaterThan(0)
    if (verdict === 'unsuitable') expect(score).toBeLessThan(0.6)
  }
  expect(new Set(verdicts.map(({ verdict }) => verdict)).size).toBeGreaterThan(2)
})

describe('weight', () => {
  const range = '65 to 140 g/m²'
  const need: Need = { garment: 'blouse', gsm: [65, 140], called: ['crepe'], details: ['lined'] }
  const ranges = (called: string, gsm: number) =>
    asPlainText(reason(need, { called, gsm }, 'weight').text).match(/\d+ to \d+ g\/m²/g)

  it('names one range for one need, whatever the fabric is', () => {
    // A fabric that the pattern names, one that it does not, a net over a lining; inside, above and below.
    for (const called of ['crepe', 'poplin', 'tulle'])
      for (const gsm of [12, 100, 155, 168, 300]) expect(ranges(called, gsm)).toEqual([range])
  })
  it('says why a weight beside it does', () => {
    expect(reason(need, { called: 'crepe', gsm: 155 }, 'weight')).toMatchObject({
      status: 'good',
      text: expect.stringContaining('a fabric that the pattern names'),
    })
    expect(reason(need, { called: 'tulle', gsm: 20 }, 'weight')).toMatchObject({
      status: 'good',
      text: expect.stringContaining('net'),
    })
  })
})
