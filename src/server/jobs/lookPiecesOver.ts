import { lookOver, type Made, type Making, type Stale } from '../cache/remember'
import { workerNotebook } from './workerNotebook'

export interface LookPiecesOver {
  file: string
  making: Making
  stale: readonly Stale[]
  known: ReadonlyMap<string, { stamp: string; gist: string }>
}

/** Looks pieces over in a worker thread. Writes nothing. */
export async function lookPiecesOver({ file, making, stale, known }: LookPiecesOver): Promise<Made[]> {
  return lookOver(await workerNotebook(file), stale, making, known)
}
