import type { Metadata } from 'next'
import { firstOf } from '@/features/shared/address/firstOf'
import { loadNewProject } from '@/features/make/projects/load'
import { NewProject } from '@/features/make/projects/NewProject'

export const metadata: Metadata = { title: 'Start a project' }

type Asked = Promise<Partial<Record<'pattern' | 'size' | 'view', string | string[]>>>

export default async function NewProjectPage({ searchParams }: { searchParams: Asked }) {
  const { pattern, size, view } = await searchParams
  const begin = { pattern: firstOf(pattern, 64), size: firstOf(size, 24), view: firstOf(view, 24) }
  return <NewProject patterns={await loadNewProject()} begin={begin} />
}
