import { comfortOf } from '@/core/choose/comfort/comfort'
import { match } from '@/core/choose/match'
import { careOf } from '@/core/fabric/care'
import { handlingOf } from '@/core/fabric/handling'
import { type UnitSystem } from '@/core/units/format'
import { type Vocabulary } from '@/core/vocabulary/words'
import { fibreWords, sizeWords, weightWords } from '@/features/shared/stash/describe'
import { notebook } from '@/server/database'
import { findPattern } from '@/server/records/patterns'
import { shelfOf } from '@/server/cache/shelf'
import { loadReservations } from '@/server/records/reservations'
import { draftOnFigure } from '../holding/draftOnFigure'
import { needWords } from '../patterns/needWords'

/** Cloths that are held side by side at once. */
const MOST = 4

/** Up to four cloths for one pattern. @returns undefined where there is no such pattern */
export async function loadComparison(
  id: string,
  pieceIds: readonly string[],
  { units, words }: { units: UnitSystem; words: Vocabulary },
) {
  const db = await notebook()
  const pattern = await findPattern(db, id)
  if (!pattern) return undefined
  const shelf = await shelfOf(db, words)
  const reservations = await loadReservations(db, shelf)
  const gists = [...new Set(pieceIds)].slice(0, MOST).flatMap((one) => shelf.find(one) ?? [])
  const season = pattern.need.season ?? 'mild'
  return {
    id,
    name: pattern.name,
    need: needWords(pattern.need, units, words),
    garment: pattern.need.garment ?? null,
    details: pattern.need.details ?? [],
    season,
    cloths: gists.map((gist) => {
      const held = match(pattern.need, gist.offer, units)
      const comfort = comfortOf(gist.offer, true)
      const care = careOf(gist.offer)
      return {
        id: gist.id,
        name: gist.name,
        match: held,
        ...draftOnFigure(gist),
        fibre: fibreWords(gist, words),
        weight: weightWords(gist, units),
        size: sizeWords(gist, units),
        comfort: comfort[season],
        air: comfort.airPermeability.word,
        handling: handlingOf(gist.offer),
        care: { celsius: care.washCelsius, dots: care.ironDots },
        enough: reservations.enough(gist, pattern.lengths, {
          size: '',
          view: '',
          copies: 1,
          pieces: pattern.pieces,
        }),
      }
    }),
  }
}
