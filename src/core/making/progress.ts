import { type EnoughVerdict } from '../choose/enough/enough'
import { MAKING_STEPS, type MakingStep } from '../vocabulary/making'

/** What a project has come to, as far as its steps ask. */
export interface Standing {
  /** One for each cloth that the pattern takes. */
  cloths: readonly { role: string; isChosen: boolean; isBought: boolean; enough: EnoughVerdict | null }[]
  /** Notions that are still to be bought. */
  notionsLeft: number
  /** Steps that the person says are behind it. */
  behind: readonly MakingStep[]
  isFinished: boolean
}

export interface StepNow {
  id: MakingStep
  state: 'behind' | 'now' | 'ahead'
}

/** Steps whose end the program sees by itself; the others are for the person to say. */
const SEEN: Partial<Record<MakingStep, (standing: Standing) => boolean>> = {
  cloth: ({ cloths }) => cloths.length > 0 && cloths.every(({ isChosen }) => isChosen),
  enough: ({ cloths }) => cloths.every(({ isBought, enough }) => !isBought && enough === 'enough'),
  buy: ({ cloths, notionsLeft }) => notionsLeft === 0 && cloths.every(({ isBought }) => !isBought),
  done: ({ isFinished }) => isFinished,
}

/** Where a project stands: what is behind it, the first thing that is not, and what comes after. */
export function projectStepsOf(standing: Standing): StepNow[] {
  const isBehind = (id: MakingStep) =>
    standing.isFinished || standing.behind.includes(id) || (SEEN[id]?.(standing) ?? false)
  // Cut cloth was washed, chosen and enough, whatever was ticked.
  const furthest = Math.max(-1, ...standing.behind.map((id) => MAKING_STEPS.indexOf(id)))
  const now = MAKING_STEPS.findIndex((id, index) => index > furthest && !isBehind(id))
  return MAKING_STEPS.map((id, index) => ({
    id,
    state: now < 0 || index < now ? 'behind' : index === now ? 'now' : 'ahead',
  }))
}
