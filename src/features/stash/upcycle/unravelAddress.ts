import { KNIT_SEAMS, YARN_SURFACES } from '@/core/vocabulary/upcycling'
import { choiceParam, countParam, numberParam } from '../../shared/address/address'

/** What is seen of a knitted piece. */
export const unravelAddress = {
  seams: choiceParam(KNIT_SEAMS, 'unknown'),
  surface: choiceParam(YARN_SURFACES, 'plain'),
  grams: numberParam([1, 20_000]),
  /** Of the yarn about a ruler, an inch. */
  wraps: numberParam([1, 100]),
  strands: countParam([1, 20], 1),
}
