import { shade } from './colour'
import { FELT_SIZE, KNIT, MESH } from './tileSize'
import { type TileSpec } from './tileUrl'

/** The face of a knit: columns of V-shaped stitches; a rib shows every other pair of columns sunk. */
export function knitTile({ weave, warp, accent, colouring }: TileSpec): string {
  const { wales, courses, stitchWidth, stitchHeight } = KNIT
  const strokes = new Map<string, string>()
  for (let wale = 0; wale < wales; wale++) {
    const sunk = weave === 'rib-knit' && wale % 4 >= 2
    for (let course = -1; course <= courses; course++) {
      const striped = accent !== undefined && colouring !== 'plain' && (course + courses) % 8 < 3
      const colour = shade(striped ? accent : warp, sunk ? -0.32 : (wale % 2) * 0.03)
      const [x, y] = [wale * stitchWidth, course * stitchHeight]
      const v = `M${x + 1.6} ${y}q1 6 4.4 9.5M${x + stitchWidth - 1.6} ${y}q-1 6-4.4 9.5`
      strokes.set(colour, (strokes.get(colour) ?? '') + v)
    }
  }
  const [width, height] = [wales * stitchWidth, courses * stitchHeight]
  const layers = [...strokes]
    .map(
      ([colour, d]) =>
        `<path d="${d}" fill="none" stroke="${shade(colour, -0.35)}" stroke-width="5" stroke-linecap="round"/>` +
        `<path d="${d}" fill="none" stroke="${colour}" stroke-width="3.6" stroke-linecap="round"/>`,
    )
    .join('')
  return svg(width, height, `<rect width="${width}" height="${height}" fill="${shade(warp, -0.55)}"/>${layers}`)
}

/** Felt: no threads, only fibres every way. */
export function feltTile({ warp, weft }: TileSpec): string {
  const size = FELT_SIZE
  const hairs = (offset: number) =>
    Array.from({ length: 140 }, (_, i) => {
      const angle = (i * 2.399 + offset) % Math.PI
      const [x, y] = [(i * 47 + offset * 31) % size, (i * 71 + offset * 17) % size]
      return (
        `M${x} ${y}q${(Math.cos(angle) * 5).toFixed(1)} ${(Math.sin(angle) * 5).toFixed(1)} ` +
        `${(Math.cos(angle + 0.5) * 11).toFixed(1)} ${(Math.sin(angle + 0.5) * 11).toFixed(1)}`
      )
    }).join('')
  return svg(
    size,
    size,
    `<rect width="${size}" height="${size}" fill="${warp}"/><path d="${hairs(1)}" fill="none" ` +
      `stroke="${shade(weft, -0.25)}" stroke-opacity=".55"/><path d="${hairs(2)}" fill="none" ` +
      `stroke="${shade(weft, 0.25)}" stroke-opacity=".5"/>`,
  )
}

/** Net: open hexagons, nothing behind them. */
export function meshTile({ warp }: TileSpec): string {
  const { width, height } = MESH
  const cell = 'M9 0v5l9 5v10l-9 5v5M9 5l-9 5v10l9 5'
  return svg(
    width,
    height,
    `<path d="${cell}" fill="none" stroke="${shade(warp, -0.2)}" stroke-width="2.4"/><path d="${cell}" ` +
      `fill="none" stroke="${warp}" stroke-width="1.4"/>`,
  )
}

/** An SVG document of a repeating tile. */
export function svg(width: number, height: number, inside: string): string {
  return (
    `<svg xmlns="http://www.w3.org/2000/svg" width="${width}" height="${height}" viewBox="0 0 ${width} ` +
    `${height}">${inside}</svg>`
  )
}
