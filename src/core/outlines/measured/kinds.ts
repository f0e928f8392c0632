import { type MeasuredKind } from './define'
import { HOUSE_KINDS } from './house'
import { GARMENT_KINDS } from './garments'
import { PLAIN_KINDS } from './plain'

export const MEASURED_KINDS: readonly MeasuredKind[] = [...PLAIN_KINDS, ...HOUSE_KINDS, ...GARMENT_KINDS]

export function measuredKind(id: string): MeasuredKind | undefined {
  return MEASURED_KINDS.find((kind) => kind.id === id)
}
