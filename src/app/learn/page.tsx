import type { Metadata } from 'next'
import { Learn } from '@/features/learn/Learn'

export const metadata: Metadata = { title: 'Learn' }

export default function LearnPage() {
  return <Learn />
}
