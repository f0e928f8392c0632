import { pieceOfRow } from '../../core/formats/csv/pieceOfRow'
import { readTable, type TableAsked, type TableRead } from '../../core/formats/csv/read'
import { createRecord, inTransaction } from '../store/repository'
import { reportErrors } from '../jobs/reported'
import { workerNotebook } from '../jobs/workerNotebook'

export interface TakeTableTask {
  text: string
  asked: TableAsked
  /** The notebook's file, where it is to be kept; else it is only read. */
  file: string | undefined
  /** ISO 8601 */
  at: string
}

/** Reads a table of fabrics, and keeps them in one stroke where a notebook is named. */
export const takeTable = reportErrors(async ({ text, asked, file, at }: TakeTableTask): Promise<TableRead> => {
  const read = readTable(text, asked)
  if (file !== undefined && read.rows.length > 0)
    await inTransaction(await workerNotebook(file), async (db) => {
      for (const row of read.rows) await createRecord(db, 'piece', pieceOfRow(row), at)
    })
  return read
})
