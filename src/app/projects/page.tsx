import type { Metadata } from 'next'
import { loadProjects } from '@/features/make/projects/load'
import { ProjectList } from '@/features/make/projects/ProjectList'
import { damagedOf } from '@/features/shared/damaged/load'
import { readPreferences } from '@/features/shared/settings/readPreferences'

export const metadata: Metadata = { title: 'Projects' }

export default async function ProjectsPage() {
  const [projects, damaged] = await Promise.all([readPreferences().then(loadProjects), damagedOf('project')])
  return <ProjectList projects={projects} damaged={damaged} />
}
