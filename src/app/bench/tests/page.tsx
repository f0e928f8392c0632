import type { Metadata } from 'next'
import { TableTests } from '@/features/find-out/burn/TableTests'

export const metadata: Metadata = { title: 'Tests without a flame' }

export default function TableTestsPage() {
  return <TableTests />
}
