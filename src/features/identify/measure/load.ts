import { type KeptMeasurement } from '@/core/notebook/measurements'
import { type Vocabulary } from '@/core/vocabulary/words'
import { fibreById } from '@/core/fibres/catalogue'
import { regainFor } from '@/core/notebook/sheet'
import { type Quantity } from '@/core/units/quantity'
import { type GrainHindrance } from '@/core/measure/grain'
import { type Construction, type WashState } from '@/core/vocabulary/cloth'
import { opacityForetold } from '@/core/notebook/foretell'
import { type ForetoldOpacity } from '@/core/measure/opacity'
import { weightFromThreads } from '@/core/notebook/threads'
import { notebook } from '@/server/database'
import { shelfOf } from '@/server/cache/shelf'
import { readStashEntry } from '@/server/records/stash'

/** A piece as the benches need it. */
export interface OnTheBench {
  id: string
  name: string
  called: string
  washed: WashState
  widthMm: number | null
  lengthMm: number | null
  look: { warp: string; weft: string }
  construction: Construction | null
  gsm: Quantity | null
  /** Worked out from threads and yarns. */
  gsmFromThreads: Quantity | null
  regainPercent: number | null
  opacityForetold: ForetoldOpacity | null
  heatSet: GrainHindrance['heatSet']
  measurements: KeptMeasurement[]
}

/** Pieces that are offered to be measured, those touched last first: any other is come to from its own page. */
const MOST_OFFERED = 200

/** What a measuring page shows: pieces to choose from, and the chosen one. */
export interface BenchData {
  pieces: { id: string; name: string }[]
  piece: OnTheBench | null
}

export async function loadBench(pieceId: string | undefined, words: Vocabulary): Promise<BenchData> {
  const db = await notebook()
  const [shelf, entry] = await Promise.all([
    shelfOf(db, words),
    pieceId === undefined ? undefined : readStashEntry(db, pieceId, words),
  ])
  const pieces = shelf.inOrder('touched').slice(0, MOST_OFFERED)
  return { pieces: pieces.map(({ id, name }) => ({ id, name })), piece: entry ? onTheBench(entry) : null }
}

function onTheBench({
  piece,
  measurements,
  sheet,
}: NonNullable<Awaited<ReturnType<typeof readStashEntry>>>): OnTheBench {
  const fibres = sheet.fibres?.ids ?? []
  return {
    id: piece.id,
    name: piece.name,
    called: piece.called,
    washed: piece.washed,
    widthMm: piece.widthMm,
    lengthMm: piece.lengthMm,
    look: piece.look,
    construction: piece.construction ?? sheet.named?.construction ?? null,
    gsm: sheet.weightNow?.gsm ?? null,
    gsmFromThreads: weightFromThreads(measurements),
    regainPercent: regainFor(sheet.fibres, piece.claim) ?? null,
    opacityForetold: opacityForetold(piece, measurements, sheet),
    // What melts was set by heat; where half or more of it is such a fibre, damp does not move it.
    heatSet: fibres.length > 0 && fibres.filter((id) => fibreById(id).thermoplastic).length * 2 >= fibres.length,
    // Those of another piece of the same cloth are changed on that piece's own bench.
    measurements: measurements.filter(({ on }) => on === undefined),
  }
}
