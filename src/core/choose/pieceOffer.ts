import { type Nap } from '../measure/lie/nap'
import { printLean } from '../measure/lie/print'
import { type ShrinkageCurve } from '../measure/shrinkage'
import { shrinkageOf } from '../notebook/measurements/shrinkage'
import { type Quantity } from '../units/quantity'
import { type WashState } from '../vocabulary/cloth'
import { opacityOverall } from '../notebook/measurements/opacity'
import { type PieceEvidence, type PropertySheet } from '../notebook/sheet'
import { offerFrom, type Described } from '../fabric/offer'
import { type Offer, type Shrink } from '../fabric/types'
import { itemAt } from '../lists/items'

/** What a piece of the stash offers: its own measurements, and guesses from its name where it has none. */
export function pieceOffer(
  { piece, measurements }: Pick<PieceEvidence, 'piece' | 'measurements'>,
  sheet: PropertySheet,
): Offer {
  const { measured } = sheet
  const offer = offerFrom(
    {
      called: piece.called || undefined,
      gsm: sheet.weightNow?.gsm.value,
      gsmUncertainty: sheet.weightNow?.gsm.sd,
      fibres: sharesOf(sheet.fibres, piece.claim),
      nap: napOf(measurements),
      recoveryPercent: measured.stretch.recovery.width?.mean,
      ...colouredOf(measurements),
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
  const shrink = shrinkMeasured({ piece, measurements })
  return {
    ...offer,
    ...(offer.fibres &&
      sheet.fibres?.how === 'leaning' && { fibres: { ...offer.fibres, how: 'estimated' as const } }),
    ...(piece.widthMm !== null && { widthMm: piece.widthMm }),
    ...(piece.colours[0] !== undefined && { colour: piece.colours[0] }),
    ...(shrink && { shrink: { value: shrink, how: 'measured' as const } }),
  }
}

/** Per cent of a label from which a fibre is most of a cloth, and about half of it. */
const [MOST_FROM, HALF_FROM] = [60, 40]

/** The fibres with their shares, where a label that stands gives them; a flame gives none. */
function sharesOf(
  fibres: PropertySheet['fibres'],
  claim: PieceEvidence['piece']['claim'],
): Described['fibres'] | undefined {
  if (!fibres) return undefined
  if (fibres.how !== 'said' || claim.length < 2) return fibres.ids
  return claim.map(({ fibre, percent }) => ({
    fibre,
    share: percent >= MOST_FROM ? 'main' : percent >= HALF_FROM ? 'even' : 'minor',
  }))
}

/** Whether it has to be cut one way, where it was looked at; the latest look counts. */
function napOf(measurements: PieceEvidence['measurements']): boolean | undefined {
  const nap: Nap | undefined = measurements.flatMap(({ data }) => (data.kind === 'lie' ? [data.nap] : [])).at(-1)
  return nap === undefined || nap === 'unknown' ? undefined : nap !== 'none'
}

/** How it came by its colour, and how far its print repeats, where it was looked at; the latest look counts. */
function colouredOf(
  measurements: PieceEvidence['measurements'],
): Pick<Described, 'coloured' | 'repeatMm' | 'printLeanDeg'> {
  const seen = measurements.flatMap(({ data }) => (data.kind === 'lie' ? [data] : [])).at(-1)
  if (!seen) return {}
  const { colourFrom, printRepeatMm, printOffMm, widthMm } = seen
  return {
    ...(colourFrom !== 'unknown' && { coloured: colourFrom }),
    ...(printRepeatMm !== null && { repeatMm: printRepeatMm }),
    ...(printOffMm !== null && widthMm && { printLeanDeg: printLean(printOffMm, widthMm) }),
  }
}

/** How many washes of the square the piece has had itself. */
const WASHES_HAD: Readonly<Record<WashState, number>> = { unwashed: 0, unknown: 0, washed: 1, 'washed-twice': 2 }

/** What is still to come by a marked square: from where the piece stands to where the square will end. */
function shrinkMeasured({ piece, measurements }: Pick<PieceEvidence, 'piece' | 'measurements'>): Shrink | null {
  const squares = measurements.flatMap(({ data }) => (data.kind === 'wash-square' ? [data] : []))
  const curves = shrinkageOf(squares)
  if (!curves) return null
  const had = WASHES_HAD[piece.washed]
  // A change is negative where it shrinks.
  const toCome = ({ limit, each }: ShrinkageCurve): Quantity => {
    const behind = had === 0 ? { value: 0, sd: 0 } : itemAt(each, Math.min(had, each.length) - 1)
    return { value: Math.max(0, behind.value - limit.value), sd: Math.hypot(limit.sd, behind.sd) }
  }
  return { length: toCome(curves.length), width: toCome(curves.width) }
}
