import { namedCloths } from '../cloths/catalogue'
import { reviewCard, type Begun } from './schedule'
import { Rating } from 'ts-fsrs'
import { lookById, neighboursOf, nextLook, optionsFor, partedBy } from './looks'

const AT = '2026-05-02T10:00:00.000Z'
const cloth = (id: string) => lookById(id)!

it('offers a cloth among three of its neighbours, each once, the same for the same seed', () => {
  for (const one of namedCloths.slice(0, 40)) {
    const options = optionsFor(one, 5)
    expect(new Set(options.map(({ id }) => id)).size).toBe(4)
    expect(options).toContain(one)
    expect(optionsFor(one, 5)).toEqual(options)
  }
  const places = Array.from({ length: 200 }, (_, seed) => optionsFor(cloth('denim'), seed).indexOf(cloth('denim')))
  for (const place of [0, 1, 2, 3]) expect(places.filter((one) => one === place).length).toBeGreaterThan(25)
})

it('takes for neighbours what is made and weighs alike', () => {
  const near = neighboursOf(cloth('denim')).slice(0, 6)
  expect(near.every(({ construction }) => construction === 'woven')).toBe(true)
  expect(neighboursOf(cloth('denim')).map(({ id }) => id)).not.toContain('denim')
  const knits = neighboursOf(cloth('jersey')).slice(0, 6)
  expect(knits.every(({ construction }) => construction === 'knit')).toBe(true)
})

it('says the looks that part two cloths, and none that they share', () => {
  const parted = partedBy(cloth('corduroy'), cloth('denim'))
  expect(parted.length).toBeGreaterThan(0)
  for (const { one, other } of parted) expect(one).not.toBe(other)
  expect(partedBy(cloth('denim'), cloth('denim'))).toEqual([])
})

it('begins with what is met most, and comes back to what is due', () => {
  const common = namedCloths
    .toSorted((a, b) => b.common - a.common)
    .slice(0, 4)
    .map(({ id }) => id)
  expect(common).toContain(nextLook([], AT, 1).id)
  const card = reviewCard(null, Rating.Good, '2026-03-01T10:00:00.000Z')
  const due: Begun[] = namedCloths.map(({ id }) => ({ topic: id, card: { ...card, state: 2 }, right: [true] }))
  expect(nextLook(due, AT, 1).id).toBe(namedCloths[0]!.id)
})
