import { FAMILIES, type FamilyId, type FibreId } from '../vocabulary/fibres'
import { fibres } from './catalogue'
import { type FibreTrait } from './types'

/** A trait, or the family that a fibre is of. */
export type Likeness = FibreTrait | FamilyId

const isFamily = (likeness: Likeness): likeness is FamilyId => (FAMILIES as readonly string[]).includes(likeness)

const known = new Map<Likeness, readonly FibreId[]>()

/** The fibres of a family, or with a trait: what a rule asks for instead of naming them. */
export function fibresOf(...likenesses: readonly Likeness[]): readonly FibreId[] {
  return [...new Set(likenesses.flatMap(ofOne))]
}

function ofOne(likeness: Likeness): readonly FibreId[] {
  const found =
    known.get(likeness) ??
    fibres
      .filter(({ family, traits }) => (isFamily(likeness) ? family === likeness : traits.includes(likeness)))
      .map(({ id }) => id)
  known.set(likeness, found)
  return found
}

/** Whether a fibre is of one of these families, or has one of these traits. */
export const isLike = (fibre: FibreId, ...likenesses: readonly Likeness[]): boolean =>
  likenesses.some((likeness) => ofOne(likeness).includes(fibre))
