import type { Metadata } from 'next'
import { flagParam, readAddress, type AskedAddress } from '@/features/shared/address/address'
import { loadProjects } from '@/features/make/projects/load'
import { ProjectList } from '@/features/make/projects/ProjectList'
import { damagedOf } from '@/features/shared/damaged/load'
import { readPreferences } from '@/features/shared/settings/readPreferences'

export const metadata: Metadata = { title: 'Projects' }

export default async function ProjectsPage({ searchParams }: { searchParams: Promise<AskedAddress> }) {
  const { all: isAll } = readAddress({ all: flagParam }, await searchParams)
  const preferences = await readPreferences()
  const [loaded, damaged] = await Promise.all([loadProjects(preferences, isAll), damagedOf('project')])
  return <ProjectList {...loaded} damaged={damaged} />
}
