import { readFileSync, writeFileSync } from 'node:fs'
import { firesOn, handlingTable } from '../../../tests/support/handlingTable'
import { offerFrom, type Described } from '../fabric/offer'
import { sewAdvice, SEW_RULES } from './advice'
import { HEM_RULES } from './hems'
import { SEAM_RULES } from './seams'
import { HEM_WORDS, SEAM_WORDS } from './seamWords'
import { type SewAsked } from './sewCase'

const advise = (called: string, asked: Partial<SewAsked> = {}, more: Described = {}) =>
  sewAdvice({ machine: { overlocker: true }, ...asked, offer: offerFrom({ called, ...more }) })

const all = Object.values(SEW_RULES).flat()

describe('every rule', () => {
  it('has a name of its own', () => {
    expect(new Set(all.map(({ id }) => id)).size).toBe(all.length)
  })
  it.each(all.map((rule) => [rule.id, rule] as const))('%s fires on some cloth', (_, rule) => {
    const { on } = firesOn(rule)
    expect(on.length).toBeGreaterThan(0)
  })
  const always = /-(universal|usual|standard|straight|folded|shears|nothing|chalk|polyester|woven|none|wrong)$/
  const forAll = ['test-seam', 'blades-and-needles', 'attach-fusible', 'thread-polyester']
  it.each(
    all
      .filter(({ id, safety }) => !(safety <= 1 && (always.test(id) || forAll.includes(id))))
      .map((rule) => [rule.id, rule] as const),
  )('%s does not fire on every cloth', (_, rule) => {
    const { off } = firesOn(rule)
    expect(off.length).toBeGreaterThan(0)
  })
  it('stands in the table of rules, which is as the rules are now', () => {
    if (process.env.UPDATE_TABLES) writeFileSync('docs/handling.md', handlingTable())
    expect(readFileSync('docs/handling.md', 'utf8')).toBe(handlingTable())
  })
})

// A seam that no rule speaks for would never be told to anybody, and the compiler cannot see it.
it.each([
  ['seam', SEAM_RULES, Object.keys(SEAM_WORDS)],
  ['hem', HEM_RULES, Object.keys(HEM_WORDS)],
] as const)('some rule speaks for each kind of %s', (_, rules, kinds) => {
  const spokenFor = new Set(
    rules.flatMap(({ gives }) => Object.entries(gives).flatMap(([id, points]) => (points > 0 ? id : []))),
  )
  expect(kinds.filter((id) => !spokenFor.has(id))).toEqual([])
})

describe('what an experienced sewist would say (common practice)', () => {
  it('of silk charmeuse', () => {
    const a = advise('silk charmeuse', { garment: 'camisole' })
    expect(a.needle).toMatchObject({ nm: [60, 70], point: 'sharp' })
    expect(a.stitch).toMatchObject({ mm: [1.5, 2], kind: 'straight' })
    expect(a.thread.choices[0]!.fibre).toBe('silk')
    expect(a.cutting).toMatchObject({ layers: 'single', under: 'tissue' })
    expect(a.pressing).toMatchObject({ steam: false, pressCloth: true, side: 'wrong' })
    expect(a.interfacing).toMatchObject({ attach: 'sew-in', construction: 'woven' })
    expect(a.seams[0]!.id).toBe('french')
    expect(
      a.hems
        .slice(0, 2)
        .map(({ id }) => id)
        .sort(),
    ).toEqual(['narrow-double', 'rolled'])
  })
  it('of heavy denim for jeans', () => {
    const a = advise('denim', { garment: 'jeans' }, { gsm: 400 })
    expect(a.needle).toMatchObject({ nm: [90, 100], point: 'jeans' })
    expect(a.seams[0]!.id).toBe('flat-felled')
    expect(a.hems[0]!.id).toBe('double')
    expect(a.cutting.layers).toBe('folded')
    expect(a.pressing).toMatchObject({ ironDots: 3, steam: true, pressCloth: false })
  })
  it('of jersey with elastane', () => {
    const a = advise('jersey', {}, { fibres: ['cotton', 'elastane'], stretchPercent: { width: 60 } })
    expect(a.needle.point).toBe('stretch')
    expect(a.stitch.kind).toBe('stretch')
    expect(a.thread.choices.map(({ fibre }) => fibre)).not.toContain('cotton')
    expect(a.seams[0]!.id).toBe('overlocked')
    expect(a.hems[0]!.id).toBe('twin-needle')
    expect(a.order.map(({ id }) => id)).toContain('stay-tape-knit')
  })
  it('of velvet', () => {
    const a = advise('velvet', { garment: 'gown', machine: { walkingFoot: true } })
    expect(a.cutting.layers).toBe('single')
    expect(a.foot.id).toBe('walking')
    expect(a.pinning.id).toBe('hand-tacking')
    expect(a.hems[0]!.id).toBe('deep-hand')
    expect(a.order.map(({ id }) => id)).toEqual(expect.arrayContaining(['one-way', 'sew-with-pile']))
    expect(a.hems.map(({ id }) => id)).not.toContain('double')
  })
  it('of a film on a ground', () => {
    const a = advise('faux leather', { garment: 'bag' })
    expect(a.pinning.id).toBe('clips')
    expect(a.stitch).toMatchObject({ kind: 'straight', mm: [3, 4] })
    expect(a.foot.id).toBe('non-stick')
    expect(a.warnings.map(({ id }) => id)).toEqual(expect.arrayContaining(['pins-leave-holes', 'iron-melts']))
    expect(['plain', 'lapped']).toContain(a.seams[0]!.id)
  })
  it('of challis, by either school', () => {
    expect(advise('challis').needle).toMatchObject({ nm: [70, 70], point: 'sharp' })
    const other = advise('challis', { schools: { needle: 'universal', cutting: 'folded' } })
    expect(other.needle.point).toBe('universal')
    expect(other.cutting.layers).toBe('folded')
    expect(other.cutting.others.map(({ id }) => id)).toContain('cut-single-slippery')
    expect(advise('challis', { garment: 'skirt-full' }).order.map(({ id }) => id)).toContain('hang-before-hem')
  })
  it('of a coat’s wool, lined', () => {
    const a = advise('coating', { garment: 'coat', lined: true })
    expect(a.hems[0]!.id).toBe('deep-hand')
    expect(['plain', 'pinked']).toContain(a.seams[0]!.id)
    expect(a.pressing).toMatchObject({ steam: true, pressCloth: true })
    expect(a.hems.map(({ id }) => id)).not.toContain('double')
  })
})

describe('what it rests on', () => {
  it('changes when the cloth is weighed', () => {
    const [light, heavy] = [70, 350].map((gsm) => sewAdvice({ offer: offerFrom({ gsm, construction: 'woven' }) }))
    expect(light!.needle.nm[0]).toBeLessThan(heavy!.needle.nm[0])
    expect(light!.interfacing.maxGsm).toBe(70)
    expect(sewAdvice({ offer: offerFrom({}) }).warnings.map(({ id }) => id)).toContain('weight-guessed')
  })
  it('stays within what the person has', () => {
    for (const called of ['chambray', 'linen', 'jersey', 'velvet', 'georgette', 'tweed']) {
      const without = advise(called, { machine: { overlocker: false }, schools: { seam: 'overlocked' } })
      expect(without.seams.map(({ id }) => id)).not.toContain('overlocked')
      expect(without.seams.length).toBeGreaterThan(0)
    }
    expect(advise('chiffon', { machine: { smallestNeedle: 80 } }).needle.nm).toEqual([80, 80])
    expect(advise('velvet').foot.text).toMatch(/worth buying/)
  })
  it('lets interfacing be heavier only where it has to stand', () => {
    expect(advise('canvas', { garment: 'shirt' }, { gsm: 200 }).interfacing.maxGsm).toBe(200)
    expect(advise('canvas', { garment: 'bag' }, { gsm: 200 }).interfacing.maxGsm).toBeGreaterThan(200)
  })
  it('names a known rule for every choice', () => {
    const known = new Set([...all.map(({ id }) => id), 'iron-by-tenderest', 'interfacing-no-heavier'])
    const a = advise('corduroy', { garment: 'trousers' })
    const named = [...JSON.stringify(a).matchAll(/"because":\[([^\]]*)\]/g)].flatMap(([, list]) =>
      list!.split(',').map((id) => id.replaceAll('"', '')),
    )
    expect(named.length).toBeGreaterThan(20)
    for (const id of named) expect(known).toContain(id)
  })
})
