import {
  bendingLength,
  bodyFromBending,
  bodyFromCoefficient,
  drapeCoefficient,
  drapeFromPaper,
  flexuralRigidity,
  middleBody,
  overallRigidity,
} from '@/core/measure/drape'
import { bowPercent, judgeGrain, skewPercent, type GrainHindrance } from '@/core/measure/grain'
import { repeatsOf } from '@/core/measure/repeats'
import { dimensionalChange, extraToBuy, shrinkageCurve } from '@/core/measure/shrinkage'
import { recoveryPercent, recoveryWords, stretchClassOf, stretchPercent, waysWords } from '@/core/measure/stretch'
import { dice } from '../support/seen'

const exact = (value: number) => ({ value, sd: 0 })

describe('stretch', () => {
  const pull = { restMm: 100, pulledMm: 150, backMm: 104, errorMm: 0.5 }
  // Common practice: over 4 in, ¼ in is about 6 %, ½ in about 12 %.
  it.each([
    [0.25, 6.25],
    [0.5, 12.5],
  ])('%d in over 4 in is %d %%', (inches, percent) => {
    expect(
      stretchPercent({ restMm: 101.6, pulledMm: 101.6 + inches * 25.4, backMm: null, errorMm: 0.5 }).value,
    ).toBeCloseTo(percent, 6)
  })
  it('and recovery, each with the ruler’s doubt', () => {
    expect(stretchPercent(pull)).toEqual({ value: 50, sd: expect.closeTo(0.5 * Math.hypot(1, 1.5), 9) })
    expect(recoveryPercent(pull)!.value).toBeCloseTo(92, 9)
    expect(recoveryPercent({ ...pull, pulledMm: 101 })).toBeNull()
    expect(recoveryPercent({ ...pull, backMm: null })).toBeNull()
    expect(() => stretchPercent({ ...pull, restMm: 0 })).toThrow(/more than zero/)
  })
  it('fall into classes that say what they allow', () => {
    expect([0, 5, 12, 20, 30, 60, 90].map((percent) => stretchClassOf(percent).id)).toEqual([
      'none',
      'mechanical',
      'comfort',
      'stable',
      'moderate',
      'very',
      'super',
    ])
    expect(recoveryWords(60)).toMatch(/Stays stretched/)
    expect(waysWords(40, 50)).toMatch(/four ways/)
    expect(waysWords(2, 50)).toMatch(/across the width only/)
    expect(waysWords(1, 1)).toBe('')
  })
})

// Peirce (1930), ASTM D1388, from memory: c = overhang / 2, G = W c³.
describe('bending', () => {
  it('rigidity of 150 g/m² at 4 cm overhang is 15 mg/cm² × 2³ = 120 mg·cm', () => {
    const c = bendingLength({ value: 40, sd: 1 })
    expect(c.value).toBe(2)
    const rigidity = flexuralRigidity(exact(150), c)
    expect(rigidity.value).toBeCloseTo(120, 9)
    expect(rigidity.sd / rigidity.value).toBeCloseTo(3 / 40, 9)
    expect(overallRigidity(exact(90), exact(40)).value).toBe(60)
  })
  it('goes with how sewists call the fall', () => {
    expect([1, 1.6, 2.2, 3, 5].map(bodyFromBending)).toEqual(['fluid', 'soft', 'moderate', 'crisp', 'stiff'])
    expect([10, 30, 50, 70, 95].map(bodyFromCoefficient)).toEqual(['fluid', 'soft', 'moderate', 'crisp', 'stiff'])
    expect(middleBody(['stiff', 'soft', 'moderate'])).toBe('moderate')
  })
})

// BS 5058 / ISO 9073-9, from memory: 30 cm cloth on an 18 cm table.
describe('draped disc', () => {
  const disc = { clothRadiusMm: 150, tableRadiusMm: 90 }
  it('is 0 where it hangs straight down and 100 where it stands out flat', () => {
    expect(drapeCoefficient(disc, Math.PI * 90 ** 2)).toBeCloseTo(0, 9)
    expect(drapeCoefficient(disc, Math.PI * 150 ** 2)).toBeCloseTo(100, 9)
    expect(drapeCoefficient(disc, Math.PI * (90 ** 2 + (150 ** 2 - 90 ** 2) / 2))).toBeCloseTo(50, 9)
    expect(() => drapeCoefficient(disc, 100)).toThrow(/between/)
    expect(drapeFromPaper(1.2, 4)).toBeCloseTo(30, 9)
  })
})

// ISO 5077 / AATCC 135, from memory: shrinkage negative.
describe('shrinkage', () => {
  it('is negative, and comes with the doubt of its marks', () => {
    expect(dimensionalChange(250, 240).value).toBe(-4)
    expect(dimensionalChange(250, 240, 1).sd).toBeGreaterThan(0.4)
  })
  it('of made-up cloths that follow the curve is foretold within its doubt in about 95 of 100', () => {
    const chance = dice(31)
    const normal = () => Math.sqrt(-2 * Math.log(1 - chance())) * Math.cos(2 * Math.PI * chance())
    let held = 0
    for (let run = 0; run < 400; run++) {
      const [limit, left] = [-1 - chance() * 9, Math.max(0.02, Math.min(0.9, 0.3 + 0.18 * normal()))]
      const afterMm = [1, 2, 3].map((wash) => 250 * (1 + (limit * (1 - left ** wash)) / 100) + 0.5 * normal())
      const curve = shrinkageCurve({ beforeMm: 250 + 0.5 * normal(), afterMm, errorMm: 0.5 })
      if (Math.abs(curve.limit.value - limit) <= 1.96 * curve.limit.sd) held += 1
    }
    expect(held / 400).toBeGreaterThan(0.9)
  })
  it('gets surer with every wash, and says when it goes on', () => {
    const washed = (afterMm: number[]) => shrinkageCurve({ beforeMm: 250, afterMm, errorMm: 0.3 })
    expect(washed([240]).limit.sd).toBeGreaterThan(washed([240, 237.5, 236.9, 236.8]).limit.sd)
    expect(washed([240]).limit.value).toBeLessThan(-4)
    expect(washed([240, 239.9, 239.9]).goesOn).toBe(false)
    expect(washed([245, 241, 238]).goesOn).toBe(true)
  })
  it('is bought for: at 5 % a metre wants 53 mm more, and more in doubt', () => {
    expect(extraToBuy(1000, exact(-5))).toBeCloseTo(1000 / 0.95 - 1000, 6)
    expect(extraToBuy(1000, { value: -5, sd: 1 })).toBeGreaterThan(70)
    expect(extraToBuy(1000, exact(2))).toBe(0)
  })
})

// ASTM D3882, from memory: 100 × offset / width.
describe('grain', () => {
  const free: GrainHindrance = { heatSet: false, finished: false, printedOffGrain: false, construction: 'woven' }
  const reading = { widthMm: 1100, offsetMm: 44, bowMm: 0, errorMm: 2 }
  it('is a per cent of the width, and says which corners to pull', () => {
    expect(skewPercent(reading)).toBe(4)
    expect(bowPercent({ bowMm: 22, widthMm: 1100 })).toBe(2)
    expect(judgeGrain(reading, free)).toMatchObject({ isOff: true, pull: 'far-left-and-near-right', canTrue: 'yes' })
    expect(judgeGrain({ ...reading, offsetMm: -44 }, free).pull).toBe('near-left-and-far-right')
    expect(judgeGrain(reading, free).offDegrees).toBeCloseTo(2.29, 2)
  })
  it('pulls the diagonal that became too short', () => {
    // A rhombus: near left at 0, near right at (w, offset); the length runs up.
    const [w, h, offset] = [1100, 1500, 44]
    const toFarRight = Math.hypot(w, h + offset)
    const toNearRight = Math.hypot(w, h - offset)
    expect(toNearRight).toBeLessThan(toFarRight)
    expect(judgeGrain({ ...reading, offsetMm: offset }, free).pull).toBe('far-left-and-near-right')
  })
  it('says what cannot be trued, and why', () => {
    expect(judgeGrain(reading, { ...free, heatSet: true }).canTrue).toBe('no')
    expect(judgeGrain(reading, { ...free, finished: true }).text.join()).toMatch(/cured/)
    expect(judgeGrain(reading, { ...free, construction: 'knit' }).canTrue).toBe('no')
    expect(judgeGrain({ ...reading, offsetMm: 0, bowMm: 40 }, free)).toMatchObject({ canTrue: 'partly', pull: null })
    expect(judgeGrain({ ...reading, offsetMm: 3 }, { ...free, heatSet: true })).toMatchObject({
      isOff: false,
      canTrue: 'yes',
    })
    expect(judgeGrain(reading, { ...free, printedOffGrain: true }).text.join()).toMatch(/can never pull it straight/)
  })
})

describe('repeats', () => {
  it('give mean and spread; one alone has only its own doubt', () => {
    expect(repeatsOf([{ value: 10, sd: 1 }])).toEqual({
      count: 1,
      mean: 10,
      spread: null,
      quantity: { value: 10, sd: 1 },
    })
    const three = repeatsOf([9, 10, 11].map((value) => ({ value, sd: 0.1 })))
    expect(three).toMatchObject({ count: 3, mean: 10, spread: 1 })
    expect(() => repeatsOf([])).toThrow(/at least one/)
  })
  // JCGM 100, G.3: with Student's t the interval holds the truth 95 times in a hundred, whatever the number of
  // readings.
  it.each([2, 3, 5, 10])('of %d: the 95 %% interval holds the truth 93 to 97 times in a hundred', (count) => {
    const chance = dice(count)
    const normal = () => Math.sqrt(-2 * Math.log(1 - chance())) * Math.cos(2 * Math.PI * chance())
    let held = 0
    for (let run = 0; run < 4000; run++) {
      const { quantity } = repeatsOf(Array.from({ length: count }, () => ({ value: 50 + 3 * normal(), sd: 0.01 })))
      if (Math.abs(quantity.value - 50) <= 1.959964 * quantity.sd) held += 1
    }
    expect(held / 4000).toBeGreaterThan(0.93)
    expect(held / 4000).toBeLessThan(0.97)
  })
})
