import { seededRandom } from '../numbers/seededRandom'
import { fibreById } from '../fibres/catalogue'
import { FIBRE_IDS, type FamilyId, type FibreId } from '../vocabulary/fibres'
import { type JudgedAnswer, type SaidAnswer } from './judge'
import { itemAt } from '../lists/items'

/** A known thing that is put into the box. */
export interface Blind {
  /** Of a control or of a piece. */
  id: string
  from: 'control' | 'piece'
  name: string
  /** What it is known to be of, the most of it first. */
  fibres: readonly FibreId[]
}

/** So many go into a box: fewer are guessed by what is left, more are muddled. */
export const FEWEST_BLIND = 3
export const MOST_BLIND = 8

/** Each thing with its letter, in a shuffled order; the same for the same seed. Fisher and Yates. */
export function writeBlindCode<T>(things: readonly T[], seed: number): { code: string; thing: T }[] {
  const chance = seededRandom(seed)
  const order = [...things]
  for (let at = order.length - 1; at > 0; at--) {
    const other = Math.floor(chance() * (at + 1))
    ;[order[at], order[other]] = [itemAt(order, other), itemAt(order, at)]
  }
  return order.map((thing, i) => ({ code: String.fromCharCode('A'.charCodeAt(0) + i), thing }))
}

/** Whether an answer to a thing of the box is right. */
export function judgedBlind(
  { fibres }: Pick<Blind, 'fibres'>,
  { family, fibres: said }: Omit<SaidAnswer, 'sure'>,
): JudgedAnswer {
  const key = (ids: readonly FibreId[]) => FIBRE_IDS.filter((id) => ids.includes(id)).join('+')
  return {
    familyRight: family === familyOf(fibres),
    fibreRight: said.length === 0 ? null : key(said) === key(fibres),
  }
}

/** The family of what is most of it. @param fibres at least one */
export function familyOf(fibres: readonly FibreId[]): FamilyId {
  return fibreById(itemAt(fibres, 0)).family
}
