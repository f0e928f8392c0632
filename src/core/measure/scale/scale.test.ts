import { readScaleLine } from './line'
import { settleWeighings, type ScaleMoment } from './settle'

it.each([
  ['ST,GS,+0012.3 g', { grams: 12.3, resolutionGrams: 0.1, steady: true }],
  ['US,GS,-0000.4 g', { grams: -0.4, resolutionGrams: 0.1, steady: false }],
  ['   215 g', { grams: 215, resolutionGrams: 1, steady: null }],
  ['0.512 kg', { grams: 512, resolutionGrams: 1, steady: null }],
  ['S S    3.25 g', { grams: 3.25, resolutionGrams: 0.01, steady: true }],
  ['12', { grams: 12, resolutionGrams: 1, steady: null }],
])('reads %s', (line, { grams, resolutionGrams, steady }) => {
  const read = readScaleLine(line)!
  expect(read.grams).toBeCloseTo(grams, 9)
  expect(read.resolutionGrams).toBeCloseTo(resolutionGrams, 9)
  expect(read.steady).toBe(steady)
})

it.each(['', 'OVERLOAD', 'ST,GS, 12.3 stones', 'g'])('reads no weight in "%s"', (line) =>
  expect(readScaleLine(line)).toBeUndefined(),
)

const moments = (count: number, weight: (index: number) => number, steady: boolean | null = null): ScaleMoment[] =>
  Array.from({ length: count }, (_, index) => ({
    atMs: index * 200,
    grams: weight(index),
    resolutionGrams: 1,
    steady,
  }))

describe('settled', () => {
  it(
    'takes no weight before it has stood still long enough, while it rises, or while the scale calls it ' +
      'unsteady',
    () => {
      expect(settleWeighings([]).grams).toBeNull()
      expect(settleWeighings(moments(5, () => 100)).grams).toBeNull()
      expect(settleWeighings(moments(20, (index) => index * 8)).grams).toBeNull()
      expect(settleWeighings(moments(20, () => 100, false)).grams).toBeNull()
    },
  )

  it('takes what stands still, to the step of the scale, and forgets what lay there before', () => {
    expect(settleWeighings(moments(20, () => 100)).grams).toBe(100)
    expect(settleWeighings(moments(30, (index) => (index < 12 ? 3 : 214 + (index % 2)))).grams).toBe(215)
  })

  it('says how fast it creeps', () => {
    expect(settleWeighings(moments(60, (index) => 100 + index * 0.01)).driftPerMinute).toBeCloseTo(3, 6)
    // Not while it settles, and not from a moment’s glance.
    expect(settleWeighings(moments(60, (index) => 100 - 90 * 0.8 ** index, false)).driftPerMinute).toBe(0)
    expect(settleWeighings(moments(10, (index) => 100 + index * 0.01)).driftPerMinute).toBe(0)
  })
})
