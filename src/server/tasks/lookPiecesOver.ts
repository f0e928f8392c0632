import {
  lookOver,
  type RememberedPiece,
  type RememberedText,
  type SummaryMaking,
  type Stale,
} from '../cache/remember'
import { workerNotebook } from '../jobs/workerNotebook'

export interface LookPiecesOver {
  file: string
  making: SummaryMaking
  stale: readonly Stale[]
  known: ReadonlyMap<string, RememberedText>
}

/** Looks pieces over in a worker thread. Writes nothing. */
export async function lookPiecesOver({ file, making, stale, known }: LookPiecesOver): Promise<RememberedPiece[]> {
  return lookOver(await workerNotebook(file), stale, making, known)
}
