import { largestRectangle } from '../lay/rectangle'
import { type Outline } from '../shapes/polygon'
import { inCm } from '../text/amounts'
import { type Phrase, phrase } from '../text/text'

/** Something that a left-over piece of cloth is good for. */
export interface OffcutUse {
  id: 'bias-continuous' | 'bias-joined' | 'squares' | 'hexagons' | 'pocket' | 'facing' | 'mending'
  text: Phrase
  /** Metres of binding, or how many. */
  amount: number
}

/** Seam where strips are joined, and seam about a patch, mm: common practice. */
const JOIN_MM = 6
const PATCH_SEAM_MM = 6
/** What these take at least, mm across by along. Common practice. */
const POCKET: readonly [number, number] = [170, 200]
const FACING: readonly [number, number] = [100, 450]
const MEND_MM = 60

/**
 * Bias strip cut in one from a rectangle: slashed from corner to corner, joined to a slanting tube, cut round and
 * round. Area over width of the strip, less what its two seams take (the rule of an extension service’s leaflet: a
 * square of 36 in gives about 14 yd of 2½ in strip).
 * @param strip mm; @returns mm
 */
export function continuousBias(width: number, length: number, strip: number, seam = JOIN_MM): number {
  if (strip <= 0 || Math.min(width, length) < 2 * strip) return 0
  return Math.max(0, (width * length - 2 * seam * (width + length)) / strip)
}

/**
 * Bias strips cut side by side across a rectangle at 45° and joined: every strip as long as its shorter edge, each join
 * taking its seam twice.
 * @param strip mm; @returns mm
 */
export function joinedBias(width: number, length: number, strip: number, seam = JOIN_MM): number {
  const [short, long] = [Math.min(width, length), Math.max(width, length)]
  // Along the diagonal direction a cut at distance d from the corner is 2d long, at most √2 times the short side.
  const across = (short + long) / Math.SQRT2
  const cutAt = (d: number) => Math.max(0, Math.min(2 * d, short * Math.SQRT2, 2 * (across - d)))
  let [sum, strips] = [0, 0]
  for (let d = 0; d + strip <= across; d += strip) {
    const usable = Math.min(cutAt(d), cutAt(d + strip))
    // What is shorter than three widths is not worth joining.
    if (usable < 3 * strip) continue
    sum += usable
    strips++
  }
  return Math.max(0, sum - Math.max(0, strips - 1) * 2 * seam)
}

/** Squares with seams all round that a rectangle gives. @param finished side, mm */
export function squaresIn(width: number, length: number, finished: number, seam = PATCH_SEAM_MM): number {
  const side = finished + 2 * seam
  return Math.floor((width + 0.01) / side) * Math.floor((length + 0.01) / side)
}

/** Hexagons with seams all round, nested in columns. @param finished side, mm */
export function hexagonsIn(width: number, length: number, finished: number, seam = PATCH_SEAM_MM): number {
  // A seam moves every side out: its side grows by 2/√3 times as much.
  const side = finished + (2 / Math.sqrt(3)) * seam
  const height = Math.sqrt(3) * side
  const columns = Math.floor((width - side / 2) / (1.5 * side) + 1e-9)
  let count = 0
  for (let column = 0; column < columns; column++) {
    const free = column % 2 === 0 ? length : length - height / 2
    count += Math.max(0, Math.floor(free / height + 1e-9))
  }
  return count
}

/** What is asked of an offcut. mm */
export interface UseMeasures {
  strip: number
  square: number
  hexagon: number
}

export const USUAL_MEASURES: UseMeasures = { strip: 40, square: 100, hexagon: 40 }

/** What a left-over piece is good for, by its largest rectangle. @param outline mm, warp upright */
export function usesOf(outline: Outline, { strip, square, hexagon }: UseMeasures = USUAL_MEASURES): OffcutUse[] {
  const { widthMm, lengthMm } = largestRectangle([outline])
  const fits = ([across, along]: readonly [number, number]) => widthMm >= across && lengthMm >= along
  const metres = (mm: number) => Math.floor(mm / 100) / 10
  const uses: OffcutUse[] = [
    {
      id: 'bias-continuous',
      amount: metres(continuousBias(widthMm, lengthMm, strip)),
      text: phrase`Continuous bias binding, ${inCm(strip / 10)} wide: cut the rectangle from corner to corner,
        sew the two triangles to a slanting strip, mark lines ${inCm(strip / 10)} apart, join it to a tube shifted
        by one line, and cut round and round`,
    },
    {
      id: 'bias-joined',
      amount: metres(joinedBias(widthMm, lengthMm, strip)),
      text: phrase`Bias strips ${inCm(strip / 10)} wide, cut at 45° and joined`,
    },
    {
      id: 'squares',
      amount: squaresIn(widthMm, lengthMm, square),
      text: phrase`Patchwork squares of ${inCm(square / 10)}`,
    },
    {
      id: 'hexagons',
      amount: hexagonsIn(widthMm, lengthMm, hexagon),
      text: phrase`Hexagons with sides of ${inCm(hexagon / 10)}`,
    },
    { id: 'pocket', amount: fits(POCKET) ? 1 : 0, text: 'A patch pocket' },
    { id: 'facing', amount: fits(FACING) ? 1 : 0, text: 'A facing' },
    { id: 'mending', amount: Math.min(widthMm, lengthMm) >= MEND_MM ? 1 : 0, text: 'Mending things made of it' },
  ]
  return uses.filter(({ amount }) => amount > 0)
}
