import { type LayCloth, type LayPanel, type LayPiece, type LayTask } from '../lay/types'
import { boxOutline, type Outline, type Point } from '../shapes/polygon'
import { type PatternPiece } from '../notebook/kinds/patternPiece'
import { likelyOnBorder } from '../lay/border'
import { type Border, type OnBorder } from '../notebook/schemas/laid'
import { type Piece } from '../notebook/kinds/piece'
import { USUAL_SELVEDGE_MM, type Layers } from '../vocabulary/laying'
import { type Role } from '../vocabulary/choosing'

/** Cloth as it is laid on: a length, or an odd piece. */
export interface Ground {
  id: string
  name: string
  widthMm: number
  /** What is there after the washes that are still to come; null in a shop. */
  lengthMm: number | null
  /** Across by along, per cent that it will still lose. */
  shrinkPercent: { length: number; width: number }
  oneWay: boolean
  repeatMm: { x: number; y: number }
  selvedgeMm: number
  outline: Piece['outline']
  /** Stains, holes and worn places. */
  flaws: readonly Outline[]
  /** By how much its print leans from the threads, degrees anticlockwise; 0 where it does not, or has none. */
  leanDeg: number
  border: Border | null
  /** It has no grain, or is cut across so that its stretch goes round the body; left out where neither. */
  lies?: 'any' | 'crosswise'
}

/** The pieces of a pattern that are cut for one of a role and a size; a size that has none is served by all. */
export function piecesFor<P extends PatternPiece>(pieces: readonly P[], role: Role, size: string): P[] {
  const ofRole = pieces.filter((piece) => piece.role === role)
  const own = ofRole.filter((piece) => piece.size === '' || piece.size === size)
  return own.length > 0 ? own : ofRole
}

/** A piece of a pattern as it is laid. @param copies how many of the whole are made */
export function layPiece(id: string, piece: PatternPiece, copies: number): LayPiece {
  const { outline, pair, onFold, warpDeg, toleranceDeg, turn, crosswise, bias, notches } = piece
  const count = piece.count * copies
  return { id, outline, count, pair, onFold, warpDeg, toleranceDeg, turn, crosswise, bias, notches }
}

/** How the person wants it laid. */
export interface Wishes {
  layers: Layers | 'best'
  gapMm: number
  /** Notches of the same name agree with the repeat. */
  matchNotches: boolean
  /** Whether pieces lie by the threads, or by a print that leans from them. */
  along: 'threads' | 'print'
  seed: number
  /** Null: which have a foot for it, at the usual place. */
  onBorder?: OnBorder | null
}

/**
 * What is laid on what. One straight length is laid on as a length; an odd piece, or several, as they are.
 * Cloth that will still shrink is reckoned as small as it will be.
 */
export function layTaskOf(
  pieces: readonly LayPiece[],
  grounds: readonly Ground[],
  wishes: Wishes,
  areSeveral = grounds.length !== 1,
): LayTask {
  const [only] = grounds
  const { gapMm, seed } = wishes
  const common = { pieces: pieces.map((piece) => lyingOn(piece, grounds)), gapMm, seed }
  if (areSeveral || only?.outline !== null) return { ...common, match: [], panels: grounds.map(panelOf) }
  const cloth = lengthOf(only, wishes)
  const match = wishes.matchNotches ? matches(pieces) : []
  if (!only.border) return { ...common, match, cloth }
  const on = onBorderOf(pieces, wishes)
  const reachMm = only.border.reachMm * kept(only).width
  const border = {
    side: only.border.side,
    reachMm,
    footMm: Math.min(on.footMm, reachMm),
    isKeptClear: on.isKeptClear,
  }
  const placed = pieces.map((piece) => ({ ...piece, onBorder: on.ids.includes(piece.id) }))
  return { ...common, pieces: placed, match, cloth: { ...cloth, border } }
}

/** A piece as it lies on what it is cut from: any way where there is no grain, across where only that stretches. */
function lyingOn(piece: LayPiece, grounds: readonly Ground[]): LayPiece {
  const all = (lies: Ground['lies']) => grounds.length > 0 && grounds.every((ground) => ground.lies === lies)
  if (all('any')) return { ...piece, turn: 'any' }
  return all('crosswise') ? { ...piece, warpDeg: piece.warpDeg + ACROSS_DEG } : piece
}

const ACROSS_DEG = 90

/** Which pieces have their feet on the border: as was said, else those that have a foot for it. */
export function onBorderOf(pieces: readonly LayPiece[], { onBorder }: Pick<Wishes, 'onBorder'>): OnBorder {
  return onBorder ?? { ids: likelyOnBorder(pieces), footMm: USUAL_SELVEDGE_MM, isKeptClear: true }
}

function lengthOf(ground: Ground, { layers, along }: Wishes): LayCloth {
  const { widthMm, lengthMm, oneWay, repeatMm, selvedgeMm, flaws, leanDeg } = ground
  const { width, length } = kept(ground)
  return {
    ...(flaws.length > 0 && { flaws: flaws.map((flaw) => shrunk(flaw, ground)) }),
    widthMm: widthMm * width,
    selvedgeMm,
    ...(lengthMm !== null && { lengthMm: lengthMm * length }),
    oneWay,
    layers,
    repeatMm,
    ...(along === 'print' && leanDeg !== 0 && { leanDeg }),
  }
}

const kept = ({ shrinkPercent }: Ground) => ({
  width: 1 - shrinkPercent.width / 100,
  length: 1 - shrinkPercent.length / 100,
})

/** As small as it will be once it is washed. */
function shrunk(points: Outline, ground: Ground): Point[] {
  const { width, length } = kept(ground)
  return points.map(([x, y]): Point => [x * width, y * length])
}

function panelOf(ground: Ground): LayPanel {
  const { id, widthMm, lengthMm, selvedgeMm, outline, flaws } = ground
  const smaller = (points: Outline) => shrunk(points, ground)
  const whole = boxOutline({ minX: selvedgeMm, minY: 0, maxX: widthMm - selvedgeMm, maxY: lengthMm ?? widthMm })
  return {
    id,
    outline: smaller(outline ? outline.points : whole),
    holes: [...(outline?.holes ?? []), ...flaws].map(smaller),
    warpDeg: 90,
    count: 1,
  }
}

/** Notches of one name on different pieces are to meet. */
function matches(pieces: readonly LayPiece[]): LayTask['match'] {
  const all = pieces.flatMap(({ id, notches }) => notches.map((notch) => [id, notch.id] as const))
  return all.flatMap((one, i) => {
    const other = all.slice(0, i).find(([id, notch]) => notch === one[1] && id !== one[0])
    return other ? [{ a: other, b: one, axes: 'xy' as const }] : []
  })
}
