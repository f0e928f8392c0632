import { ELL as L } from '../../../../tests/support/lay/ell'
import { plainPiece } from '../../../../tests/support/lay/jigsaw'
import { movePolygon, rectangle, turnPolygon, type Point } from '../../shapes/polygon'
import { type LayCloth, type LayPiece, type LayTask, type Placement } from '../types'
import { planOf } from '../search/items'
import { answerOf } from '../answer'
import { verifyLayout } from './verifyLayout'

const cloth: LayCloth = {
  widthMm: 1000,
  selvedgeMm: 10,
  oneWay: false,
  layers: 'single',
  repeatMm: { x: 0, y: 0 },
  lengthMm: 1200,
}

const task = (pieces: LayPiece[], rest: Partial<LayTask> = {}): LayTask => ({
  cloth,
  pieces,
  match: [],
  gapMm: 0,
  seed: 1,
  ...rest,
})

const lies = (piece: LayPiece, at: Point, rest: Partial<Placement> = {}): Placement => {
  const degrees = rest.degrees ?? 0
  const polygon = movePolygon(turnPolygon(piece.outline, degrees), at[0], at[1])
  return { id: piece.id, copies: [1], panel: null, panelCopy: null, mirrored: false, polygon, degrees, at, ...rest }
}

const kinds = (of: LayTask, placements: Placement[], layers: 'single' | 'folded-lengthwise' = 'single') =>
  verifyLayout(of, { placements, layers }).map(({ kind, placements: which }) => [kind, ...which])

const ell = plainPiece('ell', L, { turn: 'half', count: 2 })
const two = (at: Point, rest: Partial<Placement> = {}) => [
  lies(ell, [10, 0]),
  lies(ell, at, { copies: [2], ...rest }),
]

describe('pieces on one another', () => {
  test.each<[string, Placement[], unknown[]]>([
    ['side by side', two([310, 0]), []],
    ['one in the bay of the other, turned', two([390, 480], { degrees: 180 }), []],
    ['a hair on one another', two([309.7, 0]), []],
    ['a millimetre on one another', two([309, 0]), [['overlap', 0, 1]]],
    ['the very same place', two([10, 0]), [['overlap', 0, 1]]],
    ['crossed, with no corner of one in the other', two([30, 40]), [['overlap', 0, 1]]],
  ])('%s', (_, placements, expected) => {
    expect(kinds(task([ell]), placements)).toEqual(expected)
  })
  test('a small one within a large one', () => {
    const [large, small] = [plainPiece('large', rectangle(500, 500)), plainPiece('small', rectangle(50, 50))]
    const placements = [lies(large, [10, 0]), lies(small, [200, 200])]
    expect(kinds(task([large, small]), placements)).toEqual([['overlap', 0, 1]])
  })
  test('nearer than the gap', () => {
    expect(kinds(task([ell], { gapMm: 6 }), two([313, 0]))).toEqual([['gap', 0, 1]])
    expect(kinds(task([ell], { gapMm: 6 }), two([316, 0]))).toEqual([])
  })
  test('on different panels they do not meet', () => {
    const panels = [{ id: 'a', outline: rectangle(400, 500), holes: [], warpDeg: 90, count: 2 }]
    const on = (panelCopy: number) => ({ panel: 'a', panelCopy, copies: [panelCopy] })
    const of = { ...task([ell]), cloth: undefined, panels }
    expect(kinds(of, [lies(ell, [0, 0], on(1)), lies(ell, [0, 0], on(2))])).toEqual([])
    expect(kinds(of, [lies(ell, [0, 0], on(3))])).toEqual([['edge', 0]])
  })
})

describe('the fabric', () => {
  test.each<[string, Point, unknown[]]>([
    ['over the selvedge', [5, 0], [['edge', 0]]],
    ['over the other selvedge', [691, 0], [['edge', 0]]],
    ['over the end', [10, 801], [['edge', 0]]],
    ['just within', [690, 800], []],
  ])('%s', (_, at, expected) => {
    expect(kinds(task([ell]), [lies(ell, at)])).toEqual(expected)
  })
  test('a flaw, also as both layers show it', () => {
    const flawed = { ...cloth, flaws: [movePolygon(rectangle(30, 30), 200, 40)] }
    expect(kinds(task([ell], { cloth: flawed }), [lies(ell, [10, 0])])).toEqual([['hole', 0]])
    const folded = task([ell], { cloth: { ...flawed, flaws: [movePolygon(rectangle(30, 30), 400, 40)] } })
    expect(kinds(folded, [lies(ell, [0, 0], { copies: [1, 2] })], 'folded-lengthwise')).toEqual([['hole', 0]])
  })
  test('off an odd piece in its bay, and on its hole', () => {
    const panels = [{ id: 'a', outline: L, holes: [movePolygon(rectangle(20, 20), 30, 200)], warpDeg: 90, count: 1 }]
    const small = plainPiece('small', rectangle(60, 60))
    const of = { ...task([small]), cloth: undefined, panels }
    const at = (x: number, y: number) => kinds(of, [lies(small, [x, y], { panel: 'a', panelCopy: 1 })])
    expect([at(100, 10), at(100, 100), at(10, 180)]).toEqual([[], [['edge', 0]], [['hole', 0]]])
  })
})

describe('the grain', () => {
  const bias = plainPiece('bias', L, { bias: true })
  test.each<[string, LayPiece, number, Partial<LayCloth>, unknown[]]>([
    ['across', ell, 90, {}, [['grain', 0]]],
    ['across, where it may', { ...ell, crosswise: true }, 90, {}, []],
    ['turned', ell, 180, {}, []],
    ['turned, where it may not', { ...ell, turn: 'none' }, 180, {}, [['grain', 0]]],
    ['turned on a nap', ell, 180, { oneWay: true }, [['nap', 0]]],
    ['a little off', { ...ell, toleranceDeg: 3 }, 3, {}, []],
    ['more than a little off', { ...ell, toleranceDeg: 3 }, 4, {}, [['grain', 0]]],
    ['on the bias', bias, 45, {}, []],
    ['not on the bias', bias, 0, {}, [['grain', 0]]],
    ['anyhow', { ...ell, turn: 'any' }, 17, {}, []],
  ])('%s', (_, piece, degrees, rest, expected) => {
    const of = task([piece], { cloth: { ...cloth, ...rest } })
    expect(kinds(of, [lies(piece, [500, 500], { degrees })])).toEqual(expected)
  })
})

test('a polygon that is another shape than its piece', () => {
  const wrong = { ...lies(ell, [10, 0]), polygon: movePolygon(rectangle(300, 400), 10, 0) }
  expect(kinds(task([ell]), [wrong])).toEqual([['shape', 0]])
  expect(kinds(task([ell]), [{ ...lies(ell, [10, 0]), id: 'sleeve' }])).toEqual([['shape', 0]])
})

test('a half that is drawn to a fold has its edge on it', () => {
  const half = plainPiece('back', rectangle(200, 500), { onFold: true })
  const folded = task([half], { cloth: { ...cloth, layers: 'folded-lengthwise' } })
  expect(kinds(folded, [lies(half, [0, 0])], 'folded-lengthwise')).toEqual([])
  expect(kinds(folded, [lies(half, [20, 0])], 'folded-lengthwise')).toEqual([['fold', 0]])
})

describe('what fails the check is not told', () => {
  const spots = (of: LayTask, places: readonly Point[]) => {
    const plan = planOf(of, 'single')
    return {
      plan,
      bound: 0,
      spots: places.map(([x, y], i) => ({ bin: 0, shape: plan.items[i]!.choices[0]![0]!, x, y })),
    }
  }
  test('it goes behind the rest where there is room', () => {
    const of = task([ell])
    const found = spots(of, [
      [10, 0],
      [20, 0],
    ])
    const { verdict, placements, unplaced, usedLengthMm } = answerOf(of, found, true)
    expect([verdict, placements.length, unplaced, usedLengthMm]).toEqual(['fits', 2, [], 800])
    expect(verifyLayout(of, { placements, layers: 'single' })).toEqual([])
  })
  test('it is not placed where there is none', () => {
    const of = task([ell], { cloth: { ...cloth, lengthMm: 500 } })
    const found = spots(of, [
      [10, 0],
      [20, 0],
    ])
    const { verdict, placements, unplaced } = answerOf(of, found, true)
    expect([verdict, placements.length]).toEqual(['does-not-fit', 1])
    expect(unplaced).toEqual([{ id: 'ell', copies: [2], why: 'the place found for it did not pass our check' }])
  })
})
