import { byMoves } from '../lay/search/budget'
import { laidOut } from '../lay/lay'
import { type LayPanel, type LayTask } from '../lay/types'
import { areaOf, boxOf, type Outline } from '../shapes/polygon'
import { type UsedUp } from './leastLost'
import { WAYS, type Named } from './short'
import { type TextWithId } from '../text/text'

/** What might be cut from the things at hand. */
export interface UseUpCandidate {
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
    'Cut some pieces off grain, if you want that look: they hang and stretch differently. Tape ' +
    'their seams, and let them hang before you hem.',
}

/** Something that is used up: the panels that it gives. */
export interface ToUseUp {
  id: string
  panels: readonly LayPanel[]
  /** Panels whose lower edge is a hem that may stay, by their ids. */
  hemmed?: readonly string[]
}

/**
 * Which patterns can be cut from these things, each laid for real: out of one of them alone; out of several so that
 * each kind of piece comes out of one cloth (contrast panels); wherever there is room; and then with what people do to
 * make do.
 * @param yields one after another, as they are tried
 */
export function* usingUp(things: readonly ToUseUp[], candidates: readonly UseUpCandidate[]): Generator<UsedUp> {
  const whole = areaOfAll(things)
  for (const { id, name, pieces } of candidates) {
    const needsMm2 = pieces.reduce(
      (sum, { outline, count, onFold }) => sum + areaOf(outline) * count * (onFold ? 2 : 1),
      0,
    )
    // What is larger than all of it needs no trying.
    const own = needsMm2 > whole ? nothingBut(laid(taskOf(things, pieces))) : tried(things, pieces)
    const { left, area, from, by, low } = own
    yield {
      id,
      name,
      fits: left === 0,
      left,
      used: whole > 0 ? area / whole : 0,
      by,
      from: namedFrom(from, things, pieces),
      hems: hemsKept(low, things, pieces),
      needsMm2,
    }
  }
}

interface Laid {
  left: number
  area: number
  /** Pieces by the panel that they lie on. */
  from: readonly (readonly [panel: string, piece: string])[]
  /** Those whose straight edge lies along the panel's lower edge. */
  low: readonly (readonly [panel: string, piece: string])[]
  /** Kinds of piece of which some find no place, by their ids. */
  without: ReadonlySet<string>
}
type Tried = Laid & Pick<UsedUp, 'by'>

const NOTHING: Laid = { left: 0, area: 0, from: [], low: [], without: new Set() }

const nothingBut = (laying: Laid): Tried => ({ ...laying, by: [] })

function tried(things: readonly ToUseUp[], pieces: readonly Named[]): Tried {
  const together = inSeparateCloths(things, pieces)
  if (together) return together
  const task = taskOf(things, pieces)
  let [changed, best] = [task, laid(task)]
  if (best.left === 0) return nothingBut(best)
  const by: TextWithId[] = []
  for (const way of WAYS.filter(({ id }) => HELPS.includes(id))) {
    const next = way.change(changed)
    if (!next) continue
    const answer = laid(next)
    if (answer.left >= best.left) continue
    by.push({ id: way.id, text: way.text })
    changed = next
    best = answer
    if (best.left === 0) return { ...best, by }
  }
  const anyhow = laid({ ...changed, pieces: changed.pieces.map((piece) => ({ ...piece, turn: 'any' as const })) })
  if (anyhow.left === 0) return { ...anyhow, by: [...by, OFF_GRAIN] }
  return { ...best, by }
}

/**
 * Each kind of piece out of one cloth: all of them out of one thing where one is enough, else as many kinds as it
 * holds out of the largest, the rest out of the next. @returns undefined where that is not enough
 */
function inSeparateCloths(things: readonly ToUseUp[], pieces: readonly Named[]): Tried | undefined {
  // Of one thing alone there is nothing to part.
  if (things.length < 2) return undefined
  const bySize = things.toSorted((a, b) => areaOfAll([b]) - areaOfAll([a]))
  // The smallest that is enough by itself: what is large stays for something else.
  for (const thing of bySize.toReversed()) {
    const alone = laid(taskOf([thing], pieces))
    if (alone.left === 0) return nothingBut(alone)
  }
  let open = pieces
  const parts: Laid[] = []
  for (const thing of bySize) {
    const { kinds, laying } = fittingKinds(thing, open)
    parts.push(laying)
    open = open.filter((piece) => !kinds.includes(piece))
    if (open.length === 0) break
  }
  if (open.length > 0) return undefined
  const area = parts.reduce((sum, part) => sum + part.area, 0)
  const all = (of: 'from' | 'low') => parts.flatMap((part) => part[of])
  return { ...NOTHING, area, from: all('from'), low: all('low'), by: [CONTRAST] }
}

/** As many kinds of piece as a thing holds whole, the largest first, and how they lie on it. */
function fittingKinds(thing: ToUseUp, pieces: readonly Named[]): { kinds: Named[]; laying: Laid } {
  let kinds = thing.panels.length > 0 ? pieces.toSorted((a, b) => areaOf(b.outline) - areaOf(a.outline)) : []
  while (kinds.length > 0) {
    const laying = laid(taskOf([thing], kinds))
    if (laying.left === 0) return { kinds, laying }
    kinds = kinds.filter(({ id }) => !laying.without.has(id))
  }
  return { kinds, laying: NOTHING }
}

const CONTRAST = {
  id: 'contrast-panels',
  text:
    'Use more than one fabric, one for each kind of piece: check first that they combine, since ' +
    'you wash them together.',
}

function taskOf(things: readonly ToUseUp[], pieces: readonly Named[]): LayTask {
  return { panels: things.flatMap(({ panels }) => panels), pieces, match: [], gapMm: 0, seed: 1 }
}

function laid(task: LayTask): Laid {
  if (task.panels?.length === 0) return { ...NOTHING, left: task.pieces.reduce((sum, { count }) => sum + count, 0) }
  const { placements, unplaced } = laidOut(task, byMoves(MOVES))
  return {
    left: unplaced.reduce((sum, { copies }) => sum + copies.length, 0),
    area: placements.reduce((sum, { polygon, copies }) => sum + areaOf(polygon) * copies.length, 0),
    from: placements.flatMap(({ id, panel }) => (panel === null ? [] : [[panel, id] as const])),
    without: new Set(unplaced.map(({ id }) => id)),
    low: placements.flatMap(({ id, panel, polygon }) => {
      const under = task.panels?.find((one) => one.id === panel)
      return under && liesAlong(polygon, boxOf(under.outline).minY) ? [[under.id, id] as const] : []
    }),
  }
}

/** So near the hem counts as on it, mm; and so much of a piece's width has to. */
const [NEAR_MM, MOST_OF_IT] = [8, 0.7]

/** Whether most of a piece's width lies along a level line. */
function liesAlong(polygon: Outline, y: number): boolean {
  const { minX, maxX } = boxOf(polygon)
  const near = polygon.filter((point) => Math.abs(point[1] - y) <= NEAR_MM).map(([x]) => x)
  return near.length > 1 && Math.max(...near) - Math.min(...near) >= MOST_OF_IT * (maxX - minX)
}

/** Hems of garments that may stay as the lower edge of a piece, by the names of the pieces. */
function hemsKept(low: Laid['low'], things: readonly ToUseUp[], pieces: readonly Named[]): UsedUp['hems'] {
  const hemmed = new Set(things.flatMap(({ hemmed: own = [] }) => own))
  const on = low.filter(([panel]) => hemmed.has(panel)).map(([, id]) => pieces.find((piece) => piece.id === id)?.name)
  return [...new Set(on.flatMap((name) => name ?? []))]
}

function namedFrom(from: Laid['from'], things: readonly ToUseUp[], pieces: readonly Named[]): UsedUp['from'] {
  const nameOf = (id: string) => pieces.find((piece) => piece.id === id)?.name
  return things.flatMap(({ id, panels }) => {
    const own = from.filter(([panel]) => panels.some((one) => one.id === panel))
    const names = [...new Set(own.flatMap(([, piece]) => nameOf(piece) ?? []))]
    return names.length > 0 ? [{ thing: id, pieces: names }] : []
  })
}

const areaOfAll = (things: readonly ToUseUp[]) =>
  things.flatMap(({ panels }) => panels).reduce((sum, panel) => sum + panel.count * areaLeft(panel), 0)

const areaLeft = ({ outline, holes }: LayPanel) => holes.reduce((sum, hole) => sum - areaOf(hole), areaOf(outline))
