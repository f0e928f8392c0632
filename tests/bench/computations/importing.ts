import { mkdtempSync } from 'node:fs'
import { tmpdir } from 'node:os'
import { join } from 'node:path'
import Database from 'libsql'
import { exportedJson } from '@/server/exchange/exporting'
import { importInto } from '@/server/exchange/importing'
import { openNotebook } from '@/server/database'
import { endHeavy } from '@/server/jobs/pool'
import { fillBig, stashOf } from '../stash/bigNotebook'
import { compare } from '../tools/processor'
import { type Figure } from '../tools/report'
import { ratioFigure } from '../tools/words'

const PIECES = 5000
const AT = '2026-05-02T12:00:00.000Z'
const ROUNDS = { rounds: 3, warm: 1 }

interface Written {
  records: { id: string; kind: string; data: unknown }[]
}

/** Five thousand fabrics with all that belongs to them, out and in again. */
export async function benchExchange(): Promise<Figure[]> {
  const folder = mkdtempSync(join(tmpdir(), 'rough-swatch-exchange-'))
  const file = join(folder, 'five.sqlite')
  await fillBig(file, { ...stashOf(PIECES), pictures: 0 })
  const db = await openNotebook(file)
  const out = async () => {
    let text = ''
    for await (const part of exportedJson(db, AT)) text += part
    return text
  }
  const text = await out()
  const bytes = new TextEncoder().encode(text)
  const { records } = JSON.parse(text) as Written
  const exporting = await compare(out, () => plainExport(file), ROUNDS)
  let copies = 0
  const importing = await compare(
    async () => {
      const other = await openNotebook(join(folder, `in-${(copies += 1)}.sqlite`))
      await importInto(other, bytes, { at: AT, isTrial: false })
      await other.destroy()
    },
    () => plainInserts(join(folder, `bare-${(copies += 1)}.sqlite`), text),
    ROUNDS,
  )
  await db.destroy()
  await endHeavy()
  const what = `${PIECES} fabrics (${records.length} records)`
  return [
    ratioFigure(`export ${what}`, 'reading, parsing and writing all rows', exporting, 1.5),
    ratioFigure(`import ${what}`, 'parsing it and bare inserts', importing, 6),
  ]
}

function plainExport(file: string): string {
  const db = new Database(file)
  const rows = db.prepare('select id, data from record').all() as { id: string; data: string }[]
  db.close()
  return JSON.stringify(rows.map(({ id, data }) => ({ id, data: JSON.parse(data) as unknown })))
}

function plainInserts(file: string, text: string): void {
  const { records } = JSON.parse(text) as Written
  const db = new Database(file)
  db.exec('pragma journal_mode = WAL; create table record (id text primary key, kind text, data text)')
  db.exec('begin')
  const insert = db.prepare('insert into record values (?, ?, ?)')
  for (const { id, kind, data } of records) insert.run(id, kind, JSON.stringify(data))
  db.exec('commit')
  db.close()
}
