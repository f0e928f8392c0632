import { areaOf, isSimple, type Point } from '../shapes/polygon'
import { readDxf } from './dxf/read'
import { MEASURED_KINDS, measuredKind } from '../outlines/measured/kinds'
import { readSvg } from './svg/read'
import { NoOutlines, type PieceMark } from '../outlines/types'
import { dxfOfPieces } from './dxf/write'

/** A DXF file of one block, by pairs of code and value. */
const dxf = (block: string) =>
  [
    '0\nSECTION\n2\nBLOCKS\n0\nBLOCK\n8\n1\n2\nFRONT\n10\n0\n20\n0\n',
    block,
    '0\nENDBLK\n0\nENDSEC\n0\nSECTION\n2\nENTITIES\n0\nINSERT\n2\nFRONT\n10\n0\n20\n0\n',
    '0\nENDSEC\n0\nEOF\n',
  ].join('')
const polyline = (layer: string, points: readonly (readonly [number, number, number?])[], isClosed = true) =>
  `0\nPOLYLINE\n8\n${layer}\n66\n1\n70\n${isClosed ? 1 : 0}\n${points
    .map(([x, y, bulge = 0]) => `0\nVERTEX\n8\n${layer}\n10\n${x}\n20\n${y}\n42\n${bulge}\n`)
    .join('')}0\nSEQEND\n`
const text = (words: string) => `0\nTEXT\n8\n1\n10\n0\n20\n0\n40\n5\n1\n${words}\n`

describe('DXF', () => {
  it('reads cut line, grain, notches, quantity, size and units of a block', () => {
    const { pieces } = readDxf(
      dxf(
        polyline('1', [
          [0, 0],
          [10, 0],
          [10, 20],
          [0, 20],
        ]) +
          polyline(
            '7',
            [
              [5, 2],
              [5, 18],
            ],
            false,
          ) +
          `0\nPOINT\n8\n4\n10\n10\n20\n5\n` +
          text('PIECE NAME: Front') +
          text('QUANTITY: 1,1') +
          text('SIZE: 12') +
          text('UNITS: ENGLISH'),
      ),
    )
    expect(pieces).toEqual([
      {
        name: 'Front',
        outline: [
          [0, 0],
          [254, 0],
          [254, 508],
          [0, 508],
        ],
        notches: [{ id: '1', at: [254, 127] }],
        marks: [],
        warpDeg: 90,
        onFold: false,
        count: 2,
        pair: true,
        size: '12',
      },
    ])
  })
  const square = polyline('1', [
    [0, 0],
    [300, 0],
    [300, 400],
    [0, 400],
  ])
  const inside = (...points: [number, number][]) => polyline('8', points, false)

  it('tells a dart by its feet at the edge, and keeps other lines and drill holes as such', () => {
    const [piece] = readDxf(
      dxf(
        square +
          inside([120, 395], [150, 280], [180, 395]) +
          inside([100, 100], [150, 150], [200, 100]) +
          inside([60, 300], [60, 200]) +
          '0\nPOINT\n8\n13\n10\n150\n20\n290\n',
      ),
    ).pieces
    expect(piece!.marks.map(({ is }) => is)).toEqual(['dart', 'line', 'line', 'drill'])
    expect(piece!.marks[0]!.points).toEqual([
      [120, 395],
      [150, 280],
      [180, 395],
    ])
    expect(piece!.marks[3]!.points).toEqual([[150, 290]])
  })

  it('moves marks with their piece, where it is laid on a fold', () => {
    const mirror = polyline(
      '6',
      [
        [300, 0],
        [300, 400],
      ],
      false,
    )
    const [piece] = readDxf(dxf(square + mirror + '0\nPOINT\n8\n13\n10\n250\n20\n100\n')).pieces
    expect(piece!.onFold).toBe(true)
    expect(piece!.marks).toEqual([{ is: 'drill', points: [[50, 100]] }])
  })

  it('lays the mirror line upright on x = 0, the piece to its right, whichever way it was drawn', () => {
    const across =
      polyline('1', [
        [0, 0],
        [300, 0],
        [300, 100],
        [0, 100],
      ]) +
      polyline(
        '6',
        [
          [0, 0],
          [300, 0],
        ],
        false,
      )
    const [piece] = readDxf(
      dxf(
        across +
          polyline(
            '7',
            [
              [0, 50],
              [300, 50],
            ],
            false,
          ),
      ),
    ).pieces
    expect(piece).toMatchObject({ onFold: true, warpDeg: 90 })
    expect(piece!.outline.filter(([x]) => x === 0)).toHaveLength(2)
    expect(Math.min(...piece!.outline.map(([x]) => x))).toBe(0)
  })
  it('follows bulges: a circle of two half ones has the area of a circle', () => {
    const [piece] = readDxf(
      dxf(
        polyline('1', [
          [0, 0, 1],
          [200, 0, 1],
        ]),
      ),
    ).pieces
    expect(areaOf(piece!.outline) / (Math.PI * 100 ** 2)).toBeCloseTo(1, 2)
  })
  it('joins open lines end to end', () => {
    const parts =
      polyline(
        '1',
        [
          [0, 0],
          [100, 0],
          [100, 80],
        ],
        false,
      ) +
      polyline(
        '1',
        [
          [0, 0],
          [0, 80],
          [100, 80],
        ],
        false,
      )
    expect(areaOf(readDxf(dxf(parts)).pieces[0]!.outline)).toBeCloseTo(8000)
  })
  const CROSSED = polyline('A', [
    [0, 0],
    [100, 100],
    [100, 0],
    [0, 90],
  ])
  it('says what crosses itself, and goes on', () => {
    const triangle = polyline('B', [
      [0, 0],
      [100, 0],
      [50, 90],
    ])
    const file = ['0\nSECTION\n2\nENTITIES\n', CROSSED, triangle, '0\nENDSEC\n0\nEOF\n'].join('')
    const { pieces, notRead } = readDxf(file)
    expect([pieces.map(({ name }) => name), notRead]).toEqual([['B'], ['A: its outline crosses itself']])
  })
  it.each(['', 'hello', '0\nSECTION\n2\nENTITIES\n0\nENDSEC\n0\nEOF\n', '\u0000\u0001'])(
    'refuses %j in words',
    (file) => {
      expect(() => readDxf(file)).toThrow(NoOutlines)
    },
  )
  it('writes what it reads back unchanged', () => {
    const sent = measuredKind('skirt')!.draw({ waist: 700, hip: 1000, length: 600 }, 15)
    const line: Point[] = [
      [30, 200],
      [60, 200],
      [60, 240],
    ]
    const marks: PieceMark[] = [
      { is: 'line', points: line },
      { is: 'drill', points: [[45, 220]] },
    ]
    const { pieces } = readDxf(
      dxfOfPieces(sent.map((piece) => ({ ...piece, notches: [{ id: '1', at: [40, 50] as const }], marks }))),
    )
    expect(pieces.map(({ name, onFold, count }) => [name, onFold, count])).toEqual(
      sent.map(({ name, onFold, count }) => [name, onFold, count]),
    )
    for (const piece of pieces) expect(piece.marks).toEqual(marks)
    pieces.forEach(({ outline, notches, warpDeg }, i) => {
      expect(outline.map(([x, y]) => [x.toFixed(1), y.toFixed(1)])).toEqual(
        sent[i]!.outline.map(([x, y]) => [x.toFixed(1), y.toFixed(1)]),
      )
      expect([notches[0]!.at, warpDeg]).toEqual([[40, 50], 90])
    })
  })
})

describe('SVG', () => {
  const svg = (inner: string, head = 'width="200mm" viewBox="0 0 100 100"') =>
    `<svg xmlns="http://www.w3.org/2000/svg" ${head}>${inner}</svg>`
  it('goes by the file’s own units, and turns up upwards', () => {
    const [piece] = readSvg(svg('<path id="cuff" d="M10 10h30l-10 40h-20z"/>')).pieces
    expect(piece!.name).toBe('cuff')
    expect(piece!.outline).toEqual([
      [0, 80],
      [60, 80],
      [40, 0],
      [0, 0],
    ])
  })
  it('moves with its groups, and leaves definitions out', () => {
    const inner =
      '<defs><rect width="9" height="9"/></defs><g transform="scale(2)"><rect x="5" y="5" width="20" height="10"/></g>'
    const { pieces } = readSvg(svg(inner))
    expect(pieces.map(({ outline }) => areaOf(outline))).toEqual([80 * 40])
  })
  it('flattens curves to within 0.2 mm', () => {
    const [piece] = readSvg(svg('<circle cx="50" cy="50" r="40"/>')).pieces
    expect(Math.abs(areaOf(piece!.outline) - Math.PI * 80 ** 2)).toBeLessThan(2 * Math.PI * 80 * 0.2)
  })
  describe('lines on a piece', () => {
    // 400 × 600 mm in all, one unit a millimetre.
    const head = 'width="1000mm" viewBox="0 0 1000 1000"'
    const front = '<path id="front" d="M100 100h400v600h-400z"/>'
    const read = (inner: string) => readSvg(svg(inner, head)).pieces
    it('are its grain and its fold where they or their layers are called so', () => {
      const grain = '<g id="grain lines"><path d="M200 400h100"/></g>'
      const fold = '<line data-name="place on fold" x1="100" y1="100" x2="100" y2="700"/>'
      const [piece] = read(front + grain + fold)
      expect(piece).toMatchObject({ warpDeg: 0, onFold: true, marks: [], notches: [] })
      expect(piece!.outline.filter(([x]) => x === 0)).toHaveLength(2)
    })
    it('are notches where they are short and begin on the cut line', () => {
      const [piece] = read(`${front}<line x1="500" y1="300" x2="492" y2="300"/><polyline points="300,694 300,700"/>`)
      expect(piece!.notches.map(({ at }) => at)).toEqual([
        [400, 400],
        [200, 0],
      ])
      expect(piece!.marks).toEqual([])
    })
    it('are darts by their feet, drill holes where they are small and closed, and other marks', () => {
      const dart = '<polyline points="200,105 230,250 260,105"/>'
      const inner = `${dart}<circle cx="300" cy="500" r="4"/><path d="M150 600L350 600L350 500"/>`
      const [piece] = read(front + inner)
      expect(piece!.marks).toEqual([
        {
          is: 'dart',
          points: [
            [100, 595],
            [130, 450],
            [160, 595],
          ],
        },
        {
          is: 'line',
          points: [
            [50, 100],
            [250, 100],
            [250, 200],
          ],
        },
        { is: 'drill', points: [[200, 200]] },
      ])
    })
    it('are looked at only as far as a pattern has any', () => {
      const lines = Array.from({ length: 5000 }, (_, i) => `<path d="M${150 + (i % 300)} ${150 + (i % 500)}h30v9"/>`)
      const [piece] = read(front + lines.join(''))
      expect(piece!.marks.length).toBeLessThanOrEqual(60)
      expect(piece!.outline).toHaveLength(4)
    })
    it('belong to the smallest piece that they lie on, and to none beside it', () => {
      const pocket = '<rect id="pocket" x="150" y="150" width="100" height="100"/>'
      const inner = '<path d="M160 200h80"/><path d="M800 200h80"/><path d="M400 300L700 300"/>'
      const pieces = read(front + pocket + inner)
      expect(pieces.map(({ name, marks }) => [name, marks.length])).toEqual([
        ['front', 0],
        ['pocket', 1],
      ])
    })
  })
  it.each([
    ['that is called so', '<rect id="Scale" width="50" height="50"/><rect x="60" width="20" height="20"/>', 50],
    ['the smallest', '<rect width="50" height="50"/><rect x="60" width="20" height="20"/>', 20],
    ['that stands on its corner', '<path d="M200 0l30 30l-30 30l-30-30z"/>', 30 * Math.SQRT2],
    ['that is tiny as it was read', '<rect id="test" width="3" height="3"/>', 3],
  ])('is scaled by a test square: one %s', (_, squares, side) => {
    const wing = '<path id="Wing" d="M0 100h80v60h-80z"/>'
    const round = '<circle id="Test disc" cx="300" cy="300" r="5"/>'
    const { pieces } = readSvg(svg(wing + squares + round), { squareMm: 6 * side })
    const read = readSvg(svg(wing)).pieces[0]!
    expect(areaOf(pieces.find(({ name }) => name === 'Wing')!.outline)).toBeCloseTo(9 * areaOf(read.outline), 0)
    // A unit of these drawings is 2 mm. The square is no piece; another that is drawn may be one.
    expect(pieces.filter(({ outline }) => Math.abs(areaOf(outline) - (6 * side) ** 2) < 1)).toEqual([])
  })
  it('keeps what is called as the square is, and says where there is no square', () => {
    const alike = '<g id="Layer 1"><rect width="50" height="50"/><rect x="60" width="90" height="70"/></g>'
    expect(readSvg(svg(alike), { squareMm: 50 }).pieces).toHaveLength(1)
    expect(() => readSvg(svg('<rect width="50" height="60"/><circle r="20"/>'), { squareMm: 50 })).toThrow(
      'no square',
    )
    expect(() => readSvg(svg('<rect width="50" height="50"/>'), { squareMm: 50 })).toThrow('no closed outline')
  })
  it.each(['', '<html/>', svg('<path d="M0 0L50 50"/>'), svg('<path d="rubbish"/>')])(
    'refuses %j in words',
    (file) => {
      expect(() => readSvg(file)).toThrow(NoOutlines)
    },
  )
})

describe('measures', () => {
  it.each(MEASURED_KINDS.map((kind) => [kind.id, kind] as const))('%s: every piece can be cut', (_, kind) => {
    const usual = Object.fromEntries(kind.measures.map(({ id, usualMm }) => [id, usualMm]))
    for (const by of [0.7, 1, 1.4]) {
      const mm = Object.fromEntries(Object.entries(usual).map(([id, value]) => [id, value * by]))
      const pieces = kind.draw(mm, 15)
      expect(pieces.length).toBeGreaterThan(0)
      for (const { name, outline, onFold, pair, count } of pieces) {
        expect({ name, isSimple: isSimple(outline) }).toEqual({ name, isSimple: true })
        expect(areaOf(outline)).toBeGreaterThan(1000)
        if (onFold) expect(outline.filter(([x]) => x === 0)).toHaveLength(2)
        if (pair) expect(count % 2).toBe(0)
      }
    }
  })
})
