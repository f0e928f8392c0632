import { type Repeats } from '../../measure/repeats'
import { withDoubt } from '../../units/format'
import { type Quantity } from '../../units/quantity'

export function percent(quantity: Quantity): string {
  return `${withDoubt(quantity)} %`
}

export function spreadWords({ count, spread }: Pick<Repeats, 'count' | 'spread'>, unit: string): string {
  return spread === null ? '' : `${count} readings, spread ${Number(spread.toFixed(1))} ${unit}`
}

/** What shows through, as an answer to "Does it show through?". */
export const OPACITY_WORDS = { sheer: 'yes, clearly', 'semi-sheer': 'a little', opaque: 'no' } as const
