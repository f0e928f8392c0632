import type { Metadata } from 'next'
import { textFrom, type AskedAddress } from '@/app/asked'
import { loadProjects } from '@/features/make/projects/load'
import { ProjectList } from '@/features/make/projects/ProjectList'
import { damagedOf } from '@/features/shared/damaged/load'
import { readPreferences } from '@/features/shared/settings/readPreferences'

export const metadata: Metadata = { title: 'Projects' }

export default async function ProjectsPage({ searchParams }: { searchParams: Promise<AskedAddress> }) {
  const isAll = textFrom(await searchParams, 'all') !== ''
  const preferences = await readPreferences()
  const [loaded, damaged] = await Promise.all([loadProjects(preferences, isAll), damagedOf('project')])
  return <ProjectList {...loaded} damaged={damaged} />
}
