import { makeBackup, backUpNightly, type Backup, type BackupWhy } from '../backup/backups'
import { reportErrors } from '../jobs/reported'
import { workerNotebook } from '../jobs/workerNotebook'

export interface BackUpTask {
  file: string
  home: string
  /** Nightly ones are made only where something was written since the latest. */
  why: BackupWhy
  /** ISO 8601. */
  at: string
}

/** Makes a backup in a worker thread; answers none where none is due. */
export const backUp = reportErrors(async ({ file, home, why, at }: BackUpTask): Promise<Backup | undefined> => {
  const db = await workerNotebook(file)
  return why === 'nightly' ? backUpNightly(db, home, at) : makeBackup(db, home, why, at)
})
