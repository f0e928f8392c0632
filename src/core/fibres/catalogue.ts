import { FIBRE_IDS, FIBRE_WORDS, type FibreId } from '../vocabulary/fibres'
import { fibreKinds } from './kinds'
import { type Fibre } from './types'

/** Every fibre, in the order of the vocabulary. */
export const fibres: readonly Fibre[] = FIBRE_IDS.map((id) => {
  const { uk, us, also } = FIBRE_WORDS[id]
  return { id, name: { uk, us }, also, ...fibreKinds[id] }
})

const byId = new Map(fibres.map((fibre) => [fibre.id, fibre]))

/** @throws RangeError when no fibre has the id (the vocabulary's schema rules that out at the edge). */
export function fibreById(id: FibreId): Fibre {
  const found = byId.get(id)
  if (!found) throw new RangeError(`fibreById: no fibre is called "${String(id)}"; known are ${FIBRE_IDS.join(', ')}`)
  return found
}

/** The fibre that a word means, in UK or US English or as written on labels; undefined where nobody knows it. */
export function fibreByWord(word: string): Fibre | undefined {
  const sought = word.trim().toLowerCase()
  return fibres.find(
    ({ id, name, also }) => id === sought || name.uk === sought || name.us === sought || also.includes(sought),
  )
}

/** Whether it is sold only as a trace in something else. */
export function isTrace(id: FibreId): boolean {
  return fibreById(id).traceWeight !== undefined
}
