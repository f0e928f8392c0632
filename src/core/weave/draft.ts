import { type Drawdown } from './drafts'

/**
 * How a loom is set up. Shafts and treadles are counted from 1, as weavers do; a thread on shaft 0, or a pick on no
 * treadle, is never lifted.
 */
export interface Draft {
  /** The shaft of each end, left to right. */
  threading: readonly number[]
  /** For each treadle, the shafts that it lifts. */
  tieUp: readonly (readonly number[])[]
  /** For each pick, first woven first, the treadles pressed. */
  treadling: readonly (readonly number[])[]
}

/**
 * The interlacing that a draft weaves, on a rising shed: the end lies on top where a pressed treadle lifts its shaft.
 * Rows are picks, first woven first. The textbook rule of the drawdown.
 * @throws RangeError where there is no end or pick, or a treadle is pressed that there is not
 */
export function drawdownOf({ threading, tieUp, treadling }: Draft): Drawdown {
  if (threading.length === 0 || treadling.length === 0)
    throw new RangeError('drawdownOf: needs at least one end and one pick')
  return treadling.map((pressed) => {
    const lifted = new Set(
      pressed.flatMap((treadle) => {
        const shafts = tieUp[treadle - 1]
        if (!shafts)
          throw new RangeError(`drawdownOf: treadle ${treadle} is pressed, but ${tieUp.length} are tied up`)
        return shafts
      }),
    )
    return threading.map((shaft) => lifted.has(shaft))
  })
}

/**
 * The fewest shafts and treadles that weave an interlacing: ends that behave alike share a shaft, picks that are
 * alike a treadle.
 * `drawdownOf(draftOf(d))` is `d` again.
 * @throws RangeError where the interlacing is empty or ragged
 */
export function weaveDraftOf(drawdown: Drawdown): Draft {
  const ends = drawdown[0]?.length ?? 0
  if (ends === 0 || drawdown.some((row) => row.length !== ends))
    throw new RangeError('draftOf: needs at least one row, and all rows equally long')
  const shafts: string[] = []
  const threading = Array.from({ length: ends }, (_, end) =>
    numbered(shafts, drawdown.map((row) => (row[end] ? 'x' : '.')).join('')),
  )
  const treadles: string[] = []
  const treadling = drawdown.map((row) => [numbered(treadles, row.map((up) => (up ? 'x' : '.')).join(''))])
  const tieUp = treadles.map((row) =>
    [...new Set(threading.filter((_, end) => row[end] === 'x'))].sort((a, b) => a - b),
  )
  return { threading, tieUp, treadling }
}

/** The number, from 1, of a pattern in a growing list. */
function numbered(list: string[], pattern: string): number {
  const at = list.indexOf(pattern)
  return at >= 0 ? at + 1 : list.push(pattern)
}
