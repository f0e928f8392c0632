const [FIRST_NM, STEP_NM] = [380, 10]

/** Wavelengths of a spectrum here: 380 to 730 nm in steps of 10. */
export const WAVELENGTHS: readonly number[] = Array.from({ length: 36 }, (_, i) => FIRST_NM + STEP_NM * i)

/** Relative power of daylight D65 at those wavelengths (CIE 015, table of illuminant D65; from memory). */
const DAYLIGHT = [
  49.9755, 54.6482, 82.7549, 91.486, 93.4318, 86.6823, 104.865, 117.008, 117.812, 114.861, 115.923, 108.811, 109.354,
  107.802, 104.79, 107.689, 104.405, 104.046, 100, 96.3342, 95.788, 88.6856, 90.0062, 89.5991, 87.6987, 83.2886,
  83.6992, 80.0268, 80.2146, 82.2778, 78.2842, 69.7213, 71.6091, 74.349, 61.604, 69.8856,
]

/** A bell with a width of its own on each side. nm */
function bell(at: number, height: number, middle: number, below: number, above: number): number {
  const by = (at - middle) / (at < middle ? below : above)
  return height * Math.exp(-0.5 * by * by)
}

/**
 * What the eye's three receptors take of a wavelength (CIE 1931, 2°), by bells fitted to the published table: Wyman,
 * Sloan and Shirley, "Simple Analytic Approximations to the CIE XYZ Color Matching Functions", JCGT 2(2), 2013.
 */
function matching(nm: number): [x: number, y: number, z: number] {
  return [
    bell(nm, 1.056, 599.8, 37.9, 31) + bell(nm, 0.362, 442, 16, 26.7) + bell(nm, -0.065, 501.1, 20.4, 26.2),
    bell(nm, 0.821, 568.8, 46.9, 40.5) + bell(nm, 0.286, 530.9, 16.3, 31.1),
    bell(nm, 1.217, 437, 11.8, 36) + bell(nm, 0.681, 459, 26, 13.8),
  ]
}

/** XYZ to linear light of a screen (sRGB, IEC 61966-2-1). */
const TO_LIGHT = [
  [3.2404542, -1.5371385, -0.4985314],
  [-0.969266, 1.8760108, 0.041556],
  [0.0556434, -0.2040259, 1.0572252],
] as const
/** XYZ of the white of daylight D65, its Y as 1. */
const WHITE = [0.95047, 1, 1.08883] as const

/** One of something for red, green and blue, or for X, Y and Z. */
type OfThree<T> = readonly [T, T, T]
const ofEach = <T>(of: (axis: 0 | 1 | 2) => T): OfThree<T> => [of(0), of(1), of(2)]

/**
 * Weights by which a reflectance under daylight becomes linear red, green and blue light: 3 rows of 36. Scaled so that
 * a perfect white is exactly white, which takes out what the bells and the steps err by there.
 */
export const LIGHT_WEIGHTS: OfThree<readonly number[]> = lightWeights()

function lightWeights(): OfThree<readonly number[]> {
  const [x, y, z] = ofEach((axis) => {
    const row = DAYLIGHT.map((power, i) => matching(FIRST_NM + STEP_NM * i)[axis] * power)
    const sum = row.reduce((total, one) => total + one, 0)
    return row.map((one) => (one * WHITE[axis]) / sum)
  })
  return ofEach((light) => {
    const [byX, byY, byZ] = TO_LIGHT[light]
    return x.map((one, i) => byX * one + byY * (y[i] ?? 0) + byZ * (z[i] ?? 0))
  })
}
