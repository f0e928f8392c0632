import { exportTables, type TableOf } from '../../core/formats/csv/notebookTables'
import { csvOf } from '../../core/formats/csv/write'
import { type RecordKindId } from '../../core/notebook/kinds'
import { DOCUMENT_NAME } from '../../core/formats/zip/read'
import { writeZip, type ArchivedFile } from '../../core/formats/zip/write'
import { type Notebook } from '../store/openNotebook'
import { pictureNames, readPicture } from '../pictures/pictures'
import { listRecords } from '../store/repository'
import { exportedJson } from './exporting'

const AT_ONCE = 500
/** UTF-8 says so, or spreadsheets read it as something else. */
const BOM = '\ufeff'

/** The whole notebook as a ZIP archive, part by part: the document, tables for other programs, pictures. */
export function exportedZip(db: Notebook, home: string, at: string): AsyncGenerator<Uint8Array> {
  return writeZip(filesOf(db, home, at), Date.parse(at), () => new Promise((resolve) => setImmediate(resolve)))
}

async function* filesOf(db: Notebook, home: string, at: string): AsyncGenerator<ArchivedFile> {
  yield { name: DOCUMENT_NAME, text: exportedJson(db, at) }
  for (const table of exportTables) yield { name: `tables/${table.name}`, text: linesOf(db, table) }
  for (const name of await pictureNames(home)) {
    const picture = await readPicture(home, name)
    if (picture) yield { name: `pictures/${name}`, bytes: new Uint8Array(picture.bytes) }
  }
}

async function* linesOf(db: Notebook, { kind, columns, lines }: TableOf<RecordKindId>): AsyncGenerator<string> {
  yield BOM + csvOf([columns])
  for (let after: string | undefined; ;) {
    const page = await listRecords(db, kind, { after, limit: AT_ONCE })
    yield csvOf(page.kept.flatMap((record) => lines(record)))
    if (page.next === undefined) return
    after = page.next
  }
}
