import { type LayTask, type Placement } from '@/core/lay/types'
import { areaOf, boxOf, type Point } from '@/core/shapes/polygon'
import { plainPiece } from '../../../../tests/support/lay/jigsaw'
import { bandsOf, densityOf, placementKeyOf, turnedOver, usedOf } from './boardGeometry'
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
  const near = turnedOver([placed(2, 60)], 'front 2', true)[0]!
  expect(words([placed(1, 10), near])).toEqual(['Front overlaps Front'])
  expect(words([placed(1, 0), pair[1]!])).toEqual(['Front is off the fabric'])
  expect(words([placed(1, 10), placed(2, 400)])).toEqual(['Front: you need a left and a right one'])
  expect(words(turnedOver(pair, 'front 1', false))).toEqual(['Front is against the nap'])
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
  const box = (placements: Placement[]) => boxOf(placements.find((one) => placementKeyOf(one) === 'front 1')!.polygon)
  expect(box(movedBy(pair, 'front 1', [6, 8], on)).minX).toBe(10)
  expect(box(movedBy(pair, 'front 1', [6, 8], on)).minY).toBe(0)
  expect(box(movedBy(pair, 'front 1', [6, 8], { ...on, isLoose: true })).minX).toBe(16)
  expect(movedBy(pair, 'front 1', [6, 8], on)[1]).toBe(pair[1])
})

describe('on a border print', () => {
  const border = { side: 'left', reachMm: 200, footMm: 10, isKeptClear: true } as const
  const bordered: LayTask = {
    ...task,
    cloth: { ...task.cloth!, border },
    pieces: [plainPiece('front', WEDGE, { onBorder: true }), plainPiece('cuff', WEDGE)],
  }
  const both = { ...on, task: bordered, names: new Map([...names, ['cuff', 'Cuff']]) }
  // A quarter turned: its foot, at the drawing’s y = 0, comes to lie on the left.
  const across = (x: number): Placement =>
    placed(1, 0, { polygon: WEDGE.map(([px, py]): Point => [py + x, 300 - px]), degrees: 270, at: [x, 300] })
  const cuffAt = (x: number): Placement => ({
    ...placed(1, x),
    id: 'cuff',
    polygon: WEDGE.map(([px, py]): Point => [px + x, py + 400]),
    at: [x, 400],
  })
  const words = (placements: Placement[]) => faultsOn(placements, both).map((fault) => fault.words)
  it('finds nothing wrong with a foot on its line and the rest beside the border', () => {
    expect(words([across(10), cuffAt(300)])).toEqual([])
  })
  it('says which foot is off it, and what lies on it', () => {
    expect(words([across(30), cuffAt(300)])).toEqual(['Front does not have its bottom edge on the border'])
    expect(words([across(10), cuffAt(120)])).toEqual(['Cuff overlaps the border'])
  })
  it('draws the border as far as it reaches, on each side that has one', () => {
    const bands = (side: 'left' | 'right' | 'both') =>
      bandsOf({ ...task.cloth!, border: { ...border, side } }, 900).map((band) => boxOf(band))
    expect(bands('left')).toEqual([{ minX: 0, maxX: 200, minY: 0, maxY: 900 }])
    expect(bands('both').map(({ minX, maxX }) => [minX, maxX])).toEqual([
      [0, 200],
      [800, 1000],
    ])
    expect(bandsOf(task.cloth!, 900)).toEqual([])
  })
})
