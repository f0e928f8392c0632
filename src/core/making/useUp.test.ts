import { plainPiece } from '../../../tests/support/lay/jigsaw'
import { rectangle } from '../shapes/polygon'
import { byLeastLost } from './leastLost'
import { usingUp } from './useUp'

const panel = (id: string, width: number, length: number, count = 1) => ({
  id,
  outline: rectangle(width, length),
  holes: [],
  warpDeg: 90,
  count,
})
const tried = (panels: Parameters<typeof usingUp>[0], ...all: Parameters<typeof plainPiece>[]) => [
  ...usingUp(
    panels,
    all.map((piece, i) => ({ id: `p${i}`, name: `P${i}`, pieces: [plainPiece(...piece)] })),
  ),
]

it('says what fits as it is, and how much of the cloth goes into it', () => {
  const [one] = tried([panel('back', 500, 500, 2)], ['square', rectangle(500, 250), { count: 2 }])
  expect(one).toMatchObject({ fits: true, left: 0, by: [] })
  expect(one!.used).toBeCloseTo(0.5, 2)
})

it('puts a seam where a fold finds no room', () => {
  const [one] = tried([panel('leg', 340, 800, 2)], ['back', rectangle(300, 700), { onFold: true }])
  expect(one).toMatchObject({ fits: true })
  expect(one!.by.map(({ id }) => id)).toEqual(['seam-for-fold'])
})

it('lays small pieces across, and large ones off the grain at the last', () => {
  const [small] = tried([panel('strip', 300, 130)], ['pocket', rectangle(120, 280), {}])
  expect(small!.by.map(({ id }) => id)).toEqual(['small-crosswise'])
  const [large] = tried([panel('strip', 700, 300)], ['side', rectangle(250, 650), {}])
  expect(large!.by.map(({ id }) => id)).toEqual(['off-grain'])
  expect(large!.by[0]!.text).toMatch(/hang/)
})

it('says how much finds no place, and tries nothing where all of it is too little', () => {
  const [one] = tried([panel('scrap', 200, 200)], ['sheet', rectangle(900, 900), { count: 2 }])
  expect(one).toMatchObject({ fits: false, left: 2, by: [] })
})

it('puts first what loses least', () => {
  const all = tried(
    [panel('back', 500, 500)],
    ['small', rectangle(100, 100), {}],
    ['large', rectangle(480, 480), {}],
    ['none', rectangle(900, 900), {}],
  )
  expect(byLeastLost(all).map(({ id }) => id)).toEqual(['p1', 'p0', 'p2'])
})
