import {
  clothCover,
  coverFactor,
  crimpPercent,
  massFromConstruction,
  texOfThreads,
  yarnDiameterMm,
} from '@/core/measure/construction'
import { gramsPerRunningMetre, ouncesPerLinearYard } from '@/core/measure/weightUnits'
import { GSM_PER_OUNCE_PER_SQUARE_YARD } from '@/core/units/constants'
import { cottonCountFromTex, texFromCottonCount, texFromDenier, texFromMetricCount } from '@/core/units/yarnCount'

const exact = (value: number) => ({ value, sd: 0 })

// Yarn counts by definition: 840 yd to the pound; 9 km; 1 km to the kg.
it('converts yarn counts', () => {
  expect(texFromCottonCount(30)).toBeCloseTo(19.68, 2)
  expect((453.59237 / (840 * 0.9144)) * 1000).toBeCloseTo(texFromCottonCount(1), 1)
  expect(texFromDenier(150)).toBeCloseTo(16.67, 2)
  expect(texFromMetricCount(50)).toBe(20)
  expect(cottonCountFromTex(texFromCottonCount(40))).toBeCloseTo(40, 12)
  for (const convert of [texFromCottonCount, texFromDenier, texFromMetricCount, cottonCountFromTex])
    expect(() => convert(0)).toThrow(/more than zero/)
})

// Peirce (1937), from memory: K = threads per inch / √Ne; Kc = K1 + K2 − K1·K2/28; d = 1 / (28 √Ne) in.
it('gives Peirce’s cover: 28 is a wall of yarns that touch', () => {
  const tex = texFromCottonCount(25)
  expect(coverFactor(60 / 2.54, tex)).toBeCloseTo(60 / 5, 9)
  expect(clothCover(12, 10)).toBeCloseTo(12 + 10 - 120 / 28, 12)
  expect(clothCover(28, 9)).toBeCloseTo(28, 12)
  expect(yarnDiameterMm(tex)).toBeCloseTo(25.4 / (28 * 5), 9)
  // Yarns that touch: as many to the inch as their diameter goes into it.
  expect(coverFactor(10 / yarnDiameterMm(tex), tex)).toBeCloseTo(28, 9)
})

// Textbook formula, from memory: a 68 × 68 print cloth of 30s warp and 36s weft comes out at about 100 g/m² with a
// few per cent of crimp.
it('gives the mass from construction', () => {
  const direction = (perInch: number, ne: number, crimp: number) => ({
    threadsPerCm: exact(perInch / 2.54),
    tex: exact(texFromCottonCount(ne)),
    crimpPercent: exact(crimp),
  })
  expect(massFromConstruction([direction(68, 30, 6), direction(68, 36, 6)]).value).toBeCloseTo(102, 0)
  expect(massFromConstruction([{ threadsPerCm: exact(20), tex: exact(30), crimpPercent: exact(0) }]).value).toBe(60)
})

it('carries the doubt of counts, yarn and crimp', () => {
  const direction = {
    threadsPerCm: { value: 20, sd: 0.4 },
    tex: { value: 30, sd: 0.9 },
    crimpPercent: { value: 5, sd: 0 },
  }
  const { value, sd } = massFromConstruction([direction, direction])
  expect(sd / value).toBeCloseTo(Math.hypot(0.02, 0.03) / Math.SQRT2, 9)
  expect(() => massFromConstruction([{ ...direction, tex: exact(0) }])).toThrow(/tex/)
})

it('gets tex and crimp from pulled threads', () => {
  expect(texOfThreads(40, 250, 0.3)).toBe(30)
  expect(crimpPercent(200, 214)).toBeCloseTo(7, 9)
  expect(() => crimpPercent(200, 190)).toThrow(/at least as long/)
})

// 14½ oz denim 60 in wide: ounces per linear yard are oz/yd² times the width in yards.
it('gives ounces per linear yard with width, and grams per running metre', () => {
  const gsm = exact(10 * GSM_PER_OUNCE_PER_SQUARE_YARD)
  expect(ouncesPerLinearYard(gsm, 60 * 25.4).value).toBeCloseTo((10 * 60) / 36, 6)
  expect(gramsPerRunningMetre(exact(200), 1500).value).toBe(300)
  expect(() => ouncesPerLinearYard(gsm, 0)).toThrow(/width/)
})
