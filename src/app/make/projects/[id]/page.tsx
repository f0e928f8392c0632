import type { Metadata } from 'next'
import { notFound } from 'next/navigation'
import { idFrom } from '@/app/idFrom'
import { loadProject } from '@/features/make/projects/load'
import { ProjectPage } from '@/features/make/projects/ProjectPage'
import { readPreferences } from '@/features/shared/settings/readPreferences'

export const metadata: Metadata = { title: 'Project' }

export default async function OneProjectPage({ params }: { params: Promise<{ id: string }> }) {
  const loaded = await loadProject(idFrom((await params).id), await readPreferences())
  return <ProjectPage {...(loaded ?? notFound())} />
}
