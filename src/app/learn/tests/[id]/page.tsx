import type { Metadata } from 'next'
import { notFound } from 'next/navigation'
import { loadTableTest } from '@/features/learn/lookup/loadTest'
import { TestPage } from '@/features/learn/lookup/TestPage'
import { readPreferences } from '@/features/shared/settings/readPreferences'

export const metadata: Metadata = { title: 'Test' }

export default async function TestRoute({ params }: { params: Promise<{ id: string }> }) {
  const test = loadTableTest((await params).id, (await readPreferences()).words)
  return test ? <TestPage {...test} /> : notFound()
}
