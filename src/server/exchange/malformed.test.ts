import { mkdtempSync } from 'node:fs'
import { tmpdir } from 'node:os'
import { join } from 'node:path'
import fc from 'fast-check'
import { strToU8, zipSync } from 'fflate'
import { sql } from 'kysely'
import { RECORD_KIND_IDS } from '../../core/notebook/kinds'
import { PieceSchema } from '../../core/notebook/kinds/piece'
import { openNotebook, type Notebook } from '../store/openNotebook'
import { addMeasurement } from '../records/measurements'
import { allRecords, createRecord } from '../store/repository'
import { exportedJson } from './exporting'
import { importInto } from './importing'

jest.mock('@/server/jobs/pool', () => jest.requireActual('../../../tests/support/jobsHere'))

const AT = '2026-05-02T10:00:00.000Z'
/** `IMPORTS=10000` for all that is promised; a share of it each time. */
const RUNS = Number(process.env.IMPORTS ?? 200)

let db: Notebook
let document: string
beforeAll(async () => {
  db = await openNotebook(join(mkdtempSync(join(tmpdir(), 'rough-swatch-malformed-')), 'notebook.sqlite'))
  const lotId = (await createRecord(db, 'lot', { name: 'Hotel', source: '', got: null, price: null, notes: '' }, AT))
    .id
  const piece = await createRecord(db, 'piece', PieceSchema.parse({ name: 'Curtain', lotId, tags: ['stage'] }), AT)
  const reading = { kind: 'weighing', grams: 3, resolutionGrams: 0.1, lengthMm: 100, widthMm: 100, cutErrorMm: 1 }
  await addMeasurement(db, piece.id, reading as never, 'unwashed', AT)
  document = ''
  for await (const part of exportedJson(db, AT)) document += part
})
afterAll(() => db.destroy())

/** What lies in the notebook, and what was ever done to it. */
async function state(): Promise<unknown> {
  const { rows } = await sql`
    select (select count(*) from record) as records, (select count(*) from change) as changes,
      (select group_concat(data || revision) from record) as data`.execute(db)
  return rows
}

type Json = Record<string, unknown> | unknown[]

/** Every place in a document where something stands: what holds it, and under which key. */
function places(within: unknown): [Json, string][] {
  if (typeof within !== 'object' || within === null) return []
  const own = Object.keys(within).map((key): [Json, string] => [within as Json, key])
  return [...own, ...Object.values(within).flatMap(places)]
}

const odd = fc.oneof(
  fc.jsonValue(),
  fc.constantFrom('__proto__', '\u0000', '\ud800', '../../etc', -1, 1e308, null, [], {}, '0'.repeat(5000)),
)

/** One place of a true document changed, taken out, or given something that nobody knows. */
const misshapen = fc
  .tuple(fc.nat(), fc.constantFrom('put', 'drop', 'add', 'double'), odd, fc.string())
  .map(([at, how, value, key]) => {
    const told: unknown = JSON.parse(document)
    const all = places(told)
    const [holder, name] = all[at % all.length]!
    const inside = holder as Record<string, unknown>
    if (how === 'put') inside[name] = value
    else if (how === 'drop') delete inside[name]
    else if (how === 'add') Object.defineProperty(inside, key, { value, enumerable: true, configurable: true })
    else if (Array.isArray(holder)) holder.push(structuredClone(holder[0]))
    return strToU8(JSON.stringify(told))
  })

/** The bytes of a document or an archive, some of them others, or cut short. */
const torn = fc
  .tuple(fc.boolean(), fc.array(fc.tuple(fc.nat(), fc.nat(255)), { maxLength: 6 }), fc.nat())
  .map(([isArchive, others, end]) => {
    const whole = isArchive ? zipSync({ 'notebook.json': strToU8(document) }) : strToU8(document)
    const bytes = whole.slice(0, end % 3 === 0 ? end % whole.length : whole.length)
    for (const [at, byte] of others) bytes[at % Math.max(1, bytes.length)] = byte
    return bytes
  })

it('takes a document in altogether or not at all, whatever is wrong with it, and says what', async () => {
  let refused = 0
  const check = fc.asyncProperty(fc.oneof(misshapen, torn, fc.uint8Array()), async (bytes) => {
    const before = await state()
    const outcome = await importInto(db, bytes, { at: AT, isTrial: false })
    if ('issues' in outcome && outcome.issues) {
      refused += 1
      expect(outcome.issues.length).toBeGreaterThan(0)
      for (const { message } of outcome.issues) expect(message).toMatch(/\p{L}/u)
      expect(await state()).toEqual(before)
    } else {
      for (const kind of RECORD_KIND_IDS) expect((await allRecords(db, kind)).damaged).toEqual([])
    }
  })
  await fc.assert(check, { numRuns: RUNS })
  expect(refused).toBeGreaterThan(RUNS / 4)
})
