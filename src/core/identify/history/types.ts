import { type FibreId } from '../../vocabulary/fibres'
import { type MadeBetween } from '../types'

/** Something known of a cloth's past, and by how much it makes each fibre likelier (above 1) or less likely (below). */
export interface Tilt {
  id: string
  label: string
  factors: Partial<Record<FibreId, number>>
}

/** What is known of where a cloth comes from; anything may be unknown. */
export interface FabricHistory {
  made?: MadeBetween
  kind?: string
  price?: string
  country?: string
}
