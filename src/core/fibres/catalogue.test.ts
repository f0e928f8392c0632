import { fibreById, fibreByWord, fibres } from './catalogue'
import { FAMILIES, FIBRE_IDS, type FibreId } from '../vocabulary/fibres'

it('has each fibre once, in a known family', () => {
  expect(fibres.map(({ id }) => id)).toEqual([...FIBRE_IDS])
  expect(fibres.every(({ family }) => FAMILIES.includes(family))).toBe(true)
})

it('understands UK and US words and labels', () => {
  expect(fibreByWord('Rayon')?.id).toBe('viscose')
  expect(fibreByWord('spandex')?.id).toBe('elastane')
  expect(fibreByWord('polyamide')?.id).toBe('nylon')
  expect(fibreByWord(' flax ')?.id).toBe('linen')
  expect(fibreByWord('unobtainium')).toBeUndefined()
})

it('says what it does not know', () => {
  expect(() => fibreById('asbestos' as FibreId)).toThrow(/no fibre is called "asbestos"/)
})
