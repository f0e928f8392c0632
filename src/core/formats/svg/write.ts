import { boxOf, type Outline } from '../../shapes/polygon'
import { lengthsTaken, type Layers } from '../../vocabulary/laying'

/** What of a task the drawing shows: how wide the cloth is. mm */
interface Shown {
  cloth?: { widthMm: number; selvedgeMm: number }
}

const escaped = (text: string) => text.replace(/[&<>"']/g, (sign) => `&#${sign.charCodeAt(0)};`)
const LINE = 'fill="none" stroke-width="0.6"'
const fixed = (value: number) => Number(value.toFixed(2))

/**
 * Polygons as they lie, in mm one to one, the cloth’s edge about them: for paper, or a projector above the table.
 * @param usedLengthMm all layers together
 */
export function svgOfLay(
  { cloth }: Shown,
  layers: Layers,
  polygons: readonly { name: string; outline: Outline }[],
  usedLengthMm: number,
): string {
  const box = boxOf(polygons.flatMap(({ outline }) => outline))
  const width = cloth ? cloth.widthMm / (layers === 'folded-lengthwise' ? 2 : 1) : box.maxX
  const length = cloth ? usedLengthMm / lengthsTaken(layers) : box.maxY
  const lines = polygons.map(({ name, outline }) => {
    const { minX, maxX, minY, maxY } = boxOf(outline)
    const path = outline.map(([x, y]) => `${fixed(x)} ${fixed(length - y)}`).join('L')
    const [x, y] = [fixed((minX + maxX) / 2), fixed(length - (minY + maxY) / 2)]
    const size = fixed(Math.min(24, (maxX - minX) / Math.max(4, name.length * 0.6)))
    const text = `<text x="${x}" y="${y}" font-size="${size}" text-anchor="middle">${escaped(name)}</text>`
    return `<path d="M${path}Z" ${LINE} stroke="#000"><title>${escaped(name)}</title></path>${text}`
  })
  const [w, h] = [fixed(width), fixed(length)]
  const edge = `<path d="M0 0H${w}V${h}H0Z" ${LINE} stroke="#888"/>`
  const head = `xmlns="http://www.w3.org/2000/svg" width="${w}mm" height="${h}mm" viewBox="0 0 ${w} ${h}"`
  return `<svg ${head}>${edge}${lines.join('')}</svg>\n`
}
