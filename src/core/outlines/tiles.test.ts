import { movePolygon, rectangle, type Point } from '../shapes/polygon'
import { PAPERS } from '../vocabulary/paper'
import { EDGE_MM, OVERLAP_MM, tileName, tilesOf } from './tiles'

const points = (from: Point, to: Point) =>
  Array.from({ length: 101 }, (_, i): Point => [
    from[0] + ((to[0] - from[0]) * i) / 100,
    from[1] + ((to[1] - from[1]) * i) / 100,
  ])

describe.each(['a4', 'letter'] as const)('sheets of %s', (paper) => {
  it('show every part of every line, and overlap where they are glued', () => {
    const outlines = [
      rectangle(620, 900),
      movePolygon(
        [
          [0, 0],
          [333, 50],
          [120, 777],
        ],
        700,
        130,
      ),
    ]
    const tiles = tilesOf(outlines, paper)
    for (const outline of outlines)
      outline.forEach((from, i) => {
        for (const [x, y] of points(from, outline[(i + 1) % outline.length]!))
          expect(
            tiles.some(
              ({ box }) =>
                x >= box.minX - 1e-6 && x <= box.maxX + 1e-6 && y >= box.minY - 1e-6 && y <= box.maxY + 1e-6,
            ),
          ).toBe(true)
      })
    const [first, second] = tiles.filter(({ row }) => row === 0)
    expect(first!.box.maxX - second!.box.minX).toBeCloseTo(OVERLAP_MM)
    expect(first!.box.maxX - first!.box.minX).toBeCloseTo(PAPERS[paper].width - 2 * EDGE_MM)
  })
  it('leave out paper on which no line runs', () => {
    const ring = tilesOf([rectangle(2000, 2000)], paper)
    expect(ring.length).toBeLessThan((2000 / 180) * (2000 / 250))
    expect(ring.some(({ row, column }) => row === 3 && column === 4)).toBe(false)
  })
})

it('needs one sheet for what is small, none for nothing', () => {
  expect(tilesOf([rectangle(150, 200)], 'a4')).toHaveLength(1)
  expect(tilesOf([], 'a4')).toEqual([])
})

it('names sheets as their neighbours do', () => {
  expect(
    [
      [0, 0],
      [1, 2],
      [26, 0],
    ].map(([row, column]) => tileName({ row: row!, column: column! })),
  ).toEqual(['A1', 'B3', 'AA1'])
})
