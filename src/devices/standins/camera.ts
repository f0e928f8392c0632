import { drafts } from '@/core/weave/drafts'
import { type Interlacing } from '@/core/vocabulary/cloth'
import { weavePicture } from './weavePicture'
import { itemAt } from '@/core/lists/items'

/** What the made-up camera is pointed at, and how it is held. */
export interface Shot {
  of: Interlacing | 'disc' | 'nothing'
  endsPerCm: number
  picksPerCm: number
  turnDeg: number
  /** For a disc: the drape coefficient that its shadow has, 0 … 1. */
  drape: number
}

/** A picture as a canvas holds it: red, green, blue and opacity. */
export interface Photograph {
  width: number
  height: number
  data: Uint8ClampedArray<ArrayBuffer>
  /** What the ruler in it shows. */
  pixelsPerCm: number
}

const [WIDTH, HEIGHT] = [1200, 900]
/** Of the picture's height, what a ruler takes at the foot. */
const RULER = 90
const PIXELS_A_THREAD = 11
const DISC_PX_PER_CM = 22
/** Lamplight: how much of red, green and blue. */
const WARM = [1.02, 0.97, 0.86]
const [DISC_CM, TABLE_CM] = [15, 9]

/**
 * A camera on no table: photographs a chosen weave with a ruler beside it, a draped disc from above, or a wall.
 * @param chance uniform in [0, 1)
 */
export function shoot({ of, endsPerCm, picksPerCm, turnDeg, drape }: Shot, chance: () => number): Photograph {
  const pixelsPerCm = of === 'disc' ? DISC_PX_PER_CM : PIXELS_A_THREAD * Math.max(endsPerCm, picksPerCm)
  const grey =
    of === 'disc'
      ? disc(drape, chance)
      : of === 'nothing'
        ? wall(chance)
        : weavePicture(
            {
              drawdown: drafts[of] ?? drafts.plain,
              endsPerCm,
              picksPerCm,
              pixelsPerCm,
              width: WIDTH,
              height: HEIGHT,
              turnDeg,
              unevenLight: 0.25,
              noise: 5,
              blur: 1,
            },
            chance,
          ).data
  const data = new Uint8ClampedArray(WIDTH * HEIGHT * 4)
  for (let at = 0; at < grey.length; at++) {
    for (let c = 0; c < 3; c++) data[at * 4 + c] = grey[at]! * itemAt(WARM, c)
    data[at * 4 + 3] = 255
  }
  drawRuler(data, pixelsPerCm)
  return { width: WIDTH, height: HEIGHT, data, pixelsPerCm }
}

function wall(chance: () => number): Float32Array {
  return Float32Array.from(
    { length: WIDTH * HEIGHT },
    (_, at) => 150 + 30 * ((at % WIDTH) / WIDTH) + 14 * (chance() - 0.5),
  )
}

/**
 * Dark cloth on a light table: its edge waves between the table and the flat disc so that its area is as the
 * coefficient says.
 */
function disc(drape: number, chance: () => number): Float32Array {
  const [flat, table] = [DISC_CM * DISC_PX_PER_CM, TABLE_CM * DISC_PX_PER_CM]
  const mean = Math.sqrt(table ** 2 + drape * (flat ** 2 - table ** 2))
  const wave = Math.min(0.08, (flat - mean) / flat)
  return Float32Array.from({ length: WIDTH * HEIGHT }, (_, at) => {
    const [x, y] = [(at % WIDTH) - WIDTH / 2, Math.floor(at / WIDTH) - (HEIGHT - RULER) / 2]
    const angle = Math.atan2(y, x)
    // The square of the edge averages to mean² over the waves.
    const edge = mean * Math.sqrt((1 + wave * Math.cos(7 * angle)) ** 2 / (1 + wave ** 2 / 2))
    return (Math.hypot(x, y) < edge ? 70 + 18 * Math.cos(7 * angle) : 205) + 10 * (chance() - 0.5)
  })
}

/** A paper ruler along the foot: a mark each mm where there is room, longer at 5 and 10. */
function drawRuler(data: Uint8ClampedArray, pixelsPerCm: number): void {
  const perMm = pixelsPerCm / 10
  for (let y = HEIGHT - RULER; y < HEIGHT; y++) {
    for (let x = 0; x < WIDTH; x++) {
      const mm = Math.floor(x / perMm)
      const isLine = x - mm * perMm < Math.max(2, Math.min(4, perMm / 6))
      const long = mm % 10 === 0 ? 60 : mm % 5 === 0 ? 42 : perMm >= 4 ? 24 : 0
      const dark = y === HEIGHT - RULER || (isLine && y - (HEIGHT - RULER) < long)
      data.set(dark ? [30, 25, 20, 255] : [246, 241, 226, 255], (y * WIDTH + x) * 4)
    }
  }
}
