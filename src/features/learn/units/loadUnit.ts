import { inAllUnits, QUANTITIES, UNIT_SOURCES, unitById, type Unit } from '@/core/units/convert'
import { type Vocabulary } from '@/core/vocabulary/words'
import { notebook } from '@/server/database'
import { shelfOf } from '@/server/cache/shelf'

/** A unit at length: what it is, its neighbours, a ladder of usual values, and pieces of the stash in it. */
export async function loadUnit(id: string, { words }: { words: Vocabulary }) {
  const found = unitById(id)
  if (!found) return undefined
  const { quantity, unit } = found
  const { title, units, usual } = QUANTITIES[quantity]
  const base: readonly Unit[] = units
  const ladder = LADDER.map((share) => {
    const value = round(unit.out(usual * share))
    return { value: String(value), others: inAllUnits(quantity, id, value) }
  })
  return {
    id,
    words: unit.words,
    told: unit.told,
    quantity: title,
    heads: base.map((one) => ({ id: one.id, words: one.words })),
    ladder,
    source: UNIT_SOURCES[quantity],
    stash: quantity === 'weight' ? await weighed(unit, words) : [],
  }
}
export type OneUnit = NonNullable<Awaited<ReturnType<typeof loadUnit>>>

/** From a quarter of what is usual to four times it. */
const LADDER = [0.25, 0.5, 1, 2, 4]

/** Two figures, as somebody would ask. */
const round = (value: number) => Number(value.toPrecision(2))

/** The lightest, the middle and the heaviest piece that were weighed, in a unit. */
async function weighed(unit: Unit, words: Vocabulary) {
  const shelf = await shelfOf(await notebook(), words)
  const known = shelf.inOrder('weight').flatMap(({ id, name, gsm }) => (gsm ? [{ id, name, gsm: gsm.value }] : []))
  const at = [0, known.length >> 1, known.length - 1]
  return [...new Set(at)]
    .flatMap((i) => known[i] ?? [])
    .map(({ id, name, gsm }) => ({ id, name, says: `${unit.out(gsm).toFixed(unit.decimals)} ${unit.words}` }))
}
