import { fibres } from '../fibres/catalogue'
import { FIBRE_IDS, type FibreId } from '../vocabulary/fibres'
import { features } from './features'
import { rowsOf, tellsApart } from './tellsApart'
import { floatAt, itemAt } from '../lists/items'

/** What one answer to a question says of pure cloth. */
export interface AnswerTells {
  state: string
  /** The fibres that are likeliest after it, with how likely each is, the likeliest first. */
  likeliest: { fibre: FibreId; share: number }[]
}

/** What one look tells by itself. */
export interface WhatItTells {
  answers: AnswerTells[]
  /** The pairs of fibres that no other look parts as well, those first that the others part least. */
  parts: readonly Parted[]
}

/** Two fibres, and what the best and the next best look tell of which of them it is: bits of one. */
export interface Parted {
  one: FibreId
  other: FibreId
  bits: number
  nextBits: number
}

/** A fibre less likely than this after an answer is not named. */
const WORTH_NAMING = 0.08
const MOST_NAMED = 5

/**
 * What a look tells when nothing else is known: of each answer, which pure fibres are likely after it (Bayes’ rule over
 * how common each fibre is), and which pairs of fibres it parts better than any other look. From the tables that
 * verdicts are made of.
 * @param id of a feature
 * @throws RangeError where there is no such feature
 */
export function whatItTells(id: string): WhatItTells {
  const at = features.findIndex((feature) => feature.id === id)
  if (at < 0) throw new RangeError(`whatItTells: nothing observable is called "${id}"`)
  const rows = fibres.map((fibre) => ({
    fibre: fibre.id,
    common: fibre.common,
    row: itemAt(rowsOf(fibre.id), at),
  }))
  const answers = itemAt(features, at).states.map(({ id: state }, s): AnswerTells => {
    const weights = rows.map(({ fibre, common, row }) => ({ fibre, weight: common * floatAt(row, s) }))
    const all = weights.reduce((sum, { weight }) => sum + weight, 0)
    const likeliest = weights
      .map(({ fibre, weight }) => ({ fibre, share: weight / all }))
      .filter(({ share }) => share >= WORTH_NAMING)
      .toSorted((a, b) => b.share - a.share)
    return { state, likeliest: likeliest.slice(0, MOST_NAMED) }
  })
  return { answers, parts: bestLooks().get(id) ?? [] }
}

let known: ReadonlyMap<string, readonly Parted[]> | undefined

/** Every pair of fibres under the look that parts it best. */
function bestLooks(): ReadonlyMap<string, readonly Parted[]> {
  if (known) return known
  const parted = FIBRE_IDS.flatMap((one, i) =>
    FIBRE_IDS.slice(i + 1).flatMap((other) => {
      const [best, second] = tellsApart(one, other)
      return best ? [{ feature: best.feature, one, other, bits: best.bits, nextBits: second?.bits ?? 0 }] : []
    }),
  )
  const by = new Map<string, Parted[]>()
  for (const { feature, ...pair } of parted.toSorted((a, b) => a.nextBits - b.nextBits))
    by.set(feature, [...(by.get(feature) ?? []), pair])
  known = by
  return by
}
