import { faultsOf } from '../../../tests/support/lay/checker'
import { jigsaw, plainPiece } from '../../../tests/support/lay/jigsaw'
import { randomTask } from '../../../tests/support/lay/randomTask'
import { shirt } from '../../../tests/support/lay/shirt'
import { uglyTask } from '../../../tests/support/lay/uglyTask'
import { seededRandom } from '../numbers/seededRandom'
import { laidOut } from './lay'
import { byMoves } from './search/budget'
import { type LayCloth, type LayPiece, type LayTask } from './types'
import { rectangle, type Outline } from '../shapes/polygon'

const cloth = (rest: Partial<LayCloth> = {}): LayCloth => ({
  widthMm: 1000,
  selvedgeMm: 0,
  oneWay: false,
  layers: 'single',
  repeatMm: { x: 0, y: 0 },
  ...rest,
})

const taskOf = (pieces: LayPiece[], rest: Partial<LayTask> = {}): LayTask => ({
  cloth: cloth(),
  pieces,
  match: [],
  gapMm: 0,
  seed: 1,
  ...rest,
})

const laid = (task: LayTask, moves = 900) => laidOut(task, byMoves(moves))

it('lays random pieces on random cloth without a fault, whatever is asked', () => {
  for (let seed = 1; seed <= 40; seed++) {
    const task = randomTask(seed, seededRandom(seed))
    expect({ seed, faults: faultsOf(task, laid(task, 250)) }).toEqual({ seed, faults: [] })
  }
})

it('lays pieces with bays without a fault, equal, turned over and round', () => {
  for (let seed = 1; seed <= 250; seed++) {
    const task = uglyTask(seed, seededRandom(seed))
    expect({ seed, faults: faultsOf(task, laid(task, 60)) }).toEqual({ seed, faults: [] })
  }
})

it('gives the same answer from the same seed', () => {
  const task = taskOf(shirt(), { cloth: cloth({ widthMm: 1480 }) })
  expect(laid(task, 800)).toEqual(laid(task, 800))
})

it('finds a jigsaw of eight again, to within a twentieth', () => {
  const lengths = [154, 231].map(
    (seed) => laid(taskOf(jigsaw(1000, 1200, 8, seededRandom(seed))), 6000).usedLengthMm / 1200,
  )
  expect(lengths.filter((length) => length <= 1.05)).toHaveLength(2)
  expect(Math.min(...lengths)).toBeGreaterThan(0.999)
})

it('gets shorter with more time, and never shorter than its bound', () => {
  const task = taskOf(shirt(), { cloth: cloth({ widthMm: 1480, selvedgeMm: 13 }) })
  const [first, later] = [laid(task, 1), laid(task, 3000)]
  expect(later.usedLengthMm).toBeLessThan(first.usedLengthMm * 0.95)
  expect(later.usedLengthMm).toBeGreaterThanOrEqual(later.lowerBoundMm)
  expect(later.density).toBeGreaterThan(0.78)
})

it('takes the length that two that are wider than half the cloth take, one behind the other', () => {
  const { lowerBoundMm, usedLengthMm, density } = laid(taskOf([plainPiece('a', rectangle(600, 300), { count: 2 })]))
  expect([lowerBoundMm, usedLengthMm]).toEqual([600, 600])
  expect(density).toBeCloseTo(0.6)
})

describe('on the fold', () => {
  const half = plainPiece('back', rectangle(300, 500), { onFold: true })
  it('lies with its edge on it, folded lengthwise', () => {
    const answer = laid(taskOf([half], { cloth: cloth({ layers: 'folded-lengthwise' }) }))
    expect(answer.placements[0]!.polygon.filter(([x]) => x === 0)).toHaveLength(2)
    expect([answer.usedLengthMm, answer.density]).toEqual([500, 0.6])
  })
  it('has its head where the others have theirs, though it is drawn head down', () => {
    const down = {
      ...half,
      outline: [
        [0, 0],
        [300, 0],
        [200, 500],
        [0, 500],
      ] as Outline,
      warpDeg: 270,
    }
    const task = taskOf([down], { cloth: cloth({ layers: 'folded-lengthwise', oneWay: true }) })
    const answer = laid(task)
    expect([answer.unplaced, faultsOf(task, answer)]).toEqual([[], []])
    // The narrow end, its head in the drawing’s sense, is at the beginning of the cloth.
    expect(Math.max(...answer.placements[0]!.polygon.filter(([, y]) => y < 1).map(([x]) => x))).toBeCloseTo(200)
  })
  it('is unfolded on single cloth', () => {
    const [placed] = laid(taskOf([half])).placements
    expect(Math.max(...placed!.polygon.map(([x]) => x)) - Math.min(...placed!.polygon.map(([x]) => x))).toBe(600)
  })
  it('finds no place where its grain would run across', () => {
    const answer = laid(taskOf([{ ...half, warpDeg: 0 }], { cloth: cloth({ layers: 'folded-lengthwise' }) }))
    expect(answer).toMatchObject({
      verdict: 'does-not-fit',
      unplaced: [{ id: 'back', why: expect.stringContaining('grain') }],
    })
  })
  it('finds no place where half the cloth is narrower', () => {
    const wide = plainPiece('wide', rectangle(600, 500), { onFold: true })
    expect(laid(taskOf([wide], { cloth: cloth({ layers: 'folded-lengthwise' }) })).unplaced).toHaveLength(1)
  })
})

it('cuts a pair through both layers at once, and both layers of a crosswise fold count', () => {
  const front = plainPiece(
    'front',
    [
      [0, 0],
      [400, 0],
      [200, 500],
    ],
    { count: 2, pair: true },
  )
  const lengthwise = laid(taskOf([front], { cloth: cloth({ layers: 'folded-lengthwise' }) }))
  expect(lengthwise.placements.map(({ copies }) => copies)).toEqual([[1, 2]])
  const crosswise = laid(taskOf([front], { cloth: cloth({ layers: 'folded-crosswise' }) }))
  expect(crosswise.usedLengthMm).toBe(1000)
})

it('does not fold crosswise what has a nap', () => {
  const pieces = [plainPiece('front', rectangle(900, 400), { count: 2, pair: true })]
  expect(laid(taskOf(pieces, { cloth: cloth({ oneWay: true, layers: 'best' }) })).layers).not.toBe('folded-crosswise')
})

it('turns head for foot only where piece and cloth allow it', () => {
  const wedge = plainPiece(
    'wedge',
    [
      [0, 0],
      [600, 0],
      [50, 500],
      [0, 500],
    ],
    { count: 2, turn: 'half' },
  )
  expect(laid(taskOf([wedge])).usedLengthMm).toBeLessThan(600)
  expect(laid(taskOf([wedge], { cloth: cloth({ oneWay: true }) })).usedLengthMm).toBeGreaterThan(650)
  expect(laid(taskOf([{ ...wedge, turn: 'none' }])).usedLengthMm).toBeGreaterThan(650)
})

it('keeps matched notches in step, however far the pieces would go up otherwise', () => {
  const pieces = [
    plainPiece('front', rectangle(300, 500), { notches: [{ id: 'side', at: [0, 130] }] }),
    plainPiece('back', rectangle(300, 500), { notches: [{ id: 'side', at: [0, 170] }] }),
  ]
  const task = taskOf(pieces, {
    cloth: cloth({ repeatMm: { x: 0, y: 100 } }),
    match: [{ a: ['front', 'side'], b: ['back', 'side'], axes: 'y' }],
  })
  const answer = laid(task)
  expect(faultsOf(task, answer)).toEqual([])
  // Forty up, or sixty: nothing less brings the two into step.
  expect(answer.usedLengthMm).toBe(540)
})

it('says which pieces a piece of cloth does not take, and lays the rest', () => {
  const pieces = [plainPiece('long', rectangle(100, 900)), plainPiece('short', rectangle(200, 200), { count: 4 })]
  const panels = [{ id: 'leg', outline: rectangle(420, 420), holes: [], warpDeg: 90, count: 1 }]
  const answer = laid(taskOf(pieces, { cloth: undefined, panels }))
  expect(answer.unplaced.map(({ id }) => id)).toEqual(['long'])
  expect(answer.placements).toHaveLength(4)
  expect(answer).toMatchObject({ verdict: 'does-not-fit', buy: null })
})

it('lays round a hole, and tells what is left', () => {
  const hole: Outline = [
    [150, 150],
    [250, 150],
    [250, 250],
    [150, 250],
  ]
  const panels = [{ id: 'cloth', outline: rectangle(400, 400), holes: [hole], warpDeg: 90, count: 1 }]
  const task = taskOf([plainPiece('strip', rectangle(150, 400), { count: 2 })], { cloth: undefined, panels })
  const answer = laid(task)
  expect([answer.verdict, faultsOf(task, answer)]).toEqual(['fits', []])
  expect(answer.leftOver).toHaveLength(2)
  const { areaMm2, largestRectangle } = answer.leftOver[0]!
  expect(areaMm2).toBeCloseTo(15_000, -2)
  expect(largestRectangle.lengthMm).toBeCloseTo(150, 0)
})

it('lays along the warp of each odd piece', () => {
  const panels = [{ id: 'turned', outline: rectangle(500, 200), holes: [], warpDeg: 0, count: 1 }]
  const answer = laid(taskOf([plainPiece('strip', rectangle(150, 450))], { cloth: undefined, panels }))
  expect(answer.verdict).toBe('fits')
})

it('tells what to buy where the length is asked, or too short', () => {
  const pieces = [plainPiece('a', rectangle(900, 1234))]
  expect(laid(taskOf(pieces)).buy).toEqual({ metres: 1.3, yards: 1.375 })
  expect(laid(taskOf(pieces, { cloth: cloth({ lengthMm: 1300 }) })).buy).toBeNull()
  const short = laid(taskOf(pieces, { cloth: cloth({ lengthMm: 1000 }) }))
  expect(short).toMatchObject({ verdict: 'does-not-fit', buy: { metres: 1.3 }, placements: [] })
})

it('leaves what is held where it is, and lays the rest about it', () => {
  const task = taskOf(shirt(), { cloth: cloth({ widthMm: 1480 }) })
  const held = laid(task, 1000).placements.find(({ id }) => id === 'back')!
  const at = [held.at[0], held.at[1] + 120] as const
  const again = { ...task, pinned: [{ ...held, at }] }
  const answer = laid(again, 1000)
  expect(answer.placements.find(({ id }) => id === 'back')!.at).toEqual(at)
  expect(faultsOf(again, answer)).toEqual([])
})
