import { materialIdOf } from '../../fabric/materialOf'
import { type KnownValue, type Offer } from '../../fabric/types'
import { type Quantity } from '../../units/quantity'
import { kindOf, type OfferKind } from '../criteria/adapt'
import { SCORED_NUMBERS, type Criterion, type ScoredNumber } from '../criteria/criterion'
import { encodeColumn, type Coded } from './coded'
import { itemAt } from '../../lists/items'

/** A number of many cloths with its doubt. */
export interface NumberColumn {
  value: Float64Array
  sd: Float64Array
  /** How it is known: 0 measured, 1 said, 2 estimated; 3 not at all. */
  how: Uint8Array
}

const HOW = { measured: 0, said: 1, estimated: 2 } as const
export const UNKNOWN_HOW = 3

/** Many cloths, laid out for scoring. */
export interface StashColumns {
  ids: readonly string[]
  offers: readonly Offer[]
  /** Nets, and each material, apart from all others: other things are asked of them. */
  parts: { kind: OfferKind; places: number[]; columns: OfferColumns }[]
}

/** Cloths as columns: what is a number as numbers, what takes few values as codes. */
export interface OfferColumns {
  offers: readonly Offer[]
  numbers: Readonly<Record<ScoredNumber, NumberColumn>>
  /** By what a criterion reads; found when it is first asked. */
  coded: Map<Criterion['reads'], Coded>
}

/** Lays many cloths out as columns, once for any number of patterns. */
export function offerColumnsOf(cloths: readonly { id: string; offer: Offer }[]): StashColumns {
  const offers = cloths.map(({ offer }) => offer)
  const places = new Map<string, number[]>()
  offers.forEach((offer, at) => {
    const part = `${kindOf(offer)} ${materialIdOf(offer) ?? ''}`
    const own = places.get(part)
    if (own) own.push(at)
    else places.set(part, [at])
  })
  const parts = [...places.values()].map((own) => ({
    kind: kindOf(itemAt(offers, itemAt(own, 0))),
    places: own,
    columns: laidOut(own.map((at) => itemAt(offers, at))),
  }))
  return { ids: cloths.map(({ id }) => id), offers, parts }
}

function laidOut(offers: readonly Offer[]): OfferColumns {
  const columns = SCORED_NUMBERS.map((id) => [id, numbers(offers, (offer) => offer[id])] as const)
  return { offers, numbers: Object.fromEntries(columns) as OfferColumns['numbers'], coded: new Map() }
}

/** Which value of what a criterion reads each cloth has. */
export function codesOf({ coded, offers }: OfferColumns, reads: Criterion['reads']): Coded {
  const known = coded.get(reads)
  if (known) return known
  const found = encodeColumn(offers, reads)
  coded.set(reads, found)
  return found
}

function numbers(offers: readonly Offer[], of: (offer: Offer) => KnownValue<Quantity> | undefined): NumberColumn {
  const column: NumberColumn = {
    value: new Float64Array(offers.length).fill(NaN),
    sd: new Float64Array(offers.length),
    how: new Uint8Array(offers.length).fill(UNKNOWN_HOW),
  }
  offers.forEach((offer, index) => {
    const known = of(offer)
    if (!known) return
    column.value[index] = known.value.value
    column.sd[index] = known.value.sd
    column.how[index] = HOW[known.how]
  })
  return column
}
