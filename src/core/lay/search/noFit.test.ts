import { again, concave } from '../../../../tests/support/lay/uglyTask'
import { doSidesCross, isInside, samplesOf, sharedDepth } from '../../../../tests/support/lay/sampling'
import { ELL as L } from '../../../../tests/support/lay/ell'
import { seededRandom } from '../../numbers/seededRandom'
import { boxOf, signedArea, tidyOutline, type Outline, type Point } from '../../shapes/polygon'
import { convexParts } from '../convex'
import { isBoundary, minkowskiSum, withoutSpikes } from '../minkowskiSum'
import { depthIn, noFitOf, turnedAbout } from './noFit'

const PAIRS = 2000
const PLACES = 12

/** Places of the second at which the boxes meet, at random and with sides of both on one line. */
function placesOf(one: Outline, other: Outline, chance: () => number): Point[] {
  const [a, b] = [boxOf(one), boxOf(other)]
  return Array.from({ length: PLACES }, (_, i): Point => {
    const [p, q] = [one[Math.floor(chance() * one.length)]!, other[Math.floor(chance() * other.length)]!]
    // In every third place two corners lie one above the other: where errors of parallel sides are.
    const x = i % 3 === 0 ? p[0] - q[0] : a.minX - b.maxX + chance() * (a.maxX - a.minX + b.maxX - b.minX)
    return [x, a.minY - b.maxY + chance() * (a.maxY - a.minY + b.maxY - b.minY)]
  })
}

it('reads no overlapping place as free, nor a free place as overlapping, of shapes with bays, equal and turned', () => {
  const chance = seededRandom(26)
  const wrong: unknown[] = []
  for (let pair = 0; pair < PAIRS; pair++) {
    const one = tidyOutline(concave(chance))
    const other = tidyOutline(pair % 2 === 0 ? again(one, chance) : concave(chance))
    const noFit = noFitOf([one], other)
    const samples = samplesOf(one)
    for (const at of placesOf(one, other, chance)) {
      const sure = sharedDepth(samples, other, at)
      const depth = depthIn(noFit, at[0], at[1])
      if (sure > 0.05 && depth < sure - 0.05) wrong.push({ pair, at, sure, depth })
      if (sure > 0 || depth < 0.05) continue
      const isApart =
        !doSidesCross(one, other, at) &&
        !isInside([one[0]![0] - at[0], one[0]![1] - at[1]], other) &&
        !isInside([other[0]![0] + at[0], other[0]![1] + at[1]], one)
      if (isApart) wrong.push({ pair, at, depth, isFree: true })
    }
  }
  expect(wrong).toEqual([])
})

const U: Outline = [
  [0, 0],
  [400, 0],
  [400, 200],
  [350, 200],
  [350, 50],
  [50, 50],
  [50, 200],
  [0, 200],
]
// A union that left a spike in lost a corner of this sum: 20,800 mm² of 349,600 mm².
it('has the whole sum of two shapes with parallel sides', () => {
  const about = L.map(([x, y]): Point => [-x, -y])
  const area = minkowskiSum([U], about).reduce((sum, loop) => sum + signedArea(loop), 0)
  expect(area).toBeCloseTo(349_600, 0)
  expect(depthIn(noFitOf([U], L), 0, -300)).toBeGreaterThan(49)
  expect(depthIn(turnedAbout(noFitOf([L], U)), 0, -300)).toBeGreaterThan(49)
})

it('takes out of a line what runs to and fro', () => {
  const line: Outline = [
    [0, 0],
    [10, 0],
    [10, 5],
    [30, 5],
    [10, 5],
    [10, 10],
    [0, 10],
  ]
  expect(withoutSpikes(line)).toEqual([
    [0, 0],
    [10, 0],
    [10, 5],
    [10, 10],
    [0, 10],
  ])
})

it('sees that a loop is not the edge of what the lines wind about', () => {
  const [whole] = minkowskiSum(
    [[...U]],
    [
      [0, 0],
      [1, 0],
      [0, 1],
    ],
  )
  const parts = convexParts(U)
  expect(isBoundary([whole!], [whole!])).toBe(true)
  // An edge straight across the inside, and an edge that two parts share.
  expect(isBoundary([whole!.filter((_, i) => i !== 1)], [whole!])).toBe(false)
  expect(isBoundary(parts, parts)).toBe(false)
})
