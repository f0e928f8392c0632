import { MIX_PURPOSES } from '@/core/upcycle/mix/types'
import { choiceParam, countParam, idsParam, usualNumberParam } from '../../shared/address/address'

/** More fabrics than this are no table that anybody reads. */
export const MOST_MIXED = 8

/** Which pieces are joined in one thing, and how. */
export const mixAddress = {
  of: idsParam(MOST_MIXED),
  /** Length of the seam, cm. */
  seam: usualNumberParam([1, 1000], 60),
  washes: countParam([0, 1000], 5),
  for: choiceParam(MIX_PURPOSES, 'garment'),
}
