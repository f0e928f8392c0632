import { fibreById, isTrace } from '../fibres/catalogue'
import { type FibreId } from '../vocabulary/fibres'
import { type Known, type Offer } from '../fabric/types'
import { type Assessment } from './types'

/** How much the wrong fibre takes off a swimsuit: it is unsuitable. Ours. */
const IMPORTANCE = 0.85
/** Regain below which a fibre holds next to no water, per cent: nylon holds 4.5, cotton 8.5 (ASTM D1909). */
const HOLDS_LITTLE = 5

/** In the water it is the other way round than on hot skin: what takes up moisture holds it, and sags. */
export function inWater({ fibres }: Offer, certainties: Record<Known, number>): Assessment {
  const told = (fit: number | null, certainty: number, text: string): Assessment => ({
    property: 'water',
    importance: IMPORTANCE,
    fit,
    certainty,
    miss: null,
    text,
  })
  if (!fibres)
    return told(
      null,
      0,
      'In the water it has to be nylon or polyester with elastane; what this is of is not settled.',
    )
  const certainty = certainties[fibres.how]
  const wet = fibres.value.filter((id) => !isTrace(id) && holdsWater(id))
  if (wet.length === 0) return told(1, certainty, 'Holds next to no water, and dries fast: right for swimming.')
  const all = fibres.value.filter((id) => !isTrace(id)).length
  return told(
    wet.length === all ? 0.05 : 0.3,
    certainty,
    'It holds water and sags when it is wet: swimwear wants nylon or polyester with elastane.',
  )
}

function holdsWater(id: FibreId): boolean {
  return (fibreById(id).regain?.percent ?? 0) > HOLDS_LITTLE
}
