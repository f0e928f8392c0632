import type { Metadata } from 'next'
import { EmptySheet } from '@/features/identify/burn/log/LogSheet'

export const metadata: Metadata = { title: 'Blank burn log' }

export default function EmptySheetPage() {
  return <EmptySheet />
}
