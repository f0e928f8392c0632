import { fibreById } from '../fibres/catalogue'
import { FIBRE_IDS } from '../vocabulary/fibres'
import { nearestTo } from './nearest'
import { tellsApart } from './tellsApart'

it('is every other fibre once, the hardest to tell first', () => {
  for (const id of FIBRE_IDS) {
    const near = nearestTo(id)
    expect(near.map(({ fibre }) => fibre).toSorted()).toEqual(FIBRE_IDS.filter((one) => one !== id).toSorted())
    const bits = near.map(({ best }) => best?.bits ?? 0)
    expect(bits).toEqual(bits.toSorted((a, b) => a - b))
  }
})

it('is mostly of the same family, as anybody who burns them finds', () => {
  const likely = FIBRE_IDS.filter((id) => fibreById(nearestTo(id)[0]!.fibre).family === fibreById(id).family)
  expect(likely.length).toBeGreaterThan(FIBRE_IDS.length * 0.7)
  expect(fibreById(nearestTo('wool')[0]!.fibre).family).toBe('protein')
})

it('names the look that tells most', () => {
  const { fibre, best } = nearestTo('silk')[0]!
  expect(best).toEqual(tellsApart('silk', fibre)[0] ?? null)
})
