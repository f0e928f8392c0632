import { type PieceEvidence, type PropertySheet } from '../notebook/sheet'
import { offerFrom } from './offer'
import { type Offer } from './types'

/** What a piece of the stash offers: its own measurements, and guesses from its name where it has none. */
export function pieceOffer({ piece }: Pick<PieceEvidence, 'piece'>, sheet: PropertySheet): Offer {
  return offerFrom({
    called: piece.called || undefined,
    gsm: sheet.weight?.gsm,
    gsmUncertainty: sheet.weight?.standardUncertainty,
    fibres: sheet.fibres?.ids,
    construction: piece.construction ?? undefined,
    stretchPercent: piece.stretchWidthPercent === null ? undefined : { width: piece.stretchWidthPercent },
    body: piece.body ?? undefined,
    opacity: piece.opacity ?? undefined,
    washed: piece.washed === 'unknown' ? undefined : piece.washed === 'washed',
  })
}
