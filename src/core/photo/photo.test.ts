import { areaOf, type Point } from '../shapes/polygon'
import { dice } from '../../../tests/support/seen'
import { photograph, type Scene } from '../../../tests/support/photo/scene'
import { cutOut } from './cutOut'
import { homography, mapThroughHomography } from './homography'
import { sheetOnGround } from './sheet'
import { simplifyOutline } from './simplifyOutline'
import { NoCutOut } from './types'

const SLEEVE: Point[] = [
  [0, 0],
  [420, 0],
  [470, 320],
  [440, 400],
  [370, 450],
  [290, 520],
  [210, 540],
  [130, 520],
  [60, 450],
  [-10, 400],
  [-50, 320],
]
const PANEL: Point[] = [
  [0, 0],
  [900, 30],
  [880, 700],
  [600, 680],
  [560, 480],
  [340, 470],
  [310, 690],
  [10, 720],
]
const plain = (r: number, g: number, b: number) => () => [r, g, b] as const
const usual: Scene = {
  shape: SLEEVE,
  sheet: { at: [560, 60], degrees: 4, sides: [210, 297] },
  tiltDeg: 0,
  floor: [150, 118, 84],
  cloth: plain(40, 70, 120),
  slope: 0.2,
  noise: 0.05,
  width: 640,
  height: 480,
}

const scenes: Record<string, Partial<Scene>> = {
  'straight from above': {},
  'held 15° askew': { tiltDeg: 15 },
  'held 30° askew': { tiltDeg: 30 },
  'held 30° askew, sheet askew too': { tiltDeg: 30, sheet: { at: [760, 60], degrees: 33, sides: [210, 297] } },
  'with a soft shadow': { tiltDeg: 20, shadow: { by: [25, -18], soft: 12, left: 0.45 } },
  'checked cloth': {
    tiltDeg: 25,
    cloth: (x, y) => ((Math.floor(x / 40) + Math.floor(y / 40)) % 2 ? [176, 40, 44] : [236, 228, 210]),
  },
  'striped cloth, with a shadow': {
    shape: PANEL,
    sheet: { at: [960, 100], degrees: -6, sides: [210, 297] },
    tiltDeg: 20,
    shadow: { by: [-20, -25], soft: 10, left: 0.5 },
    cloth: (x) => (Math.floor(x / 25) % 2 ? [30, 96, 90] : [220, 190, 60]),
  },
  'a sleeve of brown paper on a grey floor': { floor: [120, 122, 125], cloth: plain(190, 150, 100), tiltDeg: 12 },
  'dark grey cloth on a grey floor': { floor: [170, 170, 172], cloth: plain(70, 70, 72), tiltDeg: 10 },
  'an opened garment, large': {
    shape: PANEL.map(([x, y]): Point => [x * 1.5, y * 1.5]),
    sheet: { at: [1720, 300], degrees: 90, sides: [210, 297] },
    tiltDeg: 30,
    width: 1000,
    height: 750,
  },
}

it.each(Object.keys(scenes))('cuts it out and measures it: %s', (name) => {
  const scene = { ...usual, ...scenes[name]! }
  const picture = photograph(scene, dice(7))
  const { corners, edge, isCutOff } = cutOut(picture, {})
  expect(isCutOff).toBe(false)
  const toGround = homography(corners!, sheetOnGround('a4', corners!))
  const outline = simplifyOutline(
    edge.map((at) => mapThroughHomography(toGround, at)),
    1,
  )
  const off = areaOf(outline) / areaOf(scene.shape) - 1
  expect(Math.abs(off)).toBeLessThan(0.01)
  expect(outline.length).toBeLessThan(80)
})

describe('holes', () => {
  const HOLES: Point[][] = [
    [
      [120, 120],
      [220, 130],
      [200, 240],
      [110, 220],
    ],
    [
      [300, 300],
      [350, 300],
      [350, 345],
      [300, 345],
    ],
  ]
  const area = (edge: Point[], corners: Point[]) => {
    const toGround = homography(corners, sheetOnGround('a4', corners))
    return areaOf(edge.map((at) => mapThroughHomography(toGround, at)))
  }
  it('are found where the floor shows through, the largest first, and measured', () => {
    const picture = photograph({ ...usual, holes: HOLES, tiltDeg: 15 }, dice(4))
    const { corners, edge, holes } = cutOut(picture, {})
    expect(holes).toHaveLength(2)
    holes.forEach((hole, i) => expect(area(hole, corners!) / areaOf(HOLES[i]!)).toBeCloseTo(1, 1))
    // The outline is of the whole, holes or not.
    expect(area(edge, corners!) / areaOf(SLEEVE)).toBeCloseTo(1, 1.7)
  })
  it('are none in whole cloth, checked or striped', () => {
    const check = scenes['checked cloth']!
    expect(cutOut(photograph({ ...usual, ...check }, dice(5)), {}).holes).toEqual([])
    expect(cutOut(photograph(usual, dice(5)), {}).holes).toEqual([])
  })
})

it('says so where nothing lies on the floor, and where the piece leaves the picture', () => {
  const empty = photograph(
    {
      ...usual,
      shape: [
        [5000, 0],
        [5001, 0],
        [5000, 1],
      ],
      sheet: { ...usual.sheet, at: [-9000, 0] },
    },
    dice(1),
  )
  expect(() => cutOut(empty, {})).toThrow(NoCutOut)
})

it('takes the thing that is pointed at, with the corners that the person set', () => {
  const picture = photograph(usual, dice(3))
  const found = cutOut(picture, {})
  const [x, y] = found.corners!.reduce(([sx, sy], [cx, cy]) => [sx + cx / 4, sy + cy / 4], [0, 0])
  const set = found.corners!.map(([cx, cy]): Point => [cx + 1, cy])
  expect(cutOut(picture, { corners: set }).corners).toEqual(set)
  expect(() => cutOut(picture, { inside: [3, 3] })).toThrow(NoCutOut)
  expect(() => cutOut(picture, { inside: [x!, y!] })).toThrow(NoCutOut)
})

it('maps four points onto four, and refuses three on a line', () => {
  const from: Point[] = [
    [10, 10],
    [90, 20],
    [80, 95],
    [5, 70],
  ]
  const to: Point[] = [
    [0, 297],
    [210, 297],
    [210, 0],
    [0, 0],
  ]
  const map = homography(from, to)
  from.forEach((at, i) => mapThroughHomography(map, at).forEach((one, c) => expect(one).toBeCloseTo(to[i]![c]!, 6)))
  expect(() =>
    homography(
      [
        [0, 0],
        [1, 1],
        [2, 2],
        [5, 0],
      ],
      to,
    ),
  ).toThrow(RangeError)
})

it('keeps what a shape needs and no more', () => {
  const square: Point[] = Array.from({ length: 400 }, (_, i) => {
    const along = (i % 100) * 1
    return (
      [
        [along, 0],
        [100, along],
        [100 - along, 100],
        [0, 100 - along],
      ] as const
    )[Math.floor(i / 100)]!
  })
  expect(simplifyOutline(square, 1)).toHaveLength(4)
  expect(areaOf(simplifyOutline(square, 1))).toBeCloseTo(10_000, 6)
})
