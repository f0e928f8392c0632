import { ColorSpace, getColor, OKLab, sRGB, sRGB_Linear, to, XYZ_D65 } from 'colorjs.io/fn'
import { boundedCache } from '../numbers/boundedCache'

for (const space of [XYZ_D65, sRGB_Linear, sRGB, OKLab]) ColorSpace.register(space)

/** A colour in OKLab: lightness 0 to 1, green to red, blue to yellow. */
export type Lab = readonly [lightness: number, redness: number, yellowness: number]

/** Colours of fabrics and threads come again and again, and reading one takes some microseconds. */
const known = boundedCache<Lab>(20_000)

/**
 * A colour `#rrggbb` in OKLab, in which equal distances look about equally far apart.
 * B. Ottosson, "A perceptual color space for image processing", 2020, as colorjs.io has it.
 */
export function oklabOf(hex: string): Lab {
  return known(hex, () => {
    const [lightness, redness, yellowness] = to(getColor(hex), OKLab).coords
    return [Number(lightness), Number(redness), Number(yellowness)]
  })
}

/** How far two colours look apart: 0 the same, 1 black and white. */
export function oklabDistance(a: Lab, b: Lab): number {
  return Math.hypot(a[0] - b[0], a[1] - b[1], a[2] - b[2])
}

/** Colours up to so far apart go for the same in a drawer; ours. */
export const NEAR_COLOUR = 0.1
