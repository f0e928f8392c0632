import { type Drawdown } from '@/core/weave/drafts'
import { backOf } from '@/core/weave/measure'
import { shade, unevenness } from './colour'
import { type PileLook } from './section'
import { svg } from './unwoven'
import { wovenLayers, type YarnLook } from './woven'
import { itemAt } from '@/core/lists/items'

/** One set of yarns as a person describes it. */
export interface YarnChoice {
  colour: string
  /** Every so many threads the other colour, half of them; 0 for none. */
  stripeEvery: number
  stripe: string
  /** Diameter, mm. */
  diameterMm: number
  kind: 'staple' | 'filament'
  /** 0 even … 1 all slubs. */
  slub: number
}

export interface DrawnCloth {
  draft: Drawdown
  endsPerCm: number
  picksPerCm: number
  warp: YarnChoice
  weft: YarnChoice
  /** Raised fibres over the face, 0 … 1. */
  nap: number
  pile: PileLook
  side: 'face' | 'back'
}

const PER_MM = 24
const LEAST_THREADS = 20
/** Of a filament and of a staple yarn, ours. */
const SHEEN = { filament: 0.95, staple: 0.15 }
const HAIR = { filament: 0, staple: 0.35 }

/** A cloth to scale, as SVG: ends and picks at their own spacing, so that a twill line runs at its own angle. */
export function clothSvg({ draft: face, endsPerCm, picksPerCm, warp, weft, nap, pile, side }: DrawnCloth): string {
  const draft = side === 'face' ? face : backOf(face)
  const [cellX, cellY] = [(10 / endsPerCm) * PER_MM, (10 / picksPerCm) * PER_MM]
  const ends = atLeast(itemAt(draft, 0).length, Math.max(LEAST_THREADS, warp.stripeEvery))
  const picks = atLeast(draft.length, Math.max(Math.round((LEAST_THREADS * cellX) / cellY), weft.stripeEvery))
  const [width, height] = [ends * cellX, picks * cellY]
  const isRaised = side === 'face'
  return svg(
    width,
    height,
    [
      `<rect width="${width}" height="${height}" fill="${shade(weft.colour, -0.55)}"/>`,
      wovenLayers({ draft, ends, picks, cellX, cellY, warp: look(warp, cellX), weft: look(weft, cellY) }),
      isRaised && pile.kind !== 'none' ? tufts(width, height, warp.colour, pile, cellX) : '',
      isRaised && nap > 0 ? raised(width, height, warp.colour, nap, cellX) : '',
    ].join(''),
  )
}

function atLeast(repeat: number, least: number): number {
  return repeat * Math.ceil(least / repeat)
}

function look({ colour, stripeEvery, stripe, diameterMm, kind, slub }: YarnChoice, spacing: number): YarnLook {
  return {
    colourOf: (index) =>
      shade(stripeEvery > 0 && index % stripeEvery < stripeEvery / 2 ? stripe : colour, unevenness(index)),
    fill: Math.min(1, (diameterMm * PER_MM) / spacing),
    sheen: SHEEN[kind],
    hair: HAIR[kind],
    slub,
  }
}

/** Fibres brushed up, all one way. */
function raised(width: number, height: number, colour: string, nap: number, cell: number): string {
  const count = Math.round(nap * 3 * (width / cell) * (height / cell))
  const hairs = Array.from(
    { length: count },
    (_, i) =>
      `M${(((i * 0.618034) % 1) * width).toFixed(1)} ` +
      `${(((i * 0.754878) % 1) * height).toFixed(1)}q${(cell * 0.12 * ((i % 5) - 2)).toFixed(1)} ` +
      `${(cell * 0.5).toFixed(1)} ${(cell * 0.2 * ((i % 7) - 3)).toFixed(1)} ${cell.toFixed(1)}`,
  ).join('')
  return (
    `<path d="${hairs}" fill="none" stroke="${shade(colour, 0.3)}" stroke-opacity=".5" ` +
    `stroke-width="${(cell / 12).toFixed(2)}"/>`
  )
}

/** Pile from above: ends of cut fibres, or the tops of loops, over the ground. */
function tufts(width: number, height: number, colour: string, { kind }: PileLook, cell: number): string {
  const step = cell * 1.1
  const rows = Array.from({ length: Math.ceil(height / step) }, (_, row) => row)
  const columns = Array.from({ length: Math.ceil(width / step) }, (_, column) => column)
  const at = (row: number, column: number) =>
    [column * step + (row % 2) * step * 0.5, row * step + step * 0.5] as const
  const d = rows
    .flatMap((row) =>
      columns.map((column) => {
        const [x, y] = at(row, column)
        return kind === 'cut'
          ? `M${x.toFixed(1)} ${y.toFixed(1)}v${(cell * 0.7).toFixed(1)}`
          : `M${x.toFixed(1)} ${y.toFixed(1)}q${(cell * 0.3).toFixed(1)} ${(-cell * 0.8).toFixed(1)} ` +
              `${(cell * 0.6).toFixed(1)} 0`
      }),
    )
    .join('')
  const wide = kind === 'cut' ? cell * 0.5 : cell * 0.32
  return (
    `<rect width="${width}" height="${height}" fill="${shade(colour, -0.25)}" fill-opacity=".8"/><path ` +
    `d="${d}" fill="none" stroke="${shade(colour, -0.45)}" stroke-width="${(wide * 1.3).toFixed(1)}" ` +
    `stroke-linecap="round"/><path d="${d}" fill="none" stroke="${shade(colour, 0.15)}" ` +
    `stroke-width="${wide.toFixed(1)}" stroke-linecap="round"/>`
  )
}

/** An SVG document as the address of a picture. */
export function svgAddress(document: string): string {
  return `data:image/svg+xml,${encodeURIComponent(document)}`
}
