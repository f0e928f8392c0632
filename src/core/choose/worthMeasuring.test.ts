import { kept, weighed } from '../../../tests/support/kept'
import { PieceSchema } from '../notebook/kinds/piece'
import { propertySheet } from '../notebook/sheet'
import { COMMON_NEEDS, worthMeasuring } from './worthMeasuring'

const piece = PieceSchema.parse({ name: 'Bar curtain' })
const worth = (measurements: Parameters<typeof propertySheet>[0]['measurements']) =>
  worthMeasuring({ piece, measurements }, propertySheet({ piece, measurements, observations: [] }), COMMON_NEEDS)

it('offers the measurement that would move most, and less of it the more is known', () => {
  const nothing = worth([])
  expect(nothing.length).toBeGreaterThan(2)
  expect(nothing.map(({ total }) => total)).toEqual(nothing.map(({ total }) => total).toSorted((a, b) => b - a))
  expect(nothing.every(({ patterns, mostGain }) => patterns >= 1 && mostGain > 0)).toBe(true)
  const withWeight = worth(kept([weighed(120)], 'unknown'))
  expect(withWeight.some(({ property }) => property === 'weight')).toBe(false)
})
