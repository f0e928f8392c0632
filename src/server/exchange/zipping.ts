import { Zip, ZipDeflate, ZipPassThrough } from 'fflate'
import { csvOf, exportTables, type TableRecord } from '../../core/formats/tables'
import { type Notebook } from '../database'
import { pictureNames, readPicture } from '../pictures'
import { listRecords } from '../store/repository'
import { DOCUMENT_NAME } from './archive'
import { exportedJson } from './exporting'

/** Level 4 takes a third of the time of 9 and about as much room. */
const LEVEL = 4
const AT_ONCE = 500
/** UTF-8 says so, or spreadsheets read it as something else. */
const BOM = '\ufeff'

/** The whole notebook as a ZIP archive, part by part: the document, tables for other programs, pictures. */
export async function* exportedZip(db: Notebook, home: string, at: string): AsyncGenerator<Uint8Array> {
  const parts: Uint8Array[] = []
  const zip = new Zip((error, data) => {
    if (error) throw error
    parts.push(data)
  })
  const encoder = new TextEncoder()
  const mtime = new Date(at)
  async function* added(name: string, texts: AsyncIterable<string>): AsyncGenerator<Uint8Array> {
    const file = new ZipDeflate(name, { level: LEVEL })
    file.mtime = mtime
    zip.add(file)
    for await (const text of texts) {
      file.push(encoder.encode(text))
      yield* parts.splice(0)
      // Others are served in between.
      await new Promise((resolve) => setImmediate(resolve))
    }
    file.push(new Uint8Array(0), true)
    yield* parts.splice(0)
  }
  yield* added(DOCUMENT_NAME, exportedJson(db, at))
  for (const table of exportTables) yield* added(`tables/${table.name}`, linesOf(db, table as never))
  for (const name of await pictureNames(home)) {
    const picture = await readPicture(home, name)
    if (!picture) continue
    const file = new ZipPassThrough(`pictures/${name}`)
    file.mtime = mtime
    zip.add(file)
    file.push(new Uint8Array(picture.bytes), true)
    yield* parts.splice(0)
  }
  zip.end()
  yield* parts.splice(0)
}

type AnyTable = { kind: 'piece'; columns: readonly string[]; lines: (record: TableRecord) => string[][] }

async function* linesOf(db: Notebook, { kind, columns, lines }: AnyTable): AsyncGenerator<string> {
  yield BOM + csvOf([columns])
  for (let after: string | undefined; ;) {
    const page = await listRecords(db, kind, { after, limit: AT_ONCE })
    yield csvOf(page.kept.flatMap((record) => lines(record)))
    if (page.next === undefined) return
    after = page.next
  }
}
