import { pieceOffer } from '../choose/pieceOffer'
import { type Offer } from '../fabric/types'
import { weaveOf } from '../cloths/weaveOf'
import { fibreById } from '../fibres/catalogue'
import { opacityForetold } from '../notebook/foretell'
import { type Piece } from '../notebook/kinds/piece'
import { opacityOverall } from '../notebook/measurements/opacity'
import { type PieceEvidence, type PropertySheet } from '../notebook/sheet'
import { clothAmountOf } from '../pieces/amount'
import { oklabOf, type Lab } from '../colour/oklab'
import { paidInAll, pricePerSquareMetre } from '../pieces/price'
import { todosOf } from './todos'
import { type Quantity } from '../units/quantity'
import { type Body, type Construction, type Interlacing, type Opacity, type WashState } from '../vocabulary/cloth'
import { type FamilyId, type FibreId } from '../vocabulary/fibres'
import { type Knowing, type Sorting, type Thing, type Todo } from '../vocabulary/stash'

/** Summaries of pieces, by their ids. */
export interface Summaries {
  find(id: string): PieceSummary | undefined
  /** All of them, the first that was kept first. */
  all(): readonly PieceSummary[]
}

/** What of a piece and all that follows from it stands in lists, is filtered by, and is held against patterns. */
export interface PieceSummary {
  id: string
  name: string
  called: string
  /** Id of the cloth that its name means. */
  cloth: string | null
  thing: Thing
  inHand: boolean
  place: string
  washed: WashState
  construction: Construction | null
  sorting: Sorting | null
  knowing: Knowing
  fibres: readonly FibreId[]
  families: readonly FamilyId[]
  /** Weight by measuring, g/m²; null where it was never weighed. */
  gsm: Quantity | null
  /** Weight, g/m²: measured, else as its name suggests. */
  gsmAbout: number | null
  widthMm: number | null
  lengthMm: number | null
  /** Cloth of it, m²: all, and what can be cut from. */
  m2: Quantity | null
  usableM2: Quantity | null
  kg: number | null
  currency: string
  /** What all of it cost, and a square metre, in that currency. */
  paid: number | null
  perM2: number | null
  tags: readonly string[]
  colours: readonly string[]
  /** The same in OKLab. */
  labs: readonly Lab[]
  /** Symbols on its care label. */
  care: Piece['care']
  /** The photograph that stands for it; null where the drawing does. */
  picture: string | null
  look: Piece['look']
  weave: Interlacing
  lotId: string | null
  heapId: string | null
  cutFromId: string | null
  got: string | null
  createdAt: string
  /** When it or anything that was found out of it was last written. */
  touchedAt: string
  tests: number
  readings: number
  /** What is still to be done to it. */
  todos: readonly Todo[]
  /** How it falls and shows through, and how far it stretches across, percent; null where nothing says. */
  body: Body | null
  opacity: Opacity | null
  stretchPercent: number | null
  /** All that a pattern asks of it. */
  offer: Offer
  /** What shows through, foretold and then seen; null where one of them is missing. */
  foretold: { right: boolean; probability: number } | null
}

/** How it is known what a piece is made of. */
export function knowingOf(
  { fibres, belief, named }: Pick<PropertySheet, 'fibres' | 'belief' | 'named'>,
  hasClaim: boolean,
): Knowing {
  if (belief?.claim?.verdict === 'contradicted') return 'contradicted'
  // Leather, cork and their like are known by looking: their name says what they are, and nobody burns them.
  if (fibres === null && !belief && named?.material && named.fibres.length === 0) return 'likely'
  if (fibres === null) return belief ? 'unsettled' : 'untested'
  if (fibres.how !== 'said') return fibres.how === 'tested' ? 'tested' : 'likely'
  return hasClaim && belief?.claim?.verdict === 'supported' ? 'supported' : 'label'
}

/**
 * The gist of a piece.
 * @param head of its record; `touchedAt` counts its evidence too
 */
export function pieceSummaryOf(
  head: { id: string; createdAt: string; touchedAt: string },
  { piece, measurements }: Pick<PieceEvidence, 'piece' | 'measurements'>,
  sheet: PropertySheet,
  tests: number,
): PieceSummary {
  const fibres = sheet.fibres?.ids ?? []
  const cloth = clothAmountOf(piece)
  const gsm = sheet.weightNow?.gsm ?? null
  const kg = gsm && cloth ? (gsm.value * cloth.all.value) / 1000 : null
  const { price } = piece
  const offer = pieceOffer({ piece, measurements }, sheet)
  const colours = coloursOf(piece)
  const summary = {
    id: head.id,
    name: piece.name,
    called: piece.called,
    cloth: sheet.named?.id ?? null,
    thing: piece.thing,
    inHand: piece.inHand,
    place: piece.place,
    washed: piece.washed,
    construction: piece.construction ?? sheet.named?.construction ?? null,
    sorting: piece.sorting,
    knowing: knowingOf(sheet, piece.claim.length > 0),
    fibres,
    families: [...new Set(fibres.map((id) => fibreById(id).family))],
    gsm,
    gsmAbout: gsm?.value ?? offer.gsm?.value.value ?? null,
    widthMm: piece.widthMm,
    lengthMm: piece.lengthMm,
    m2: cloth?.all ?? null,
    usableM2: cloth?.usable ?? null,
    kg,
    currency: price?.currency ?? '',
    paid: price && paidInAll(price, { lengthMm: piece.lengthMm, kg }),
    perM2: price && pricePerSquareMetre(price, { widthMm: piece.widthMm, area: cloth?.all ?? null, kg }),
    tags: piece.tags,
    colours,
    labs: colours.map(labOf),
    care: piece.care,
    picture: piece.face === 'picture' ? (piece.pictures[0]?.name ?? null) : null,
    look: piece.look,
    weave: weaveOf(piece),
    lotId: piece.lotId,
    heapId: piece.heapId,
    cutFromId: piece.cutFromId,
    got: piece.got,
    createdAt: head.createdAt,
    touchedAt: head.touchedAt,
    tests,
    readings: measurements.length,
    body: offer.body?.value ?? null,
    opacity: offer.opacity?.value ?? null,
    stretchPercent: offer.stretchWidth?.value.value ?? null,
    offer,
    foretold: foretoldOf(piece, measurements, sheet),
  }
  return { ...summary, todos: todosOf(summary) }
}

/** A colour in OKLab, as finely as anybody sees it. */
const labOf = (hex: string): Lab => {
  const [lightness, redness, yellowness] = oklabOf(hex).map((part) => Number(part.toFixed(LAB_DECIMALS)))
  return [lightness ?? 0, redness ?? 0, yellowness ?? 0]
}
const LAB_DECIMALS = 4

/** Words that a piece is found by beside those that were written, UK and US. */
export function fibreSearchWords(fibres: readonly FibreId[]): string {
  if (fibres.length === 0) return 'mystery unknown untested'
  return fibres
    .map(fibreById)
    .flatMap(({ name, also }) => [name.uk, name.us, ...also])
    .join(' ')
}

/** Those found in its pictures, else those that it is drawn in. */
function coloursOf({ colours, look }: Piece): readonly string[] {
  if (colours.length > 0) return colours
  return [...new Set([look.warp, look.weft, ...(look.accent ? [look.accent] : [])])]
}

function foretoldOf(
  piece: Piece,
  measurements: PieceEvidence['measurements'],
  sheet: PropertySheet,
): PieceSummary['foretold'] {
  const seen = opacityOverall(sheet.measured.opacity) ?? piece.opacity ?? undefined
  const foretold = seen && opacityForetold(piece, measurements, sheet)
  return foretold ? { right: foretold.likeliest === seen, probability: foretold.grades[seen] } : null
}
