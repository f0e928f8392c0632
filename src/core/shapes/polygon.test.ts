import {
  anticlockwise,
  areaOf,
  boxOf,
  boxOutline,
  crossingsAt,
  girthOf,
  hullOf,
  isSimple,
  isWithin,
  mirrorPolygon,
  movePolygon,
  rectangle,
  signedArea,
  tidyOutline,
  turnPolygon,
  withoutRepeats,
  type Outline,
} from './polygon'

// Worked by hand. A flap: a square of 40 with a triangle of 40 × 30 on its upper side, anticlockwise.
const FLAP: Outline = [
  [0, 0],
  [40, 0],
  [40, 40],
  [20, 70],
  [0, 40],
]
// An L: 60 × 60 without its upper right quarter of 40 × 40.
const CORNER: Outline = [
  [0, 0],
  [60, 0],
  [60, 20],
  [20, 20],
  [20, 60],
  [0, 60],
]

describe('a flap', () => {
  it('covers 40 · 40 + 40 · 30 / 2 = 2200 mm²', () => {
    expect(signedArea(FLAP)).toBe(2200)
    expect(signedArea([...FLAP].reverse())).toBe(-2200)
    expect(areaOf([...FLAP].reverse())).toBe(2200)
  })

  it('measures 40 + 40 + 40 + 2 · √(20² + 30²) mm round', () => {
    expect(girthOf(FLAP)).toBeCloseTo(120 + 2 * Math.sqrt(1300), 9)
  })

  it('stands in a box of 40 × 70', () => {
    expect(boxOf(FLAP)).toEqual({ minX: 0, minY: 0, maxX: 40, maxY: 70 })
    expect(boxOutline({ minX: 1, minY: 2, maxX: 3, maxY: 5 })).toEqual([
      [1, 2],
      [3, 2],
      [3, 5],
      [1, 5],
    ])
  })

  it('is turned exactly by right angles, and by others as the sine says', () => {
    expect(turnPolygon([[40, 70]], 90)).toEqual([[-70, 40]])
    expect(turnPolygon([[40, 70]], -90)).toEqual([[70, -40]])
    expect(turnPolygon([[40, 70]], 180)).toEqual([[-40, -70]])
    expect(turnPolygon([[40, 70]], 720)).toEqual([[40, 70]])
    const [at] = turnPolygon([[10, 0]], 30)
    expect(at?.[0]).toBeCloseTo(8.660254, 6)
    expect(at?.[1]).toBeCloseTo(5, 9)
  })

  it('is moved, and turned over running the same way round', () => {
    expect(movePolygon([[1, 2]], 10, -5)).toEqual([[11, -3]])
    expect(signedArea(mirrorPolygon(FLAP))).toBe(2200)
    expect(mirrorPolygon([[40, 70]])).toEqual([[-40, 70]])
  })

  it('runs anticlockwise however it was drawn', () => {
    expect(anticlockwise(FLAP)).toEqual(FLAP)
    expect(anticlockwise([...FLAP].reverse())).toEqual(FLAP)
  })
})

describe('a line across', () => {
  it('meets the flap at half the height of its triangle at 10 and 30', () => {
    expect(crossingsAt([FLAP], 'x', 55).sort((a, b) => a - b)).toEqual([10, 30])
    expect(crossingsAt([FLAP], 'x', 71)).toEqual([])
  })

  it('meets it along at x = 10 at 0 and at 55', () => {
    expect(crossingsAt([FLAP], 'y', 10).sort((a, b) => a - b)).toEqual([0, 55])
  })

  it('tells what lies inside, in the nook of an L too', () => {
    expect(isWithin([20, 60], FLAP)).toBe(true)
    expect(isWithin([5, 60], FLAP)).toBe(false)
    expect(isWithin([10, 50], CORNER)).toBe(true)
    expect(isWithin([40, 40], CORNER)).toBe(false)
    expect(isWithin([-1, 10], CORNER)).toBe(false)
  })
})

describe('corners', () => {
  it('that repeat the one before go, and those within a distance', () => {
    const twice: Outline = [
      [0, 0],
      [0, 0],
      [10, 0],
      [10, 0.5],
      [10, 10],
    ]
    expect(withoutRepeats(twice)).toEqual([
      [0, 0],
      [10, 0],
      [10, 0.5],
      [10, 10],
    ])
    expect(withoutRepeats(twice, 0.5)).toHaveLength(3)
    expect(withoutRepeats([[1, 1]])).toEqual([[1, 1]])
  })

  it('on a straight line go, and those of a bend stay', () => {
    const dotted: Outline = [
      [0, 0],
      [5, 0],
      [10, 0],
      [10, 10],
      [0, 10],
    ]
    expect(tidyOutline(dotted)).toEqual(rectangle(10, 10))
    expect(tidyOutline(CORNER)).toHaveLength(6)
  })
})

describe('the band stretched about points', () => {
  it('leaves the nook of the L out: 60 · 60 − 40 · 40 / 2 = 2800 mm²', () => {
    const hull = hullOf(CORNER)
    expect(hull).toHaveLength(5)
    expect(signedArea(hull)).toBe(2800)
  })

  it('passes points on its side by', () => {
    expect(hullOf([...rectangle(10, 10), [5, 0], [5, 5], [0, 3]])).toHaveLength(4)
  })
})

describe('an outline that crosses itself', () => {
  it.each([
    ['a rectangle does not', rectangle(10, 20), true],
    ['an L does not', CORNER, true],
    [
      'a bow tie does',
      [
        [0, 0],
        [10, 10],
        [10, 0],
        [0, 10],
      ] as Outline,
      false,
    ],
    [
      'one that runs back along its side does',
      [
        [0, 0],
        [10, 0],
        [4, 0],
        [4, 6],
      ] as Outline,
      false,
    ],
    [
      'one that touches its own side with a corner does',
      [
        [0, 0],
        [10, 0],
        [10, 10],
        [5, 0],
        [0, 10],
      ] as Outline,
      false,
    ],
    [
      'one whose last side runs back along the first does',
      [
        [0, 0],
        [10, 0],
        [5, 5],
        [6, 0],
      ] as Outline,
      false,
    ],
    [
      'one whose sides only share their line does not',
      [
        [0, 0],
        [4, 0],
        [4, 4],
        [6, 4],
        [6, 0],
        [10, 0],
        [10, 9],
        [0, 9],
      ] as Outline,
      true,
    ],
  ])('%s', (_, outline, simple) => {
    expect(isSimple(outline)).toBe(simple)
    expect(isSimple([...outline].reverse())).toBe(simple)
  })
})
