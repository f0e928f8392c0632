import { faultsOf } from '../../../tests/support/lay/checker'
import { jigsaw, plainPiece } from '../../../tests/support/lay/jigsaw'
import { rectangle } from '@/core/shapes/polygon'
import { seededRandom } from '@/core/numbers/seededRandom'
import { layComputation } from './lay'

// The worker threads run in the real server, and are tested there.
jest.mock('../jobs/pool', () => jest.requireActual('../../../tests/support/jobsHere'))

async function ask(body: unknown) {
  const answer = await layComputation.post(
    new Request('http://127.0.0.1/api/v1/lay', { method: 'POST', body: JSON.stringify(body) }),
  )
  return { status: answer.status, body: await answer.json() }
}

const square = (side: number) => [
  [0, 0],
  [side, 0],
  [side, side],
  [0, side],
]
const cloth = { widthMm: 1000 }

it('lays the same from the same seed', async () => {
  const pieces = jigsaw(1000, 1200, 6, seededRandom(3)).map(({ id, outline }) => ({ id, outline }))
  const body = { cloth: { ...cloth, layers: 'single' }, pieces, seed: 4 }
  const [one, other] = [await ask(body), await ask(body)]
  expect(one.status).toBe(200)
  expect({ ...one.body, seconds: 0 }).toEqual({ ...other.body, seconds: 0 })
  const task = {
    cloth: { ...cloth, selvedgeMm: 0, oneWay: false, layers: 'single' as const, repeatMm: { x: 0, y: 0 } },
  }
  const all = jigsaw(1000, 1200, 6, seededRandom(3)).map(({ id, outline }) => plainPiece(id, outline))
  expect(faultsOf({ ...task, pieces: all, match: [], gapMm: 0, seed: 4 }, one.body)).toEqual([])
})

it('takes an outline that is closed by its first point again', async () => {
  const { status, body } = await ask({
    cloth,
    pieces: [{ id: 'a', outline: [...square(100), [0, 0]] }],
    seconds: 0.1,
  })
  expect([status, body.placements[0].polygon.length]).toEqual([200, 4])
})

it('lays feet on a border, and refuses one that makes no sense, with its place', async () => {
  const pieces = [
    { id: 'skirt', outline: rectangle(500, 600), count: 2, onBorder: true },
    { id: 'cuff', outline: rectangle(200, 80), count: 2 },
  ]
  const border = { side: 'right', reachMm: 180, footMm: 20 }
  const { status, body } = await ask({ cloth: { ...cloth, border }, pieces })
  expect([status, body.verdict, body.layers]).toEqual([200, 'fits', 'single'])
  for (const { id, polygon } of body.placements as { id: string; polygon: [number, number][] }[]) {
    const far = Math.max(...polygon.map(([x]) => x))
    if (id === 'skirt') expect(far).toBeCloseTo(980, 0)
    else expect(far).toBeLessThanOrEqual(820.5)
  }
  const wrong = await ask({ cloth: { ...cloth, border: { ...border, reachMm: 1200 } }, pieces })
  expect(wrong.status).toBe(422)
  expect(JSON.stringify(wrong.body)).toContain('reachMm')
  expect((await ask({ cloth: { ...cloth, border: { side: 'top', reachMm: 10 } }, pieces })).status).toBe(422)
})

it('leaves a piece unplaced that no cloth takes', async () => {
  const { status, body } = await ask({ cloth, pieces: [{ id: 'huge', outline: square(1200) }], seconds: 0.1 })
  expect([status, body.verdict, body.unplaced[0].id]).toEqual([200, 'does-not-fit', 'huge'])
})

it.each([
  [
    'an outline that crosses itself',
    {
      outline: [
        [0, 0],
        [10, 10],
        [10, 0],
        [0, 10],
      ],
    },
    'pieces.0.outline',
  ],
  [
    'two points',
    {
      outline: [
        [0, 0],
        [10, 10],
      ],
    },
    'pieces.0.outline',
  ],
  [
    'no area',
    {
      outline: [
        [0, 0],
        [10, 10],
        [20, 20],
      ],
    },
    'pieces.0.outline',
  ],
  ['an odd pair', { outline: square(10), pair: true, count: 3 }, 'pieces.0.count'],
  [
    'a fold that nothing lies on',
    { outline: square(10).map(([x, y]) => [x! + 5, y]), onFold: true },
    'pieces.0.outline',
  ],
])('answers 422 with the path for %s', async (_, piece, path) => {
  const { status, body } = await ask({ cloth, pieces: [{ id: 'a', ...piece }] })
  expect([status, body.error.issues[0].path]).toEqual([422, path])
})

it.each([
  ['an unknown piece', ['b', 'n'], 'match.0.b.0'],
  ['an unknown notch', ['a', 'm'], 'match.0.b.1'],
])('answers 422 with the path for %s of a match', async (_, b, path) => {
  const pieces = [{ id: 'a', outline: square(10), notches: [{ id: 'n', at: [0, 5] }] }]
  const { status, body } = await ask({ cloth, pieces, match: [{ a: ['a', 'n'], b }] })
  expect([status, body.error.issues[0].path]).toEqual([422, path])
})

it('answers 400 for what is not read', async () => {
  expect((await ask({ pieces: [{ id: 'a', outline: square(10) }] })).body.error.issues[0].path).toBe('cloth')
  expect((await ask({ cloth, pieces: [{ id: 'a', outline: square(10), colour: 'red' }] })).status).toBe(400)
  const round = Array.from({ length: 401 }, (_, i) => [Math.cos(i / 70) * 50, Math.sin(i / 70) * 50])
  expect((await ask({ cloth, pieces: [{ id: 'a', outline: round }] })).body.error.issues[0].path).toBe(
    'pieces.0.outline',
  )
})
