import { areaOf, boxOf } from '../../shapes/polygon'
import { type Place } from './condition'
import { tornDown } from './teardown'

const shirt = (places: Place[] = []) =>
  tornDown({
    garment: 'shirt',
    offer: {},
    chestMm: 1100,
    hipMm: null,
    lengthMm: 750,
    seams: 'plain',
    worn: [],
    places,
  })
const place = (rest: Partial<Place> = {}): Place => ({
  panel: 'back',
  is: 'stained',
  x: 0.5,
  y: 0.5,
  acrossMm: 100,
  onEach: false,
  ...rest,
})
const of = (answer: ReturnType<typeof shirt>, id: string) => answer.panels.find((panel) => panel.id === id)!
const round = Math.PI * 50 ** 2

test.each(['worn', 'stained', 'torn'] as const)('a place that is %s is a hole in its panel, and no cloth', (is) => {
  const [good, bad] = [shirt(), shirt([place({ is })])]
  expect(of(bad, 'back').holes).toHaveLength(1)
  expect(areaOf(of(bad, 'back').holes[0]!)).toBeCloseTo(round, -3)
  expect(good.clothMm2.value - bad.clothMm2.value).toBeGreaterThan(round * 0.98)
  expect(good.clothMm2.value - bad.clothMm2.value).toBeLessThan(round * 1.01)
})

test('what is faded stays cloth, and is shown where it is', () => {
  const answer = shirt([place({ is: 'faded', x: 0.25, y: 0.75 })])
  expect(answer.clothMm2.value).toBe(shirt().clothMm2.value)
  const { faded, outline } = of(answer, 'back')
  const [spot, panel] = [boxOf(faded[0]!), boxOf(outline)]
  expect((spot.minX + spot.maxX) / 2).toBeCloseTo(panel.maxX * 0.25, 0)
  expect((spot.minY + spot.maxY) / 2).toBeCloseTo(panel.maxY * 0.75, 0)
})

test('of two sleeves, the one that is stained is told apart from the other', () => {
  const answer = shirt([place({ panel: 'sleeve' })])
  expect(of(answer, 'sleeve')).toMatchObject({ count: 1, holes: [] })
  expect(of(answer, 'sleeve-marked')).toMatchObject({ count: 1 })
  expect(of(answer, 'sleeve-marked').holes).toHaveLength(1)
  const each = shirt([place({ panel: 'sleeve', onEach: true })])
  expect(of(each, 'sleeve')).toMatchObject({ count: 2 })
  expect(of(each, 'sleeve').holes).toHaveLength(1)
})

test('a place at the edge bites into the outline, and leaves no hole', () => {
  const back = of(shirt([place({ x: 0.5, y: 0 })]), 'back')
  expect(back.holes).toHaveLength(0)
  expect(areaOf(back.outline)).toBeLessThan(areaOf(of(shirt(), 'back').outline) - round * 0.4)
})

test('a place on a panel that this garment has not is no place', () => {
  expect(shirt([place({ panel: 'sail' })]).clothMm2.value).toBe(shirt().clothMm2.value)
})
