import { type Offer } from '../fabric/types'
import { type UnitSystem } from '../units/format'
import { adaptedTo, kindOf } from './criteria/adapt'
import { criteriaOf } from './criteria/criteria'
import { type FullNeed } from './need/need'
import { type Assessment } from './fit/types'

/** Everything that a need asks, against one fabric, each with its reason. */
export function assess(asked: FullNeed, offer: Offer, system: UnitSystem = 'metric'): Assessment[] {
  const need = adaptedTo(kindOf(offer), asked)
  return criteriaOf(need).flatMap(({ judge }) => judge(need, offer, system) ?? [])
}
