import type { Metadata } from 'next'
import { TableTests } from '@/features/identify/burn/TableTests'

export const metadata: Metadata = { title: 'Tests without a flame' }

export default function TableTestsPage() {
  return <TableTests />
}
