import { drafts, steppedDrawdown } from '@/core/weave/drafts'
import { type SideScene, type SideYarn, type SideSpot } from '@/core/practice/sides'
import { shade, unevenness } from './colour'
import { tileBackOf } from './tile'
import { svg } from './unwoven'
import { mod, wovenLayers, type YarnLook } from './woven'
import { mustHave } from '@/core/lists/items'

/** Undyed yarn, indigo, and a madder stripe: the colours tell nothing by themselves. */
const [PALE, BLUE, RED] = ['#dcd3bd', '#4a6b83', '#a5413a']
/** Units of the drawings. */
const SIDE = 320
const [WIDE, HIGH] = [640, 300]
/** So much of a centimetre the picture of threads shows. */
const SHOWN_CM = 1.5

/** A picture of a question, and which of two it is. */
export interface ScenePicture {
  name: '' | 'A' | 'B'
  svg: string
}

/** Draws what is asked about; nothing in the drawing names the answer. */
export function scenePictures(scene: SideScene): ScenePicture[] {
  if (scene.is === 'threads') return [{ name: '', svg: threads(scene) }]
  if (scene.is === 'weft') return [{ name: '', svg: weftLine(scene) }]
  if (scene.is === 'light') return [{ name: '', svg: beforeLight(scene) }]
  if (scene.is === 'pile')
    return (['a', 'b'] as const).map((one) => ({
      name: one === 'a' ? 'A' : 'B',
      svg: pile(scene.isRibbed, scene.up === one),
    }))
  return (['a', 'b'] as const).map((one) => ({
    name: one === 'a' ? 'A' : 'B',
    svg: oneSide(scene, scene.face === one),
  }))
}

function yarnOf({ fill, slub, hair, isStriped }: SideYarn, colour: string): YarnLook {
  const of = (index: number) => shade(isStriped && mod(index, 10) < 4 ? RED : colour, unevenness(index))
  return { fill, slub, hair, sheen: 0.25, colourOf: of }
}

function threads({ warp, weft, isTurned }: Extract<SideScene, { is: 'threads' }>): string {
  const [ends, picks] = [warp, weft].map(({ perCm }) => Math.round(perCm * SHOWN_CM)) as [number, number]
  const layers = wovenLayers({
    draft: drafts.plain,
    ends,
    picks,
    cellX: SIDE / ends,
    cellY: SIDE / picks,
    warp: yarnOf(warp, PALE),
    weft: yarnOf(weft, PALE),
  })
  const cloth = `<rect width="${SIDE}" height="${SIDE}" fill="${shade(PALE, -0.55)}"/>${layers}`
  return svg(SIDE, SIDE, isTurned ? `<g transform="matrix(0 1 1 0 0 0)">${cloth}</g>` : cloth)
}

const CELLS = 26

function oneSide({ weave, isPrinted, hasEnds, sheen }: Extract<SideScene, { is: 'sides' }>, isFace: boolean): string {
  // A twill that has a face: three of four ends on top.
  const draft = weave === 'twill' ? steppedDrawdown(4, 3, 1) : mustHave(drafts[weave])
  const isOneColour = isPrinted || hasEnds || weave === 'satin'
  const of = (colour: string) => (index: number) => shade(colour, unevenness(index))
  const soft = weave === 'twill' && !isPrinted
  const layers = wovenLayers({
    draft: isFace ? draft : tileBackOf(draft),
    ends: CELLS,
    picks: CELLS,
    cellX: SIDE / CELLS,
    cellY: SIDE / CELLS,
    warp: { fill: 0.88, sheen, hair: 0, slub: 0, colourOf: of(isOneColour ? PALE : BLUE) },
    weft: {
      fill: 0.88,
      sheen: 0.05,
      hair: soft ? 0.9 : 0,
      slub: soft ? 0.4 : 0,
      colourOf: of(isOneColour ? shade(PALE, -0.08) : shade(BLUE, 0.12)),
    },
  })
  const print = isPrinted ? leaves(isFace ? 0.9 : 0.26) : ''
  const ends = hasEnds && !isFace ? looseEnds() : ''
  return svg(
    SIDE,
    SIDE,
    `<rect width="${SIDE}" height="${SIDE}" fill="${shade(PALE, -0.5)}"/>${layers}${print}${ends}`,
  )
}

function leaves(opacity: number): string {
  const leaf = 'M0-44C30-26 30 20 0 44C-30 20-30-26 0-44Z'
  const places = [
    [80, 80, 20],
    [240, 70, -40],
    [150, 190, 75],
    [270, 240, 10],
    [50, 260, -65],
  ] as const
  return places
    .map(
      ([x, y, turn]) =>
        `<path transform="translate(${x} ${y}) rotate(${turn})" d="${leaf}" fill="${RED}" fill-opacity="${opacity}"/>`,
    )
    .join('')
}

function looseEnds(): string {
  const strands = [
    [70, 90, 34],
    [210, 150, -42],
    [120, 240, 50],
  ] as const
  const lines = strands.map(([x, y, by]) => `M${x} ${y}q${by} -18 ${by * 0.6} ${by * 0.9}`).join('')
  return (
    `<path d="${lines}" fill="none" stroke="${shade(PALE, 0.45)}" stroke-width="6" stroke-linecap="round"/>` +
    `<path d="${lines}" fill="none" stroke="#000" stroke-opacity=".25" stroke-width="1"/>` +
    `<circle cx="210" cy="150" r="9" fill="${shade(PALE, 0.3)}" stroke="#000" stroke-opacity=".35"/>`
  )
}

function pile(isRibbed: boolean, isUp: boolean): string {
  const colour = shade(BLUE, isUp ? -0.3 : 0.22)
  const rib = 32
  const ribs = isRibbed
    ? Array.from(
        { length: SIDE / rib },
        (_, i) =>
          `<rect x="${i * rib + 3}" width="${rib - 6}" height="${SIDE}" fill="${colour}"/>` +
          `<rect x="${i * rib + rib / 3}" width="${rib / 4}" height="${SIDE}" fill="${shade(colour, 0.18)}"/>`,
      ).join('')
    : `<rect width="${SIDE}" height="${SIDE}" fill="${colour}"/>`
  const tufts = Array.from({ length: 900 }, (_, i) => `M${(i * 131) % SIDE} ${(i * 197) % SIDE}v7`).join('')
  const ground = `<rect width="${SIDE}" height="${SIDE}" fill="${shade(colour, -0.5)}"/>`
  const bloom = `<path d="${tufts}" stroke="${shade(colour, 0.28)}" stroke-opacity=".5" stroke-width="1.6"/>`
  return svg(SIDE, SIDE, `${ground}${ribs}${bloom}`)
}

/** Cloth from selvedge to selvedge, one of its weft threads coloured, a set square laid to the left selvedge. */
function weftLine({ skew, bow }: Extract<SideScene, { is: 'weft' }>): string {
  const at = (x: number, y: number) => y - WIDE * (skew * (x / WIDE - 0.5) + bow * (1 - 4 * (x / WIDE - 0.5) ** 2))
  const line = (y: number) =>
    `M${Array.from({ length: 33 }, (_, i) => {
      const x = (i * WIDE) / 32
      return `${x} ${at(x, y).toFixed(1)}`
    }).join('L')}`
  const weft = Array.from({ length: 46 }, (_, i) => line(i * 9 - 60)).join('')
  const warp = Array.from({ length: 71 }, (_, i) => `M${i * 9 + 5} 0V${HIGH}`).join('')
  const y = at(0, HIGH / 2)
  return svg(
    WIDE,
    HIGH,
    `<rect width="${WIDE}" height="${HIGH}" fill="${PALE}"/>` +
      `<path d="${warp}" stroke="${shade(PALE, -0.22)}" stroke-width="2.4"/>` +
      `<path d="${weft}" fill="none" stroke="${shade(PALE, 0.35)}" stroke-width="3"/>` +
      `<path d="M0 0v${HIGH}M${WIDE} 0v${HIGH}" stroke="${shade(PALE, -0.45)}" stroke-width="18"/>` +
      `<path d="${line(HIGH / 2)}" fill="none" stroke="${RED}" stroke-width="4"/>` +
      `<path d="M12 ${y}H${WIDE - 12}" stroke="#222" stroke-opacity=".55" stroke-dasharray="4 7"/>` +
      `<path d="M12 ${y}v-54M12 ${y - 16}h16v16" fill="none" stroke="#222" stroke-opacity=".6"/>`,
  )
}

/** Cloth before a window. */
function beforeLight({ thin, holes, line }: Extract<SideScene, { is: 'light' }>): string {
  const cells = 44
  const cell = SIDE / cells
  const yarns = Array.from({ length: cells }, (_, i) => `M${(i + 0.5) * cell} 0V${SIDE}`).join('')
  const picks = Array.from({ length: cells }, (_, i) => `M0 ${(i + 0.5) * cell}H${SIDE}`).join('')
  const round = ({ x, y, radius }: SideSpot, fill: string) =>
    `<circle cx="${x * SIDE}" cy="${y * SIDE}" r="${radius * SIDE}" fill="${fill}"/>`
  const pricks =
    line === null
      ? ''
      : Array.from({ length: 26 }, (_, i) => `M${i * 12.6 + 4} ${(line * SIDE).toFixed(1)}h.1`).join('')
  return svg(
    SIDE,
    SIDE,
    `<defs><radialGradient id="glow"><stop stop-color="#fffbe6" stop-opacity=".85"/>` +
      `<stop offset=".5" stop-color="#fffbe6" stop-opacity=".5"/><stop offset="1" stop-color="#fffbe6" ` +
      `stop-opacity="0"/></radialGradient></defs><rect width="${SIDE}" height="${SIDE}" fill="#f7ecc8"/>` +
      `<path d="${yarns}" stroke="#6f6248" stroke-opacity=".8" stroke-width="${cell * 0.76}"/>` +
      `<path d="${picks}" stroke="#6f6248" stroke-opacity=".62" stroke-width="${cell * 0.76}"/>` +
      thin.map((spot) => round(spot, 'url(#glow)')).join('') +
      holes.map((spot) => round(spot, '#fffdf2')).join('') +
      `<path d="${pricks}" stroke="#fffdf2" stroke-width="5" stroke-linecap="round"/>`,
  )
}
