import { ReadingSchema } from '@/core/notebook/schemas/weighing'
import { completeReading, EMPTY_READING } from './draft'

const filled = { ...EMPTY_READING, grams: 240, lengthMm: 500, widthMm: 600 }

it('is complete once weight, length and width are there, and is a reading then', () => {
  expect(completeReading(EMPTY_READING)).toBeUndefined()
  expect(ReadingSchema.parse(completeReading(filled))).toEqual({
    grams: 240,
    resolutionGrams: 1,
    lengthMm: 500,
    widthMm: 600,
    cutErrorMm: 2,
  })
})

it('asks for layers and notions only where they mean something', () => {
  expect(completeReading({ ...filled, laid: 'folded', layers: 8 })).toMatchObject({ layers: 8 })
  expect(completeReading({ ...filled, layers: 8 })).not.toHaveProperty('layers')
  expect(completeReading({ ...filled, laid: 'garment', notionsGrams: 30 })).toMatchObject({
    layers: 2,
    notionsGrams: 30,
    notionsErrorGrams: 0,
  })
  expect(completeReading({ ...filled, laid: 'garment', notionsGrams: 300 })).toBeUndefined()
  expect(completeReading({ ...filled, laid: 'folded', layers: null })).toBeUndefined()
})
