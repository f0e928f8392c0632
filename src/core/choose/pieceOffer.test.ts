import { kept, weighed } from '../../../tests/support/kept'
import { PieceSchema } from '../notebook/kinds/piece'
import { propertySheet } from '../notebook/sheet'
import { pieceOffer } from './pieceOffer'

const readings = kept([weighed(3.2, 100, 100, { resolutionGrams: 0.1 })])
const piece = PieceSchema.parse({
  name: 'Porter’s trousers cloth',
  called: 'gabardine',
  washed: 'unwashed',
  body: 'soft',
})

it('offers what was measured as measured, and guesses the rest from the name', () => {
  const evidence = { piece, measurements: readings, observations: [] }
  const offer = pieceOffer(evidence, propertySheet(evidence))
  expect(offer.gsm?.how).toBe('measured')
  expect(offer.body).toEqual({ value: 'soft', how: 'said' })
  expect(offer.construction).toEqual({ value: 'woven', how: 'estimated' })
  expect(offer.washed).toBe(false)
})

it('offers nothing of a piece of which nothing is known', () => {
  const evidence = { piece: PieceSchema.parse({ name: 'Bundle' }), measurements: [], observations: [] }
  const known = Object.entries(pieceOffer(evidence, propertySheet(evidence))).filter(
    ([, value]) => value !== undefined,
  )
  expect(known).toEqual([])
})
