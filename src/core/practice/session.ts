/** What is practised, each on a page of its own. */
export const DRILLS = ['burn', 'look', 'side', 'number'] as const
export type Drill = (typeof DRILLS)[number]

/** Minutes that one takes, with its answer read; ours, from how long a careful beginner takes. */
export const DRILL_MINUTES: Readonly<Record<Drill, number>> = { burn: 1.5, look: 0.5, side: 0.4, number: 1 }

/** Something that may be practised now. */
export interface Due {
  drill: Drill
  /** Probability that it would be known now, 0 … 1. */
  recall: number
  /** Something new, where too little is due. */
  isNew: boolean
}

/** How many of each are done in one sitting. */
export interface Sitting {
  drill: Drill
  count: number
  fresh: number
  minutes: number
}

/** So much longer than was said a sitting may get, minutes: half a card is none. */
const OVER = 0.5

/**
 * What is practised in so many minutes: what is likeliest to be forgotten first, whatever it is; new things only where
 * time is left.
 * @returns in the order of the drills; those of which there are none are left out
 */
export function sittingOf(due: readonly Due[], minutes: number): Sitting[] {
  const order = due.toSorted((a, b) => Number(a.isNew) - Number(b.isNew) || a.recall - b.recall)
  const chosen: Due[] = []
  let left = minutes
  for (const one of order) {
    const takes = DRILL_MINUTES[one.drill]
    if (takes > left + OVER) continue
    chosen.push(one)
    left -= takes
    if (left < OVER / 2) break
  }
  return DRILLS.flatMap((drill) => {
    const own = chosen.filter((one) => one.drill === drill)
    if (own.length === 0) return []
    const fresh = own.filter(({ isNew }) => isNew).length
    return [{ drill, count: own.length, fresh, minutes: own.length * DRILL_MINUTES[drill] }]
  })
}
