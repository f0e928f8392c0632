import { offerFrom, type Described } from '../../fabric/offer'
import { type Damage } from './damages'
import { mendWays, patchFit } from './mend'

const first = (cloth: Described, damage: Damage, mm: number) =>
  mendWays({ offer: offerFrom(cloth), damage, mm })[0]!.id
const all = (cloth: Described, damage: Damage, mm: number) =>
  mendWays({ offer: offerFrom(cloth), damage, mm }).map(({ id }) => id)

it.each([
  [{ called: 'poplin' }, 'seam', 80, 'seam-again'],
  [{ called: 'sweater-knit', gsm: 300, fibres: ['wool'] }, 'worn', 40, 'swiss-darn'],
  [{ called: 'melton', fibres: ['wool'] }, 'hole', 10, 'needle-felt'],
  [{ called: 'poplin' }, 'hole', 8, 'woven-darn'],
  [{ called: 'poplin' }, 'hole', 40, 'patch-behind'],
  [{ called: 'poplin' }, 'tear', 60, 'fishbone'],
  [{ called: 'chiffon' }, 'hole', 30, 'sheer-tulle'],
  [{ called: 'denim' }, 'worn', 60, 'patch-behind'],
] as [Described, Damage, number, string][])('mends %j, %s of %d mm: %s', (cloth, damage, mm, expected) => {
  expect(first(cloth, damage, mm)).toBe(expected)
})

it('keeps hot glue off what bears no iron, and knits off firm seams', () => {
  expect(all({ fibres: ['acrylic'] }, 'hole', 30)).not.toContain('fusible-behind')
  expect(all({ called: 'denim' }, 'hole', 30)).toContain('fusible-behind')
  expect(all({ called: 'jersey' }, 'seam', 30)).toContain('seam-stay')
  expect(all({ called: 'poplin' }, 'seam', 30)).not.toContain('seam-stay')
  expect(all({ called: 'denim' }, 'worn', 60)).toContain('machine-darn')
  expect(all({ called: 'denim' }, 'hole', 120)).toContain('patch-on-top')
})

describe('a patch', () => {
  const ground: Described = { called: 'poplin', gsm: 120, fibres: ['cotton'], washed: true, colour: '#203a6a' }
  const fit = (patch: Described) => patchFit(offerFrom(ground), offerFrom(patch))
  it('of the same cloth, washed, goes best', () => {
    const own = fit(ground)
    expect(own.fit).toBeCloseTo(1, 5)
    expect(own.against).toEqual([])
  })
  it.each([
    ['another fibre', { fibres: ['polyester'] }],
    ['heavier than the fabric', { gsm: 320 }],
    ['different colour', { colour: '#e8d060' }],
    ['different weave', { construction: 'knit' }],
    ['wash it first: it would pucker', { washed: false }],
  ] as [string, Described][])('%s fits less', (why, change) => {
    const other = fit({ ...ground, ...change })
    expect(other.fit).toBeLessThan(0.95)
    expect([...other.against, ...(other.against.length === 0 ? [why] : [])]).toContain(why)
  })
  it('that is a little lighter is as good, and one that is heavier is not', () => {
    expect(fit({ ...ground, gsm: 90 }).fit).toBeCloseTo(fit(ground).fit, 5)
    expect(fit({ ...ground, gsm: 160 }).fit).toBeLessThan(fit(ground).fit)
  })
})
