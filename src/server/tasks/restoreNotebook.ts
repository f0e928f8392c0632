import { restoreBackup } from '../backup/restoring'
import { reportErrors } from '../jobs/reported'
import { workerNotebook } from '../jobs/workerNotebook'

export interface RestoreTask {
  file: string
  home: string
  /** Of the backup. */
  name: string
  /** ISO 8601 */
  at: string
}

/** Puts a backup back; undefined where there is none of that name. */
export const restoreNotebook = reportErrors(async ({ file, home, name, at }: RestoreTask) =>
  restoreBackup(await workerNotebook(file), home, name, at),
)
