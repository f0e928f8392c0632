import { faultsOf } from '../../../tests/support/lay/checker'
import { plainPiece } from '../../../tests/support/lay/jigsaw'
import { rectangle, type Outline } from '../shapes/polygon'
import { borderFault, footOf, likelyOnBorder } from './border'
import { laidOut } from './lay'
import { byMoves } from './search/budget'
import { layFault } from './sense'
import { type ClothBorder, type LayCloth, type LayPiece, type LayTask } from './types'

const border = (rest: Partial<ClothBorder> = {}): ClothBorder => ({
  side: 'left',
  reachMm: 250,
  footMm: 40,
  isKeptClear: true,
  ...rest,
})

const taskOn = (on: ClothBorder, pieces: LayPiece[], cloth: Partial<LayCloth> = {}): LayTask => ({
  cloth: {
    widthMm: 1100,
    selvedgeMm: 10,
    oneWay: false,
    layers: 'best',
    repeatMm: { x: 0, y: 0 },
    border: on,
    ...cloth,
  },
  pieces,
  match: [],
  gapMm: 0,
  seed: 1,
})

const skirt = plainPiece('skirt', rectangle(600, 800), { count: 2, onBorder: true })
const cuff = plainPiece('cuff', rectangle(240, 90), { count: 4, turn: 'half' })
const across = ({ polygon }: { polygon: Outline }) => {
  const xs = polygon.map(([x]) => x)
  return [Math.min(...xs), Math.max(...xs)]
}

it('lays the feet on the border, the grain across the cloth, and keeps the rest off it', () => {
  const task = taskOn(border(), [skirt, cuff])
  const answer = laidOut(task, byMoves(600))
  expect(faultsOf(task, answer)).toEqual([])
  expect(answer.layers).toBe('single')
  const skirts = answer.placements.filter(({ id }) => id === 'skirt')
  expect(skirts.map((one) => across(one).map(Math.round))).toEqual([
    [40, 840],
    [40, 840],
  ])
  for (const one of answer.placements.filter(({ id }) => id === 'cuff')) {
    expect(across(one)[0]).toBeGreaterThanOrEqual(250 - 1e-6)
  }
  // The two skirts one behind the other along the cloth; the cuffs beside them.
  expect(answer.usedLengthMm).toBeCloseTo(1200, 0)
})

it('lays small pieces on the border where that is allowed', () => {
  const wide = plainPiece('wide', rectangle(1000, 100))
  const clear = laidOut(taskOn(border(), [wide]), byMoves(50))
  expect(clear.unplaced).toMatchObject([{ id: 'wide', why: 'it is wider than the fabric beside its border' }])
  expect(laidOut(taskOn(border({ isKeptClear: false }), [wide]), byMoves(50)).unplaced).toEqual([])
})

it('takes both selvedges where the border runs along both', () => {
  const pieces = [plainPiece('panel', rectangle(500, 500), { count: 2, onBorder: true })]
  const both = taskOn(border({ side: 'both' }), pieces)
  const answer = laidOut(both, byMoves(300))
  expect(faultsOf(both, answer)).toEqual([])
  expect(answer.usedLengthMm).toBeCloseTo(500, 0)
  const right = taskOn(border({ side: 'right' }), pieces)
  const onlyRight = laidOut(right, byMoves(300))
  expect(faultsOf(right, onlyRight)).toEqual([])
  expect(onlyRight.usedLengthMm).toBeCloseTo(1000, 0)
})

it('says why a piece that is longer than the cloth is wide goes nowhere', () => {
  const long = plainPiece('long', rectangle(400, 1070), { onBorder: true })
  expect(laidOut(taskOn(border(), [long]), byMoves(20)).unplaced).toMatchObject([
    { why: 'it is longer than the fabric is wide, with its bottom edge on the border' },
  ])
  expect(laidOut(taskOn(border({ footMm: 0 }), [long]), byMoves(20)).unplaced).toEqual([])
})

it('keeps pairs handed, and repeats agreeing, with their feet on the border', () => {
  const wing: Outline = [
    [0, 0],
    [420, 0],
    [260, 610],
    [40, 600],
  ]
  const notches = [{ id: 'side', at: [420, 0] as const }]
  const pieces = [
    plainPiece('wing', wing, { count: 2, pair: true, onBorder: true, notches }),
    plainPiece('back', rectangle(500, 600), { onBorder: true, notches: [{ id: 'side', at: [0, 0] }] }),
  ]
  const task: LayTask = {
    ...taskOn(border(), pieces, { repeatMm: { x: 0, y: 160 } }),
    match: [{ a: ['wing', 'side'], b: ['back', 'side'], axes: 'y' }],
  }
  const answer = laidOut(task, byMoves(500))
  expect(answer.unplaced).toEqual([])
  expect(faultsOf(task, answer)).toEqual([])
})

describe('by hand', () => {
  const { cloth } = taskOn(border(), [skirt]) as Required<LayTask>
  const lies = (polygon: Outline, degrees: number) => borderFault(skirt, { polygon, degrees, mirrored: false }, cloth)
  const at = (x: number): Outline => rectangle(800, 600).map(([px, py]) => [px + x, py])
  it('tells a foot that is off its line, or the wrong way round', () => {
    expect(lies(at(40), 270)).toBeUndefined()
    expect(lies(at(43), 270)).toContain('bottom edge')
    expect(lies(at(40), 90)).toContain('bottom edge')
  })
  it('tells what overlaps the border and should not', () => {
    const plain = { ...skirt, onBorder: false }
    const on = (x: number, of = cloth) => borderFault(plain, { polygon: at(x), degrees: 0, mirrored: false }, of)
    expect(on(200)).toBe('overlaps the border')
    expect(on(260)).toBeUndefined()
    expect(on(200, { ...cloth, border: border({ isKeptClear: false }) })).toBeUndefined()
    expect(on(0, { ...cloth, border: undefined })).toBeUndefined()
  })
})

describe('the foot', () => {
  const bow = (outline: Outline, rest: Partial<LayPiece> = {}) => footOf(plainPiece('a', outline, rest)).bowMm
  it('is straight in a rectangle, whichever way its grain runs', () => {
    expect(bow(rectangle(600, 800))).toBeCloseTo(0)
    expect(bow(rectangle(600, 800), { warpDeg: 0 })).toBeCloseTo(0)
  })
  it('is curved as far as its ends stand higher', () => {
    const flared: Outline = [
      [-300, 40],
      [-150, 10],
      [0, 0],
      [150, 10],
      [300, 40],
      [200, 700],
      [-200, 700],
    ]
    expect(bow(flared)).toBeCloseTo(40)
    expect(
      bow(
        flared.map(([x, y]) => [-y, x]),
        { warpDeg: 180 },
      ),
    ).toBeCloseTo(40)
  })
  it('does not go round the fold edge', () => {
    const half: Outline = [
      [0, 0],
      [300, 25],
      [280, 700],
      [0, 700],
    ]
    expect(bow(half, { onFold: true })).toBeCloseTo(25)
    expect(footOf(plainPiece('a', half, { onFold: true })).widthMm).toBeCloseTo(600)
  })
  it('is likely on the border where it is wide and as good as straight', () => {
    const pieces = [
      plainPiece('skirt', rectangle(600, 800)),
      plainPiece('cuff', rectangle(90, 240)),
      plainPiece('cape', [
        [0, 0],
        [300, 120],
        [600, 0],
        [600, 700],
        [0, 700],
      ]),
      plainPiece('bias', rectangle(600, 800), { bias: true }),
    ]
    expect(likelyOnBorder(pieces)).toEqual(['skirt'])
  })
})

it('refuses a border that makes no sense, with its place', () => {
  expect(layFault(taskOn(border({ reachMm: 1200 }), [skirt]))).toMatchObject({ path: ['cloth', 'border', 'reachMm'] })
  expect(layFault(taskOn(border({ footMm: 300 }), [skirt]))).toMatchObject({ path: ['cloth', 'border', 'footMm'] })
  expect(layFault(taskOn(border(), [skirt]))).toBeUndefined()
})
