import { type Interlacing } from '../vocabulary/cloth'
import { itemAt } from '../lists/items'
/** An interlacing matrix: rows are picks, columns are ends; true where the warp end lies on top. */
export type Drawdown = readonly (readonly boolean[])[]

/** Draws from rows of text, `x` for warp up. @throws RangeError when the rows are not equally long or there is none. */
export function drawdownFrom(rows: readonly string[]): Drawdown {
  const width = rows[0]?.length ?? 0
  if (width === 0 || rows.some((row) => row.length !== width)) {
    throw new RangeError('drawdownFrom: needs at least one row, and all rows equally long')
  }
  return rows.map((row) => [...row].map((mark) => mark === 'x'))
}

/** A regular twill or satin: each pick is the first, moved by `move` ends. `up` ends of `run` lie on top. */
export function steppedDrawdown(run: number, up: number, move: number): Drawdown {
  return Array.from({ length: run }, (_, pick) =>
    Array.from({ length: run }, (_, end) => (((end - pick * move) % run) + run) % run < up),
  )
}

/** The same picks over ends taken in another order. */
function threaded(drawdown: Drawdown, order: readonly number[]): Drawdown {
  return drawdown.map((pick) => order.map((end) => itemAt(pick, end)))
}

const DRAFTS = {
  plain: drawdownFrom(['x.', '.x']),
  basket: drawdownFrom(['xx..', 'xx..', '..xx', '..xx']),
  rib: drawdownFrom(['x.', 'x.', '.x', '.x']),
  twill: steppedDrawdown(4, 2, 1),
  'broken-twill': drawdownFrom(['xxx.', 'x.xx', '.xxx', 'xx.x']),
  // The line turns across the ends, and breaks where it turns, so that the ribs run along the warp.
  herringbone: threaded(steppedDrawdown(4, 2, 1), [0, 1, 2, 3, 1, 0, 3, 2]),
  satin: steppedDrawdown(5, 4, 2),
  sateen: steppedDrawdown(5, 1, 2),
  'crepe-weave': drawdownFrom([
    'x.xx.x..',
    '.x..x.xx',
    'xx.x..x.',
    '..x.xx.x',
    'x..x.xx.',
    '.xx.x..x',
    'x.x..xx.',
    '.x.xx..x',
  ]),
  dobby: drawdownFrom([
    'x.x.x.x.',
    '.x.xxx.x',
    'x.xxxxx.',
    '.xxxxxxx',
    'x.xxxxx.',
    '.x.xxx.x',
    'x.x.x.x.',
    '.x.x.x.x',
  ]),
  jacquard: drawdownFrom([
    'xxxx.xxx',
    'xx.xxxxx',
    '....x...',
    '.x......',
    'xxx.xxxx',
    'x....x..',
    '..x.....',
    'xxxxxx.x',
  ]),
  leno: drawdownFrom(['x.', '.x']),
  'double-cloth': steppedDrawdown(4, 2, 1),
  waffle: drawdownFrom(['x.....', '.x...x', '..x.x.', 'xxxx.x', '..x.x.', '.x...x']),
  pile: drawdownFrom(['x.', '.x']),
  'pile-ribs': drawdownFrom(['x.', '.x']),
} satisfies Partial<Record<Interlacing, Drawdown>>

/** One textbook draft for each interlacing that is woven, and for no other; common practice. */
export const drafts: Readonly<typeof DRAFTS & Partial<Record<Interlacing, Drawdown>>> = DRAFTS
