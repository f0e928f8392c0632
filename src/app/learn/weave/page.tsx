import type { Metadata } from 'next'
import { WeavePage } from '@/features/learn/weave/WeavePage'

export const metadata: Metadata = { title: 'Weave editor' }

export default function WeaveRoute() {
  return <WeavePage />
}
