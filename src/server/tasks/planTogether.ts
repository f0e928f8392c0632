import { seededRandom } from '../../core/numbers/seededRandom'
import { planPreparations, type PreparationPlan, type Shared, type Undertaking } from '../../core/prepare/prepare'

export interface PlanTogether {
  undertakings: readonly Undertaking[]
  shared: Shared
}

/** Plans several undertakings in the same hours in a worker thread. The same answer each time. */
export function planTogether({ undertakings, shared }: PlanTogether): Promise<PreparationPlan[]> {
  return Promise.resolve(planPreparations(undertakings, shared, seededRandom(1)))
}
