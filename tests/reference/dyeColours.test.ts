import { deltaE, hexOfLinear, linearOf } from '@/core/colour/colour'
import { absorptionOf, blendReflectances, dyedReflectance, reflectanceOf } from '@/core/dye/kubelkaMunk'
import { LIGHT_WEIGHTS, WAVELENGTHS } from '@/core/dye/observer'
import { dyeOutcome } from '@/core/dye/outcome'
import { hexOfSpectrum, spectrumReflectance } from '@/core/dye/spectrum'

/**
 * Dyes as a spectrophotometer sees them: bands of absorption, not the smooth curves that the program fits to a colour.
 * Their places are those of common dye families, from memory.
 */
const band = (nm: number, width: number, height = 1) =>
  WAVELENGTHS.map((at) => height * Math.exp(-0.5 * ((at - nm) / width) ** 2))
const sum = (...all: readonly (readonly number[])[]) => all[0]!.map((_, i) => all.reduce((t, one) => t + one[i]!, 0))
const times = (all: readonly number[], by: number) => all.map((one) => one * by)
const DYES = {
  yellow: band(425, 40),
  orange: band(465, 50),
  red: sum(band(515, 42), band(440, 40, 0.3)),
  magenta: sum(band(545, 38), band(400, 30, 0.2)),
  violet: sum(band(565, 45), band(640, 40, 0.3)),
  blue: sum(band(610, 50), band(400, 30, 0.15)),
  turquoise: band(660, 50),
  green: sum(band(430, 40), band(640, 50)),
  navy: sum(band(590, 80), band(420, 50, 0.4)),
  brown: sum(band(430, 70), band(540, 90, 0.5)),
  black: WAVELENGTHS.map(() => 1),
}
/** Bleached cotton: a little less of the violet. */
const WHITE = absorptionOf(WAVELENGTHS.map((nm) => 0.86 - 0.1 * Math.exp(-(nm - 380) / 60)))
const seen = (absorption: readonly number[]) => hexOfSpectrum(reflectanceOf(absorption))
const COTTON = [{ fibre: 'cotton' as const, fraction: { value: 1, sd: 0 }, uptake: 0.95 }]
const mean = (all: readonly number[]) => all.reduce((t, one) => t + one, 0) / all.length

it('foretells a dye over a colour within 4 on the mean, and over white within 2 (CIEDE2000)', () => {
  const over: number[] = []
  const white: number[] = []
  for (const [name, dye] of Object.entries(DYES)) {
    for (const deep of [0.3, 1.5, 4]) {
      const to = seen(sum(WHITE, times(dye, deep)))
      white.push(deltaE(dyeOutcome(seen(WHITE), to, COTTON).expected, to))
      for (const [other, ground] of Object.entries(DYES)) {
        if (other === name) continue
        const under = sum(WHITE, times(ground, 0.5))
        const true_ = seen(sum(under, times(dye, deep)))
        over.push(deltaE(dyeOutcome(seen(under), to, COTTON).expected, true_))
      }
    }
  }
  expect(mean(white)).toBeLessThan(2)
  expect(mean(over)).toBeLessThan(4)
  expect(Math.max(...over)).toBeLessThan(8)
})

it('finds a reflectance that shows as each colour, between 0 and 1', () => {
  for (const hex of ['#ffffff', '#000000', '#ff0000', '#00ff00', '#0000ff', '#7a1f2a', '#808080', '#f2d34a']) {
    const spectrum = spectrumReflectance(hex)
    expect(Math.min(...spectrum)).toBeGreaterThan(0)
    expect(Math.max(...spectrum)).toBeLessThanOrEqual(1)
    expect(deltaE(hexOfSpectrum(spectrum), hex)).toBeLessThan(2)
  }
})

it('sees by the CIE’s observer under daylight: primaries of a screen lie where sRGB says', () => {
  for (const row of LIGHT_WEIGHTS) expect(row.reduce((t, one) => t + one, 0)).toBeCloseTo(1, 3)
  // The eye sees most at 555 nm: there a narrow band gives most light for its power (CIE 1931).
  const luminous = WAVELENGTHS.map((_, i) =>
    [0.2126, 0.7152, 0.0722].reduce((t, by, k) => t + by * LIGHT_WEIGHTS[k]![i]!, 0),
  )
  const brightest = WAVELENGTHS[luminous.indexOf(Math.max(...luminous))]!
  expect(Math.abs(brightest - 555)).toBeLessThanOrEqual(10)
  expect(hexOfLinear([1, 1, 1])).toBe('#ffffff')
  // Mid-grey of sRGB is 21.6 % of light (IEC 61966-2-1).
  expect(linearOf('#808080')[0]).toBeCloseTo(0.2159, 3)
})

it('keeps Kubelka and Munk’s equation both ways: K/S of 18 % grey is 1.868', () => {
  expect(absorptionOf([0.18])[0]).toBeCloseTo(1.8678, 3)
  expect(reflectanceOf([1.8678])[0]).toBeCloseTo(0.18, 4)
  expect(dyedReflectance([1], [2], 0.5)).toEqual([2])
})

it('mixes fibres between what their light and what their absorptions add up to (Stearns and Noechel)', () => {
  const [white, black] = [[0.9], [0.05]]
  const [mixed] = blendReflectances([
    { spectrum: white, share: 1 },
    { spectrum: black, share: 1 },
  ])
  expect(mixed).toBeLessThan((0.9 + 0.05) / 2)
  const half = (absorptionOf(white)[0]! + absorptionOf(black)[0]!) / 2
  expect(mixed).toBeGreaterThan(reflectanceOf([half])[0]!)
  expect(blendReflectances([{ spectrum: white, share: 3 }])[0]).toBeCloseTo(0.9, 9)
})

it('knows the published differences of CIEDE2000 as the package reckons them', () => {
  expect(deltaE('#000000', '#ffffff')).toBeCloseTo(100, 3)
  expect(deltaE('#808080', '#808080')).toBe(0)
})
