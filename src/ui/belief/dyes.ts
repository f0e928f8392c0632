import { type FamilyId } from '@/core/vocabulary/fibres'

/** The property that holds each family's dye; of our own mixing. */
export const DYE_NAMES: Record<FamilyId, string> = {
  plant: 'green',
  regenerated: 'indigo',
  acetate: 'walnut',
  protein: 'weld',
  synthetic: 'madder',
  mineral: 'smoke',
}
