import { FIBRE_IDS } from '../../vocabulary/fibres'
import { INSPECTION_STATES, type InspectionId } from '../../vocabulary/inspection'
import { type Construction } from '../../vocabulary/cloth'
import { type OneOrBoth } from '../../vocabulary/words'
import { type NamedCloth } from '../types'

/** A named cloth as its table tells it: a name that is the same in both Englishes is written once. */
export type ToldCloth = Omit<NamedCloth, 'name' | 'construction' | 'common'> & { name: OneOrBoth; common?: number }

/**
 * Named cloths that share a construction.
 * @throws RangeError where a mark or a fibre is not in the vocabulary, by name
 */
export function cloths(construction: Construction, told: readonly ToldCloth[]): NamedCloth[] {
  return told.map(({ name, common = 1, ...rest }) => {
    checkKnown(rest)
    return { construction, common, name: typeof name === 'string' ? { uk: name, us: name } : name, ...rest }
  })
}

function checkKnown({ id, marks, fibres }: Pick<ToldCloth, 'id' | 'marks' | 'fibres'>): void {
  for (const [feature, states] of Object.entries(marks)) {
    const known: readonly string[] | undefined = INSPECTION_STATES[feature as InspectionId]
    if (!known) throw new RangeError(`cloth ${id}: nothing to inspect is called "${feature}"`)
    const unknown = states.find((state) => !known.includes(state))
    if (unknown !== undefined) throw new RangeError(`cloth ${id}: "${unknown}" is no state of ${feature}`)
  }
  const stranger = fibres.find((fibre) => !FIBRE_IDS.includes(fibre))
  if (stranger !== undefined) throw new RangeError(`cloth ${id}: no fibre is called "${stranger}"`)
}
