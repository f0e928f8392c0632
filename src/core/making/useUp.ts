import { byMoves } from '../lay/search/budget'
import { laidOut } from '../lay/lay'
import { type LayPanel, type LayTask } from '../lay/types'
import { areaOf } from '../shapes/polygon'
import { type UsedUp } from './leastLost'
import { WAYS, type Named } from './short'

/** What might be cut from the things at hand. */
export interface Candidate {
  id: string
  name: string
  pieces: readonly Named[]
}

/** Moves of a piece for each try: a first answer, which the laying-out page makes good. */
const MOVES = 250
/** Ways that help on odd pieces, the cheapest first; what shortens a garment is for the person to decide. */
const HELPS = ['small-crosswise', 'seam-for-fold', 'pieced-band']
/** Every way up, last of all. */
const OFF_GRAIN = {
  id: 'off-grain',
  text:
    'Cut some pieces off the grain, where that is meant: they hang and stretch otherwise than the rest. Tape their ' +
    'seams, and let them hang before hemming.',
}

/**
 * Which patterns can be cut from these panels, each laid for real: as they are, then with what people do to make do.
 * @param yields one after another, as they are tried
 */
export function* usingUp(panels: readonly LayPanel[], candidates: readonly Candidate[]): Generator<UsedUp> {
  const whole = panels.reduce((sum, panel) => sum + panel.count * areaLeft(panel), 0)
  for (const { id, name, pieces } of candidates) yield { id, name, ...tried(panels, pieces, whole) }
}

function tried(panels: readonly LayPanel[], pieces: readonly Named[], whole: number): Omit<UsedUp, 'id' | 'name'> {
  const task: LayTask = { panels, pieces, match: [], gapMm: 0, seed: 1 }
  const needs = pieces.reduce(
    (sum, { outline, count, onFold }) => sum + areaOf(outline) * count * (onFold ? 2 : 1),
    0,
  )
  const first = laid(task)
  // What is larger than all of it needs no trying.
  if (first.left === 0 || needs > whole) return { ...first, used: first.area / whole, fits: first.left === 0, by: [] }
  let [changed, best] = [task, first]
  const by: { id: string; text: string }[] = []
  for (const way of WAYS.filter(({ id }) => HELPS.includes(id))) {
    const next = way.change(changed)
    if (!next) continue
    const answer = laid(next)
    if (answer.left >= best.left) continue
    by.push({ id: way.id, text: way.text })
    changed = next
    best = answer
    if (best.left === 0) return { fits: true, left: 0, used: best.area / whole, by }
  }
  const anyhow = laid({ ...changed, pieces: changed.pieces.map((piece) => ({ ...piece, turn: 'any' as const })) })
  if (anyhow.left === 0) return { fits: true, left: 0, used: anyhow.area / whole, by: [...by, OFF_GRAIN] }
  return { fits: false, left: best.left, used: best.area / whole, by }
}

function laid(task: LayTask): { left: number; area: number } {
  const { placements, unplaced } = laidOut(task, byMoves(MOVES))
  return {
    left: unplaced.reduce((sum, { copies }) => sum + copies.length, 0),
    area: placements.reduce((sum, { polygon, copies }) => sum + areaOf(polygon) * copies.length, 0),
  }
}

const areaLeft = ({ outline, holes }: LayPanel) => holes.reduce((sum, hole) => sum - areaOf(hole), areaOf(outline))
