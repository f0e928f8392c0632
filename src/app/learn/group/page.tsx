import type { Metadata } from 'next'
import { GroupPage } from '@/features/learn/group/GroupPage'

export const metadata: Metadata = { title: 'Group practice' }

export default function InAGroupPage() {
  return <GroupPage />
}
