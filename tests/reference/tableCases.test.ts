import { fibreById } from '@/core/fibres/catalogue'
import { FAMILIES, type FamilyId, type FibreId } from '@/core/vocabulary/fibres'
import { identify, type Answer } from '@/core/identify/identify'
import { seen } from '../support/seen'
import { tableCases, type TableCase } from '../support/tableCases'

const answers = new Map(tableCases.map((one) => [one, identify({ observations: seen(one.seen) })]))
const of = (tells: TableCase['tells']) => tableCases.filter((one) => one.tells === tells)
const share = (list: readonly TableCase[], right: (one: TableCase, answer: Answer) => boolean) =>
  list.filter((one) => right(one, answers.get(one)!)).length / list.length

/** Plant and regenerated cellulose burn alike: no flame parts them. */
const burnsLike = (a: FamilyId, b: FamilyId) =>
  a === b || [a, b].every((family) => family === 'plant' || family === 'regenerated')
const familyOf = (fibre: FibreId) => fibreById(fibre).family

// Burns as people tell of them, most with things missed; see the cases' own file for where they come from.
it('finds the family of every one-fibre cloth', () => {
  const pure = tableCases.filter(({ tells }) => tells !== 'blend')
  const missed = pure.filter((one) => !burnsLike(answers.get(one)!.families[0]!.id, familyOf(one.fibres[0]!)))
  expect(missed.map(({ id }) => id)).toEqual([])
})

it('ranks the fibre first wherever what was seen can tell it, in at least 95 of 100', () => {
  expect(of('fibre').length).toBeGreaterThanOrEqual(14)
  expect(share(of('fibre'), ({ fibres }, answer) => answer.fibres[0]!.id === fibres[0])).toBeGreaterThanOrEqual(0.95)
})

it('finds both parents of at least 90 of 100 blends', () => {
  expect(of('blend').length).toBeGreaterThanOrEqual(12)
  expect(
    share(of('blend'), ({ fibres }, { families }) =>
      fibres.every((fibre) => families.some(({ id, present }) => present > 0.5 && burnsLike(id, familyOf(fibre)))),
    ),
  ).toBeGreaterThanOrEqual(0.9)
})

it('makes no wrong claim at 0.8 or above', () => {
  const wrong = tableCases.filter((one) => {
    const { level, ids, sides, probability } = answers.get(one)!.verdict
    if (level === 'undecided' || probability < 0.8) return false
    const is = (id: string) =>
      one.fibres.some(
        (fibre) => fibre === id || (FAMILIES.includes(id as FamilyId) && burnsLike(familyOf(fibre), id as FamilyId)),
      )
    if (level === 'fibre') return ids[0] !== one.fibres[0] || one.fibres.length > 1
    if (level === 'blend') return !sides.every((side) => side.some(is))
    return !one.fibres.every((fibre) => ids.some((id) => burnsLike(familyOf(fibre), id as FamilyId)))
  })
  expect(wrong.map(({ id }) => id)).toEqual([])
})
