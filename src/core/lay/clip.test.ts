import { areaOf, boxOf, isSimple, signedArea, type Outline } from '../shapes/polygon'
import { blob } from '../../../tests/support/lay/randomTask'
import { seededRandom } from '../numbers/seededRandom'
import { simplifyPolygon, subtractPolygons } from './clip'
import { convexParts } from './convex'
import { shapeOf } from './search/shape'
import { minkowskiSum } from './minkowskiSum'

const circle: Outline = Array.from({ length: 60 }, (_, i) => [
  300 * Math.cos((i * Math.PI) / 30),
  200 * Math.sin((i * Math.PI) / 30),
])

it('thins a curve to within what is said, and keeps its shape', () => {
  const thin = simplifyPolygon(circle, 3)
  expect(thin.length).toBeLessThan(40)
  expect(areaOf(thin) / areaOf(circle)).toBeGreaterThan(0.96)
})

it('takes all of a piece, however it is thinned', () => {
  for (let seed = 1; seed <= 40; seed++) {
    const outline =
      seed % 2 ? blob(150, seededRandom(seed), 3 + seed) : circle.map(([x, y]) => [x, y + seed] as const)
    const { taken } = shapeOf(outline, { degrees: 0, isMirrored: false, gapMm: 0 }, 0)
    const forward = signedArea(outline) < 0 ? [...outline].reverse() : outline
    const beside = subtractPolygons([forward], [taken]).reduce((sum, part) => sum + areaOf(part), 0)
    expect({ seed, beside: beside < 0.5, isSimple: isSimple(taken) }).toEqual({ seed, beside: true, isSimple: true })
    expect(taken.length).toBeLessThanOrEqual(60)
  }
})

it('sums two regions as the sums of their convex parts do', () => {
  for (let seed = 1; seed <= 30; seed++) {
    const [one, other] = [blob(100, seededRandom(seed)), blob(60, seededRandom(seed + 100))]
    const forward = (outline: Outline) => (signedArea(outline) < 0 ? [...outline].reverse() : [...outline])
    const whole = minkowskiSum([forward(one)], forward(other))
    const parts = convexParts(forward(one)).flatMap((part) =>
      convexParts(forward(other)).map((second) => minkowskiSum([part], second)[0]!),
    )
    const area = (region: readonly Outline[]) => region.reduce((sum, line) => sum + signedArea(line), 0)
    expect(area(subtractPolygons(whole, parts))).toBeLessThan(1)
    expect(area(subtractPolygons(parts, whole))).toBeLessThan(1)
    const { minX, maxX } = boxOf(whole[0]!)
    expect(maxX - minX).toBeCloseTo(boxOf(one).maxX - boxOf(one).minX + boxOf(other).maxX - boxOf(other).minX, 2)
  }
})
