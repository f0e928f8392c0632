import { changeProject } from '../projects/actions'
import { type Doing } from '@/ui/kit/useAsyncAction'
import { type ProjectStep } from './picture/lanes'

type Took = { took?: { planned: number; minutes: number } }

/**
 * Ticks the steps that are one, each in its project: one way to the shops is behind all that it was for.
 * @param tookOf how long a step took, where that is known
 * @returns the first that was refused; those after it are not tried
 */
export async function tickParts(
  parts: readonly ProjectStep[],
  tookOf: (step: ProjectStep['step']) => Took = () => ({}),
): Promise<Doing> {
  for (const { plan, step } of parts) {
    const outcome = await changeProject(plan.id, { do: 'tick', id: step.id, isDone: true, ...tookOf(step) })
    if (!outcome.ok) return outcome
  }
  return { ok: true }
}
