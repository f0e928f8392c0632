import { PieceSchema } from './kinds/piece'
import { CutSchema, offcutOf, pieceAfterCut } from './cut'

const stain = (y: number): [number, number][] => [
  [100, y],
  [200, y],
  [200, y + 100],
  [100, y + 100],
]
const piece = PieceSchema.parse({
  name: 'Lobby curtain',
  called: 'velvet',
  widthMm: 1400,
  lengthMm: 2500,
  flaws: [stain(300), stain(1150), stain(2000)],
})

it('leaves the rest of a length, and measures its flaws from the new edge', () => {
  // 1,200 mm go: the first stain with them, half of the second, and the third now begins at 800.
  const left = pieceAfterCut(piece, { lengthMm: 1200, all: false })!
  expect(left.lengthMm).toBe(1300)
  expect(left.flaws).toEqual([
    [
      [100, 0],
      [200, 0],
      [200, 50],
      [100, 50],
    ],
    stain(800),
  ])
})

it('counts a few millimetres as nothing, on both sides', () => {
  expect(pieceAfterCut(piece, { lengthMm: 2495, all: false })).toMatchObject({ lengthMm: null, sorting: 'cut-up' })
  expect(pieceAfterCut(piece, { lengthMm: 2494, all: false })!.lengthMm).toBe(6)
  expect(pieceAfterCut(piece, { lengthMm: 2505, all: false })!.lengthMm).toBeNull()
  expect(pieceAfterCut(piece, { lengthMm: 2506, all: false })).toBeNull()
})

it('changes nothing where no length is given, and leaves nothing where all of it is taken apart', () => {
  expect(pieceAfterCut(piece, { lengthMm: null, all: false })).toEqual(piece)
  expect(pieceAfterCut(piece, { lengthMm: null, all: true })).toMatchObject({ lengthMm: null, flaws: [] })
})

it('gives an offcut the fabric, and a size of its own', () => {
  const { offcuts } = CutSchema.parse({
    pieceId: '01a21579-3d26-76d0-8c1d-456012720cc1',
    lengthMm: null,
    offcuts: [{ name: 'Strip', widthMm: 1400, lengthMm: 150 }],
    what: '',
  })
  expect(offcutOf(piece, '01a21579-3d26-76d0-8c1d-456012720cc1', offcuts[0]!)).toMatchObject({
    name: 'Strip',
    called: 'velvet',
    lengthMm: 150,
    thing: 'offcut',
    flaws: [],
  })
})
