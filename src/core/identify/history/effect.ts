import { families } from '../../fibres/families'
import { type FamilyId } from '../../vocabulary/fibres'
import { formatPercent } from '../../units/format'
import { mustHave } from '../../lists/items'

/** What a cloth's past did to the belief, a family each. */
export interface HistoryEffect {
  families: { id: FamilyId; without: number; with: number }[]
  text: string
}

/** A change of less than this is not worth a sentence. */
const WORTH_SAYING = 0.02

interface Present {
  id: FamilyId
  present: number
}

/** The belief with the past counted beside the belief without it. */
export function historyEffect(counted: readonly Present[], uncounted: readonly Present[]): HistoryEffect {
  const rows = counted.map(({ id, present }) => ({
    id,
    with: present,
    without: mustHave(uncounted.find((one) => one.id === id)).present,
  }))
  const most = rows.reduce((best, row) =>
    Math.abs(row.with - row.without) > Math.abs(best.with - best.without) ? row : best,
  )
  const moved = Math.abs(most.with - most.without)
  const text =
    moved < WORTH_SAYING
      ? 'What you know of its history changes almost nothing here.'
      : `Its history changes ${families[most.id].phrase} most: from ${formatPercent(most.without)} ` +
        `without it to ${formatPercent(most.with)}.`
  return { families: rows, text }
}
