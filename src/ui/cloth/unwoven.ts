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

/** A skin: fine creases between pores. */
export function skinTile({ warp }: TileSpec): string {
  const size = FELT_SIZE
  const creases = Array.from({ length: 46 }, (_, i) => {
    const [x, y] = [(i * 47) % size, (i * 71) % size]
    const turn = (i * 2.399) % (2 * Math.PI)
    const [dx, dy] = [Math.cos(turn) * 9, Math.sin(turn) * 9]
    return `M${x} ${y}l${dx.toFixed(1)} ${dy.toFixed(1)}l${(-dy * 0.6).toFixed(1)} ${(dx * 0.6).toFixed(1)}`
  }).join('')
  const pores = Array.from({ length: 60 }, (_, i) => {
    const [x, y] = [((i * 0.618) % 1) * size, ((i * 0.7549) % 1) * size]
    return `<circle cx="${x.toFixed(1)}" cy="${y.toFixed(1)}" r="${i % 3 === 0 ? 0.9 : 0.6}"/>`
  }).join('')
  return svg(
    size,
    size,
    `<rect width="${size}" height="${size}" fill="${warp}"/><path d="${creases}" fill="none" ` +
      `stroke="${shade(warp, -0.35)}" stroke-opacity=".55" stroke-width=".8"/>` +
      `<g fill="${shade(warp, -0.5)}" fill-opacity=".7">${pores}</g>`,
  )
}

/** A sheet: cells of many sizes, no direction. */
export function sheetTile({ warp, weft }: TileSpec): string {
  const size = FELT_SIZE
  const cells = Array.from({ length: 70 }, (_, i) => {
    const [x, y] = [((i * 0.618) % 1) * size, ((i * 0.7549) % 1) * size]
    const fill = i % 2 === 0 ? shade(weft, 0.2) : shade(warp, -0.2)
    return (
      `<ellipse cx="${x.toFixed(1)}" cy="${y.toFixed(1)}" rx="${1.2 + (i % 4) * 0.5}" ry="${0.8 + (i % 3) * 0.5}" ` +
      `fill="${fill}" fill-opacity=".35"/>`
    )
  }).join('')
  return svg(size, size, `<rect width="${size}" height="${size}" fill="${warp}"/>${cells}`)
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
