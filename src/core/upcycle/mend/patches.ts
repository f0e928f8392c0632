import { type Offer } from '../../fabric/types'
import { type Thing } from '../../vocabulary/stash'
import { patchFit, type PatchFit } from './mend'

/** Something of the stash that may serve as a patch. */
export interface PossiblePatch {
  id: string
  thing: Thing
  offer: Offer
  /** Null where it is not known. */
  widthMm: number | null
  lengthMm: number | null
  /** What it was cut from; null where nobody knows. */
  cutFromId: string | null
}

/** So many are shown, and those that fit less than this are none. */
const MOST = 6
const LEAST_FIT = 0.45
/** A saved offcut is there for this: so much it is put before a length that fits as well. */
const OFFCUT_FIRST = 0.15
/** A patch reaches so far beyond the damage on each side, mm. Common practice. */
const BEYOND_MM = 15

/**
 * Chooses patches for a fabric, the best first: large enough, and like it.
 * @param mm across the damage
 */
export function patchesFor<P extends PossiblePatch>(
  ground: { id: string; offer: Offer },
  stash: readonly P[],
  mm: number,
): (PatchFit & { patch: P })[] {
  const need = mm + 2 * BEYOND_MM
  // What has no length is a garment or an offcut whose width alone was taken: its width has to be known.
  const isLarge = ({ widthMm, lengthMm }: P) =>
    (widthMm === null || widthMm >= need) && (lengthMm === null ? widthMm === null : lengthMm >= need)
  return stash
    .filter((patch) => patch.id !== ground.id && isLarge(patch))
    .map((patch) => ({ patch, ...patchFit(ground.offer, patch.offer) }))
    .filter(({ fit }) => fit >= LEAST_FIT)
    .sort((a, b) => rankOf(b) - rankOf(a))
    .filter(isFirstOfItsGarment)
    .slice(0, MOST)
}

const rankOf = ({ patch, fit }: { patch: PossiblePatch; fit: number }) =>
  fit + (patch.thing === 'offcut' ? OFFCUT_FIRST : 0)

/** Two legs of one pair of trousers are one answer. */
function isFirstOfItsGarment(
  { patch }: { patch: PossiblePatch },
  at: number,
  all: readonly { patch: PossiblePatch }[],
) {
  const { cutFromId } = patch
  return cutFromId === null || all.findIndex((one) => one.patch.cutFromId === cutFromId) === at
}
