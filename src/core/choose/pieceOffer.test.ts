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

it('takes shares off a label, the width off the piece, and what is still to shrink off its marked square', () => {
  const square = (washes: number, lengthMm: number) =>
    ({ kind: 'wash-square', washes, lengthMm, widthMm: 250, errorMm: 0.5 }) as const
  const told = (washed: 'unwashed' | 'washed') =>
    PieceSchema.parse({
      name: 'Pillow ticking',
      washed,
      widthMm: 1400,
      claim: [
        { fibre: 'cotton', percent: 70 },
        { fibre: 'linen', percent: 30 },
      ],
    })
  const offered = (washed: 'unwashed' | 'washed') => {
    const measurements = kept([square(0, 250), square(1, 240), square(2, 238)])
    const evidence = { piece: told(washed), measurements, observations: [] }
    return pieceOffer(evidence, propertySheet(evidence))
  }
  const { mix, widthMm, shrink } = offered('unwashed')
  expect(mix!.map(({ fibre }) => fibre)).toEqual(['cotton', 'linen'])
  expect(mix![0]!.fraction.value).toBeGreaterThan(0.6)
  expect(widthMm).toBe(1400)
  expect(shrink!.how).toBe('measured')
  expect(shrink!.value.length.value).toBeGreaterThan(4.5)
  // Once washed, most of it is behind.
  expect(offered('washed').shrink!.value.length.value).toBeLessThan(1.5)
})
