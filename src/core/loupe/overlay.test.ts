import fc from 'fast-check'
import { type ThreadSet } from './count'
import { compareCounts, countByMarks, scaleFromMarks, threadLines } from './overlay'
import { type Plane } from './plane'

/** Stripes that are brightest at `at` and each so many pixels on, turned. */
function stripes(pixels: number, at: number, angleDeg: number): Plane {
  const [width, height] = [300, 260]
  const turn = (angleDeg * Math.PI) / 180
  return {
    width,
    height,
    data: Float32Array.from(
      { length: width * height },
      (_, i) =>
        100 +
        80 *
          Math.cos(
            (2 *
              Math.PI *
              (((i % width) + 0.5 - width / 2) * Math.cos(turn) +
                (Math.floor(i / width) + 0.5 - height / 2) * Math.sin(turn) -
                at)) /
              pixels,
          ),
    ),
  }
}
const set = (threadsPerCm: number, angleDeg: number): ThreadSet => ({
  threadsPerCm,
  threadsPerInch: threadsPerCm * 2.54,
  angleDeg,
  confidence: 1,
})

it.each([
  [0, 3],
  [0, -2],
  [12, 4],
  [90, 1],
])('lays a line along the crest of each thread, turned by %d°', (angleDeg, at) => {
  const lines = threadLines(stripes(10, at, angleDeg), set(20, angleDeg), 200, 60)
  const turn = (angleDeg * Math.PI) / 180
  // How far each line lies from the middle, across the threads: crests and nothing else.
  for (const { from, to } of lines) {
    const [x, y] = [(from.x + to.x) / 2 - 150, (from.y + to.y) / 2 - 130]
    const off = (((((x * Math.cos(turn) + y * Math.sin(turn) - at) / 10) % 1) + 1.5) % 1) - 0.5
    expect(Math.abs(off)).toBeLessThan(0.03)
    expect(Math.abs((to.x - from.x) * Math.cos(turn) + (to.y - from.y) * Math.sin(turn))).toBeLessThan(1e-6)
  }
  expect(lines.length).toBe(13)
})

it('counts by marks: the gaps between the first and the last', () => {
  const marks = Array.from({ length: 11 }, (_, index) => ({ x: 40 + index * 6, y: 40 + index * 8 }))
  expect(countByMarks(marks, 200)!.value).toBeCloseTo(20, 9)
  expect(countByMarks(marks, 200)!.sd).toBeLessThan(countByMarks(marks.slice(0, 4), 200)!.sd)
  expect(countByMarks(marks.slice(0, 2), 200)).toBeNull()
  expect(countByMarks([marks[0]!, marks[1]!, marks[0]!], 200)).toBeNull()
})

it('holds a count by hand against one by picture, and knows a whole ratio', () => {
  expect(compareCounts({ value: 20, sd: 0.5 }, 20.6)).toEqual({ agree: true, ratio: null })
  expect(compareCounts({ value: 20, sd: 0.5 }, 40.3)).toEqual({ agree: false, ratio: 2 })
  expect(compareCounts({ value: 30, sd: 0.5 }, 22)).toEqual({ agree: false, ratio: null })
})

it('takes the scale from two marks', () => {
  expect(
    scaleFromMarks(
      [
        { x: 0, y: 0 },
        { x: 300, y: 400 },
      ],
      25,
    ),
  ).toBeCloseTo(200, 9)
  expect(() =>
    scaleFromMarks(
      [
        { x: 1, y: 1 },
        { x: 1, y: 1 },
      ],
      25,
    ),
  ).toThrow(RangeError)
  expect(() =>
    scaleFromMarks(
      [
        { x: 1, y: 1 },
        { x: 2, y: 1 },
      ],
      0,
    ),
  ).toThrow(RangeError)
})

it('counts the same however the marks are turned, moved or enlarged with the picture', () => {
  fc.assert(
    fc.property(
      fc.integer({ min: 3, max: 40 }),
      fc.double({ min: 3, max: 30, noNaN: true }),
      fc.double({ min: 0, max: 6.28, noNaN: true }),
      fc.double({ min: 0.5, max: 4, noNaN: true }),
      (count, step, turn, larger) => {
        const marks = (by: number, angle: number) =>
          Array.from({ length: count }, (_, index) => ({
            x: 50 + index * step * by * Math.cos(angle),
            y: 70 + index * step * by * Math.sin(angle),
          }))
        const plain = countByMarks(marks(1, 0), 200)!
        const other = countByMarks(marks(larger, turn), 200 * larger)!
        expect(other.value / plain.value).toBeCloseTo(1, 9)
        expect(other.sd / plain.sd).toBeCloseTo(1, 9)
      },
    ),
  )
})
