import { type Layers, type Placement } from '../lay/types'
import { areaOf, boxOf } from '../shapes/polygon'

/** Larger than this is cut first: its place cannot be found again elsewhere. mm² */
const LARGE_MM2 = 60_000

interface Told {
  layers: Layers
  name: (id: string) => string
  /** Ids of pieces that have notches to mark. */
  notched: ReadonlySet<string>
  /** Ids of pieces that are drawn to their fold. */
  folded: ReadonlySet<string>
  isOneWay: boolean
}

/**
 * In which order a lay is cut: the right side marked first, what lies on the fold, then the large pieces from the start
 * of the cloth to its end, then the small ones, notches last of all while the pieces still lie flat. Common practice.
 */
export function cutOrder(
  placements: readonly Placement[],
  { layers, name, notched, folded, isOneWay }: Told,
): string[] {
  const along = [...placements].sort((a, b) => boxOf(a.polygon).minY - boxOf(b.polygon).minY)
  const onFold = along.filter(({ id }) => layers !== 'single' && folded.has(id))
  const rest = along.filter((placement) => !onFold.includes(placement))
  const large = rest.filter(({ polygon }) => areaOf(polygon) > LARGE_MM2)
  const small = rest.filter((placement) => !large.includes(placement))
  const named = (list: readonly Placement[]) =>
    list.map(({ id, copies }) => `${name(id)}${through(copies)}`).join(', ')
  const step = (list: readonly Placement[], text: string) => (list.length > 0 ? [`${text}: ${named(list)}.`] : [])
  const turned = placements.filter(({ mirrored }) => mirrored)
  const marked = placements.filter(({ id }) => notched.has(id))
  return [
    isOneWay
      ? 'Chalk the right side, and an arrow for the nap on every piece.'
      : 'Chalk a cross on the wrong side of every piece.',
    ...step(onFold, 'First the pieces on the fold, without cutting the fold'),
    ...step(large, 'Then the large pieces, from this end to the other'),
    ...step(small, 'Then the small pieces'),
    ...step(turned, 'Flipped, for the other side of the body'),
    ...step(marked, 'Snip or chalk the notches before you lift anything'),
  ]
}

const through = (copies: readonly number[]) => (copies.length > 1 ? ' (both layers)' : '')
