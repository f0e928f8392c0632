'use client'

import { PutAway } from '@/ui/kit/PutAway'
import { dropProject } from './actions'

export function DropProject({ id, name }: { id: string; name: string }) {
  return (
    <PutAway offer="Delete project" question={`Delete ${name}?`} decide="Delete" onDecided={() => dropProject(id)} />
  )
}
