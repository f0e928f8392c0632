import type { Metadata } from 'next'
import { EmptySheet } from '@/features/find-out/burn/log/LogSheet'

export const metadata: Metadata = { title: 'An empty burn log' }

export default function EmptySheetPage() {
  return <EmptySheet />
}
