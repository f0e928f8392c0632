import { formatSize, type UnitSystem } from '../units/format'
import { type NotionKind } from '../vocabulary/upcycling'
import { type Supply } from './supplies'

/** Something in the notions box, as far as a list asks. */
export interface Boxed {
  kind: NotionKind
  name: string
  count: number
  sizeMm: number | null
}

/** Under what each supply may lie in the box; what is never kept has none. */
const KINDS: Readonly<Record<Supply['id'], readonly NotionKind[]>> = {
  thread: ['thread'],
  needles: ['needles'],
  interfacing: ['interfacing'],
  zip: ['zip'],
  buttons: ['buttons'],
  elastic: ['elastic'],
  cord: ['drawstring'],
  binding: ['binding', 'tape'],
  marking: ['marking'],
  lining: [],
}
/** So many are named; the box has the rest. */
const NAMED = 3

/** What of a supply lies in the box already, in words; empty where nothing does. */
export function inBox(id: Supply['id'], box: readonly Boxed[], units: UnitSystem): string {
  const own = box.filter(({ kind, count }) => count > 0 && KINDS[id].includes(kind))
  const words = own
    .slice(0, NAMED)
    .map(({ name, count, sizeMm }) => `${count} × ${name}${sizeMm === null ? '' : ` (${formatSize(sizeMm, units)})`}`)
  const more = own.length > NAMED ? `, and ${own.length - NAMED} more` : ''
  return words.length === 0 ? '' : `In your box: ${words.join('; ')}${more}.`
}
