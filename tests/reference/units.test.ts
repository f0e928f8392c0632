import { GRAMS_PER_OUNCE, GSM_PER_MOMME, GSM_PER_OUNCE_PER_SQUARE_YARD, MM_PER_YARD } from '@/core/units/constants'
import { toMomme, toOuncesPerSquareYard } from '@/core/units/format'

// International yard and pound agreement, 1959: exact definitions.
it('1 oz/yd² is 33.906 g/m²', () => {
  expect(GSM_PER_OUNCE_PER_SQUARE_YARD).toBeCloseTo(33.906, 3)
  expect(GRAMS_PER_OUNCE / 0.83612736).toBeCloseTo(GSM_PER_OUNCE_PER_SQUARE_YARD, 12)
  expect(MM_PER_YARD).toBe(36 * 25.4)
})

// Common practice: pounds per piece of silk, 45 in by 100 yd.
it('1 momme is 4.340 g/m² within 0.1 %', () => {
  expect(Math.abs(GSM_PER_MOMME / 4.34 - 1)).toBeLessThan(0.001)
})

// Common practice, from memory: what shops print beside one another.
it.each([
  [4, 135.6],
  [8, 271.2],
  [12, 406.9],
])('%d oz/yd² is about %d g/m²', (ounces, gsm) => {
  expect(toOuncesPerSquareYard(gsm)).toBeCloseTo(ounces, 2)
})

it('19 momme charmeuse is about 82 g/m²', () => {
  expect(toMomme(82)).toBeCloseTo(18.9, 1)
})
