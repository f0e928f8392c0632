import { BODIES, OPACITIES } from '../../vocabulary/cloth'
import { namedCloths } from '../../cloths/catalogue'
import { chosenWord, DETAILS, GARMENTS, type Garment } from '../../vocabulary/choosing'
import { detailRules } from './details'
import { garmentNeeds } from './garments'
import { match } from '../match'
import { offerFrom } from '../../fabric/offer'

const offers = namedCloths.map((cloth) => ({ cloth, offer: offerFrom({ called: cloth.name.uk }) }))

function best(garment: Garment): string[] {
  return offers
    .map(({ cloth, offer }) => ({ id: cloth.id, score: match({ garment }, offer).score }))
    .sort((a, b) => b.score - a.score)
    .slice(0, 12)
    .map(({ id }) => id)
}

describe('garments', () => {
  it.each(GARMENTS.map((garment) => [garment]))('%s has a sound need, and some cloth that suits it', (garment) => {
    const { gsm, stretchWidth, body, opacity } = garmentNeeds[garment]
    expect(gsm[0]).toBeLessThan(gsm[1])
    expect(stretchWidth[0]).toBeLessThanOrEqual(stretchWidth[1])
    expect(body.every((one) => BODIES.includes(one))).toBe(true)
    expect(opacity.every((one) => OPACITIES.includes(one))).toBe(true)
    expect(offers.some(({ offer }) => match({ garment }, offer).verdict === 'suits')).toBe(true)
  })

  // Common practice: what people would reach for.
  it.each([
    ['jeans', ['denim', 'denim-heavy', 'denim-stretch']],
    ['leggings', ['swim-knit']],
    ['coat', ['coating', 'melton', 'tweed']],
    ['shirt', ['poplin', 'shirting', 'chambray']],
    ['dress-fluid', ['challis', 'georgette', 'crepe-de-chine']],
    ['tee-knit', ['jersey']],
    ['bag', ['canvas']],
    ['sweatshirt', ['loopback']],
  ] as const)('%s ranks what people reach for among its best', (garment, wanted) => {
    const ranked = best(garment)
    expect(wanted.some((id) => ranked.includes(id))).toBe(true)
  })

  it('of knits take no woven cloth, and the other way round', () => {
    const woven = offers.filter(({ cloth }) => cloth.construction === 'woven')
    const knit = offers.filter(({ cloth }) => cloth.construction === 'knit')
    expect(woven.every(({ offer }) => match({ garment: 'leggings' }, offer).verdict === 'unsuitable')).toBe(true)
    expect(knit.every(({ offer }) => match({ garment: 'jeans' }, offer).verdict === 'unsuitable')).toBe(true)
  })
})

describe('details', () => {
  it.each(DETAILS.map((detail) => [detail]))('%s has a rule whose words match its limits', (detail) => {
    const { gsm, tooHeavy, tooLight, stretchAtLeast } = detailRules[detail]
    if (gsm?.[0] != null && gsm[1] != null) expect(gsm[0]).toBeLessThan(gsm[1])
    if (gsm?.[1] != null && gsm[0] == null) expect(tooHeavy).toBeDefined()
    if (gsm?.[0] != null && gsm[1] == null) expect(tooLight).toBeDefined()
    if (stretchAtLeast !== undefined) expect(stretchAtLeast).toBeGreaterThan(0)
    expect(chosenWord(detail)).toMatch(/^[a-z][a-z -]+$/)
  })

  it('never help a score: a pattern with a detail asks at least as much as one without', () => {
    for (const { offer } of offers.slice(0, 30)) {
      const plain = match({ garment: 'jumpsuit' }, offer).score
      for (const detail of ['belt', 'gathers', 'collar', 'pleats', 'topstitching'] as const) {
        expect(match({ garment: 'jumpsuit', details: [detail] }, offer).score).toBeLessThanOrEqual(plain + 1e-12)
      }
    }
  })

  it('can be left off where the rule says so, and then cost nothing', () => {
    const offer = offerFrom({ called: 'chiffon' })
    const withCollar = match({ garment: 'blouse', details: ['collar'] }, offer)
    const leaveOff = withCollar.remedies.find(({ id }) => id === 'leave-off-collar')!
    expect(leaveOff.scoreAfter).toBeCloseTo(match({ garment: 'blouse' }, offer).score, 12)
    expect(withCollar.remedies.map(({ id }) => id)).toContain('interface-it')
  })
})

describe('words', () => {
  it('are UK or US where they differ', () => {
    expect([chosenWord('trousers', 'uk'), chosenWord('trousers', 'us')]).toEqual(['trousers', 'pants'])
    expect([chosenWord('zip', 'uk'), chosenWord('zip', 'us')]).toEqual(['zip', 'zipper'])
    expect(chosenWord('patch-pockets')).toBe('patch pockets')
  })

  it('of weights follow the units asked for', () => {
    const offer = offerFrom({ gsm: 150 })
    const text = (system: 'metric' | 'imperial') =>
      match({ garment: 'shirt' }, offer, system).reasons.find(({ property }) => property === 'weight')!.text
    expect(text('metric')).toContain('90 to 170 g/m²')
    expect(text('imperial')).toContain('oz/yd²')
  })
})
