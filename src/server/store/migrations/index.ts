import { type Migration } from 'kysely'
import { firstNotebook } from './0001_first_notebook'
import { benchInFull } from './0002_bench_in_full'
import { measuringBench } from './0003_measuring_bench'
import { oneTableOfRecords } from './0004_one_table_of_records'
import { rememberedAndSought } from './0005_remembered_and_sought'
import { oneCloth } from './0006_one_cloth'
import { quickHistory } from './0007_quick_history'
import { quickMovements } from './0008_quick_movements'

/**
 * Named, reversible steps, run in the order of their names. A step that has been released is never changed; a new one
 * is added.
 */
export const migrations: Record<string, Migration> = {
  '0001_first_notebook': firstNotebook,
  '0002_bench_in_full': benchInFull,
  '0003_measuring_bench': measuringBench,
  '0004_one_table_of_records': oneTableOfRecords,
  '0005_remembered_and_sought': rememberedAndSought,
  '0006_one_cloth': oneCloth,
  '0007_quick_history': quickHistory,
  '0008_quick_movements': quickMovements,
}
