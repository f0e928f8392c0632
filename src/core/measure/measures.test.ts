import { drapeCoefficient, drapeFromPaper, flexuralRigidity, overallRigidity } from './drape'
import { absorbencyWords, creaseWords, crockingWords } from './grades'
import { AIRS } from './moisture'
import { foretellOpacity, lightnessOf, type OpacityClues } from './opacity'
import { repeatsOf } from './repeats'
import { recoveryPercent, recoveryWords, stretchClassOf, stretchPercent } from './stretch'
import { gramsPerRunningMetre, ouncesPerLinearYard } from './weightUnits'

const exactly = (value: number) => ({ value, sd: 0 })

describe('stiffness', () => {
  it('grows with the weight and with the cube of the bending length (Peirce)', () => {
    // 100 g/m² is 10 mg/cm²; 2 cm bend: 10 · 8 = 80 mg·cm.
    expect(flexuralRigidity(exactly(100), exactly(2)).value).toBeCloseTo(80, 9)
    // 3 per cent of doubt in the length is 9 per cent in its cube.
    expect(flexuralRigidity(exactly(100), { value: 2, sd: 0.06 }).sd).toBeCloseTo(80 * 0.09, 9)
    expect(() => flexuralRigidity(exactly(0), exactly(2))).toThrow(RangeError)
  })

  it('of the whole cloth is the geometric mean of both ways, and so is its doubt', () => {
    const overall = overallRigidity({ value: 90, sd: 9 }, { value: 40, sd: 4 })
    expect(overall.value).toBeCloseTo(60, 9)
    expect(overall.sd).toBeCloseTo(60 * 0.5 * Math.hypot(0.1, 0.1), 9)
  })
})

describe('drape', () => {
  const disc = { clothRadiusMm: 150, tableRadiusMm: 90 }
  const area = (radius: number) => Math.PI * radius ** 2

  it('is 0 where it hangs straight, 100 where it stands out, and half between', () => {
    expect(drapeCoefficient(disc, area(90))).toBeCloseTo(0, 9)
    expect(drapeCoefficient(disc, area(150))).toBeCloseTo(100, 9)
    expect(drapeCoefficient(disc, (area(90) + area(150)) / 2)).toBeCloseTo(50, 9)
    // A picture's edge may be out by a little, and not by much.
    expect(drapeCoefficient(disc, area(90) * 0.98)).toBe(0)
    expect(() => drapeCoefficient(disc, area(90) * 0.9)).toThrow(/between the table/)
    expect(() => drapeCoefficient(disc, area(150) * 1.1)).toThrow(/between the table/)
    expect(() => drapeCoefficient({ clothRadiusMm: 90, tableRadiusMm: 90 }, area(90))).toThrow(
      /larger than its table/,
    )
  })

  it('by paper is the part of the ring that lies in shadow', () => {
    expect(drapeFromPaper(1.5, 6)).toBe(25)
    expect(drapeFromPaper(0, 6)).toBe(0)
    expect(drapeFromPaper(6, 6)).toBe(100)
    expect(() => drapeFromPaper(7, 6)).toThrow(RangeError)
    expect(() => drapeFromPaper(-0.1, 6)).toThrow(RangeError)
    expect(() => drapeFromPaper(0, 0)).toThrow(RangeError)
  })
})

it('repeats are pooled: mean, spread, and Student’s t for few readings', () => {
  expect(() => repeatsOf([])).toThrow(RangeError)
  expect(repeatsOf([{ value: 4, sd: 0.3 }])).toEqual({
    count: 1,
    mean: 4,
    spread: null,
    quantity: { value: 4, sd: 0.3 },
  })
  const three = repeatsOf([exactly(9), exactly(10), exactly(11)])
  expect([three.mean, three.spread]).toEqual([10, 1])
  // t(0.975; 2) = 4.303, over 1.96 = 2.2.
  expect(three.quantity.sd).toBeCloseTo(2.2 / Math.sqrt(3), 2)
  // Agreement by luck claims no more than the ruler can give: three readings of ±0.3 make ±0.3/√3.
  const lucky = repeatsOf([4, 4, 4].map((value) => ({ value, sd: 0.3 })))
  expect(lucky.quantity.sd).toBeCloseTo(0.3 / Math.sqrt(3), 9)
  const many = repeatsOf(Array.from({ length: 30 }, (_, i) => exactly(10 + (i % 2))))
  expect(many.quantity.sd).toBeCloseTo((1.1 * many.spread!) / Math.sqrt(30), 9)
})

describe('stretch', () => {
  it('is the gain over the length at rest, with the doubt of both readings', () => {
    const stretch = stretchPercent({ restMm: 100, pulledMm: 150, backMm: null, errorMm: 1 })
    expect(stretch.value).toBe(50)
    expect(stretch.sd).toBeCloseTo(Math.hypot(1, 1.5), 9)
    const bad = { restMm: 100, pulledMm: 150, backMm: null, errorMm: 1 }
    expect(() => stretchPercent({ ...bad, restMm: 0 })).toThrow(RangeError)
    expect(() => stretchPercent({ ...bad, pulledMm: 0 })).toThrow(RangeError)
    expect(() => stretchPercent({ ...bad, errorMm: -1 })).toThrow(RangeError)
    expect(stretchPercent({ ...bad, errorMm: 0 }).sd).toBe(0)
  })

  it('comes back in part; where it hardly gave, nobody can say', () => {
    const reading = { restMm: 100, pulledMm: 150, backMm: 110, errorMm: 1 }
    expect(recoveryPercent(reading)!.value).toBe(80)
    expect(recoveryPercent(reading)!.sd).toBeCloseTo(2 * Math.hypot(1, 0.2, 0.8), 9)
    expect(recoveryPercent({ ...reading, backMm: null })).toBeNull()
    expect(recoveryPercent({ ...reading, pulledMm: 104 })).toBeNull()
    expect(recoveryPercent({ ...reading, pulledMm: 105, backMm: 100 })!.value).toBe(100)
  })

  it('is put in words from the figure on, not above it', () => {
    expect([95, 94.9, 85, 84.9, 70, 69.9].map((percent) => recoveryWords(percent).split(/[:,]/)[0])).toEqual([
      'Recovers fully',
      'Recovers almost fully',
      'Recovers almost fully',
      'Recovers in part',
      'Recovers in part',
      'Stays stretched',
    ])
    expect(stretchClassOf(0).id).toBe(stretchClassOf(1).id)
  })
})

it('a drop of water drinks at once, slowly, hardly, or never', () => {
  const first = (seconds: number | null) => absorbencyWords(seconds).split(/[:,.]/)[0]
  expect([0, 2.9, 3, 14.9, 15, 60, 60.1, null].map(first)).toEqual([
    'Soaks up water at once',
    'Soaks up water at once',
    'Soaks up water slowly',
    'Soaks up water slowly',
    'Hardly soaks up water',
    'Hardly soaks up water',
    'Repels water',
    'Repels water',
  ])
  expect(creaseWords(1)).not.toBe(creaseWords(5))
  expect(crockingWords(1)).not.toBe(crockingWords(5))
})

it('no air is drier than a desert or damper than full', () => {
  const damp = AIRS.map(({ humidityPercent }) => humidityPercent)
  expect(damp).toEqual(damp.toSorted((a, b) => a - b))
  expect(damp[0]).toBeGreaterThan(0)
  expect(damp.at(-1)).toBeLessThanOrEqual(100)
})

describe('what shows through', () => {
  const clues: OpacityClues = { gsm: 120, openShare: 0.1, filament: false, lightness: 0.6, threads: undefined }
  const foretold = (change: Partial<OpacityClues>) => foretellOpacity({ ...clues, ...change })

  it('never is more than all, nor less than the holes', () => {
    const { grades, transmission } = foretold({})
    expect(grades.sheer + grades['semi-sheer'] + grades.opaque).toBeCloseTo(1, 9)
    expect(Object.values(grades).every((share) => share >= 0)).toBe(true)
    expect(transmission).toBeGreaterThan(0.1)
    expect(foretold({ gsm: 5000 }).transmission).toBeCloseTo(0.1, 6)
  })

  it('is less the heavier and the darker; a colour that is not known leaves more doubt', () => {
    const width = ({ interval95: [low, high] }: ReturnType<typeof foretold>) => high - low
    expect(foretold({ gsm: 200 }).transmission).toBeLessThan(foretold({ gsm: 60 }).transmission)
    expect(foretold({ lightness: 0.1 }).transmission).toBeLessThan(foretold({ lightness: 0.9 }).transmission)
    expect(width(foretold({ lightness: null }))).toBeGreaterThan(width(foretold({ lightness: 0.6 })))
    expect(foretold({ gsm: 600, lightness: 0.1 }).likeliest).toBe('opaque')
    expect(foretold({ gsm: 10, openShare: 0.7 }).likeliest).toBe('sheer')
    expect(() => foretold({ gsm: 0 })).toThrow(RangeError)
    expect(() => foretold({ openShare: 1 })).toThrow(RangeError)
  })

  it('from threads that leave hardly anything is nearly all light, and never a quotient by nothing', () => {
    const threads = { endsPerCm: 1, picksPerCm: 1, warpTex: 1, weftTex: 1 }
    const { transmission } = foretold({ threads, gsm: 1 })
    expect(transmission).toBeGreaterThan(0.95)
    expect(transmission).toBeLessThan(1)
    // Holes are never more than 95 in 100: some of the light is always taken.
    expect(foretold({ threads, gsm: 100 }).transmission).toBeCloseTo(0.95, 2)
  })

  it('knows how light a colour is (IEC 61966-2-1)', () => {
    expect(lightnessOf('#ffffff')).toBeCloseTo(1, 6)
    expect(lightnessOf('#000000')).toBe(0)
    // Mid grey #777777: luminance 0.184.
    expect(lightnessOf('#777777') ** 3).toBeCloseTo(0.184, 3)
    expect(lightnessOf('#00ff00') ** 3).toBeCloseTo(0.7152, 4)
  })
})

it('weights off the roll need a width (1 yd = 914.4 mm, 1 oz = 28.349523 g)', () => {
  expect(ouncesPerLinearYard(exactly(400), 1500).value).toBeCloseTo((400 * 1.5 * 0.9144) / 28.349523, 6)
  expect(gramsPerRunningMetre(exactly(400), 1500).value).toBeCloseTo(600, 9)
  expect(() => ouncesPerLinearYard(exactly(400), 0)).toThrow(RangeError)
  expect(() => gramsPerRunningMetre(exactly(400), 0)).toThrow(RangeError)
  expect(ouncesPerLinearYard(exactly(400), 0.5).value).toBeGreaterThan(0)
})
