import { type Offer } from '../../fabric/types'

/** A property of many cloths that takes few values: which of them each cloth has, and one cloth for each. */
export interface Coded {
  /** By cloth: the place of its value among `samples`. */
  codes: Uint32Array
  /** For each value, a cloth that has it. */
  samples: Offer[]
}

/** Finds the different values of a property. @param keyOf the same text for the same value */
export function encodeColumn(offers: readonly Offer[], keyOf: (offer: Offer) => string): Coded {
  const places = new Map<string, number>()
  const samples: Offer[] = []
  const codes = new Uint32Array(offers.length)
  offers.forEach((offer, index) => {
    const key = keyOf(offer)
    let place = places.get(key)
    if (place === undefined) {
      place = samples.length
      places.set(key, place)
      samples.push(offer)
    }
    codes[index] = place
  })
  return { codes, samples }
}
