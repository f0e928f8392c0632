import { laidOut } from '../lay/lay'
import { byMoves } from '../lay/search/budget'
import { ON_FOLD } from '../shapes/fold'
import { boxOf, rectangle, withoutRepeats, type Point } from '../shapes/polygon'
import { isLongEnough } from '../lay/strip'
import { inflatePolygon } from '../lay/clip'
import { type LayPiece, type LayTask } from '../lay/types'
import { mustHave } from '../lists/items'
import { inCm, inMm } from '../text/amounts'
import { type Phrase, phrase } from '../text/text'

/** Something that would make the pieces fit, laid for real. */
export interface Saving {
  id: string
  text: Phrase
  /** mm along the cloth that it takes then. */
  lengthMm: number
  fits: boolean
}

/** Something to try: cheapest first. */
export interface Way {
  id: string
  text: Phrase
  change: (task: LayTask) => LayTask | undefined
}

/** Moves of a piece for each way. */
const MOVES = 2000
/** Pieces whose grain matters little where they are so small: the longest side, mm. Common practice. */
const SMALL_MM = 350
/** By how much a hem is made shorter, and allowances narrower, mm. */
const HEM_MM = 30
const NARROWER_MM = 5

const isFacing = ({ id, name = '' }: Named) => /facing|under|undercollar|pocket bag|lining/i.test(`${name} ${id}`)
export type Named = LayPiece & { name?: string }

const withPieces = (task: LayTask, of: (piece: Named) => LayPiece): LayTask => ({
  ...task,
  pieces: task.pieces.map(of),
})

/** Ways of getting by with less, the cheapest first (common practice, from what people try on the floor). */
export const WAYS: readonly Way[] = [
  {
    id: 'small-crosswise',
    text: 'Lay small pieces crosswise where that saves fabric.',
    change: (task) =>
      withPieces(task, (piece) => (longest(piece) <= SMALL_MM ? { ...piece, crosswise: true } : piece)),
  },
  {
    id: 'single-layer',
    text: 'Unfold the fabric and cut in a single layer.',
    change: (task) =>
      task.cloth && task.cloth.layers !== 'single' && task.cloth.layers !== 'best'
        ? { ...task, cloth: { ...task.cloth, layers: 'single' } }
        : undefined,
  },
  {
    id: 'facing-elsewhere',
    text: 'Cut facings and the under-collar from another fabric in your stash.',
    change: (task) => {
      const rest = task.pieces.filter((piece) => !isFacing(piece))
      return rest.length < task.pieces.length && rest.length > 0 ? { ...task, pieces: rest } : undefined
    },
  },
  {
    id: 'seam-for-fold',
    text: 'Add a seam to pieces that need a fold.',
    change: (task) =>
      task.pieces.some(({ onFold }) => onFold)
        ? withPieces(task, (piece) => (piece.onFold ? seamed(piece) : piece))
        : undefined,
  },
  {
    id: 'pieced-band',
    text: 'Cut long bands in two parts.',
    change: (task) =>
      task.pieces.some(isBand) ? withPieces(task, (piece) => (isBand(piece) ? halved(piece) : piece)) : undefined,
  },
  {
    id: 'narrower-allowances',
    text: phrase`Make the seam allowances ${inMm(5)} narrower.`,
    change: (task) => withPieces(task, (piece) => narrower(piece)),
  },
  {
    id: 'shorter-hem',
    text: phrase`Shorten everything that reaches the hem by ${inCm(3)}.`,
    change: (task) => withPieces(task, (piece) => (longest(piece) > SMALL_MM ? shorter(piece) : piece)),
  },
]

/** The longest side of the box about a piece, mm. */
function longest({ outline, onFold }: LayPiece): number {
  const { minX, maxX, minY, maxY } = boxOf(outline)
  return Math.max((maxX - minX) * (onFold ? 2 : 1), maxY - minY)
}

const SEAM_MM = 15

/** Both halves apart, each with an allowance where the fold was. */
function seamed(piece: LayPiece): LayPiece {
  const side = boxOf(piece.outline).maxX > 1 ? -1 : 1
  const outline = piece.outline.map(([x, y]): Point => [Math.abs(x) <= ON_FOLD ? side * SEAM_MM : x, y])
  return { ...piece, outline, onFold: false, pair: true, count: piece.count * 2 }
}

/** A rectangle much longer than wide. */
function isBand({ outline, onFold }: LayPiece): boolean {
  const { minX, maxX, minY, maxY } = boxOf(outline)
  const [short, long] = [Math.min(maxX - minX, maxY - minY), Math.max(maxX - minX, maxY - minY)]
  return !onFold && outline.length === 4 && long > 600 && long > 4 * short
}

function halved(piece: LayPiece): LayPiece {
  const { minX, maxX, minY, maxY } = boxOf(piece.outline)
  const isUpright = maxY - minY > maxX - minX
  const [width, length] = isUpright
    ? [maxX - minX, (maxY - minY) / 2 + SEAM_MM]
    : [(maxX - minX) / 2 + SEAM_MM, maxY - minY]
  return { ...piece, outline: rectangle(width, length), count: piece.count * 2, notches: [] }
}

function narrower(piece: LayPiece): LayPiece {
  const [smaller] = inflatePolygon([piece.outline], -NARROWER_MM, true)
  if (!smaller || smaller.length < 3) return piece
  if (!piece.onFold) return { ...piece, outline: smaller }
  // The fold has no allowance: what went in from it goes back.
  const edge = piece.outline.some(([x]) => x > 1) ? NARROWER_MM : -NARROWER_MM
  const outline = smaller.map(([x, y]): Point => [Math.abs(x - edge) < 0.6 ? 0 : x, y])
  return { ...piece, outline }
}

function shorter(piece: LayPiece): LayPiece {
  const { minY, maxY } = boxOf(piece.outline)
  if (maxY - minY < 4 * HEM_MM) return piece
  const outline = piece.outline.map(([x, y]): Point => [x, y < minY + HEM_MM ? minY + HEM_MM : y])
  return { ...piece, outline: withoutRepeats(outline) }
}

/**
 * What would make the pieces fit, the cheapest first, each laid for real, and then all that help together.
 * @param task with a cloth that is too short; yields each way that saves anything
 */
export function* savings(task: LayTask & { pieces: readonly Named[] }, neededMm: number): Generator<Saving> {
  const have = task.cloth?.lengthMm
  if (!task.cloth || have === undefined) return
  let together: LayTask = task
  const helped: string[] = []
  for (const { id, text, change } of WAYS) {
    const changed = change(task)
    const lengthMm = changed && lengthOf(changed)
    if (lengthMm === undefined || lengthMm > neededMm - 5) continue
    yield { id, text, lengthMm, fits: isLongEnough(have, lengthMm) }
    together = change(together) ?? together
    helped.push(id)
  }
  if (helped.length < 2) return
  const lengthMm = lengthOf(together)
  if (lengthMm !== undefined)
    yield { id: 'together', text: 'All of these together.', lengthMm, fits: isLongEnough(have, lengthMm) }
}

/** What a task takes on as much cloth as it needs, mm; undefined where something goes on no length. */
function lengthOf(task: LayTask): number | undefined {
  const cloth = { ...mustHave(task.cloth), lengthMm: undefined }
  const { unplaced, usedLengthMm } = laidOut({ ...task, cloth, pinned: [] }, byMoves(MOVES))
  return unplaced.length > 0 ? undefined : usedLengthMm
}
