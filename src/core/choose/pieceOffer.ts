import { opacityOverall } from '../notebook/measurements/opacity'
import { type PieceEvidence, type PropertySheet } from '../notebook/sheet'
import { offerFrom } from '../fabric/offer'
import { type Offer } from '../fabric/types'

/** What a piece of the stash offers: its own measurements, and guesses from its name where it has none. */
export function pieceOffer({ piece }: Pick<PieceEvidence, 'piece'>, sheet: PropertySheet): Offer {
  const { measured } = sheet
  return offerFrom(
    {
      called: piece.called || undefined,
      gsm: sheet.weightNow?.gsm.value,
      gsmUncertainty: sheet.weightNow?.gsm.sd,
      fibres: sheet.fibres?.ids,
      construction: piece.construction ?? undefined,
      stretchPercent: {
        width: measured.stretch.stretch.width?.mean ?? piece.stretchWidthPercent ?? undefined,
        length: measured.stretch.stretch.length?.mean,
      },
      body: measured.drape.body?.value ?? piece.body ?? undefined,
      opacity: opacityOverall(measured.opacity) ?? piece.opacity ?? undefined,
      washed: piece.washed === 'unknown' ? undefined : piece.washed !== 'unwashed',
    },
    sheet.named,
  )
}
