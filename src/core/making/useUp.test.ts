import { plainPiece } from '../../../tests/support/lay/jigsaw'
import { type LayPanel } from '../lay/types'
import { rectangle } from '../shapes/polygon'
import { byLeastLost } from './leastLost'
import { usingUp, type ToUseUp } from './useUp'

const panel = (id: string, width: number, length: number, count = 1) => ({
  id,
  outline: rectangle(width, length),
  holes: [],
  warpDeg: 90,
  count,
})
const tried = (panels: readonly LayPanel[], ...all: Parameters<typeof plainPiece>[]) => [
  ...usingUp(
    [{ id: 'thing', panels }],
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

describe('out of several things', () => {
  const shirt = {
    id: 'shirt',
    name: 'Shirt',
    pieces: [
      { ...plainPiece('body', rectangle(480, 480), { count: 2 }), name: 'body' },
      { ...plainPiece('sleeve', rectangle(280, 280), { count: 2 }), name: 'sleeve' },
    ],
  }
  const thing = (id: string, ...panels: LayPanel[]): ToUseUp => ({ id, panels })
  const one = (...things: ReturnType<typeof thing>[]) => [...usingUp(things, [shirt])][0]!

  it('takes all of it out of the smallest that is enough', () => {
    const answer = one(thing('sail', panel('a', 3000, 3000)), thing('curtain', panel('b', 1000, 800)))
    expect(answer).toMatchObject({ fits: true, by: [], from: [{ thing: 'curtain', pieces: ['body', 'sleeve'] }] })
  })

  it('takes each kind of piece out of one cloth, and says so', () => {
    const answer = one(thing('curtain', panel('a', 500, 1000)), thing('cloth', panel('b', 600, 300)))
    expect(answer.by.map(({ id }) => id)).toEqual(['contrast-panels'])
    expect(answer.from).toEqual([
      { thing: 'curtain', pieces: ['body'] },
      { thing: 'cloth', pieces: ['sleeve'] },
    ])
  })

  it('parts a pair only where there is no other way', () => {
    const answer = one(thing('left', panel('a', 500, 800)), thing('right', panel('b', 500, 800)))
    expect(answer).toMatchObject({ fits: true, by: [] })
    expect(answer.from).toEqual([
      { thing: 'left', pieces: ['body', 'sleeve'] },
      { thing: 'right', pieces: ['body', 'sleeve'] },
    ])
  })

  it('says how much cloth it takes', () => expect(one(thing('a')).needsMm2).toBe(2 * 480 * 480 + 2 * 280 * 280))

  it('says of which pieces a hem may stay, and of no others', () => {
    const dress = { ...thing('dress', panel('skirt', 500, 1000)), hemmed: ['skirt'] }
    expect(one(dress, thing('cloth', panel('b', 600, 300))).hems).toEqual(['body'])
    expect(one({ ...dress, hemmed: [] }, thing('cloth', panel('b', 600, 300))).hems).toEqual([])
  })
})
