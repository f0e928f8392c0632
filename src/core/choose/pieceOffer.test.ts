import { PieceSchema, ReadingSchema } from '../notebook/records'
import { propertySheet } from '../notebook/sheet'
import { pieceOffer } from './pieceOffer'

const reading = {
  ...ReadingSchema.parse({ grams: 3.2, resolutionGrams: 0.1, lengthMm: 100, widthMm: 100 }),
  state: 'unwashed' as const,
}
const piece = PieceSchema.parse({
  name: 'Porter’s trousers cloth',
  called: 'gabardine',
  washed: 'unwashed',
  body: 'soft',
})

it('offers what was measured as measured, and guesses the rest from the name', () => {
  const evidence = { piece, readings: [reading], measurements: [], observations: [] }
  const offer = pieceOffer(evidence, propertySheet(evidence))
  expect(offer.gsm?.how).toBe('measured')
  expect(offer.body).toEqual({ value: 'soft', how: 'said' })
  expect(offer.construction).toEqual({ value: 'woven', how: 'estimated' })
  expect(offer.washed).toBe(false)
})

it('offers nothing of a piece of which nothing is known', () => {
  const evidence = { piece: PieceSchema.parse({ name: 'Bundle' }), readings: [], measurements: [], observations: [] }
  const known = Object.entries(pieceOffer(evidence, propertySheet(evidence))).filter(
    ([, value]) => value !== undefined,
  )
  expect(known).toEqual([])
})
