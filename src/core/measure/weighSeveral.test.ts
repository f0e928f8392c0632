import fc from 'fast-check'
import { regainOf } from '../fibres/regain'
import { dampness, moistureWords } from './moisture'
import { disagreement, massPerArea, weigh, type WeighingReading } from './weigh'

const whole: WeighingReading = { grams: 240, resolutionGrams: 1, lengthMm: 500, widthMm: 750, cutErrorMm: 5 }

describe('what lies on the scale', () => {
  it('counts every layer of what is folded', () => {
    const folded = massPerArea({ ...whole, layers: 4 })
    expect(folded.value).toBeCloseTo(massPerArea(whole).value / 4, 9)
    // The folded edge is as uncertain as a cut one, so the share stays.
    expect(folded.sd / folded.value).toBeCloseTo(massPerArea(whole).sd / massPerArea(whole).value, 9)
  })

  it('leaves out the notions, with their own doubt', () => {
    const bare = massPerArea({ ...whole, notionsGrams: 40 })
    expect(bare.value).toBeCloseTo((200 * 1e6) / (500 * 750), 9)
    expect(massPerArea({ ...whole, notionsGrams: 40, notionsErrorGrams: 10 }).sd).toBeGreaterThan(bare.sd * 2)
    expect(() => massPerArea({ ...whole, notionsGrams: 240 })).toThrow(/as much as the whole/)
    expect(() => massPerArea({ ...whole, notionsGrams: -1 })).toThrow(/negative/)
    expect(() => massPerArea({ ...whole, layers: 0 })).toThrow(/layers/)
  })
})

describe('water from the air', () => {
  it('changes nothing in standard air, and more with the fibre’s regain', () => {
    expect(dampness(13.6, 65)).toEqual({ value: 1, sd: 0 })
    fc.assert(
      fc.property(
        fc.double({ min: 0.1, max: 20, noNaN: true }),
        fc.double({ min: 0, max: 99, noNaN: true }),
        (regain, humidity) => {
          expect(dampness(regain, humidity + 1).value).toBeGreaterThan(dampness(regain, humidity).value)
        },
      ),
    )
    expect(() => dampness(10, 101)).toThrow(/humidity/)
    expect(() => dampness(-1, 50)).toThrow(/regain/)
  })

  it('brings a damp weighing to standard air where the fibre is known, with more doubt', () => {
    const damp = { ...whole, humidityPercent: 95 }
    const wool = weigh([damp], 13.6)
    expect(wool.gsm).toBeLessThan(weigh([damp]).gsm * 0.95)
    expect(wool.standardUncertainty / wool.gsm).toBeGreaterThan(weigh([damp]).standardUncertainty / weigh([damp]).gsm)
    expect(weigh([damp], 0.4).gsm).toBeCloseTo(weigh([damp]).gsm, -1)
    expect(weigh([whole], 13.6)).toEqual(weigh([whole]))
  })

  it('is put into words', () => {
    expect(moistureWords(0.4)).toMatch(/any weather/)
    expect(moistureWords(13.6)).toMatch(/lighter in a heated room.*heavier on a foggy day/)
  })

  it('takes the regain of a mixture by share, and none where a figure is missing', () => {
    expect(
      regainOf([
        { fibre: 'cotton', share: 50 },
        { fibre: 'polyester', share: 50 },
      ]),
    ).toBeCloseTo((8.5 + 0.4) / 2, 9)
    expect(regainOf([])).toBeUndefined()
  })
})

it('does not call layers or notions a disagreement', () => {
  expect(disagreement([whole, { ...whole, grams: 480, layers: 2 }])).toBeLessThan(0.01)
})
