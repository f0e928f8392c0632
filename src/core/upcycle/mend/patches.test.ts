import { offerFrom } from '../../fabric/offer'
import { patchesFor, type PossiblePatch } from './patches'

const denim = offerFrom({
  fibres: [{ fibre: 'cotton', share: 'all' }],
  gsm: 380,
  construction: 'woven',
})
const patch = (id: string, more: Partial<PossiblePatch> = {}): PossiblePatch => ({
  id,
  thing: 'cloth',
  offer: denim,
  widthMm: 200,
  lengthMm: 200,
  cutFromId: null,
  ...more,
})
const ids = (stash: readonly PossiblePatch[], mm = 60) =>
  patchesFor({ id: 'jeans', offer: denim }, stash, mm).map((one) => one.patch.id)

it('takes what reaches 15 mm beyond the damage on each side, and never the thing itself', () => {
  const wide = patch('wide', { widthMm: 90, lengthMm: 90 })
  expect(ids([wide, patch('narrow', { widthMm: 89 }), patch('short', { lengthMm: 89 }), patch('jeans')])).toEqual([
    'wide',
  ])
  expect(ids([wide], 61)).toEqual([])
})

it('takes what nobody measured, but not what has a width and no length left', () => {
  const unmeasured = patch('unmeasured', { widthMm: null, lengthMm: null })
  expect(ids([unmeasured, patch('used up', { lengthMm: null })])).toEqual(['unmeasured'])
})

it('puts an offcut before a length that fits as well, and of one garment shows one piece', () => {
  const leg = (id: string) => patch(id, { thing: 'offcut', cutFromId: 'trousers' })
  expect(ids([patch('length'), leg('left leg'), leg('right leg'), patch('strip', { thing: 'offcut' })])).toEqual([
    'left leg',
    'strip',
    'length',
  ])
})

it('leaves out what is nothing like it', () => {
  const chiffon = offerFrom({
    fibres: [{ fibre: 'silk', share: 'all' }],
    gsm: 40,
    construction: 'knit',
  })
  expect(ids([patch('chiffon', { offer: chiffon })])).toEqual([])
  expect(ids(Array.from({ length: 9 }, (_, i) => patch(`${i}`)))).toHaveLength(6)
})
