import { areas, closeTo, refusal } from '../../../../tests/support/outlines/reading'
import { areaOf, type Point } from '../../shapes/polygon'
import { splineAt } from './curves'
import { joinedLines } from '../../outlines/join'
import { readDrawing, type DrawingAsked } from '../readDrawing'

type Pair = readonly [number, string | number]
const file = (...pairs: Pair[]) => pairs.map(([code, value]) => `${code}\n${value}\n`).join('')
const section = (name: string, ...pairs: Pair[]): Pair[] => [[0, 'SECTION'], [2, name], ...pairs, [0, 'ENDSEC']]
const header = (units: number) => section('HEADER', [9, '$ACADVER'], [1, 'AC1015'], [9, '$INSUNITS'], [70, units])
const xy = (x: number, y: number): Pair[] => [
  [10, x],
  [20, y],
]
const line = (from: Point, to: Point, layer = '0'): Pair[] => [
  ...([
    [0, 'LINE'],
    [8, layer],
  ] as Pair[]),
  ...xy(...from),
  [11, to[0]],
  [21, to[1]],
]
const poly = (points: readonly (readonly [number, number, number?])[], layer = '0', more: Pair[] = []): Pair[] => [
  ...([[0, 'LWPOLYLINE'], [8, layer], [90, points.length], [70, 1], ...more] as Pair[]),
  ...points.flatMap(([x, y, bulge]): Pair[] => [...xy(x, y), ...(bulge ? [[42, bulge] as Pair] : [])]),
]
const arc = (middle: Point, radius: number, from: number, to: number, more: Pair[] = []): Pair[] => [
  ...([
    [0, 'ARC'],
    [8, '0'],
  ] as Pair[]),
  ...xy(...middle),
  ...([[40, radius], [50, from], [51, to], ...more] as Pair[]),
]
const block = (name: string, base: Point, ...pairs: Pair[]): Pair[] => [
  [0, 'BLOCK'],
  [2, name],
  ...xy(...base),
  ...pairs,
  [0, 'ENDBLK'],
]
const insert = (name: string, at: Point, more: Pair[] = []): Pair[] => [
  [0, 'INSERT'],
  [8, '0'],
  [2, name],
  ...xy(...at),
  ...more,
]
const dxf = (entities: Pair[], { units = 4, blocks = [] as Pair[], tables = [] as Pair[] } = {}) =>
  file(
    ...header(units),
    ...section('TABLES', ...tables),
    ...section('BLOCKS', ...blocks),
    ...section('ENTITIES', ...entities),
    [0, 'EOF'],
  )

const SQUARE = [
  [0, 0],
  [200, 0],
  [200, 100],
  [0, 100],
] as const
const sides = (points: readonly (readonly [number, number])[]) =>
  points.map((at, i) => line(at, points[(i + 1) % points.length]!))

describe('DXF of any program', () => {
  // Areas by geometry: πr², πab, and of a segment of a circle.
  test.each<[string, Pair[], number[]]>([
    [
      'lines in any order and direction',
      [sides(SQUARE)[2]!, line([0, 0], [0, 100]), sides(SQUARE)[1]!, sides(SQUARE)[0]!].flat(),
      [20_000],
    ],
    [
      'lines that nearly meet',
      [
        line([0, 0], [200, 0.2]),
        line([200.2, 0], [200, 100]),
        line([0, 100.2], [200.1, 100]),
        line([0, 0.1], [0.2, 100]),
      ].flat(),
      [20_000],
    ],
    [
      'lines and arcs',
      [
        line([0, 0], [100, 0]),
        arc([100, 50], 50, 270, 90),
        line([100, 100], [0, 100]),
        arc([0, 50], 50, 90, 270),
      ].flat(),
      [10_000 + Math.PI * 2500],
    ],
    [
      'a bulge',
      poly([
        [0, 0],
        [100, 0, 1],
        [100, 100],
        [0, 100],
      ]),
      [10_000 + (Math.PI * 2500) / 2],
    ],
    ['a circle', [[0, 'CIRCLE'], [8, '0'], ...xy(50, 50), [40, 80]], [Math.PI * 6400]],
    [
      'an ellipse',
      [[0, 'ELLIPSE'], [8, '0'], ...xy(0, 0), [11, 120], [21, 50], [40, 0.5], [41, 0], [42, 2 * Math.PI]],
      [Math.PI * 130 * 65],
    ],
    [
      'half an ellipse and a line',
      [
        [0, 'ELLIPSE'],
        [8, '0'],
        ...xy(0, 0),
        [11, 100],
        [21, 0],
        [40, 0.4],
        [41, 0],
        [42, Math.PI],
        ...line([-100, 0], [100, 0]),
      ],
      [(Math.PI * 4000) / 2],
    ],
    [
      'a solid, its corners crosswise',
      [[0, 'SOLID'], [8, '0'], ...xy(0, 0), [11, 200], [21, 0], [12, 0], [22, 100], [13, 200], [23, 100]],
      [20_000],
    ],
    ['a line within the outline that ends on it', [...sides(SQUARE).flat(), ...line([0, 0], [120, 60])], [20_000]],
    [
      'an outline that a line parts in two',
      [
        ...line([0, 0], [80, 0]),
        ...line([80, 0], [200, 0]),
        ...line([200, 0], [200, 100]),
        ...line([200, 100], [80, 100]),
        ...line([80, 100], [0, 100]),
        ...line([0, 100], [0, 0]),
        ...line([80, 0], [80, 100]),
      ],
      [20_000],
    ],
  ])('reads %s', (_, entities, expected) => {
    closeTo(areas(dxf(entities)), expected)
  })

  // A rational spline of the second degree is an exact quarter of a circle (Piegl & Tiller, The NURBS Book).
  const quarter: Pair[] = [
    ...([
      [0, 'SPLINE'],
      [8, '0'],
      [70, 4],
      [71, 2],
    ] as Pair[]),
    ...[0, 0, 0, 1, 1, 1].map((knot): Pair => [40, knot]),
    ...[1, Math.SQRT1_2, 1].map((weight): Pair => [41, weight]),
    ...[
      [100, 0],
      [100, 100],
      [0, 100],
    ].flatMap(([x, y]) => xy(x!, y!)),
  ]
  test('reads a spline with its weights', () => {
    closeTo(areas(dxf([...quarter, ...line([0, 100], [0, 0]), ...line([0, 0], [100, 0])])), [(Math.PI * 10_000) / 4])
    const { at } = splineAt({
      degree: 2,
      control: [
        [1, 0],
        [1, 1],
        [0, 1],
      ],
      weights: [1, Math.SQRT1_2, 1],
      knots: [0, 0, 0, 1, 1, 1],
    })
    for (const t of [0.1, 0.37, 0.5, 0.9]) expect(Math.hypot(...at(t))).toBeCloseTo(1, 9)
  })

  const sleeve = block(
    'SLEEVE',
    [10, 10],
    ...poly([
      [10, 10],
      [110, 10],
      [110, 60],
      [10, 60],
    ]),
  )
  test.each<[string, Pair[], number[]]>([
    ['moved', insert('SLEEVE', [500, 500]), [5000]],
    ['turned', insert('SLEEVE', [0, 0], [[50, 37]]), [5000]],
    ['mirrored', insert('SLEEVE', [0, 0], [[41, -1]]), [5000]],
    [
      'scaled each way',
      insert(
        'SLEEVE',
        [0, 0],
        [
          [41, 2],
          [42, 3],
        ],
      ),
      [30_000],
    ],
    ['seen from below', insert('SLEEVE', [300, 0], [[230, -1]]), [5000]],
    [
      'in two columns and two rows',
      insert(
        'SLEEVE',
        [0, 0],
        [
          [70, 2],
          [71, 2],
          [44, 300],
          [45, 200],
        ],
      ),
      [5000, 5000, 5000, 5000],
    ],
    [
      'in another block',
      insert(
        'BOTH',
        [0, 0],
        [
          [41, 2],
          [42, 2],
        ],
      ),
      [20_000, 80_000],
    ],
  ])('reads a block that is %s', (_, entities, expected) => {
    const both = block(
      'BOTH',
      [0, 0],
      ...insert('SLEEVE', [0, 0]),
      ...insert(
        'SLEEVE',
        [400, 0],
        [
          [41, 2],
          [42, 2],
          [50, 90],
        ],
      ),
    )
    closeTo(areas(dxf(entities, { blocks: [...sleeve, ...both] })), expected)
  })
  test('a block that holds itself is read once and no more', () => {
    const loop = block('LOOP', [0, 0], ...poly(SQUARE), ...insert('LOOP', [1000, 0]))
    expect(areas(dxf(insert('LOOP', [0, 0]), { blocks: loop })).length).toBeLessThan(20)
  })
  test('an arc seen from below is mirrored', () => {
    const halves = [
      ...arc([-100, 50], 50, 270, 90, [[230, -1]]),
      ...line([100, 0], [200, 0]),
      ...line([200, 0], [200, 100]),
      ...line([200, 100], [100, 100]),
    ]
    closeTo(areas(dxf(halves)), [10_000 + (Math.PI * 2500) / 2])
  })

  test('units: from the header, from words, as asked, or assumed', () => {
    const told = (text: string, asked: DrawingAsked = {}) => {
      const { pieces, unit } = readDrawing(text, asked)
      return [Math.round(areaOf(pieces[0]!.outline)), unit]
    }
    const small = poly([
      [0, 0],
      [8, 0],
      [8, 4],
      [0, 4],
    ])
    expect(told(dxf(small, { units: 1 }))).toEqual([Math.round(32 * 25.4 ** 2), { is: 'in', by: 'header' }])
    expect(told(dxf(small, { units: 5 }))).toEqual([3200, { is: 'cm', by: 'header' }])
    const words: Pair[] = [[0, 'TEXT'], [8, '15'], ...xy(0, 0), [1, 'UNITS: ENGLISH']]
    expect(told(dxf([...small, ...words], { units: 0 }))).toEqual([
      Math.round(32 * 25.4 ** 2),
      { is: 'in', by: 'words' },
    ])
    expect(told(dxf(small, { units: 0 }), { unit: 'in' })).toEqual([
      Math.round(32 * 25.4 ** 2),
      { is: 'in', by: 'asked' },
    ])
    expect(told(dxf(poly(SQUARE), { units: 0 }))).toEqual([20_000, { is: 'mm', by: 'assumed' }])
    // Eight millimetres are no pattern piece.
    expect(refusal(dxf(small, { units: 0 }))).toMatch(/8\.0 mm long.*Which unit was it drawn in: mm, cm or in\?/)
    expect(refusal(dxf(poly(SQUARE), { units: 6 }))).toMatch(/200\.0 m long.*, as the file says/)
  })

  test('names: the text in it, its block, or its layer', () => {
    const names = (entities: Pair[], blocks: Pair[] = []) =>
      readDrawing(dxf(entities, { blocks })).pieces.map(({ name }) => name)
    const text: Pair[] = [[0, 'MTEXT'], [8, 'notes'], ...xy(50, 50), [1, '{\\fArial|b1;Front}\\Pyoke']]
    expect(names([...poly(SQUARE, 'CUT'), ...text])).toEqual(['Front yoke'])
    expect(names(insert('SLEEVE', [0, 0]), sleeve)).toEqual(['SLEEVE'])
    expect(
      names([
        ...poly(SQUARE, 'Pocket'),
        ...poly(
          SQUARE.map(([x, y]) => [x + 300, y] as const),
          'Pocket',
        ),
      ]),
    ).toEqual(['Pocket 1', 'Pocket 2'])
  })
  test('layers of seams, grain and marks bound no piece; those switched off are left out, and said', () => {
    const inner = SQUARE.map(([x, y]) => [10 + x * 0.9, 5 + y * 0.9] as const)
    const drawing = [
      ...poly(SQUARE, 'Cutting line'),
      ...poly(inner, 'Seam'),
      ...line([20, 50], [180, 50], 'Grainline'),
    ]
    const { pieces } = readDrawing(dxf(drawing))
    expect(pieces.map(({ outline, warpDeg }) => [areaOf(outline), warpDeg])).toEqual([[20_000, 0]])
    const off: Pair[] = [
      [0, 'LAYER'],
      [2, 'OLD'],
      [70, 0],
      [62, -7],
      [0, 'LAYER'],
      [2, 'COLD'],
      [70, 1],
      [62, 7],
    ]
    const hidden = readDrawing(dxf([...poly(SQUARE), ...poly(inner, 'OLD'), ...poly(inner, 'COLD')], { tables: off }))
    expect([hidden.pieces.length, hidden.notRead]).toEqual([1, ['2 lines on layers that are switched off']])
  })
  test('a pair is a block that is put in plain and mirrored', () => {
    const cut = block(
      'FRONT',
      [0, 0],
      ...poly(
        [
          [0, 0],
          [300, 0],
          [250, 600],
          [0, 600],
        ],
        '1',
      ),
    )
    const { pieces } = readDrawing(
      dxf([...insert('FRONT', [0, 0]), ...insert('FRONT', [900, 0], [[41, -1]])], { blocks: cut }),
    )
    expect(pieces.map(({ name, count, pair }) => [name, count, pair])).toEqual([['FRONT', 2, true]])
  })

  test('what was found is said where nothing is closed', () => {
    const open = [line([0, 0], [200, 0]), line([200.8, 0], [200, 100]), line([200, 100.8], [0, 100])].flat()
    expect(refusal(dxf(open))).toBe(
      'We found no closed outline in this file: 3 lines were found that do not meet, up to 100 mm apart.',
    )
    expect(refusal(dxf([]))).toContain('it has no lines')
    expect(refusal('Dear wardrobe')).toContain('This is not a DXF file')
  })
  test('gaps that were closed are said', () => {
    expect(readDrawing(dxf([line([0, 0], [200, 0.2]), ...sides(SQUARE).slice(1)].flat())).notRead).toEqual([
      'ends up to 0.20 mm apart were joined',
    ])
  })
})

test('joining leaves what ends nowhere, and takes the outer way round', () => {
  const cross = joinedLines([
    [
      [0, 0],
      [100, 0],
    ],
    [
      [100, 0],
      [100, 100],
    ],
    [
      [100, 100],
      [0, 100],
    ],
    [
      [0, 100],
      [0, 0],
    ],
    [
      [0, 0],
      [100, 100],
    ],
    [
      [100, 0],
      [150, -20],
    ],
  ])
  expect([cross.loops.map(areaOf), cross.rest.length]).toEqual([[10_000], 1])
})
