import { fibreById, isTrace } from '../../../fibres/catalogue'
import { type FibreId } from '../../../vocabulary/fibres'
import { type PurposeRule } from './rule'

/** Regain below which a fibre holds next to no water, per cent: nylon holds 4.5, cotton 8.5 (ASTM D1909). */
const HOLDS_LITTLE = 5

/** In the water it is the other way round than on hot skin: what takes up moisture holds it, and sags. */
export const swimsRule: PurposeRule = {
  property: 'water',
  importance: 0.85,
  reads: ({ fibres }) => [fibres],
  judge: ({ fibres }) => {
    if (!fibres)
      return {
        fit: null,
        text: 'Swimwear needs nylon or polyester with elastane; the fibre of this one is not known.',
      }
    const main = fibres.value.filter((id) => !isTrace(id))
    const wet = main.filter(holdsWater)
    if (wet.length === 0)
      return { fit: 1, by: fibres, text: 'Holds almost no water, and dries fast: right for swimming.' }
    return {
      fit: wet.length === main.length ? 0.05 : 0.3,
      by: fibres,
      text: 'It holds water and sags when wet: swimwear needs nylon or polyester with elastane.',
    }
  },
}

function holdsWater(id: FibreId): boolean {
  return (fibreById(id).regain?.percent ?? 0) > HOLDS_LITTLE
}
