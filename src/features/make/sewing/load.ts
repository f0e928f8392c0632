import { sewAdvice } from '@/core/sew/advice'
import { GARMENT_WORDS, GARMENTS, type Garment } from '@/core/vocabulary/choosing'
import { wordFor, type Vocabulary } from '@/core/vocabulary/words'
import { type UnitSystem } from '@/core/units/format'
import { pieceWords } from '@/features/shared/stash/describe'
import { notebook } from '@/server/database'
import { shelfOf } from '@/server/remember/shelf'
import { readWorkroom } from '@/server/workroom'
import { drawnAs } from '@/ui/cloth/drawnAs'

/** How a piece wants to be handled, with what the person has. @returns undefined where there is no such piece */
export async function loadSewing(
  pieceId: string,
  { garment, isLined }: { garment: string; isLined: boolean },
  { units, words }: { units: UnitSystem; words: Vocabulary },
) {
  const db = await notebook()
  const [shelf, { isAsked, workroom }] = await Promise.all([shelfOf(db, words), readWorkroom(db)])
  const gist = shelf.find(pieceId)
  if (!gist) return undefined
  const known = GARMENTS.find((id): id is Garment => id === garment)
  return {
    id: pieceId,
    name: gist.name,
    summary: pieceWords(gist, units, words),
    tile: drawnAs(gist.weave, gist.look),
    garment: (known ?? '') as Garment | '',
    isLined,
    isAsked,
    garments: GARMENTS.map((id) => [id, wordFor(GARMENT_WORDS[id], words)] as const),
    advice: sewAdvice({
      offer: gist.offer,
      ...(known && { garment: known }),
      lined: isLined,
      machine: workroom.machine,
      schools: workroom.schools,
    }),
  }
}

export type SewingData = NonNullable<Awaited<ReturnType<typeof loadSewing>>>
