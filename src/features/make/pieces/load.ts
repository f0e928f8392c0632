import { MEASURED_KINDS } from '@/core/outlines/measured/kinds'
import { notebook } from '@/server/database'
import { patternPieces } from '@/server/records/patternPieces'
import { findPattern } from '@/server/records/patterns'

/** A pattern’s pieces, and what can be drawn from measures. @returns undefined where there is no such pattern */
export async function loadPieces(patternId: string) {
  const db = await notebook()
  const pattern = await findPattern(db, patternId)
  if (!pattern) return undefined
  const pieces = await patternPieces(db, patternId)
  return {
    id: patternId,
    name: pattern.name,
    pieces: pieces.map(({ id, revision, data }) => ({ id, revision, ...data })),
    kinds: MEASURED_KINDS.map(({ id, label, isAbout, measures }) => ({ id, label, isAbout, measures })),
  }
}

export type PiecesData = NonNullable<Awaited<ReturnType<typeof loadPieces>>>
export type PatternPieceData = PiecesData['pieces'][number]
