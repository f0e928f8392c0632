import { type Drawdown } from '@/core/weave/drafts'
import { itemAt } from '@/core/lists/items'

/** How the yarns of one set look. */
export interface YarnLook {
  /** The colour of a thread by its place in the cloth. */
  colourOf: (index: number) => string
  /** Of its spacing, how much a thread fills, 0 … 1. */
  fill: number
  /** How much it shines, 0 … 1: a filament's long highlight. */
  sheen: number
  /** Staple fibres stand off it, 0 … 1. */
  hair: number
  /** How much thicker it gets here and there, 0 … 1 of itself. */
  slub: number
}

/** A woven cloth to be drawn; lengths are in the units of the drawing. */
export interface WovenLook {
  draft: Drawdown
  ends: number
  picks: number
  cellX: number
  cellY: number
  warp: YarnLook
  weft: YarnLook
}

/**
 * The crossings of a cloth as SVG: each with the yarn on top that the draft puts there, rounded where it dives under.
 * Lines only, so that it is sharp however far one goes in.
 */
export function wovenLayers({ draft, ends, picks, cellX, cellY, warp, weft }: WovenLook): string {
  // The first pick lies at the foot, as it is woven: a line that climbs to the right does so on the drawing too.
  const up = (row: number, end: number) =>
    itemAt(itemAt(draft, mod(-1 - row, draft.length)), mod(end, itemAt(draft, 0).length))
  const yarns = new Map<string, string>()
  const light: Record<'warp' | 'weft', string> = { warp: '', weft: '' }
  let [dark, hairs] = ['', '']
  for (let pick = 0; pick < picks; pick++) {
    for (let end = 0; end < ends; end++) {
      const warpUp = up(pick, end)
      const yarn = warpUp ? warp : weft
      const colour = yarn.colourOf(warpUp ? end : pick)
      const [x, y] = [end * cellX, pick * cellY]
      const dives = {
        before: warpUp ? !up(pick - 1, end) : up(pick, end - 1),
        after: warpUp ? !up(pick + 1, end) : up(pick, end + 1),
      }
      // Along the thread and across it, whichever way it runs.
      const [along, across] = warpUp ? [cellY, cellX] : [cellX, cellY]
      const gap =
        (across * (1 - Math.min(1, yarn.fill * (1 + yarn.slub * swell(warpUp ? end : pick, warpUp ? pick : end))))) /
        2
      const start = dives.before ? along * 0.05 : 0
      const length = along - start - (dives.after ? along * 0.05 : 0)
      const bar = (from: number, long: number, inset: number, wide: number) =>
        warpUp
          ? `M${n(x + inset)} ${n(y + from)}h${n(wide)}v${n(long)}h${n(-wide)}z`
          : `M${n(x + from)} ${n(y + inset)}h${n(long)}v${n(wide)}h${n(-long)}z`
      yarns.set(colour, (yarns.get(colour) ?? '') + bar(start, length, gap, across - 2 * gap))
      light[warpUp ? 'warp' : 'weft'] += bar(0, along, across / 3, across * 0.27)
      if (dives.after) dark += bar(along * 0.78, along * 0.22, gap, across - 2 * gap)
      if (dives.before) dark += bar(0, along * 0.13, gap, across - 2 * gap)
      if (yarn.hair > 0 && mod(end * 7 + pick * 13, 10) < yarn.hair * 10)
        hairs += hair(x, y, cellX, cellY, end * 31 + pick * 17)
    }
  }
  return [
    ...[...yarns].map(([colour, d]) => `<path fill="${colour}" d="${d}"/>`),
    ...(['warp', 'weft'] as const).map(
      (set) =>
        `<path fill="#fff" fill-opacity="${(0.1 + (set === 'warp' ? warp : weft).sheen * 0.28).toFixed(2)}" ` +
        `d="${light[set]}"/>`,
    ),
    `<path fill="#000" fill-opacity=".24" d="${dark}"/>`,
    hairs === ''
      ? ''
      : `<path d="${hairs}" fill="none" stroke="#fff" stroke-opacity=".3" stroke-width="${n(cellX / 14)}"/>`,
  ].join('')
}

/** How much a thread swells at a place, −1 … 1: long and slow, another for each thread. */
function swell(thread: number, place: number): number {
  return Math.sin(thread * 2.4 + place * 0.35) * Math.sin(thread * 1.7 + place * 0.13)
}

function hair(x: number, y: number, cellX: number, cellY: number, seed: number): string {
  const at = (by: number) => mod(seed * by, 97) / 97
  return (
    `M${n(x + cellX * at(3))} ${n(y + cellY * at(5))}q${n(cellX * (at(7) - 0.5))} ${n(-cellY * 0.4)} ` +
    `${n(cellX * (at(11) - 0.5) * 1.6)} ${n(cellY * (at(13) - 0.5) * 1.6)}`
  )
}

/** To a hundredth, without trailing noughts. */
const n = (value: number) => Number(value.toFixed(2))

/** The remainder, never below nothing. */
export function mod(value: number, by: number): number {
  return ((value % by) + by) % by
}
