import type { Metadata } from 'next'
import { NewPattern } from '@/features/make/patterns/NewPattern'

export const metadata: Metadata = { title: 'Write a pattern down' }

export default function NewPatternPage() {
  return <NewPattern />
}
