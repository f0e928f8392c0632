import { offerFrom, type Described } from '../../fabric/offer'
import { bestSets, interfacingOf, mayServe, type SetCandidate } from './bestSets'

const piece = (id: string, described: Described): SetCandidate => ({ id, offer: offerFrom(described) })
const melton = piece('melton', { called: 'melton', gsm: 480, fibres: ['wool'] })
const poplin = piece('poplin', { called: 'poplin', gsm: 120, fibres: ['cotton'] })
const cupro = piece('cupro', { called: 'lining', gsm: 85, fibres: ['cupro'] })
const duck = piece('duck', { called: 'duck', gsm: 420, fibres: ['cotton'] })

it('puts the partner that goes with it to each main cloth, the best set first', () => {
  const [first, second] = bestSets({
    need: { garment: 'coat' },
    mains: [poplin, melton],
    partners: { lining: [duck, cupro] },
  })
  expect(first).toMatchObject({ main: 'melton', partners: { lining: 'cupro' }, toBuy: [] })
  expect(first!.answer.score).toBeGreaterThan(second!.answer.score)
})

it('says what must be bought where nothing serves, and uses no piece twice', () => {
  const [only] = bestSets({
    need: { garment: 'coat' },
    mains: [melton],
    partners: { lining: [duck], interfacing: [] },
  })
  expect(only!.toBuy).toEqual(['lining', 'interfacing'])
  const [twice] = bestSets({ need: { garment: 'coat' }, mains: [melton], partners: { lining: [melton, cupro] } })
  expect(twice!.partners.lining).toBe('cupro')
})

it('reads off a name how an interfacing is put on', () => {
  expect(interfacingOf(offerFrom({ called: 'fusible interfacing, woven', gsm: 70 }))).toMatchObject({ gsm: 70 })
  expect(interfacingOf(offerFrom({ called: 'iron-on stuff' })).attach).toBe('fusible')
  expect(interfacingOf(offerFrom({ called: 'jersey' })).construction).toBe('knit')
  expect(interfacingOf(offerFrom({ called: 'felt' })).construction).toBe('nonwoven')
})

it('thinks of a gingham as a lining, but not as an interfacing', () => {
  const offer = offerFrom({ called: 'gingham' })
  expect([mayServe('lining', offer), mayServe('interfacing', offer), mayServe('wadding', offer)]).toEqual([
    true,
    false,
    false,
  ])
  expect(mayServe('interfacing', offerFrom({ called: 'calico' }))).toBe(true)
})
