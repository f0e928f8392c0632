import { type LayTask, type Placement } from '@/core/lay/types'
import { areaOf, boxOf, type Point } from '@/core/shapes/polygon'
import { plainPiece } from '../../../../tests/support/lay/jigsaw'
import { densityOf, keyOf, turnedOver, usedOf } from './board'
import { faultsOn, movedBy } from './hand'

const WEDGE: Point[] = [
  [0, 0],
  [200, 0],
  [120, 300],
  [0, 300],
]
const task: LayTask = {
  cloth: { widthMm: 1000, selvedgeMm: 10, lengthMm: 1000, oneWay: true, layers: 'single', repeatMm: { x: 0, y: 0 } },
  pieces: [plainPiece('front', WEDGE, { count: 2, pair: true })],
  match: [],
  gapMm: 0,
  seed: 1,
}
const names = new Map([['front', 'Front']])
const on = { task, layers: 'single' as const, names }

const placed = (copy: number, x: number, rest: Partial<Placement> = {}): Placement => ({
  id: 'front',
  copies: [copy],
  panel: null,
  panelCopy: null,
  mirrored: false,
  polygon: WEDGE.map(([px, py]): Point => [px + x, py]),
  degrees: 0,
  at: [x, 0],
  ...rest,
})
const pair = [placed(1, 10), ...turnedOver([placed(2, 400)], 'front 2', true)]

it('finds nothing wrong with a pair that lies apart', () => {
  expect(faultsOn(pair, on)).toEqual([])
  expect([usedOf(pair, 'single'), usedOf(pair, 'folded-crosswise')]).toEqual([300, 600])
  expect(densityOf(pair, task, 'single')).toBeCloseTo((2 * areaOf(WEDGE)) / (980 * 300))
})

it('tells what lies on another, off the cloth, against the nap, and both of one hand', () => {
  const words = (placements: Placement[]) => faultsOn(placements, on).map((fault) => fault.words)
  expect(words([placed(1, 10), { ...pair[1]!, polygon: placed(2, 60).polygon }])).toEqual(['Front lies on Front'])
  expect(words([placed(1, 0), pair[1]!])).toEqual(['Front is off the cloth'])
  expect(words([placed(1, 10), placed(2, 400)])).toEqual(['Front: there must be one of each hand'])
  expect(words(turnedOver(pair, 'front 1', false))).toEqual(['Front lies against the nap'])
})

it('turns a piece about its middle, and twice is not at all', () => {
  const once = turnedOver(pair, 'front 1', false)
  expect(boxOf(once[0]!.polygon)).toEqual(boxOf(pair[0]!.polygon))
  expect(once[0]!.degrees).toBe(180)
  const twice = turnedOver(once, 'front 1', false)[0]!
  twice.polygon.forEach(([x, y], i) => {
    expect(x).toBeCloseTo(pair[0]!.polygon[i]![0])
    expect(y).toBeCloseTo(pair[0]!.polygon[i]![1])
  })
  const [over] = turnedOver(pair, 'front 1', true)
  expect([over!.mirrored, over!.degrees]).toEqual([true, 0])
})

it('draws a piece that is moved to the edge, unless it is moved by key', () => {
  const box = (placements: Placement[]) => boxOf(placements.find((one) => keyOf(one) === 'front 1')!.polygon)
  expect(box(movedBy(pair, 'front 1', [6, 8], on)).minX).toBe(10)
  expect(box(movedBy(pair, 'front 1', [6, 8], on)).minY).toBe(0)
  expect(box(movedBy(pair, 'front 1', [6, 8], { ...on, isLoose: true })).minX).toBe(16)
  expect(movedBy(pair, 'front 1', [6, 8], on)[1]).toBe(pair[1])
})
