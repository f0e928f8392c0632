import { type Migration } from 'kysely'
import { wholeNotebook } from './0001_notebook'
import { quickMovements } from './0008_quick_movements'
import { offersApart } from './0009_offers'

/**
 * Named, reversible steps, run in the order of their names. A step that has been released is never changed; a new one
 * is added.
 */
export const migrations: Record<string, Migration> = {
  '0001_notebook': wholeNotebook,
  '0008_quick_movements': quickMovements,
  '0009_offers': offersApart,
}
