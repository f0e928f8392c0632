import { dice } from '../../../../tests/support/seen'
import { PieceSchema } from '../../notebook/kinds/piece'
import { propertySheet } from '../../notebook/sheet'
import { facets } from '../facets'
import { plainTests } from '../filter'
import { compareBy } from '../orders'
import { pieceSummaryOf, type PieceSummary } from '../pieceSummary'
import { ASKS_NOTHING, SHELF_SORTS, type ShelfQuery } from '../query'
import { runningGroups, runningPart, runningSums } from './running'
import { StashIndex } from './stashIndex'
import { readSummary, writeSummary } from './summaryText'

const [TODAY, LATER] = ['2026-05-02T12:00:00.000Z', '2026-06-20T12:00:00.000Z']
const AT = ['2026-05-02T12:00:00.000Z', '2025-01-01T00:00:00.000Z']

/** Pieces that differ in what they are found, counted and ordered by; many are equal in all of it. */
function summary(id: string, chance: () => number): PieceSummary {
  const one = <T>(list: readonly T[]) => list[Math.floor(chance() * list.length)]!
  const piece = PieceSchema.parse({
    name: one(['Awning', 'awning', 'Box 2', 'Box 10', 'é', 'zz']),
    called: one(['', 'denim', 'jersey', 'habotai', 'leather']),
    place: one(['', 'Loft', 'loft', 'Box 2', 'Box 10']),
    claim: one([
      [],
      [{ fibre: 'cotton', percent: 100 }],
      [
        { fibre: 'wool', percent: 50 },
        { fibre: 'nylon', percent: 50 },
      ],
    ]),
    tags: one([[], ['blue'], ['blue', 'heavy'], ['heavy']]),
    lengthMm: one([null, 900, 2300]),
    widthMm: one([null, 900, 1500]),
    lotId: one([null, '00000000-0000-4000-8000-000000000001']),
    sorting: one([null, 'give-away']),
    got: one([null, '2026-04-30', '2020-01-01']),
    price: one([null, { amount: 12, currency: '£', per: 'metre' }]),
    look: { warp: one(['#aa1122', '#00ff00']), weft: '#00ff00', accent: null, colouring: 'plain' },
  })
  const sheet = propertySheet({ piece, measurements: [], observations: [] })
  return pieceSummaryOf({ id, createdAt: one(AT), touchedAt: one(AT) }, { piece, measurements: [] }, sheet, 0)
}

/** The plain way: everything filtered, counted and sorted anew. */
function plainly(
  pieces: readonly PieceSummary[],
  query: ShelfQuery,
  worded: ReadonlySet<string> | null,
  today: string,
) {
  const tests = plainTests(query, ({ lengthMm }) => lengthMm)
  const isIn = (piece: PieceSummary, but?: string) =>
    (!worded || worded.has(piece.id)) &&
    tests.every((test) => test(piece)) &&
    facets.every(({ id, of }) => {
      const chosen = query.chosen[id]
      return id === but || !chosen || of(piece, today).some((value) => chosen.includes(value))
    })
  const counts = facets.map(({ id, of }) => {
    const values = pieces.filter((piece) => isIn(piece, id)).flatMap((piece) => of(piece, today))
    return [id, Object.fromEntries([...new Set(values)].map((v) => [v, values.filter((one) => one === v).length]))]
  })
  const found = pieces.filter((piece) => isIn(piece)).toSorted(compareBy(query.sort))
  return { found: found.map(({ id }) => id), counts: Object.fromEntries(counts) as object }
}

const QUERIES: readonly Partial<ShelfQuery>[] = [
  {},
  { chosen: { family: ['plant'] } },
  { chosen: { place: ['Loft', ''], tag: ['blue'] } },
  { chosen: { fibre: ['silk'] } },
  { chosen: { age: ['week'], made: ['knit'], washed: ['unknown'] } },
  { gsm: [100, 400], chosen: { todo: ['weigh'] } },
  { colour: '#aa1122', lot: '00000000-0000-4000-8000-000000000001' },
  { enough: { lengthMm: 2000, widthMm: 1400 }, mostPerM2: 10 },
]

it('answers as a plain search would, after any run of pieces that come, change, go and come again', () => {
  const chance = dice(7)
  const index = new StashIndex(TODAY)
  const known = new Map<string, PieceSummary>()
  const part = () => index.follow('give away', () => runningPart(({ sorting }) => sorting === 'give-away'))
  const groups = () => index.follow('by tag', () => runningGroups(({ tags }) => tags))
  const sums = () =>
    index.follow('paid', () => runningSums(({ paid, place }) => (paid ? [{ key: place, add: { paid } }] : [])))
  for (let step = 0; step < 120; step++) {
    const batch = step % 40 === 39 ? 600 : 1
    const pieces = Array.from({ length: batch }, () =>
      summary(String(Math.floor(chance() * 60)).padStart(3, '0'), chance),
    )
    if (chance() < 0.3 && batch === 1) {
      index.remove(pieces[0]!.id)
      known.delete(pieces[0]!.id)
    } else {
      index.putAll(pieces)
      for (const piece of pieces) known.set(piece.id, piece)
    }
    const today = step < 80 ? TODAY : LATER
    index.setDay(today)
    const all = [...known.values()].toSorted((a, b) => (a.id < b.id ? -1 : 1))
    expect(index.all()).toEqual(all)
    expect(index.size).toBe(all.length)
    const query = {
      ...ASKS_NOTHING,
      ...QUERIES[step % QUERIES.length],
      sort: SHELF_SORTS[step % SHELF_SORTS.length]!,
    }
    const worded = step % 5 === 0 ? new Set(all.filter((_, i) => i % 2 === 0).map(({ id }) => id)) : null
    const { found, counts } = index.ask(query, worded)
    expect({ found: found.map(({ id }) => id), counts }).toEqual(plainly(all, query, worded, today))
    for (const sort of SHELF_SORTS) expect(index.inOrder(sort)).toEqual(all.toSorted(compareBy(sort)))
    expect(part()).toEqual(all.filter(({ sorting }) => sorting === 'give-away'))
    for (const tag of ['blue', 'heavy', 'none'])
      expect(groups().of(tag)).toEqual(all.filter(({ tags }) => tags.includes(tag)))
    for (const [
      place,
      {
        pieces: count,
        sums: { paid },
      },
    ] of sums()) {
      const own = all.filter((piece) => piece.place === place && piece.paid)
      expect([count, paid]).toEqual([
        own.length,
        expect.closeTo(
          own.reduce((sum, one) => sum + one.paid!, 0),
          6,
        ),
      ])
    }
  }
})

it('is empty to begin with, and again when everything is gone', () => {
  const index = new StashIndex(TODAY)
  const nothing = index.ask(ASKS_NOTHING, null)
  expect(nothing.found).toEqual([])
  expect(Object.values(nothing.counts)).toEqual(facets.map(() => ({})))
  index.putAll([summary('a', dice(1)), summary('b', dice(2))])
  expect(index.inOrder('name')).toHaveLength(2)
  for (const id of ['a', 'b', 'never there']) index.remove(id)
  expect(index.ask({ ...ASKS_NOTHING, sort: 'name' }, null)).toEqual(nothing)
  expect(index.find('a')).toBeUndefined()
})

it('moves one row for one change: nothing else is compared with anything', () => {
  const index = new StashIndex(TODAY)
  const chance = dice(3)
  const pieces = Array.from({ length: 300 }, (_, i) => ({
    ...summary(String(i).padStart(4, '0'), chance),
    name: `n ${i}`,
  }))
  index.putAll(pieces)
  index.inOrder('name')
  let looked = 0
  const watched = new Proxy(pieces[150]!, {
    get: (piece, key) => {
      looked += Number(key === 'name')
      return Reflect.get(piece, key) as unknown
    },
  })
  index.putAll([watched])
  index.inOrder('name')
  // The logarithm of 300 is about 8: once out, once in.
  expect(looked).toBeLessThan(12)
  expect(index.inOrder('name')[150]).toBe(watched)
})

describe('a summary as it is remembered', () => {
  const piece = summary('a', dice(5))

  it('comes back as it was, its offer among its fields', () => {
    const back = readSummary('a', writeSummary(piece))!
    expect({ ...back }).toEqual(piece)
    expect(JSON.parse(JSON.stringify(back))).toEqual(JSON.parse(JSON.stringify(piece)))
  })

  it.each([
    ['cut short', { ...writeSummary(piece), told: writeSummary(piece).told.slice(0, -9) }],
    ['another piece’s', writeSummary(summary('b', dice(5)))],
    ['of another form', { told: JSON.stringify([...Object.values(piece)]), offer: '{}' }],
    ['without its lists', { ...writeSummary(piece), told: JSON.stringify(Array(60).fill(null)) }],
    ['of nothing', { told: 'null', offer: '' }],
    [
      'with a word where a list belongs',
      { ...writeSummary(piece), told: writeSummary(piece).told.replace(/\["#[^\]]*\]/, '"red"') },
    ],
  ])('is none where it is %s', (_, text) => {
    expect(readSummary('a', text)).toBeUndefined()
  })
})
