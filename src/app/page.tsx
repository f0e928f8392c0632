import { readPreferences } from '@/features/shared/settings/readPreferences'
import { loadTable } from '@/features/home/load'
import { TableTop } from '@/features/home/TableTop'

export const dynamic = 'force-dynamic'

export default async function TablePage() {
  return <TableTop {...await loadTable(await readPreferences())} />
}
