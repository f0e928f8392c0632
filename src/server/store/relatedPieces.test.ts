import { sql } from 'kysely'
import { queriesAsked } from '../../../tests/support/queriesAsked'
import { PieceSchema } from '@/core/notebook/kinds/piece'
import { openNotebook, type Notebook } from './openNotebook'
import { oneClothWith, piecesAmongQuery, tiesQuery } from './relatedPieces'
import { createRecord } from './repository'

let db: Notebook
beforeEach(async () => {
  db = await openNotebook(':memory:')
})
afterEach(() => db.destroy())

const AT = '2026-05-02T10:00:00.000Z'
const piece = async (name: string, rest: object = {}) =>
  (await createRecord(db, 'piece', PieceSchema.parse({ name, ...rest }), AT)).id

it('finds what was cut from a piece and what lies in one lot with it, near and far', async () => {
  const lot = await createRecord(db, 'lot', { name: 'Hotel', notes: '' } as never, AT)
  const curtain = await piece('Curtain', { lotId: lot.id })
  const [offcut, other, alone] = [
    await piece('Offcut', { cutFromId: curtain }),
    await piece('Other', { lotId: lot.id }),
    await piece('Alone'),
  ]
  const strip = await piece('Strip', { cutFromId: offcut })
  const kin = await oneClothWith(db, [curtain, strip, alone])
  expect(kin.get(alone)).toBeUndefined()
  expect(new Map(kin.get(curtain)!.map(({ id, byCut }) => [id, byCut]))).toEqual(
    new Map([
      [offcut, true],
      [strip, true],
      [other, false],
    ]),
  )
  expect(
    kin
      .get(strip)!
      .map(({ id }) => id)
      .sort(),
  ).toEqual([curtain, offcut, other].sort())
})

it.each([
  ['what is tied to what', tiesQuery(['a', 'b'])],
  ['which of them are pieces', piecesAmongQuery(['a', 'b'])],
])('asks %s without walking the notebook', async (_, query) => {
  const { rows } = await sql<{ detail: string }>`explain query plan ${query}`.execute(db)
  const steps = rows.map(({ detail }) => detail)
  // Each record and reference is looked up by an index that begins with its id; no kind is walked through.
  expect(steps.filter((step) => /\b(?:record|reference|r)\b/.test(step))).not.toHaveLength(0)
  for (const step of steps) {
    expect(step).not.toMatch(/SCAN (?:record|reference|r)\b/)
    expect(step).not.toMatch(/SEARCH (?:record|reference|r)\b.*\((?:kind|field)=/)
  }
})

it('asks as many queries for a hundred pieces as for one', async () => {
  const lot = await createRecord(db, 'lot', { name: 'Hotel', notes: '' } as never, AT)
  const ids: string[] = []
  for (let i = 0; i < 100; i++) ids.push(await piece(`Sheet ${i}`, { lotId: lot.id }))
  const asked = async (some: string[]) => (await queriesAsked(db, (open) => oneClothWith(open, some))).length
  expect(await asked(ids)).toBe(await asked(ids.slice(0, 1)))
})

it('answers for each of a batch as if it were asked alone: in rings, in two lots at once, in none', async () => {
  const lots = await Promise.all(
    ['Hotel', 'Pier'].map(async (name) => (await createRecord(db, 'lot', { name, notes: '' } as never, AT)).id),
  )
  const ids: string[] = []
  for (let i = 0; i < 40; i++) {
    const cutFromId = i % 3 === 1 ? ids[i - 1] : i % 7 === 0 && i > 0 ? ids[i - 7] : undefined
    ids.push(
      await piece(`Sheet ${i}`, { ...(cutFromId && { cutFromId }), ...(i % 5 === 0 && { lotId: lots[i % 2] }) }),
    )
  }
  const together = await oneClothWith(db, [...ids, ids[0]!])
  for (const id of ids) expect([id, together.get(id)]).toEqual([id, (await oneClothWith(db, [id])).get(id)])
  expect(await oneClothWith(db, [])).toEqual(new Map())
})
