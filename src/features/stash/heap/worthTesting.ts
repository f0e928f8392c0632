import { type PieceSummary } from '@/core/stashSearch/pieceSummary'

/** A piece larger than this is worth a pinch of yarns and five minutes, m²; ours. */
const WORTH_A_BURN_M2 = 0.5

/** Whether a test would pay, and which, in a line; null where nothing more need be found out to use it. */
export function worthTesting({
  knowing,
  usableM2,
  called,
  sorting,
  gsm,
}: Pick<PieceSummary, 'knowing' | 'usableM2' | 'called' | 'sorting' | 'gsm'>): string | null {
  if (sorting === 'give-away') return null
  const isOpen = knowing === 'untested' || knowing === 'unsettled' || knowing === 'contradicted'
  const isLarge = usableM2 === null || usableM2.value >= WORTH_A_BURN_M2
  if (sorting === 'test' || (isOpen && isLarge)) return isOpen ? 'worth a burn: nobody knows its fibre' : null
  if (isOpen) return 'small: burn it only before it is ironed hot or dyed'
  if (!called) return 'worth a look: what is it called?'
  return gsm === null ? 'weigh it when the scale is out' : null
}
