import { drafts } from '@/core/weave/drafts'
import { type Interlacing } from '@/core/vocabulary/cloth'
import { type TileSpec } from './tileUrl'
import { itemAt, mustHave } from '@/core/lists/items'

/** Size of one crossing of a woven tile, in the units of the drawing. */
export const CELL = 6

/** Stitches of a knitted tile and their size; a felted tile; one mesh of a net. */
export const KNIT = { wales: 12, courses: 16, stitchWidth: 12, stitchHeight: 9 } as const
export const FELT_SIZE = 120
export const MESH = { width: 18, height: 30 } as const

/**
 * At least this many ends and picks a tile, so that stripes and prints have room; cloth of one colour needs far
 * fewer.
 */
const LEAST_THREADS = 24
const LEAST_PLAIN = 10

/** Weaves with a pile over the ground, drawn to the size of the large tile. */
const NAPPED = new Set<Interlacing>(['pile', 'pile-ribs'])

/** Ends and picks of a woven tile: whole repeats of its draft. */
export function tileThreadsOf({ weave, colouring }: Pick<TileSpec, 'weave' | 'colouring'>): {
  ends: number
  picks: number
} {
  const draft = mustHave(drafts[weave])
  const least = colouring === 'plain' && !NAPPED.has(weave) ? LEAST_PLAIN : LEAST_THREADS
  const repeats = (length: number) => length * Math.ceil(least / length)
  return { ends: repeats(itemAt(draft, 0).length), picks: repeats(draft.length) }
}

/** Width and height of a tile in its own units; shown at scale 1, in px. */
export function tileSize(spec: Pick<TileSpec, 'weave' | 'colouring'>): { width: number; height: number } {
  switch (spec.weave) {
    case 'jersey':
    case 'rib-knit':
      return { width: KNIT.wales * KNIT.stitchWidth, height: KNIT.courses * KNIT.stitchHeight }
    case 'felt':
    case 'skin':
    case 'sheet':
      return { width: FELT_SIZE, height: FELT_SIZE }
    case 'mesh':
      return MESH
    default: {
      const { ends, picks } = tileThreadsOf(spec)
      return { width: ends * CELL, height: picks * CELL }
    }
  }
}
