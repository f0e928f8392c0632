import type { Metadata } from 'next'
import { TABLE_FIELDS, TABLE_FIELD_TITLES } from '@/core/formats/csv/columns'
import { TablePage } from '@/features/stash/table/TablePage'

export const metadata: Metadata = { title: 'Add from a spreadsheet' }

export default function Table() {
  return <TablePage fields={TABLE_FIELDS.map((id) => [id, TABLE_FIELD_TITLES[id]] as const)} />
}
