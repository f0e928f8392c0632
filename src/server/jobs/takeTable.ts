import { pieceOfRow } from '../../core/formats/tablePieces'
import { readTable, type TableAsked, type TableRead } from '../../core/table/readTable'
import { createRecord, within } from '../store/repository'
import { telling } from './told'
import { workerNotebook } from './workerNotebook'

export interface TakeTableTask {
  text: string
  asked: TableAsked
  /** The notebook's file, where it is to be kept; else it is only read. */
  file: string | undefined
  /** ISO 8601 */
  at: string
}

/** Reads a table of fabrics, and keeps them in one stroke where a notebook is named. */
export const takeTable = telling(async ({ text, asked, file, at }: TakeTableTask): Promise<TableRead> => {
  const read = readTable(text, asked)
  if (file !== undefined && read.rows.length > 0)
    await within(await workerNotebook(file), async (db) => {
      for (const row of read.rows) await createRecord(db, 'piece', pieceOfRow(row), at)
    })
  return read
})
