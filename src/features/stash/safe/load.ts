import { wordsOfKind } from '@/core/notebook/kinds'
import { countedBackups, type CountedBackup } from '@/server/backup/backups'
import { notebook } from '@/server/database'
import { notebookHome } from '@/server/store/home'
import { countRecords } from '@/server/store/repository'
import { BIN_DAYS, listBin } from '@/server/store/history'

export interface LoadedSafe {
  backups: CountedBackup[]
  home: string
  pieces: number
  records: number
  binDays: number
  bin: { stroke: string; title: string; what: string; at: string; others: number }[]
}

/** What is kept safe, and what was thrown away. */
export async function loadSafe(): Promise<LoadedSafe> {
  const db = await notebook()
  const [made, bin, pieces, records] = await Promise.all([
    countedBackups(notebookHome()),
    listBin(db, new Date().toISOString()),
    countRecords(db, 'piece'),
    countRecords(db),
  ])
  return {
    backups: made,
    home: notebookHome(),
    pieces,
    records,
    binDays: BIN_DAYS,
    bin: bin.map(({ stroke, title, kind, at, others }) => ({
      stroke,
      title,
      what: wordsOfKind(kind).one,
      at,
      others,
    })),
  }
}
