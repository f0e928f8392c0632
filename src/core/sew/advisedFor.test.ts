import { namedCloths } from '../cloths/catalogue'
import { offerFrom } from '../fabric/offer'
import { sewAdvice } from './advice'
import { advisedFor } from './advisedFor'
import { techniques } from './techniques'

it.each([
  ['french', 'chiffon', 'denim'],
  ['flat-felled', 'drill', 'chiffon'],
  ['rolled', 'chiffon', 'coating'],
  ['twin-needle', 'jersey', 'poplin'],
])('%s is advised for %s, and not for %s', (technique, cloth, not) => {
  const cloths = advisedFor(technique)
  expect(cloths).toContain(cloth)
  expect(cloths).not.toContain(not)
})

it('says the same as the advice for a piece of that cloth', () => {
  for (const { id, name } of namedCloths.filter((_, i) => i % 9 === 0)) {
    const { seams, hems } = sewAdvice({ offer: offerFrom({ called: name.uk }), machine: { overlocker: true } })
    for (const first of [seams[0], hems[0]]) if (first) expect(advisedFor(first.id)).toContain(id)
  }
})

it('every cloth has a seam that is drawn', () => {
  const drawn = new Set(techniques.filter(({ what }) => what === 'seam').flatMap(({ id }) => advisedFor(id)))
  // What has no edge to fray, and what is glued or lapped, wants none of the drawn ones.
  expect(drawn.size).toBeGreaterThan(0.8 * namedCloths.length)
})

it('knows nothing of what nobody advises', () => {
  expect(advisedFor('glue')).toEqual([])
})
