import type { Metadata } from 'next'
import { Inspect } from '@/features/inspect/Inspect'

export const metadata: Metadata = { title: 'What is it called?' }

export default function InspectPage() {
  return <Inspect />
}
