import { boxOf, type Outline } from '../shapes/polygon'

/** What of a task the drawing shows: how wide the cloth is. mm */
interface Shown {
  cloth?: { widthMm: number; selvedgeMm: number }
}

const escaped = (text: string) => text.replace(/[&<>"']/g, (sign) => `&#${sign.charCodeAt(0)};`)
const fixed = (value: number) => Number(value.toFixed(2))

/**
 * Polygons as they lie, in mm one to one, the cloth’s edge about them: for paper, or a projector above the table.
 * @param usedLengthMm all layers together
 */
export function svgOfLay(
  { cloth }: Shown,
  layers: string,
  polygons: readonly { name: string; outline: Outline }[],
  usedLengthMm: number,
): string {
  const box = boxOf(polygons.flatMap(({ outline }) => outline))
  const width = cloth ? cloth.widthMm / (layers === 'folded-lengthwise' ? 2 : 1) : box.maxX
  const length = cloth ? usedLengthMm / (layers === 'folded-crosswise' ? 2 : 1) : box.maxY
  const lines = polygons.map(({ name, outline }) => {
    const { minX, maxX, minY, maxY } = boxOf(outline)
    const path = outline.map(([x, y]) => `${fixed(x)} ${fixed(length - y)}`).join('L')
    const [x, y] = [fixed((minX + maxX) / 2), fixed(length - (minY + maxY) / 2)]
    const size = fixed(Math.min(24, (maxX - minX) / Math.max(4, name.length * 0.6)))
    return `<path d="M${path}Z" fill="none" stroke="#000" stroke-width="0.6"><title>${escaped(name)}</title></path><text x="${x}" y="${y}" font-size="${size}" text-anchor="middle">${escaped(name)}</text>`
  })
  const edge = `<path d="M0 0H${fixed(width)}M0 ${fixed(length)}H${fixed(width)}M0 0V${fixed(length)}M${fixed(width)} 0V${fixed(length)}" fill="none" stroke="#888" stroke-width="0.6"/>`
  return `<svg xmlns="http://www.w3.org/2000/svg" width="${fixed(width)}mm" height="${fixed(length)}mm" viewBox="0 0 ${fixed(width)} ${fixed(length)}">${edge}${lines.join('')}</svg>\n`
}
