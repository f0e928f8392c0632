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
  if (sorting === 'test' || (isOpen && isLarge)) return isOpen ? 'burn test worthwhile: fibre not known' : null
  if (isOpen) return 'small: burn-test it only before you iron it hot or dye it'
  if (!called) return 'look closer: name not known'
  return gsm === null ? 'weigh it when you have the scale ready' : null
}
