import { kinds } from './kinds'
import { countries, prices } from './pricesAndCountries'
import { type FabricHistory, type Tilt } from './types'

/**
 * What may be said of the past of a cloth, a list a question. Together they never move a fibre's odds beyond
 * `MOST_TILT`.
 */
export const TILTS: Record<'kind' | 'price' | 'country', readonly Tilt[]> = {
  kind: kinds,
  price: prices,
  country: countries,
}

/** Whether anything is known at all. */
export function hasHistory({ made, ...tilts }: FabricHistory): boolean {
  return made?.before !== undefined || Object.values(tilts).some((id) => id !== undefined)
}
