import { PieceSchema, ReadingSchema } from '../notebook/records'
import { propertySheet } from '../notebook/sheet'
import { COMMON_NEEDS, worthMeasuring } from './worthMeasuring'

const piece = PieceSchema.parse({ name: 'Bar curtain' })
const weighed = { ...ReadingSchema.parse({ grams: 120, lengthMm: 1000, widthMm: 1000 }), state: 'unknown' as const }
const worth = (readings: Parameters<typeof propertySheet>[0]['readings']) =>
  worthMeasuring(piece, propertySheet({ piece, readings, measurements: [], observations: [] }), COMMON_NEEDS)

it('offers the measurement that would move most, and less of it the more is known', () => {
  const nothing = worth([])
  expect(nothing.length).toBeGreaterThan(2)
  expect(nothing.map(({ total }) => total)).toEqual(nothing.map(({ total }) => total).toSorted((a, b) => b - a))
  expect(nothing.every(({ patterns, mostGain }) => patterns >= 1 && mostGain > 0)).toBe(true)
  const withWeight = worth([weighed])
  expect(withWeight.some(({ property }) => property === 'weight')).toBe(false)
})
