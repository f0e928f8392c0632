import { notFound } from 'next/navigation'
import { loadTest, type LoadedTest } from '@/features/identify/burn/loadTest'
import { idFrom } from './idFrom'

/** The test that a page's address names, or the page that says that there is none. */
export async function testFrom(params: Promise<{ id: string }>): Promise<LoadedTest> {
  const loaded = await loadTest(idFrom((await params).id))
  return loaded ?? notFound()
}
