import type { Metadata } from 'next'
import { notFound } from 'next/navigation'
import { idFrom } from '@/app/idFrom'
import { readPreferences } from '@/features/shared/settings/readPreferences'
import { HeapPage } from '@/features/stash/heap/HeapPage'
import { loadHeap } from '@/features/stash/heap/load'
import { loadTodos } from '@/features/stash/quick/load'

export const metadata: Metadata = { title: 'Pile' }

export default async function OneHeapPage({ params }: { params: Promise<{ id: string }> }) {
  const id = idFrom((await params).id)
  const preferences = await readPreferences()
  const [heap, todos] = await Promise.all([loadHeap(id, preferences), loadTodos(preferences.words, id)])
  return <HeapPage {...(heap ?? notFound())} todos={todos} />
}
