import { type FullNeed } from '../need/need'
import { BODY } from './body'
import { type Criterion } from './criterion'
import { detailCriteria } from './details'
import { NAME } from './name'
import { OPACITY } from './opacity'
import { purposeCriteria } from './purpose/purposes'
import { hasSeason, SEASON } from './season'
import { STRETCH_LENGTH, STRETCH_WIDTH } from './stretch'
import { STRUCTURE } from './structure'
import { WASHING } from './washing'
import { WEIGHT } from './weight'
import { wishCriteria } from './wishes'

/** Everything that a need asks of a fabric, in the order in which it is told. */
export function criteriaOf(need: FullNeed): Criterion[] {
  return [
    STRUCTURE,
    WEIGHT,
    STRETCH_WIDTH,
    STRETCH_LENGTH,
    BODY,
    OPACITY,
    ...(hasSeason(need) ? [SEASON] : []),
    ...purposeCriteria(need),
    ...detailCriteria(need),
    ...wishCriteria(need),
    WASHING,
    NAME,
  ]
}
