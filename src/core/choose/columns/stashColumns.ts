import { type KnownValue, type Offer } from '../../fabric/types'
import { type Quantity } from '../../units/quantity'
import { type Purpose } from '../purpose/told'
import { materialIdOf } from '../../fabric/materialOf'
import { kindOf, type OfferKind } from '../assess'
import { encodeColumn, type Coded } from './coded'

/** A number of many cloths with its doubt; NaN where it is not known. */
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
  gsm: NumberColumn
  stretchWidth: NumberColumn
  stretchLength: NumberColumn
  construction: Coded
  body: Coded
  opacity: Coded
  fibres: Coded
  /** By the cloth that it is called. */
  called: Coded
  /** By what is tried on the fibres and the fall of it at once. */
  bodyAndFibres: Coded
  washed: Coded
  /** By what each wish depends on, in the order of `WISH_RULES`; found when a pattern first has that wish. */
  wishes: (Coded | undefined)[]
  /** The same by what each purpose depends on. */
  purposes: Partial<Record<Purpose, Coded>>
  offers: readonly Offer[]
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
    kind: kindOf(offers[own[0]!]!),
    places: own,
    columns: laidOut(own.map((at) => offers[at]!)),
  }))
  return { ids: cloths.map(({ id }) => id), offers, parts }
}

function laidOut(offers: readonly Offer[]): OfferColumns {
  return {
    gsm: numbers(offers, ({ gsm }) => gsm),
    stretchWidth: numbers(offers, ({ stretchWidth }) => stretchWidth),
    stretchLength: numbers(offers, ({ stretchLength }) => stretchLength),
    construction: encodeColumn(offers, ({ construction }) => keyOf(construction)),
    body: encodeColumn(offers, ({ body }) => keyOf(body)),
    opacity: encodeColumn(offers, ({ opacity }) => keyOf(opacity)),
    fibres: encodeColumn(offers, ({ fibres }) => keyOf(fibres)),
    called: encodeColumn(offers, ({ called = '' }) => called),
    bodyAndFibres: encodeColumn(offers, ({ body, fibres }) => `${keyOf(body)} ${keyOf(fibres)}`),
    washed: encodeColumn(offers, ({ washed }) => String(washed === false)),
    wishes: [],
    purposes: {},
    offers,
  }
}

function keyOf(known: KnownValue<unknown> | undefined): string {
  return known === undefined ? '' : `${String(known.value)} ${known.how}`
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
