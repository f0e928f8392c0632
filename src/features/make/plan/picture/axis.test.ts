import { A_DAY, midnightOf, timeAxis } from './axis'

const evening = (day: number) => ({ start: day * A_DAY + 19 * 60, end: day * A_DAY + 21 * 60 })

test('free hours are wider than others, and every place leads back to its time', () => {
  const axis = timeAxis(0, 7, [evening(1), evening(3)], 1100)
  expect(axis.xOf(evening(1).end) - axis.xOf(evening(1).start)).toBeGreaterThan(
    20 * (axis.xOf(A_DAY + 180) - axis.xOf(A_DAY + 60)),
  )
  for (let at = 0; at <= 7 * A_DAY; at += 137) expect(axis.atX(axis.xOf(at))).toBeCloseTo(at, 6)
  for (let at = 0; at < 7 * A_DAY; at += 60) expect(axis.xOf(at + 60)).toBeGreaterThan(axis.xOf(at))
})

test('days follow one another without a gap and fill the width', () => {
  const axis = timeAxis(0, 7, [evening(1)], 1100)
  expect(axis.days).toHaveLength(7)
  expect(axis.days.reduce((sum, { width }) => sum + width, 0)).toBeCloseTo(axis.width, 6)
  axis.days.slice(1).forEach((day, i) => expect(day.x).toBeCloseTo(axis.days[i]!.x + axis.days[i]!.width, 6))
})

test('what lies outside stands at the edge; free times are cut at it', () => {
  const axis = timeAxis(
    A_DAY,
    2,
    [
      { start: 0, end: A_DAY + 60 },
      { start: 3 * A_DAY - 60, end: 9 * A_DAY },
    ],
    1100,
  )
  expect([axis.xOf(0), axis.xOf(9 * A_DAY)]).toEqual([0, axis.width])
  expect([axis.atX(-5), axis.atX(1e6)]).toEqual([A_DAY, 3 * A_DAY])
  expect(axis.free).toEqual([
    { start: A_DAY, end: A_DAY + 60 },
    { start: 3 * A_DAY - 60, end: 3 * A_DAY },
  ])
})

test('a week without a free hour, and one that is free altogether, are drawn as well', () => {
  const none = timeAxis(0, 7, [], 1100)
  expect(none.width).toBeGreaterThan(300)
  const all = timeAxis(0, 7, [{ start: 0, end: 7 * A_DAY }], 1100)
  expect(all.width).toBeCloseTo(7 * 24 * 48, 6)
  expect(all.atX(all.xOf(500))).toBeCloseTo(500, 6)
})

test.each([
  [0, 0],
  [A_DAY - 1, 0],
  [A_DAY, A_DAY],
])('the midnight before %s is %s', (at, midnight) => expect(midnightOf(at)).toBe(midnight))
