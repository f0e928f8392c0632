import { MessageChannel } from 'node:worker_threads'
import { type Notebook } from '../store/openNotebook'
import { runJob } from '../jobs/pool'
import { type ExchangeIssue } from '../../core/formats/json/read'
import { type ImportCounts } from './writing'
import { fileOf, isReadOnly } from '../cache/fileOf'
import { NotebookTrouble } from '../store/trouble'

/** What came of bringing a document in. */
export type ImportOutcome =
  | (ImportCounts & { records: number; pictures: number; picturesRefused: number })
  | { issues: ExchangeIssue[] }
  | { stopped: true }

export interface ImportProgress {
  done: number
  of: number
}

/**
 * Brings a document or an archive into the notebook in a worker thread, so that the pages stay quick: all of it, or
 * nothing.
 * @param bytes of a JSON document or of a ZIP archive with one in it
 * @param signal stops it; nothing is written then
 */
export async function importInto(
  db: Notebook,
  bytes: Uint8Array,
  {
    at,
    isTrial,
    signal,
    onProgress = () => {},
  }: { at: string; isTrial: boolean; signal?: AbortSignal; onProgress?: (progress: ImportProgress) => void },
): Promise<ImportOutcome> {
  const file = await fileOf(db)
  if (file === undefined) throw new RangeError('importInto: a notebook in memory only takes nothing in')
  if (await isReadOnly(db)) throw new NotebookTrouble('read-only', file)
  const { port1, port2 } = new MessageChannel()
  port1.on('message', onProgress)
  const stop = () => port1.postMessage('stop')
  signal?.addEventListener('abort', stop)
  try {
    return await runJob('importNotebook', { file, bytes, at, isTrial, port: port2 }, undefined, [port2])
  } finally {
    signal?.removeEventListener('abort', stop)
    port1.close()
  }
}
