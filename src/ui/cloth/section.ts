import { type Drawdown } from '@/core/weave/drafts'
import { shade } from './colour'
import { svg } from './unwoven'
import { itemAt } from '@/core/lists/items'

/** What stands on the ground of a cloth. */
export interface PileLook {
  kind: 'none' | 'cut' | 'looped'
  /** Height over the ground, mm. */
  heightMm: number
}

export interface SectionLook {
  draft: Drawdown
  /** Which pick is cut along. */
  pick: number
  endsPerCm: number
  /** Diameter of a warp end and of a weft pick, mm. */
  warpMm: number
  weftMm: number
  warp: string
  weft: string
  pile: PileLook
}

/** Units of the drawing to a mm. */
const PER_MM = 40
const ENDS = 14

/** A cloth cut along one pick: the ends as rounds, the pick over and under them, the pile standing on it, to scale. */
export function sectionSvg({ draft, pick, endsPerCm, warpMm, weftMm, warp, weft, pile }: SectionLook): string {
  const row = itemAt(draft, ((pick % draft.length) + draft.length) % draft.length)
  const spacing = (10 / endsPerCm) * PER_MM
  const [round, thick] = [(warpMm * PER_MM) / 2, weftMm * PER_MM]
  const lift = round + thick / 2
  const height = pile.kind === 'none' ? 0 : pile.heightMm * PER_MM
  const middle = height + lift * 2 + thick
  const [width, tall] = [spacing * ENDS, middle + lift * 2 + thick]
  const xOf = (end: number) => (end + 0.5) * spacing
  // Warp up: the pick goes under the end.
  const yOf = (end: number) => middle + (row[((end % row.length) + row.length) % row.length] ? lift : -lift)
  const waves = Array.from({ length: ENDS + 1 }, (_, index) => {
    const end = index - 1
    const bend = spacing / 2
    return `C${xOf(end) + bend} ${yOf(end)} ${xOf(end + 1) - bend} ${yOf(end + 1)} ${xOf(end + 1)} ${yOf(end + 1)}`
  }).join('')
  const line = `M${xOf(-1)} ${yOf(-1)}${waves}`
  const rounds = Array.from(
    { length: ENDS },
    (_, end) =>
      `<circle cx="${xOf(end)}" cy="${middle}" r="${round}" fill="${warp}" stroke="${shade(warp, -0.45)}" ` +
      `stroke-width="${PER_MM / 30}"/>`,
  ).join('')
  return svg(
    width,
    tall,
    [
      `<path d="${line}" fill="none" stroke="${shade(weft, -0.45)}" stroke-width="${thick + PER_MM / 15}"/>`,
      `<path d="${line}" fill="none" stroke="${weft}" stroke-width="${thick}"/>`,
      rounds,
      pileOf(pile, height, middle - lift, spacing, warp),
    ].join(''),
  )
}

function pileOf({ kind }: PileLook, height: number, foot: number, spacing: number, colour: string): string {
  if (kind === 'none') return ''
  const tufts = Array.from({ length: Math.floor(ENDS / 2) }, (_, index) => {
    const x = (index * 2 + 1) * spacing
    return kind === 'cut'
      ? Array.from(
          { length: 7 },
          (_, hair) =>
            `M${x} ${foot + 2}Q${x + (hair - 3) * spacing * 0.14} ${foot - height * 0.5} ` +
            `${x + (hair - 3) * spacing * 0.28} ${foot - height * (0.9 + (0.1 * ((hair * 3) % 4)) / 3)}`,
        ).join('')
      : `M${x - spacing * 0.2} ${foot + 2}C${x - spacing * 0.9} ${foot - height * 1.25} ${x + spacing * 0.9} ` +
          `${foot - height * 1.25} ${x + spacing * 0.2} ${foot + 2}`
  }).join('')
  const wide = kind === 'cut' ? spacing * 0.14 : spacing * 0.3
  return (
    `<path d="${tufts}" fill="none" stroke="${shade(colour, -0.4)}" stroke-width="${wide * 1.35}" ` +
    `stroke-linecap="round"/><path d="${tufts}" fill="none" stroke="${shade(colour, 0.12)}" ` +
    `stroke-width="${wide}" stroke-linecap="round"/>`
  )
}
