import { texOfThreads } from './construction'
import { bendingLength, bodyFromBending, bodyFromCoefficient, flexuralRigidity } from './drape'
import { foretellOpacity } from './opacity'
import { repeatsOf } from './repeats'
import { extraToBuy, shrinkageCurve } from './shrinkage'
import { massPerArea } from './weigh'

const exactly = (value: number) => ({ value, sd: 0 })
const reading = { grams: 3.2, resolutionGrams: 0.1, lengthMm: 100, widthMm: 100, cutErrorMm: 1 }

describe('nothing is made of nothing', () => {
  it.each<[string, () => unknown]>([
    ['no threads', () => texOfThreads(0, 100, 1)],
    ['threads of no length', () => texOfThreads(10, 0, 1)],
    ['threads of no mass', () => texOfThreads(10, 100, 0)],
    ['no overhang', () => bendingLength(exactly(0))],
    ['no weight', () => flexuralRigidity(exactly(0), exactly(2))],
    ['no bending length', () => flexuralRigidity(exactly(100), exactly(0))],
    ['no mass', () => massPerArea({ ...reading, grams: 0 })],
    ['no resolution', () => massPerArea({ ...reading, resolutionGrams: 0 })],
    ['no length', () => massPerArea({ ...reading, lengthMm: 0 })],
    ['no width', () => massPerArea({ ...reading, widthMm: 0 })],
    ['no layers', () => massPerArea({ ...reading, layers: 0 })],
    ['a specimen that is all notions', () => massPerArea({ ...reading, notionsGrams: 3.2 })],
    ['cloth that is all hole', () => foretellOpacity({ gsm: 100, openShare: 1, filament: false, lightness: 1 })],
    ['no wash', () => shrinkageCurve({ beforeMm: 500, afterMm: [], errorMm: 1 })],
    ['no cloth to buy', () => extraToBuy(0, exactly(-5))],
    ['no reading', () => repeatsOf([])],
  ])('%s', (_, made) => {
    expect(made).toThrow(RangeError)
  })
})

describe('body, at its limits', () => {
  it.each([
    [1.4 - 1e-9, 'fluid'],
    [1.4, 'soft'],
    [1.9, 'moderate'],
    [2.6, 'crisp'],
    [3.6 - 1e-9, 'crisp'],
    [3.6, 'stiff'],
  ])('a bending length of %d cm is %s', (cm, body) => {
    expect(bodyFromBending(cm)).toBe(body)
  })

  it.each([
    [25 - 1e-9, 'fluid'],
    [25, 'soft'],
    [42, 'moderate'],
    [62, 'crisp'],
    [82, 'stiff'],
  ])('a drape coefficient of %d %% is %s', (coefficient, body) => {
    expect(bodyFromCoefficient(coefficient)).toBe(body)
  })
})

it('few readings are widened by Student’s t (97.5 % points, published tables) over the normal’s 1.96', () => {
  const published = [12.706, 4.303, 3.182, 2.776, 2.571, 2.447, 2.365, 2.306, 2.262, 2.228]
  published.forEach((t, index) => {
    const count = index + 2
    const readings = Array.from({ length: count }, (_, i) => exactly(i % 2 === 0 ? 10 : 12))
    const mean = readings.reduce((sum, { value }) => sum + value, 0) / count
    const spread = Math.sqrt(readings.reduce((sum, { value }) => sum + (value - mean) ** 2, 0) / (count - 1))
    const widened = repeatsOf(readings).quantity.sd / (spread / Math.sqrt(count))
    expect(Math.abs(widened - t / 1.96)).toBeLessThan(0.011)
  })
})

describe('shrinkage', () => {
  it('buys for the worst of 95 %, and nothing more where the cloth may grow', () => {
    expect(extraToBuy(1000, { value: -4, sd: 1 })).toBeCloseTo(1000 / (1 - 0.0596) - 1000, 6)
    expect(extraToBuy(1000, exactly(3))).toBe(0)
    expect(extraToBuy(1000, exactly(-90))).toBeCloseTo(1500, 6)
  })

  it('comes to a limit that its washes point at, surer the more of them there are', () => {
    // 4 % to come in all, a third of what is left each time.
    const washes = (count: number) =>
      shrinkageCurve({
        beforeMm: 500,
        afterMm: Array.from({ length: count }, (_, n) => 500 * (1 - 0.04 * (1 - (1 / 3) ** (n + 1)))),
        errorMm: 0.5,
      }).limit
    expect(washes(5).value).toBeCloseTo(-4, 0)
    expect(Math.abs(washes(5).value + 4)).toBeLessThan(0.15)
    expect(washes(5).sd).toBeLessThan(washes(2).sd)
    expect(washes(2).sd).toBeLessThan(washes(1).sd)
    // Two marks of 0.5 mm each over 500 mm are 0.14 %: no limit is known better than over five of them.
    expect(washes(5).sd).toBeGreaterThan(0.14 / Math.sqrt(5))
  })
})

describe('light through cloth', () => {
  const through = (over: Partial<Parameters<typeof foretellOpacity>[0]>) =>
    foretellOpacity({ gsm: 100, openShare: 0, filament: false, lightness: 1, ...over }).transmission

  it('falls by the weight, as light does in what scatters it', () => {
    const [once, twice] = [through({ gsm: 100 }), through({ gsm: 200 })]
    expect(twice).toBeCloseTo(once ** 2, 6)
    expect(-Math.log(once) / 100).toBeCloseTo(0.0125, 6)
  })

  it('falls more than twice as fast in black cloth, and a fifth less in filament', () => {
    expect(Math.log(through({ lightness: 0 })) / Math.log(through({}))).toBeCloseTo(2.1, 6)
    expect(Math.log(through({ filament: true })) / Math.log(through({}))).toBeCloseTo(0.8, 6)
  })

  it('comes through holes whole, and is taken by what lies between them', () => {
    expect(through({ openShare: 0.3 })).toBeCloseTo(0.3 + 0.7 * Math.exp(-1.25 / 0.7), 6)
  })
})
