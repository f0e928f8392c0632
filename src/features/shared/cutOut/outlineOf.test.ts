import { areaOf, type Point } from '@/core/shapes/polygon'
import { toFloor } from './outlineOf'

const square: Point[] = [
  [100, 100],
  [200, 100],
  [200, 200],
  [100, 200],
]

it('measures by a ruler in a picture from straight above, y upwards', () => {
  const map = toFloor({
    by: 'ruler',
    marks: [
      [0, 0],
      [50, 0],
    ],
    lengthMm: 100,
  })!
  expect(areaOf(square.map(map))).toBeCloseTo(200 * 200)
  expect(map([0, 10])[1]).toBeCloseTo(-20)
})

it('measures by a sheet, its long side along the grain whichever way it lies in the picture', () => {
  const lying: Point[] = [
    [0, 0],
    [297, 0],
    [297, 210],
    [0, 210],
  ]
  const map = toFloor({ by: 'a4', corners: lying })!
  const [x, y] = map([297, 0])
  expect([x, y].map(Math.round)).toEqual([0, 297])
  expect(areaOf(square.map(map))).toBeCloseTo(100 * 100)
})

it.each([
  [{ by: 'a4', corners: null }],
  [
    {
      by: 'letter',
      corners: [
        [0, 0],
        [1, 1],
        [2, 2],
        [3, 3],
      ],
    },
  ],
  [
    {
      by: 'ruler',
      marks: [
        [0, 0],
        [0, 0],
      ],
      lengthMm: 100,
    },
  ],
  [
    {
      by: 'ruler',
      marks: [
        [0, 0],
        [90, 0],
      ],
      lengthMm: null,
    },
  ],
] as const)('says nothing where the picture does not: %j', (measure) => {
  expect(toFloor(measure)).toBeUndefined()
})
