import { readPreferences } from '../settings/readPreferences'
import { InHand } from './InHand'
import { loadStrip } from './strip'

/** The strip of a piece, above whatever door was taken; nothing where no piece is in hand. */
export async function HandOf({ pieceId }: { pieceId: string | null | undefined }) {
  if (!pieceId) return null
  const strip = await loadStrip(pieceId, await readPreferences())
  return strip ? <InHand {...strip} /> : null
}
