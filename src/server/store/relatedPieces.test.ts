import { sql } from 'kysely'
import { PieceSchema } from '@/core/notebook/kinds/piece'
import { openNotebook, type Notebook } from './openNotebook'
import { havingKinQuery, kinQuery, oneClothWith } from './relatedPieces'
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
  ['whose kin it is', kinQuery('a', ['cutFromId', 'lotId'])],
  ['whether it has any', havingKinQuery(['a', 'b'])],
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
