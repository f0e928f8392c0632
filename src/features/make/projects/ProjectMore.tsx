'use client'

import dynamic from 'next/dynamic'
import { WhenOpened } from '@/ui/kit/WhenOpened'
import { Folds } from '@/ui/kit/surfaces'
import { type ProjectData } from './types'

const WhichForm = dynamic(() => import('./WhichForm').then(({ WhichForm: part }) => part))
const DropProject = dynamic(() => import('./DropProject').then(({ DropProject: part }) => part))

/** What is seldom changed. */
export function ProjectMore({ project }: { project: ProjectData }) {
  return (
    <Folds>
      <WhenOpened summary="Pattern, size and number">{() => <WhichForm project={project} />}</WhenOpened>
      <WhenOpened summary="Delete this project">
        {() => <DropProject id={project.id} name={project.name} />}
      </WhenOpened>
    </Folds>
  )
}
