import { differenceD, EndType, FillRule, inflatePathsD, intersectD, JoinType } from 'clipper2-ts'
import { samplesOf, sharedDepth } from './sampling'
import { type LayAnswer, type LayPiece, type LayTask, type Placement } from '@/core/lay/types'

type Corner = readonly [number, number]
/** What a lay may be off by, mm. */
const OFF = 0.5
const path = (outline: readonly Corner[]) => outline.map(([x, y]) => ({ x, y }))
const oriented = (outline: readonly Corner[]) => {
  const twice = outline.reduce((sum, [x, y], i) => {
    const [nextX, nextY] = outline[(i + 1) % outline.length]!
    return sum + x * nextY - nextX * y
  }, 0)
  return path(twice < 0 ? [...outline].reverse() : outline)
}
const grown = (outline: ReturnType<typeof path>[], by: number) =>
  inflatePathsD(outline, by, JoinType.Miter, EndType.Polygon, 2, 4)

/**
 * What is wrong with a lay, in words: nothing of the solver is used but the answer. Overlaps, distances, the cloth’s
 * edge and holes, the grain, the fold, pairs and counts, matched notches.
 */
export function faultsOf(task: LayTask, answer: LayAnswer): string[] {
  return [
    ...answer.placements.flatMap((placement) => [
      ...offCloth(task, answer, placement),
      ...misshapen(task, answer, placement),
      ...offFold(task, answer, placement),
      ...offBorder(task, placement),
    ]),
    ...pairsOf(answer.placements).flatMap(([a, b]) => overlap(task, a, b)),
    ...miscounted(task, answer),
    ...unmatched(task, answer),
  ]
}

function pairsOf(list: readonly Placement[]): [Placement, Placement][] {
  return list.flatMap((a, i) => list.slice(i + 1).map((b): [Placement, Placement] => [a, b]))
}

function overlap({ gapMm }: LayTask, a: Placement, b: Placement): string[] {
  if (a.panel !== b.panel || a.panelCopy !== b.panelCopy) return []
  // By trying points: a clipping that is wrong about the search is wrong about its check, too.
  const deep = Math.max(sharedDepth(samplesOf(a.polygon), b.polygon), sharedDepth(samplesOf(b.polygon), a.polygon))
  const found = deep > OFF / 2 ? [`${a.id} lies on ${b.id}`] : []
  if (gapMm <= OFF) return found
  const round = (outline: Placement['polygon']) =>
    inflatePathsD([oriented(outline)], (gapMm - OFF) / 2, JoinType.Round, EndType.Polygon, 2, 4, 0.01)
  const near = intersectD(round(a.polygon), round(b.polygon), FillRule.NonZero, 4)
  return near.some((part) => part.length > 2) && found.length === 0 ? [`${a.id} is too near ${b.id}`] : found
}

function offCloth(task: LayTask, { layers }: LayAnswer, placement: Placement): string[] {
  const name = `${placement.id} ${placement.copies.join('+')}`
  if (task.cloth) {
    const { widthMm, selvedgeMm } = task.cloth
    const [from, to] =
      layers === 'folded-lengthwise' ? [0, widthMm / 2 - selvedgeMm] : [selvedgeMm, widthMm - selvedgeMm]
    const far = (task.cloth.lengthMm ?? Infinity) / (layers === 'folded-crosswise' ? 2 : 1)
    const isOff = placement.polygon.some(([x, y]) => x < from - OFF || x > to + OFF || y < -OFF || y > far + OFF)
    return isOff ? [`${name} is off the cloth`] : []
  }
  const panel = task.panels!.find(({ id }) => id === placement.panel)
  if (!panel || !(placement.panelCopy! >= 1 && placement.panelCopy! <= panel.count)) return [`${name} is on no panel`]
  const piece = [oriented(placement.polygon)]
  const beside = differenceD(piece, [oriented(panel.outline)], FillRule.NonZero, 4)
  const onHole = intersectD(piece, panel.holes.map(oriented), FillRule.NonZero, 4)
  return [
    ...grown(beside, -OFF / 2).map(() => `${name} is off its panel`),
    ...grown(onHole, -OFF / 2).map(() => `${name} lies in a hole`),
  ]
}

/** That the polygon is the piece, turned as it may be turned. */
function misshapen(task: LayTask, { layers }: LayAnswer, placement: Placement): string[] {
  const piece = task.pieces.find(({ id }) => id === placement.id)
  const name = `${placement.id} ${placement.copies.join('+')}`
  if (!piece) return [`${name} is no piece`]
  const drawings = drawnAs(piece, layers)
  const warp = task.cloth ? 90 : task.panels!.find(({ id }) => id === placement.panel)!.warpDeg
  // Grain across a fold runs both ways from it: head and foot are the same.
  const isAcross = piece.onFold && layers === 'folded-crosswise'
  const angles = allowedAngles(task, piece, warp, placement.mirrored)
  const fits = [...angles, ...(isAcross ? angles.map((angle) => angle + 180) : [])].some((degrees) => {
    return drawings.some((drawn) => {
      const laid = spun(placement.mirrored ? drawn.map(([x, y]): Corner => [-x, y]) : drawn, degrees)
      return sameSet(laid, placement.polygon)
    })
  })
  return fits ? [] : [`${name} is turned as it may not be, or is another shape`]
}

function allowedAngles(task: LayTask, piece: LayPiece, warp: number, isOver: boolean): number[] {
  const grain = isOver ? 180 - piece.warpDeg : piece.warpDeg
  const oneWay = task.cloth?.oneWay === true
  const base = warp - grain
  // Head away from the border: along +x from the left edge, along −x from the right one.
  if (task.cloth?.border && piece.onBorder) {
    const { side } = task.cloth.border
    return [...(side === 'right' ? [] : [-grain]), ...(side === 'left' ? [] : [180 - grain])]
  }
  if (piece.turn === 'any' && !oneWay) return Array.from({ length: 720 }, (_, i) => base + i / 2)
  const ways = piece.bias ? [45, -45] : piece.crosswise ? [0, 90, -90] : [0]
  const halves = piece.turn === 'none' || oneWay ? [0] : [0, 180]
  const off = Array.from({ length: 81 }, (_, i) => ((i - 40) / 40) * piece.toleranceDeg)
  return ways.flatMap((way) => halves.flatMap((half) => off.map((by) => base + way + half + by)))
}

function spun(outline: readonly Corner[], degrees: number): Corner[] {
  const angle = (degrees * Math.PI) / 180
  const [c, s] = [Math.cos(angle), Math.sin(angle)]
  return outline.map(([x, y]) => [x * c - y * s, x * s + y * c])
}

/** The same corners, but for where they lie. */
function sameSet(one: readonly Corner[], other: readonly Corner[]): boolean {
  if (one.length !== other.length) return false
  const low = (list: readonly Corner[]) =>
    [Math.min(...list.map(([x]) => x)), Math.min(...list.map(([, y]) => y))] as const
  const [[ax, ay], [bx, by]] = [low(one), low(other)]
  return one.every(([x, y]) => other.some(([u, v]) => Math.hypot(x - ax - (u - bx), y - ay - (v - by)) < OFF))
}

/** What is drawn of a piece, where it lies on a fold; what it is unfolded, where it does not. */
function drawnAs(piece: LayPiece, layers: LayAnswer['layers']): (readonly Corner[])[] {
  if (!piece.onFold || layers === 'folded-lengthwise') return [piece.outline]
  return layers === 'single' ? [doubled(piece)] : [piece.outline, doubled(piece)]
}

/** That what is cut as half of a piece has its edge on the fold. */
function offFold(task: LayTask, { layers }: LayAnswer, { id, polygon }: Placement): string[] {
  const piece = task.pieces.find((one) => one.id === id)
  if (!piece?.onFold || layers === 'single' || polygon.length > piece.outline.length) return []
  const axis = layers === 'folded-lengthwise' ? 0 : 1
  return polygon.filter((corner) => Math.abs(corner[axis]) < OFF).length >= 2 ? [] : [`${id} is not on the fold`]
}

/** That a foot lies on its line, and what has none on the border beside it. */
function offBorder({ cloth, pieces }: LayTask, { id, polygon, degrees, mirrored }: Placement): string[] {
  if (!cloth?.border) return []
  const { side, reachMm, footMm, isKeptClear } = cloth.border
  const piece = pieces.find((one) => one.id === id)!
  const xs = polygon.map(([x]) => x)
  const [low, high] = [Math.min(...xs), Math.max(...xs)]
  if (!piece.onBorder) {
    const from = isKeptClear && side !== 'right' ? reachMm : 0
    const to = cloth.widthMm - (isKeptClear && side !== 'left' ? reachMm : 0)
    return low < from - OFF || high > to + OFF ? [`${id} overlaps the border`] : []
  }
  const head = ((((mirrored ? 180 - piece.warpDeg : piece.warpDeg) + degrees) % 360) + 360) % 360
  const isLeft = head < 90 || head > 270
  const line = Math.max(footMm, cloth.selvedgeMm)
  const off = isLeft ? low - line : high - (cloth.widthMm - line)
  return Math.abs(off) > OFF ? [`${id} has its foot ${off.toFixed(1)} mm off the border`] : []
}

/** The half that is drawn, and its mirror image, as one line. */
function doubled({ outline }: LayPiece): Corner[] {
  const off = outline.filter(([x]) => Math.abs(x) > OFF)
  const on = outline.filter(([x]) => Math.abs(x) <= OFF).map(([, y]): Corner => [0, y])
  return [...off, ...off.map(([x, y]): Corner => [-x, y]), ...on]
}

function miscounted(task: LayTask, answer: LayAnswer): string[] {
  return task.pieces.flatMap((piece) => {
    const mine = answer.placements.filter(({ id }) => id === piece.id)
    const out = answer.unplaced.filter(({ id }) => id === piece.id).flatMap(({ copies }) => copies)
    const all = [...mine.flatMap(({ copies }) => copies), ...out].sort((a, b) => a - b)
    const expected = Array.from({ length: piece.count }, (_, i) => i + 1)
    const faults = all.join() === expected.join() ? [] : [`${piece.id} is laid as copies ${all.join()}`]
    const over = mine.filter(({ mirrored, copies }) => mirrored && copies.length === 1).length
    const whole = out.length === 0 && answer.layers === 'single'
    if (whole && over !== (piece.pair ? piece.count / 2 : 0)) faults.push(`${piece.id}: ${over} turned over`)
    if (mine.some(({ copies }) => copies.length > 1) && answer.layers === 'single')
      faults.push(`${piece.id} cut double`)
    return faults
  })
}

function unmatched(task: LayTask, { placements }: LayAnswer): string[] {
  const repeat = task.cloth?.repeatMm
  if (!repeat) return []
  const places = ([id, notch]: readonly [string, string]) => {
    const at = task.pieces.find((piece) => piece.id === id)!.notches.find((one) => one.id === notch)!.at
    return placements
      .filter((placement) => placement.id === id)
      .map((placement) => {
        const [[x, y]] = spun([placement.mirrored ? [-at[0], at[1]] : at], placement.degrees) as [Corner]
        return [x + placement.at[0], y + placement.at[1]] as const
      })
  }
  return task.match.flatMap(({ a, b, axes }) =>
    (['x', 'y'] as const).flatMap((axis, k) => {
      const step = repeat[axis]
      if (!axes.includes(axis) || step <= 0) return []
      return places(a).flatMap((one) =>
        places(b).flatMap((other) => {
          const off = Math.abs(one[k]! - other[k]!) % step
          return Math.min(off, step - off) > OFF ? [`${a[0]} and ${b[0]} do not agree along ${axis}`] : []
        }),
      )
    }),
  )
}
