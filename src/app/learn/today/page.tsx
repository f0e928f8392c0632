import type { Metadata } from 'next'
import { loadToday } from '@/features/learn/today/load'
import { TodayPage } from '@/features/learn/today/TodayPage'
import { now } from '@/features/shared/now'

export const metadata: Metadata = { title: 'Today’s practice' }

export default async function AgainTodayPage({
  searchParams,
}: {
  searchParams: Promise<{ minutes?: string | string[] }>
}) {
  const { minutes } = await searchParams
  return <TodayPage {...await loadToday(String(minutes ?? ''), now())} />
}
