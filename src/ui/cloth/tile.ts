import { drafts, type Drawdown } from '@/core/weave/drafts'
import { shade, unevenness } from './colour'
import { CELL, tileThreadsOf, tileSize } from './tileSize'
import { feltTile, knitTile, meshTile, sheetTile, skinTile, svg } from './unwoven'
import { wovenLayers } from './woven'
import { type TileSpec } from './tileUrl'
import { mustHave } from '@/core/lists/items'

/**
 * One repeat of a cloth as an SVG document, from its own interlacing and yarn colours: every crossing is drawn with the
 * yarn on top that the drawdown puts there, rounded where it dives under.
 */
export function clothTile(spec: TileSpec): string {
  if (spec.side === 'light') return lightTile(spec)
  if (spec.weave === 'jersey' || spec.weave === 'rib-knit') return knitTile(spec)
  if (spec.weave === 'felt') return feltTile(spec)
  if (spec.weave === 'skin') return skinTile(spec)
  if (spec.weave === 'sheet') return sheetTile(spec)
  if (spec.weave === 'mesh') return meshTile(spec)
  const draft = mustHave(drafts[spec.weave])
  return wovenTile(spec, spec.side === 'back' ? tileBackOf(draft) : draft)
}

/** A cloth turned over sideways: what lay on top lies below. */
export function tileBackOf(draft: Drawdown): Drawdown {
  return draft.map((pick) => [...pick].reverse().map((warpUp) => !warpUp))
}

function wovenTile(spec: TileSpec, draft: Drawdown): string {
  const { ends, picks } = tileThreadsOf(spec)
  const { width, height } = tileSize(spec)
  const yarn = { fill: 0.88, sheen: spec.sheen, hair: 0, slub: 0 }
  return svg(
    width,
    height,
    [
      `<rect width="${width}" height="${height}" fill="${shade(spec.weft, -0.5)}"/>`,
      wovenLayers({
        draft,
        ends,
        picks,
        cellX: CELL,
        cellY: CELL,
        warp: { ...yarn, colourOf: (end) => yarnColour(spec, spec.warp, end, ends) },
        weft: { ...yarn, colourOf: (pick) => yarnColour(spec, spec.weft, pick, picks, spec.colouring !== 'check') },
      }),
      spec.colouring === 'print' && spec.accent ? print(width, height, spec.accent, spec.side === 'back') : '',
      spec.side === 'back' ? '' : nap(spec, width, height),
    ].join(''),
  )
}

/** Before a window: the light comes between the yarns, the more the opener the cloth. */
function lightTile(spec: TileSpec): string {
  const { width, height } = tileSize(spec)
  const lit = `<rect width="${width}" height="${height}" fill="#fbf2d3"/>`
  const { open = 0.3 } = spec
  const draft = drafts[spec.weave]
  if (!draft || spec.weave === 'pile' || spec.weave === 'pile-ribs') {
    // Knits, felt, net and pile: as they are drawn, the light through all of it.
    const inner = clothTile({ ...spec, side: 'face' }).replace(/^<svg[^>]*>|<\/svg>$/g, '')
    return svg(width, height, `${lit}<g opacity="${(0.96 - 0.5 * open).toFixed(2)}">${inner}</g>`)
  }
  const { ends, picks } = tileThreadsOf(spec)
  const yarn = { fill: 0.98 - 0.42 * open, sheen: 0, hair: 0, slub: 0 }
  const dark = (colour: string) => (index: number) => shade(colour, -0.42 + unevenness(index))
  const layers = wovenLayers({
    draft,
    ends,
    picks,
    cellX: CELL,
    cellY: CELL,
    warp: { ...yarn, colourOf: dark(spec.warp) },
    weft: { ...yarn, colourOf: dark(spec.weft) },
  })
  return svg(width, height, `${lit}<g opacity="${(0.97 - 0.35 * open).toFixed(2)}">${layers}</g>`)
}

/** A thread's colour: striped by its place in the repeat, and never quite the same as its neighbour. */
function yarnColour(
  { accent, colouring }: TileSpec,
  own: string,
  index: number,
  count: number,
  plain = false,
): string {
  const striped =
    accent !== undefined && !plain && (colouring === 'stripe' || colouring === 'check') && index % count < count / 3
  return shade(striped ? accent : own, unevenness(index))
}

/** A small scattered leaf print, under the relief of the yarns. */
function print(width: number, height: number, colour: string, isBack = false): string {
  const leaf = 'M0-13C9-8 9 6 0 13C-9 6-9-8 0-13Z'
  const places: readonly (readonly [number, number, number])[] = [
    [0.25, 0.25, 20],
    [0.75, 0.75, -35],
    [0.78, 0.22, 80],
    [0.24, 0.76, -70],
  ]
  return places
    .map(
      ([x, y, turn]) =>
        `<path transform="translate(${x * width} ${y * height}) rotate(${turn})" d="${leaf}" ` +
        `fill="${colour}" fill-opacity="${isBack ? '.28' : '.88'}"/>`,
    )
    .join('')
}

/** Pile over the ground: ribs for corduroy, a plush bloom for velvet. */
function nap({ weave, warp }: TileSpec, width: number, height: number): string {
  if (weave === 'pile-ribs') {
    const ribs = Array.from(
      { length: width / 24 },
      (_, i) => `<rect x="${i * 24 + 3}" width="18" height="${height}" fill="url(#rib)"/>`,
    ).join('')
    return (
      `<defs><linearGradient id="rib"><stop stop-color="${shade(warp, -0.45)}"/><stop offset=".45" ` +
      `stop-color="${shade(warp, 0.22)}"/><stop offset="1" ` +
      `stop-color="${shade(warp, -0.4)}"/></linearGradient></defs><rect width="${width}" height="${height}" ` +
      `fill="${shade(warp, -0.6)}"/>${ribs}`
    )
  }
  if (weave !== 'pile') return ''
  const tufts = Array.from({ length: 260 }, (_, i) => `M${(i * 37) % width} ${(i * 53) % height}v5`).join('')
  return (
    `<rect width="${width}" height="${height}" fill="${warp}" fill-opacity=".75"/><path d="${tufts}" ` +
    `stroke="${shade(warp, 0.3)}" stroke-opacity=".5"/><path d="${tufts}" transform="translate(4 3)" ` +
    `stroke="${shade(warp, -0.4)}" stroke-opacity=".5"/>`
  )
}
