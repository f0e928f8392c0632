import { offerFrom, type Described } from '../fabric/offer'
import { furtherWays } from './ways'

const suits = (id: string, cloth: Described) => furtherWays(offerFrom(cloth)).find((way) => way.id === id)!.suits

it.each([
  ['natural-dye', { fibres: ['wool'] }, 'well'],
  ['natural-dye', { fibres: ['cotton'] }, 'with-care'],
  ['natural-dye', { fibres: ['polyester'] }, 'not'],
  ['over-print', { called: 'poplin' }, 'well'],
  ['over-print', { called: 'oilcloth' }, 'not'],
  ['over-print', { called: 'velvet' }, 'not'],
  ['over-print', { fibres: ['acetate'], construction: 'woven' }, 'with-care'],
  ['paint', { called: 'jersey' }, 'with-care'],
  ['patch', { called: 'tulle' }, 'with-care'],
  ['quilt', { called: 'melton' }, 'not'],
  ['quilt', { called: 'lawn' }, 'well'],
  ['weave-strips', { called: 'chiffon' }, 'with-care'],
] as [string, Described, string][])('%s of %j: %s', (id, cloth, expected) => {
  expect(suits(id, cloth)).toBe(expected)
})

it('puts first what suits, and warns of poisonous mordants', () => {
  const ways = furtherWays(offerFrom({ called: 'poplin' }))
  expect(ways[0]!.suits).toBe('well')
  expect(ways.find(({ id }) => id === 'natural-dye')!.text).toMatch(/poisonous/)
})
