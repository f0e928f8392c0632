import { fibreById } from './catalogue'
import { type FibreId } from '../vocabulary/fibres'

/**
 * Moisture regain of a cloth of several fibres, per cent of dry mass: the mean of their regains, by share.
 * Undefined where a fibre's figure is not at hand.
 */
export function regainOf(parts: readonly { fibre: FibreId; share: number }[]): number | undefined {
  const total = parts.reduce((sum, { share }) => sum + share, 0)
  if (!(total > 0)) return undefined
  let regain = 0
  for (const { fibre, share } of parts) {
    const own = fibreById(fibre).regain
    if (own === null) return undefined
    regain += (own.percent * share) / total
  }
  return regain
}
