import { byMonth, stashFigures, waitingLongest } from './looking'
import { type PieceSummary } from './pieceSummary'
import { readQuery } from './readQuery'

const TODAY = '2026-05-02T12:00:00.000Z'
let made = 0
const gist = (more: object): PieceSummary =>
  ({
    id: String(made++).padStart(3, '0'),
    place: 'Loft',
    currency: '€',
    paid: null,
    families: [],
    knowing: 'untested',
    gsm: null,
    gsmAbout: null,
    m2: { value: 2, sd: 0 },
    kg: null,
    offer: {},
    sorting: null,
    got: '2026-01-01',
    createdAt: TODAY,
    ...more,
  }) as never

const gists = [
  gist({
    families: ['plant', 'synthetic'],
    knowing: 'label',
    gsm: { value: 110, sd: 1 },
    gsmAbout: 110,
    kg: 0.22,
    paid: 4,
  }),
  gist({ families: ['plant'], knowing: 'tested', m2: null, got: '2024-01-01', paid: 6, currency: 'kr' }),
  gist({ got: null }),
]

function figuresOf(some: readonly PieceSummary[]) {
  const figures = stashFigures()
  for (const one of some) figures.add(one)
  return figures
}

it('counts a mixture in each of its families, and says where those pieces are', () => {
  const lines = figuresOf(gists).result().families
  expect(lines).toMatchObject([
    { label: 'Plant', pieces: 2, m2: 2 },
    { label: 'Synthetic', pieces: 1, kg: 0.22 },
  ])
  expect(readQuery(new URLSearchParams(lines[0]!.query)).chosen).toEqual({ family: ['plant'] })
})

it('leaves out what there is none of', () => {
  const { weights, knowing } = figuresOf(gists).result()
  expect(weights.map(({ label, pieces }) => [label, pieces])).toEqual([['light', 1]])
  expect(knowing.map(({ pieces }) => pieces)).toEqual([1, 1, 1])
  expect(stashFigures().result().knowing).toEqual([])
})

it('never adds currencies up', () => {
  expect(
    figuresOf(gists)
      .result()
      .money.map(({ currency, paid }) => [currency, paid]),
  ).toEqual([
    ['kr', 6],
    ['€', 4],
  ])
})

it('takes a piece out of every figure, with nothing left of it', () => {
  const figures = figuresOf(gists)
  const more = gist({
    families: ['protein'],
    paid: 0.1,
    place: 'Press',
    knowing: 'tested',
    kg: 0.3,
    got: '2026-03-03',
  })
  const before = figures.result()
  figures.add(more)
  expect(figures.result()).not.toEqual(before)
  figures.remove(more)
  expect(figures.result()).toEqual(before)
})

it('tells what waits longest, but for what is given away', () => {
  const oldest = [gists[1]!, gists[0]!, gists[2]!]
  const waiting = waitingLongest(oldest, TODAY, 2)
  expect(waiting.map(({ gist: { id } }) => id)).toEqual([gists[1]!.id, gists[0]!.id])
  expect(waiting[0]!.days).toBe(852)
  expect(waitingLongest(oldest, TODAY, 1, (id) => id !== gists[1]!.id)[0]!.gist).toBe(gists[0])
  expect(waitingLongest([gist({ sorting: 'give-away' })], TODAY, 2)).toEqual([])
})

it('has a line for every month up to this one, over the turn of a year', () => {
  const months = byMonth(
    [{ at: '2025-12-31', m2: 3, kg: 1 }],
    [
      { at: '2026-05-01T09:00:00.000Z', m2: 1, kg: 0.2 },
      { at: '2020-01-01', m2: 9, kg: 9 },
    ],
    TODAY,
    6,
  )
  expect(months.map(({ month }) => month)).toEqual(['2025-12', '2026-01', '2026-02', '2026-03', '2026-04', '2026-05'])
  expect(months[0]).toMatchObject({ inM2: 3, outM2: 0 })
  expect(months[5]).toMatchObject({ inM2: 0, outM2: 1, outKg: 0.2 })
})
