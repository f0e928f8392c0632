import { foldFault } from '../shapes/fold'
import { areaOf, isSimple, type Outline } from '../shapes/polygon'
import { type LayPanel, type LayPiece, type LayTask } from './types'
import { itemAt, mustHave } from '../lists/items'

/** What makes no sense about a task, and where. */
export interface LayFault {
  path: (string | number)[]
  message: string
}

/** Smaller than this is no area, mm². */
const NO_AREA = 0.01

/** The first thing about a task that makes no sense; undefined where it does. */
export function layFault(task: LayTask): LayFault | undefined {
  return (
    first(task.pieces, (piece, i) => pieceFault(piece, task.pieces, ['pieces', i])) ??
    first(task.panels ?? [], (panel, i) => panelFault(panel, mustHave(task.panels), ['panels', i])) ??
    clothFault(task) ??
    first(
      task.match,
      ({ a, b }, i) => notchFault(a, task, ['match', i, 'a']) ?? notchFault(b, task, ['match', i, 'b']),
    )
  )
}

function first<T>(list: readonly T[], of: (item: T, i: number) => LayFault | undefined): LayFault | undefined {
  for (let i = 0; i < list.length; i++) {
    const fault = of(itemAt(list, i), i)
    if (fault) return fault
  }
  return undefined
}

/** What is wrong with an outline, in words. */
function outlineFault(outline: Outline): string | undefined {
  if (outline.length < 3) return 'an outline has at least three points'
  if (areaOf(outline) < NO_AREA) return 'the outline has no area'
  return isSimple(outline) ? undefined : 'the outline crosses or touches itself'
}

function pieceFault(piece: LayPiece, all: readonly LayPiece[], path: (string | number)[]): LayFault | undefined {
  const message = outlineFault(piece.outline)
  if (message) return { path: [...path, 'outline'], message }
  if (all.find(({ id }) => id === piece.id) !== piece)
    return { path: [...path, 'id'], message: `two pieces have the id ${piece.id}` }
  if (piece.pair && piece.count % 2 === 1)
    return { path: [...path, 'count'], message: 'a pair needs an even number of pieces' }
  const unfoldable = piece.onFold ? foldFault(piece.outline) : undefined
  return unfoldable ? { path: [...path, 'outline'], message: unfoldable } : undefined
}

function panelFault(panel: LayPanel, all: readonly LayPanel[], path: (string | number)[]): LayFault | undefined {
  const message = outlineFault(panel.outline)
  if (message) return { path: [...path, 'outline'], message }
  if (all.find(({ id }) => id === panel.id) !== panel)
    return { path: [...path, 'id'], message: `two panels have the id ${panel.id}` }
  return first(panel.holes, (hole, i) => {
    const wrong = outlineFault(hole)
    return wrong ? { path: [...path, 'holes', i], message: wrong } : undefined
  })
}

function clothFault({ cloth }: LayTask): LayFault | undefined {
  if (cloth && 2 * cloth.selvedgeMm >= cloth.widthMm)
    return { path: ['cloth', 'selvedgeMm'], message: 'the selvedges leave nothing of the width' }
  const { border } = cloth ?? {}
  if (border && border.reachMm > mustHave(cloth).widthMm)
    return { path: ['cloth', 'border', 'reachMm'], message: 'the border is wider than the fabric' }
  if (border && border.footMm > border.reachMm)
    return { path: ['cloth', 'border', 'footMm'], message: 'the bottom edges would lie beyond the border' }
  return undefined
}

function notchFault(
  [id, notch]: readonly [string, string],
  { pieces }: LayTask,
  path: (string | number)[],
): LayFault | undefined {
  const piece = pieces.find((one) => one.id === id)
  if (!piece) return { path: [...path, 0], message: `there is no piece ${id}` }
  if (!piece.notches.some((one) => one.id === notch))
    return { path: [...path, 1], message: `${id} has no notch ${notch}` }
  return undefined
}
