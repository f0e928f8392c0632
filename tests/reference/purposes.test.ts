import { match } from '@/core/choose/match'
import { type MatchProperty, type MatchVerdict } from '@/core/choose/fit/types'
import { offerFrom, type Described } from '@/core/fabric/offer'
import { type Garment, type Role } from '@/core/vocabulary/choosing'

// Common practice: what a thing is for decides over its fabric, whatever that weighs and however it falls.

function judged(garment: Garment, fabric: Described, role: Role = 'main') {
  return match({ garment, role }, offerFrom(fabric))
}

const SUITS: readonly MatchVerdict[] = ['suits', 'suits-with-changes']

test.each<[Garment, string, Role?]>([
  ['napkin', 'linen'],
  ['napkin', 'cotton poplin'],
  ['napkin', 'cotton damask'],
  ['towel', 'terry'],
  ['towel', 'cotton waffle'],
  ['towel', 'linen huckaback'],
  ['raincoat', 'waxed cotton'],
  ['raincoat', 'softshell'],
  ['raincoat', 'oilcloth'],
  ['pillowcase', 'sheeting'],
  ['pillowcase', 'cotton poplin'],
  ['pillowcase', 'linen'],
  ['duvet-cover', 'cotton sateen'],
  ['tablecloth', 'linen'],
  ['blouse', 'silk habotai', 'lining'],
  ['blouse', 'cotton lawn', 'lining'],
  ['coat', 'viscose twill', 'lining'],
  ['blazer', 'cupro lining', 'lining'],
])('for a %s, %s does (%s)', (...[garment, called, role]) => {
  expect(SUITS).toContain(judged(garment, { called }, role).verdict)
})

test.each<[Garment, Described, MatchProperty, Role?]>([
  ['napkin', { called: 'wool flannel' }, 'absorbency'],
  ['napkin', { called: 'polyester satin' }, 'absorbency'],
  ['napkin', { called: 'poplin', fibres: ['silk'] }, 'absorbency'],
  ['napkin', { called: 'oilcloth' }, 'absorbency'],
  ['napkin', { called: 'poplin', fibres: ['wool'] }, 'hot-wash'],
  ['tablecloth', { called: 'suiting' }, 'hot-wash'],
  ['towel', { called: 'polyester satin' }, 'absorbency'],
  ['towel', { called: 'cotton poplin' }, 'loops'],
  ['raincoat', { called: 'linen' }, 'rain'],
  ['raincoat', { called: 'cotton poplin' }, 'rain'],
  ['raincoat', { called: 'chiffon' }, 'rain'],
  ['raincoat', { called: 'jersey' }, 'rain'],
  ['pillowcase', { called: 'wool suiting' }, 'hot-wash'],
  ['pillowcase', { called: 'hessian' }, 'smoothness'],
  ['blouse', { called: 'terry' }, 'slip', 'lining'],
])('for a %s, %j does not: %s', (...[garment, fabric, why, role]) => {
  const { verdict, reasons } = judged(garment, fabric, role)
  expect(SUITS).not.toContain(verdict)
  expect(reasons.find(({ property }) => property === why)?.status).toMatch(/bad|near/)
})

test.each<[Garment, MatchProperty, Role?]>([
  ['napkin', 'absorbency'],
  ['napkin', 'hot-wash'],
  ['towel', 'loops'],
  ['raincoat', 'rain'],
  ['pillowcase', 'smoothness'],
  ['swimwear', 'water'],
  ['coat', 'slip', 'lining'],
])('for a %s, nothing is said of %s where nothing is known', (...[garment, property, role]) => {
  expect(judged(garment, {}, role).reasons.find((one) => one.property === property)?.status).toBe('unknown')
})

test('a purpose is asked of what shows, not of what is inside', () => {
  const properties = (garment: Garment, role: Role) => judged(garment, {}, role).reasons.map((one) => one.property)
  expect(properties('raincoat', 'lining')).not.toContain('rain')
  expect(properties('napkin', 'interfacing')).not.toContain('absorbency')
  expect(properties('bag', 'lining')).not.toContain('slip')
  expect(properties('leggings', 'lining')).not.toContain('slip')
  expect(properties('swimwear', 'lining')).toContain('water')
})

test.each(['viscose satin', 'acetate twill lining', 'silk habotai', 'polyester taffeta', 'cupro twill'])(
  '%s slides over what is worn under it',
  (called) => {
    const slip = judged('coat', { called }, 'lining').reasons.find(({ property }) => property === 'slip')
    expect(slip?.status).toBe('good')
  },
)

test.each(['brushed cotton', 'terry', 'calico', 'velveteen'])('%s drags in a sleeve', (called) => {
  const slip = judged('coat', { called }, 'lining').reasons.find(({ property }) => property === 'slip')
  expect(slip?.status).toBe('bad')
})
