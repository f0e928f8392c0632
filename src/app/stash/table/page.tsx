import type { Metadata } from 'next'
import { PIECE_COLUMNS } from '@/core/formats/csvPieces'
import { TablePage } from '@/features/stash/table/TablePage'

export const metadata: Metadata = { title: 'Many at once' }

export default function Table() {
  return <TablePage fields={PIECE_COLUMNS.map(({ id, title }) => [id, title] as const)} />
}
