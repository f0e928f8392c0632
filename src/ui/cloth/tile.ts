import { drafts, type Drawdown } from '@/core/weave/drafts'
import { shade } from './colour'
import { CELL, threadsOf, tileSize } from './tileSize'
import { feltTile, knitTile, meshTile, svg } from './unwoven'
import { type TileSpec } from './tileUrl'

/**
 * One repeat of a cloth as an SVG document, from its own interlacing and yarn colours: every crossing is drawn with the
 * yarn on top that the drawdown puts there, rounded where it dives under.
 */
export function clothTile(spec: TileSpec): string {
  if (spec.weave === 'jersey' || spec.weave === 'rib-knit') return knitTile(spec)
  if (spec.weave === 'felt') return feltTile(spec)
  if (spec.weave === 'mesh') return meshTile(spec)
  return wovenTile(spec, drafts[spec.weave]!)
}

function wovenTile(spec: TileSpec, draft: Drawdown): string {
  const { ends, picks } = threadsOf(spec)
  const up = (pick: number, end: number) => draft[(pick + picks) % draft.length]![(end + ends) % draft[0]!.length]!
  const yarns = new Map<string, string>()
  let light = ''
  let dark = ''
  for (let pick = 0; pick < picks; pick++) {
    for (let end = 0; end < ends; end++) {
      const warpUp = up(pick, end)
      const colour = warpUp ? yarnColour(spec, spec.warp, end, ends) : yarnColour(spec, spec.weft, pick, picks, spec.colouring !== 'check')
      const [x, y] = [end * CELL, pick * CELL]
      const dives = { before: warpUp ? !up(pick - 1, end) : up(pick, end - 1), after: warpUp ? !up(pick + 1, end) : up(pick, end + 1) }
      yarns.set(colour, (yarns.get(colour) ?? '') + crossing(x, y, warpUp, dives))
      light += warpUp ? `M${x + 2} ${y}h1.6v${CELL}h-1.6z` : `M${x} ${y + 2}h${CELL}v1.6h-${CELL}z`
      if (dives.after) dark += warpUp ? `M${x + 0.4} ${y + CELL - 1.3}h5.2v1.3h-5.2z` : `M${x + CELL - 1.3} ${y + 0.4}h1.3v5.2h-1.3z`
      if (dives.before) dark += warpUp ? `M${x + 0.4} ${y}h5.2v.8h-5.2z` : `M${x} ${y + 0.4}h.8v5.2h-.8z`
    }
  }
  const { width, height } = tileSize(spec)
  const layers = [...yarns].map(([colour, d]) => `<path fill="${colour}" d="${d}"/>`).join('')
  return svg(width, height, [
    `<rect width="${width}" height="${height}" fill="${shade(spec.weft, -0.5)}"/>`,
    layers,
    spec.colouring === 'print' && spec.accent ? print(width, height, spec.accent) : '',
    `<path fill="#fff" fill-opacity="${(0.1 + spec.sheen * 0.28).toFixed(2)}" d="${light}"/>`,
    `<path fill="#000" fill-opacity=".24" d="${dark}"/>`,
    nap(spec, width, height),
  ].join(''))
}

/** The yarn on top of one crossing: across its own width it leaves a gap, along its length it runs on unless it dives. */
function crossing(x: number, y: number, warpUp: boolean, dives: { before: boolean; after: boolean }): string {
  const start = dives.before ? 0.3 : 0
  const length = CELL - start - (dives.after ? 0.3 : 0)
  return warpUp ? `M${x + 0.35} ${y + start}h5.3v${length}h-5.3z` : `M${x + start} ${y + 0.35}h${length}v5.3h-${length}z`
}

/** A thread's colour: striped by its place in the repeat, and never quite the same as its neighbour. */
function yarnColour({ accent, colouring }: TileSpec, own: string, index: number, count: number, plain = false): string {
  const striped = accent !== undefined && !plain && (colouring === 'stripe' || colouring === 'check') && index % count < count / 3
  return shade(striped ? accent : own, ((index * 7) % 5) * 0.018 - 0.036)
}

/** A small scattered leaf print, under the relief of the yarns. */
function print(width: number, height: number, colour: string): string {
  const leaf = 'M0-13C9-8 9 6 0 13C-9 6-9-8 0-13Z'
  const places: readonly (readonly [number, number, number])[] = [[0.25, 0.25, 20], [0.75, 0.75, -35], [0.78, 0.22, 80], [0.24, 0.76, -70]]
  return places.map(([x, y, turn]) => `<path transform="translate(${x * width} ${y * height}) rotate(${turn})" d="${leaf}" fill="${colour}" fill-opacity=".88"/>`).join('')
}

/** Pile over the ground: ribs for corduroy, a plush bloom for velvet. */
function nap({ weave, warp }: TileSpec, width: number, height: number): string {
  if (weave === 'pile-ribs') {
    const ribs = Array.from({ length: width / 24 }, (_, i) => `<rect x="${i * 24 + 3}" width="18" height="${height}" fill="url(#rib)"/>`).join('')
    return `<defs><linearGradient id="rib"><stop stop-color="${shade(warp, -0.45)}"/><stop offset=".45" stop-color="${shade(warp, 0.22)}"/><stop offset="1" stop-color="${shade(warp, -0.4)}"/></linearGradient></defs><rect width="${width}" height="${height}" fill="${shade(warp, -0.6)}"/>${ribs}`
  }
  if (weave !== 'pile') return ''
  const tufts = Array.from({ length: 260 }, (_, i) => `M${(i * 37) % width} ${(i * 53) % height}v5`).join('')
  return `<rect width="${width}" height="${height}" fill="${warp}" fill-opacity=".75"/><path d="${tufts}" stroke="${shade(warp, 0.3)}" stroke-opacity=".5"/><path d="${tufts}" transform="translate(4 3)" stroke="${shade(warp, -0.4)}" stroke-opacity=".5"/>`
}
