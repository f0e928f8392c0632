import { massPerArea, weigh, type WeighingReading } from '@/core/measure/weigh'
import { dice } from '../support/seen'

/** One weighing as it happens: a true cloth, scissors that err, a scale that rounds the cloth and its own zero. */
function simulate(
  trueGsm: number,
  { resolutionGrams, lengthMm, widthMm, cutErrorMm }: WeighingReading,
  chance: () => number,
): number {
  const normal = () => Math.sqrt(-2 * Math.log(1 - chance())) * Math.cos(2 * Math.PI * chance())
  const area = ((lengthMm + cutErrorMm * normal()) * (widthMm + cutErrorMm * normal())) / 1e6
  const half = resolutionGrams / 2
  return trueGsm * area + (chance() * 2 - 1) * half + (chance() * 2 - 1) * half
}

const RUNS = 20_000

// JCGM 101 (Monte Carlo propagation of distributions): the formula's doubt against a simulation that knows nothing of
// it.
it.each([
  [320, { grams: 3.2, resolutionGrams: 0.1, lengthMm: 100, widthMm: 100, cutErrorMm: 1 }],
  [150, { grams: 171, resolutionGrams: 1, lengthMm: 1000, widthMm: 1140, cutErrorMm: 4 }],
  [90, { grams: 3.6, resolutionGrams: 1, lengthMm: 200, widthMm: 200, cutErrorMm: 1 }],
])('the standard uncertainty of %d g/m² is that of a simulation, within 3 %%', (trueGsm, setting) => {
  const chance = dice(7)
  const area = (setting.lengthMm * setting.widthMm) / 1e6
  const values = Array.from({ length: RUNS }, () => simulate(trueGsm, setting, chance) / area)
  const mean = values.reduce((a, b) => a + b, 0) / RUNS
  const sd = Math.sqrt(values.reduce((sum, value) => sum + (value - mean) ** 2, 0) / (RUNS - 1))
  const { sd: claimed } = massPerArea({ ...setting, grams: trueGsm * area })
  expect(mean / trueGsm).toBeCloseTo(1, 2)
  expect(Math.abs(claimed / sd - 1)).toBeLessThan(0.03)
})

it('the 95 % interval of three pooled readings holds the truth about 95 times in a hundred', () => {
  const chance = dice(11)
  const setting = { grams: 0, resolutionGrams: 0.1, lengthMm: 100, widthMm: 100, cutErrorMm: 1 }
  let held = 0
  for (let run = 0; run < 4000; run++) {
    const readings = Array.from({ length: 3 }, () => ({ ...setting, grams: simulate(200, setting, chance) }))
    const [low, high] = weigh(readings).interval95
    if (low <= 200 && 200 <= high) held += 1
  }
  expect(held / 4000).toBeGreaterThan(0.935)
  expect(held / 4000).toBeLessThan(0.965)
})
