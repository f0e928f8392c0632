import { lightsOf } from './light'

/** A colour in OKLab: lightness 0 to 1, green to red, blue to yellow. */
export type Lab = readonly [lightness: number, redness: number, yellowness: number]

/**
 * A colour `#rrggbb` in OKLab, in which equal distances look about equally far apart.
 * Matrices: B. Ottosson, "A perceptual color space for image processing", 2020.
 */
export function oklabOf(hex: string): Lab {
  const [r, g, b] = lightsOf(hex)
  const l = Math.cbrt(0.4122214708 * r + 0.5363325363 * g + 0.0514459929 * b)
  const m = Math.cbrt(0.2119034982 * r + 0.6806995451 * g + 0.1073969566 * b)
  const s = Math.cbrt(0.0883024619 * r + 0.2817188376 * g + 0.6299787005 * b)
  return [
    0.2104542553 * l + 0.793617785 * m - 0.0040720468 * s,
    1.9779984951 * l - 2.428592205 * m + 0.4505937099 * s,
    0.0259040371 * l + 0.7827717662 * m - 0.808675766 * s,
  ]
}

/** How far two colours look apart: 0 the same, 1 black and white. */
export function oklabDistance(a: Lab, b: Lab): number {
  return Math.hypot(a[0] - b[0], a[1] - b[1], a[2] - b[2])
}

/** Colours up to so far apart go for the same in a drawer; ours. */
export const NEAR_COLOUR = 0.1
