import type { Metadata } from 'next'
import { GroupPage } from '@/features/learn/group/GroupPage'

export const metadata: Metadata = { title: 'In a group' }

export default function InAGroupPage() {
  return <GroupPage />
}
