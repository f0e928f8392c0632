import { type LengthRead, type EnvelopeReading } from './reading'
import { itemAt } from '../../lists/items'

/**
 * Two lengths for one and the same: what heads their lines may tell them apart, else nobody knows which is right, and
 * the person reads both lines.
 */
export function settleContradictions(reading: EnvelopeReading): void {
  for (const told of reading.roles.values()) {
    const seen = new Map<string, LengthRead[]>()
    for (const one of told.lengths) {
      const key = [one.view, one.size, one.widthMm, one.nap].join('|')
      seen.set(key, [...(seen.get(key) ?? []), one])
    }
    const lists = [...seen.values()].flatMap((list) => (isAgreed(list) ? [list.slice(0, 1)] : apartByHeads(list)))
    told.lengths = lists.filter(isAgreed).flat()
    for (const { from } of lists.filter((list) => !isAgreed(list)).flat())
      if (!reading.notRead.includes(from)) reading.notRead.push(from)
  }
}

const isAgreed = (list: readonly LengthRead[]) => list.every(({ lengthMm }) => lengthMm === itemAt(list, 0).lengthMm)

/** “Bodice blocks: 1 m …”, “Skirt blocks: 0.8 m …”: things that only what heads their lines tells apart. */
function apartByHeads(lengths: LengthRead[]): LengthRead[][] {
  const heads = lengths.flatMap(({ from, view }) => (view === null ? (HEAD.exec(from)?.[1]?.trim() ?? []) : []))
  return new Set(heads).size === lengths.length
    ? lengths.map((one, i) => [{ ...one, view: itemAt(heads, i) }])
    : [lengths]
}

const HEAD = /^([^:\d]{2,30}):/
