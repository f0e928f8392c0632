import { FIBRE_IDS } from '../vocabulary/fibres'
import { fibreById } from './catalogue'
import { fibresOf, isLike } from './traits'
import { FIBRE_TRAITS, type FibreTrait } from './types'

const traits = Object.keys(FIBRE_TRAITS) as FibreTrait[]

it('has a fibre for every trait, and no trait that all have', () => {
  for (const trait of traits) {
    const found = fibresOf(trait)
    expect([trait, found.length > 0 && found.length < FIBRE_IDS.length]).toEqual([trait, true])
    expect(FIBRE_IDS.filter((id) => isLike(id, trait))).toEqual(found)
  }
})
it('joins families and traits, each fibre once', () => {
  expect(fibresOf('protein', 'felts')).toEqual(['wool', 'hair', 'silk'])
  expect(fibresOf('acetate')).toEqual(['acetate', 'triacetate'])
  expect(fibresOf('plant', 'regenerated').toSorted()).toEqual([...fibresOf('cellulose')].toSorted())
  expect(fibresOf()).toEqual([])
})
// Common practice: what is known of the best known fibres.
it.each([
  ['wool', ['felts', 'eaten-by-moths', 'goes-out'], ['cellulose', 'heat-set', 'bears-bleach', 'weak-when-wet']],
  ['silk', ['silken', 'eaten-by-moths', 'fades'], ['felts', 'heat-set', 'bears-bleach']],
  ['linen', ['bast', 'iron-damp', 'flares-up', 'bears-bleach'], ['felts', 'weak-when-wet', 'goes-out']],
  ['viscose', ['cellulose', 'weak-when-wet', 'falls-softly'], ['bast', 'bears-bleach', 'heat-set']],
  ['polyester', ['heat-set', 'keeps-pleats', 'holds-its-dye'], ['shrinks-first', 'eaten-by-moths']],
  ['elastane', ['elastic'], ['bears-bleach', 'cellulose']],
] as const)('%s has its traits, and not others’', (id, has, hasNot) => {
  for (const trait of has) expect([trait, isLike(id, trait)]).toEqual([trait, true])
  for (const trait of hasNot) expect([trait, isLike(id, trait)]).toEqual([trait, false])
})
it('writes a dye for every fibre: its own kind is the one that it takes best', () => {
  for (const id of FIBRE_IDS) {
    const { own, other = {}, dyeClass } = fibreById(id).dye
    if (dyeClass !== 'none') for (const share of Object.values(other)) expect([id, share < own]).toEqual([id, true])
  }
})
