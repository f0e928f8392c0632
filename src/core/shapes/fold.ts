import { type Outline } from './polygon'
import { itemAt } from '../lists/items'

/** A corner so near x = 0 lies on the fold, mm. */
export const ON_FOLD = 0.5

/** What is wrong with a half that is drawn to its fold on x = 0, in words; undefined where it can be unfolded. */
export function foldFault(outline: Outline): string | undefined {
  const xs = outline.map(([x]) => x)
  if (Math.min(...xs) < -ON_FOLD && Math.max(...xs) > ON_FOLD) return 'a piece on the fold lies on one side of x = 0'
  const isOn = (i: number) => Math.abs(itemAt(xs, i % xs.length)) <= ON_FOLD
  const edges = xs.filter((_, i) => isOn(i) && isOn(i + 1)).length
  const runs = xs.filter((_, i) => isOn(i) && !isOn(i + 1)).length
  return edges === 0 || runs !== 1 ? 'a piece on the fold has one edge on x = 0' : undefined
}
