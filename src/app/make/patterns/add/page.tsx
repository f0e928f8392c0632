import type { Metadata } from 'next'
import { NewPattern } from '@/features/make/patterns/NewPattern'

export const metadata: Metadata = { title: 'Add a pattern' }

export default function NewPatternPage() {
  return <NewPattern />
}
