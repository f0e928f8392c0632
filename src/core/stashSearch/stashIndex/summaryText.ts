import { type Offer } from '../../fabric/types'
import { type PieceSummary } from '../pieceSummary'

/** A summary as it is remembered, and apart from it what it offers. */
export interface SummaryText {
  told: string
  offer: string
}

export function writeSummary({ offer, ...told }: PieceSummary): SummaryText {
  return { told: JSON.stringify(told), offer: JSON.stringify(offer) }
}

/**
 * Reads a summary that was remembered. What it offers is read each time that it is asked for: a list of a large stash
 * asks for few, and all of them would take most of the memory.
 * @returns undefined where it is none, or another piece's
 */
export function readSummary(id: string, { told, offer }: SummaryText): PieceSummary | undefined {
  let summary: unknown
  try {
    summary = JSON.parse(told)
  } catch {
    return undefined
  }
  if (!isSummary(summary) || summary.id !== id) return undefined
  offers.set(summary, offer)
  return Object.defineProperty(summary, 'offer', OFFER) as PieceSummary
}

type Told = Omit<PieceSummary, 'offer'>

const LISTS = ['fibres', 'families', 'tags', 'colours', 'labs', 'care', 'todos'] as const satisfies (keyof Told)[]

/** Whether it has a name, and a list where a list belongs: what an older program remembered is not read. */
function isSummary(told: unknown): told is Told {
  const summary = told as Told | null
  return typeof summary?.name === 'string' && LISTS.every((field) => Array.isArray(summary[field]))
}

const offers = new WeakMap<object, string>()

/** One for all of them: each having its own would give each a shape of its own. */
const OFFER: PropertyDescriptor = {
  enumerable: true,
  get(this: object) {
    return JSON.parse(offers.get(this) ?? '{}') as Offer
  },
}
